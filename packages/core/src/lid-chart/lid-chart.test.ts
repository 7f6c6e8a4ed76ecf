import { dialOf } from '../dial-calibration/dial.ts';
import type { Machine } from '../machine/machine.ts';
import { planSetup } from '../setup/plan-setup.ts';
import { LID_CHART_THICKNESSES_MM, lidChart } from './lid-chart.ts';

const TOM: Machine = {
  name: 'Tom',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  currentRangeA: [30, 170],
  features: [],
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: {
    kind: 'positions',
    positions: [17, 19, 21, 24].map((openV, i) => ({ name: String(i + 1), openV })),
  },
};
const DIAL = dialOf(
  [
    [0, 2],
    [5, 6],
    [10, 9],
  ].map(([knob = 0, speed = 0]) => ({ knob, run: { lengthMm: (speed / 0.06) * 10, timeS: 10 } })),
);
const WIRES = [
  { wireClass: 'ER70S-6', diameterMm: 0.8 },
  { wireClass: 'ER5356', diameterMm: 1.0 },
] as const;
const chart = lidChart({ machine: TOM, dial: DIAL, joint: 'lap', position: 'flat', wires: WIRES });

describe('the lid chart', () => {
  it('has a row each thickness and a column each wire', () => {
    expect(chart.map((row) => row.thicknessMm)).toEqual([...LID_CHART_THICKNESSES_MM]);
    expect(chart.every((row) => row.cells.length === 2)).toBe(true);
  });

  it('says in each cell what the plan says, in the knob’s own terms', () => {
    const cell = chart.find((row) => row.thicknessMm === 2)?.cells[0];
    if (cell?.status !== 'computed') throw new Error('out of reach');
    const plan = planSetup(
      {
        metal: 'carbon-steel',
        thicknessMm: 2,
        joint: 'lap',
        position: 'flat',
        surface: 'clean',
        place: 'indoors',
        windy: false,
      },
      { machine: TOM, wireClass: 'ER70S-6', wireDiameterMm: 0.8 },
    );
    if (plan.status !== 'planned') throw new Error(plan.code);
    expect(cell.wireFeedSpeedMPerMin).toBe(plan.wireFeedSpeedMPerMin.start);
    expect(cell.wire.status === 'knob' && cell.wire.words).toMatch(/\d/);
    expect(cell.volts).toMatchObject({ status: 'position' });
  });

  it('never turns the knob back as the work gets thicker', () => {
    const knobs = chart.flatMap(({ cells: [steel] }) =>
      steel?.status === 'computed' && steel.wire.status === 'knob' ? [steel.wire.knob.start] : [],
    );
    expect(knobs.length).toBeGreaterThan(4);
    expect(knobs).toEqual(knobs.toSorted((a, b) => a - b));
  });

  it('says why a cell is out of reach: too thin, or past the fastest reading', () => {
    const thin = chart[0]?.cells[1];
    expect(thin?.status === 'out-of-reach' && thin.text.length).toBeGreaterThan(15);
    const texts = chart.flatMap((row) =>
      row.cells.flatMap((c) => (c.status === 'out-of-reach' ? [c.text] : [])),
    );
    expect(texts.some((text) => text.includes('out of reach'))).toBe(true);
  });

  it('marks what stands under a stop caution', () => {
    const thick = chart.find((row) => row.thicknessMm === 6)?.cells[0];
    if (thick?.status === 'computed') expect(thick.stop).toBe(true);
    else expect(thick?.text.length).toBeGreaterThan(15);
  });
});
