import type { MeltingLaw } from '../melting/melting-law.ts';
import { ALUMINIUM_JOINTS, ALUMINIUM_POSITIONS, BRIGHT_SURFACES } from './factors.ts';
import { ALUMINIUM_FLOW } from '../gas/gas-flow.ts';
import { FIT_TO_ROWS, MODEL } from '../../base/source.ts';
import { type WireClass, wireClassRow } from '../wire/wire-class.ts';
import { ALUMINIUM_CEILINGS } from './ceilings.ts';
import type { Family, FamilyDistance } from './family.ts';
import { SPRAY_CLOSED_BUTT_MM, SPRAY_EFFICIENCY } from './steel.ts';

/** α of the melting-rate equation, mm/(s·A); β is 0: aluminium heats little on its way. Source: our fit. */
export const ALUMINIUM_ALPHA = { silicon: 0.6468, magnesium: 0.7687 } as const;

function melting(wireClass: WireClass): MeltingLaw {
  const silicon = wireClassRow(wireClass).silicon === true;
  return {
    kind: 'melting-rate',
    alphaMmPerSA: ALUMINIUM_ALPHA[silicon ? 'silicon' : 'magnesium'],
    betaPerSA2: 0,
  };
}

/** Aluminium: tip 15–19 mm from the work, arc 6–8 mm. Source: handbook figures, from memory. */
const DISTANCE: FamilyDistance = { ctwdMm: { start: 17, low: 15, high: 19 }, arcMm: 7 };

/** How far pulse's mean lies under spray's arc volts. Source: our model, from 3 mm at 5.9 m/min, 17.5 V. */
const PULSE_UNDER_SPRAY_V = 2.95;

/** Aluminium, spray: fitted to the twenty rows, within 7 % in current (0.9 to 1.6 mm wire). */
export const ALUMINIUM_SPRAY: Family = {
  id: 'aluminium-spray',
  name: 'spray, aluminium wire',
  ways: ['aluminium-gun', 'aluminium-spool-gun'],
  mode: 'spray',
  reference: 'butt or fillet',
  demand: { constant: 4.1333, perLnT: 0.6097, perLnD: 0.1994, fitMm: [2.4, 9.5] },
  demandSource: FIT_TO_ROWS,
  rowsMm: [2.4, 9.5],
  confidence: (thicknessMm) => (thicknessMm < 3 ? 0.3 : 0.2),
  sizes: [
    { nominalMm: 1.0, thicknessMm: [1.6, 5], windowA: [115, 230] },
    { nominalMm: 1.2, thicknessMm: [3, 12.7], windowA: [135, 300] },
    { nominalMm: 0.9, thicknessMm: [1.6, 5], windowA: [110, 200] },
    { nominalMm: 1.6, thicknessMm: [6, 25.4], windowA: [180, 380] },
    { nominalMm: 0.8, thicknessMm: [1, 3], windowA: [95, 150] },
  ],
  melting,
  volts: { zeroV: 16.8997, perA: 0.0465, perMmDiameter: -2.0135, halfV: 1, kind: 'arc', source: FIT_TO_ROWS },
  gasVolts: (gas) => [gas.heliumPercent * 0.04, gas.heliumPercent * 0.04],
  workVolts: () => 0,
  joint: ALUMINIUM_JOINTS,
  position: ALUMINIUM_POSITIONS,
  surface: BRIGHT_SURFACES,
  ceilings: ALUMINIUM_CEILINGS,
  hand: 'aluminium',
  closedButtMostMm: SPRAY_CLOSED_BUTT_MM,
  sprayMetal: 'aluminium',
  distance: () => DISTANCE,
  flow: () => ALUMINIUM_FLOW,
  depositShare: SPRAY_EFFICIENCY,
};

/** Aluminium, pulsed spray: spray's demand without its floor; volts a rough mean. */
export const ALUMINIUM_PULSE: Family = {
  ...ALUMINIUM_SPRAY,
  id: 'aluminium-pulse',
  name: 'pulsed spray, aluminium wire',
  mode: 'pulse',
  demand: { ...ALUMINIUM_SPRAY.demand, fitMm: [1.2, 9.5] },
  demandSource: { ...MODEL, note: 'as aluminium in spray' },
  sizes: [
    { nominalMm: 1.2, thicknessMm: [2, 12.7], windowA: [50, 300] },
    { nominalMm: 1.0, thicknessMm: [1.2, 5], windowA: [40, 230] },
    { nominalMm: 0.9, thicknessMm: [1, 5], windowA: [35, 200] },
    { nominalMm: 1.6, thicknessMm: [6, 25.4], windowA: [90, 380] },
    { nominalMm: 0.8, thicknessMm: [0.8, 3], windowA: [30, 150] },
  ],
  volts: {
    zeroV: 16.8997 - PULSE_UNDER_SPRAY_V,
    perA: 0.0465,
    perMmDiameter: -2.0135,
    halfV: 1.5,
    kind: 'mean',
    source: MODEL,
  },
  sprayMetal: undefined,
};
