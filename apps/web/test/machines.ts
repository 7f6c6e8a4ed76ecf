import type { KeptDialReading, KeptMachine } from '@hot-bead/contract/machine';

/** A ten-second reading of a machine's dial, m/min. */
export function readingAt(
  knob: number,
  speedMPerMin: number,
  over: Partial<KeptDialReading> = {},
): KeptDialReading {
  return {
    id: `${knob} ${speedMPerMin} ${over.position ?? ''}`,
    knob,
    run: { lengthMm: (speedMPerMin / 0.06) * 10, timeS: 10 },
    at: '2026-11-01T08:00:00.000Z',
    counts: true,
    ...over,
  };
}

/** A tapped transformer whose wire follows the tap, measured on tap 2. */
export const TAPPED: KeptMachine = {
  id: 'tapped',
  version: 3,
  away: false,
  name: 'Tapped',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  standingPolarity: 'DCEP',
  currentRangeA: [30, 170],
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: {
    kind: 'positions',
    positions: [
      { name: '1', openV: 18 },
      { name: '2', openV: 21, loaded: [{ volts: 18.5, currentA: 90 }] },
      { name: '3', openV: 24 },
    ],
  },
  feedFollowsPosition: true,
  duty: [{ currentA: 150, percent: 20 }],
  mains: { volts: 230, breakerA: 16 },
  features: ['burnback'],
  dialReadings: [
    readingAt(0, 2, { position: '2' }),
    readingAt(5, 5, { position: '2' }),
    readingAt(10, 12, { position: '2' }),
  ],
  voltsReadAt: '2026-11-01T08:00:00.000Z',
  entryReadAt: null,
};

/** An inverter that shows both figures and has a one-entry setting as well. */
export const SHOWN: KeptMachine = {
  id: 'shown',
  version: 1,
  away: false,
  name: 'Shown',
  kind: 'inverter',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  standingPolarity: 'DCEP',
  currentRangeA: [30, 220],
  wireControl: { kind: 'units' },
  voltsControl: { kind: 'displayed' },
  oneEntry: {
    unit: 'mm',
    lines: [
      {
        wireClass: 'ER70S-6',
        diameterMm: 0.8,
        gas: 'ar-co2-18',
        points: [
          { entry: 1, wireFeedSpeedMPerMin: 3, volts: 15 },
          { entry: 4, wireFeedSpeedMPerMin: 10, volts: 20 },
        ],
      },
    ],
  },
  features: [],
  dialReadings: [],
  voltsReadAt: null,
  entryReadAt: '2026-05-01T08:00:00.000Z',
};
