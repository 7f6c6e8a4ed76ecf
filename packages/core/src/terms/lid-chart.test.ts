import { machineDials } from '../machine/dial/machine-dials.ts';
import type { ProvenSetting } from '../window/learning/proven.ts';
import { machineLearning } from '../window/learning/learned-offset.ts';
import type { Machine } from '../machine/machine.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
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
const dialsOf = (...speedsMPerMin: readonly [number, number, number]) =>
  machineDials(
    TOM,
    speedsMPerMin.map((speed, i) => ({ knob: 5 * i, run: { lengthMm: (speed / 0.06) * 10, timeS: 10 } })),
  );
const DIALS = dialsOf(2, 6, 9);
const WIRES = [
  { wireClass: 'ER70S-6', diameterMm: 0.8 },
  { wireClass: 'ER5356', diameterMm: 1.0 },
] as const;
const chart = lidChart({ machine: TOM, dials: DIALS, joint: 'lap', position: 'flat', columns: WIRES });

describe('the lid chart', () => {
  it('has a row each thickness and a column each wire', () => {
    expect(chart.map((row) => row.thicknessMm)).toEqual([...LID_CHART_THICKNESSES_MM]);
    expect(chart.every((row) => row.cells.length === 2)).toBe(true);
  });

  it('holds a column to the transfer that was asked of it, and says where that cannot be', () => {
    const machine: Machine = { ...TOM, features: ['pulse'], loadedGas: 'ar-co2-8', currentRangeA: [30, 300] };
    const asked = (['short-circuit', 'pulse', undefined] as const).map((mode) => ({ ...WIRES[0], mode }));
    const rows = lidChart({
      machine,
      dials: machineDials({}, []),
      joint: 'tee',
      position: 'flat',
      columns: asked,
    });
    const row = rows.find(({ thicknessMm }) => thicknessMm === 4);
    const [dip, pulse, planned] = row?.cells ?? [];
    expect(dip).toMatchObject({ status: 'set', mode: 'short-circuit' });
    expect(pulse).toMatchObject({ status: 'set', mode: 'pulse' });
    expect([dip, pulse]).toContainEqual(planned);
    const thin = rows[0]?.cells[1];
    expect(thin?.status).toBe('out-of-reach');
  });

  it('says in each cell what the plan says, in the knob’s own terms', () => {
    const cell = chart.find((row) => row.thicknessMm === 2)?.cells[0];
    if (cell?.status !== 'set') throw new Error('out of reach');
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
    expect(cell.wire.status === 'knob' && cell.wire.figure.text).toMatch(/\d/);
    expect(cell.volts).toMatchObject({ status: 'position' });
  });

  it('stands in the marks of a volts knob and says where that ends, with program and settings where they are known', () => {
    const machine: Machine = {
      ...TOM,
      features: ['inductance', 'burnback'],
      settings: [{ setting: 'inductance', scale: { least: 0, most: 99, unit: 'mark', middle: 50 } }],
      programs: [
        { name: '3', wireClass: 'ER70S-6', diameterMm: 0.8, gas: 'ar-co2-18', mode: 'short-circuit' },
      ],
      voltsControl: {
        kind: 'knob',
        min: 0,
        max: 10,
        places: [0, 5, 10].map((knob) => ({ knob, openV: 18.5 + 0.3 * knob })),
      },
    };
    const rows = lidChart({
      machine,
      dials: DIALS,
      joint: 'lap',
      position: 'flat',
      columns: WIRES.slice(0, 1),
    });
    const cells = rows.map(({ cells: [only] }) => only);
    const set = cells.filter((one) => one?.status === 'set');
    expect(set.length).toBeGreaterThan(2);
    for (const one of set) {
      expect(one).toMatchObject({
        volts: { status: 'knob' },
        program: '3',
        settings: [{ name: 'inductance', set: '50 of 0–99 (40 to 60)' }],
      });
    }
    const past = cells.flatMap((one) =>
      one?.status === 'out-of-reach' && typeof one.why !== 'string' ? [one.why] : [],
    );
    expect(past).toContainEqual(expect.objectContaining({ side: 'below', endWords: '0' }));
    expect(past.some((why) => 'endV' in why)).toBe(true);
  });

  it('never turns the knob back as the work gets thicker', () => {
    const knobs = chart.flatMap(({ cells: [steel] }) =>
      steel?.status === 'set' && steel.wire.status === 'knob' ? [steel.wire.knob.start] : [],
    );
    expect(knobs.length).toBeGreaterThan(4);
    expect(knobs).toEqual(knobs.toSorted((a, b) => a - b));
  });

  it('says why a cell is out of reach: too thin, or past the fastest reading', () => {
    const thin = chart[0]?.cells[1];
    expect(thin?.status === 'out-of-reach' && String(thin.why).length).toBeGreaterThan(15);
    const slow = lidChart({
      machine: TOM,
      dials: dialsOf(2, 3, 5),
      joint: 'lap',
      position: 'flat',
      columns: WIRES,
    });
    const whys = slow.flatMap((row) =>
      row.cells.flatMap((c) => (c.status === 'out-of-reach' ? [c.why] : [])),
    );
    expect(whys).toContainEqual(expect.objectContaining({ side: 'above', endWords: '10' }));
  });

  it('moves the wire speed to suit a tap where none is near, no further than it must, and says so', () => {
    const coarse: Machine = {
      ...TOM,
      voltsControl: {
        kind: 'positions',
        positions: [17, 20.5, 24].map((openV, i) => ({ name: String(i + 1), openV })),
      },
    };
    const thicknessesMm = Array.from({ length: 60 }, (_, i) => 0.8 * 1.03 ** i);
    const input = { machine: coarse, dials: DIALS, joint: 'lap', position: 'flat', thicknessesMm } as const;
    const cells = lidChart({ ...input, columns: WIRES.slice(0, 1) }).flatMap(({ cells: [cell] }) =>
      cell?.status === 'set' ? [cell] : [],
    );
    const moved = cells.filter(({ fitted }) => fitted);
    expect(moved.length).toBeGreaterThan(5);
    expect(moved.length).toBeLessThan(cells.length / 2);
    for (const { volts } of moved) {
      expect(volts.status === 'position' && Math.abs(volts.choice.offV)).toBeCloseTo(1, 1);
    }
    const speeds = cells.map(({ wireFeedSpeedMPerMin }) => wireFeedSpeedMPerMin);
    for (let i = 1; i < speeds.length; i++)
      expect(speeds[i]).toBeGreaterThanOrEqual((speeds[i - 1] ?? 0) - 0.01);
  });

  it('puts a proven setting in its own row, and moves the others by what it teaches', () => {
    const row = (rows: typeof chart, mm: number) =>
      rows.find(({ thicknessMm }) => thicknessMm === mm)?.cells[0];
    const plain = row(chart, 2);
    if (plain?.status !== 'set') throw new Error('out of reach');
    const proven: ProvenSetting = {
      wire: WIRES[0],
      gas: 'ar-co2-18',
      mode: 'short-circuit',
      wireFeedSpeedMPerMin: 4.4,
      volts: plain.voltsV - 1,
      thicknessMm: 2,
      otherThicknessMm: undefined,
      joint: 'lap',
      position: 'flat',
      offsetV: -1,
      toldOffsetV: -1,
      toldVarianceV2: 0.09,
    };
    const taught = lidChart({
      machine: TOM,
      dials: DIALS,
      joint: 'lap',
      position: 'flat',
      columns: WIRES,
      learning: machineLearning([proven]),
    });
    expect(row(taught, 2)).toMatchObject({
      basis: 'proven',
      wireFeedSpeedMPerMin: 4.4,
      voltsV: plain.voltsV - 1,
    });
    const before = row(chart, 1.5);
    const after = row(taught, 1.5);
    if (before?.status !== 'set' || after?.status !== 'set') throw new Error('out of reach');
    expect([before.basis, after.basis]).toEqual(['computed', 'learned']);
    // near work: drawn further than by the machine alone, less far than the same work
    expect(after.voltsV - before.voltsV).toBeLessThan(-0.54);
    expect(after.voltsV - before.voltsV).toBeGreaterThan(-0.81);
    // the other wire is moved by less: it was not proven with it
    const other = (rows: typeof chart) => rows.find(({ thicknessMm }) => thicknessMm === 2)?.cells[1];
    const [otherBefore, otherAfter] = [other(chart), other(taught)];
    if (otherBefore?.status !== 'set' || otherAfter?.status !== 'set') throw new Error('out of reach');
    expect(otherAfter.basis).toBe('learned');
    expect(Math.abs(otherAfter.voltsV - otherBefore.voltsV)).toBeLessThan(0.4);
  });

  it('keeps to the book where the shop does, and still marks what was proven', () => {
    const proven: ProvenSetting = {
      wire: WIRES[0],
      gas: 'ar-co2-18',
      mode: 'short-circuit',
      wireFeedSpeedMPerMin: 4.4,
      volts: 16,
      thicknessMm: 2,
      otherThicknessMm: undefined,
      joint: 'lap',
      position: 'flat',
      offsetV: -1,
      toldOffsetV: -1,
      toldVarianceV2: 0.09,
    };
    const rows = lidChart({
      machine: TOM,
      dials: DIALS,
      joint: 'lap',
      position: 'flat',
      columns: WIRES,
      learning: machineLearning([proven]),
      schools: { learning: 'keep-to-book' },
    });
    const bases = rows.flatMap(({ cells: [cell] }) => (cell?.status === 'set' ? [cell.basis] : []));
    expect(new Set(bases)).toEqual(new Set(['computed', 'proven']));
  });

  it('marks what stands under a stop caution', () => {
    const thick = chart.find((row) => row.thicknessMm === 6)?.cells[0];
    if (thick?.status !== 'set') throw new Error('out of reach');
    expect(thick.stop).toBe(true);
  });
});
