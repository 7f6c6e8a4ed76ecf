import { Matrix, solve } from 'ml-matrix';
import { startingRowSetup } from './starting-row-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { trueDiameterMm } from '../trade/wire/true-diameter.ts';
import type { WireClass } from '../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../trade/wire/wire-diameter.ts';
import { ALUMINIUM_ALPHA, ALUMINIUM_SPRAY } from '../trade/family/aluminium.ts';
import { GAS_SHIELDED_FLUX_CORE, SELF_SHIELDED } from '../trade/family/cored.ts';
import type { Family } from '../trade/family/family.ts';
import { STAINLESS_DIP, STAINLESS_SPRAY } from '../trade/family/stainless.ts';
import { STARTING_ROWS, type StartingRow } from '../trade/family/starting-rows.ts';
import { STEEL_DIP, STEEL_PULSE, STEEL_SPRAY } from '../trade/family/steel.ts';

interface Row {
  readonly process: string;
  readonly wire: WireClass;
  readonly wireMm: WireDiameterMm;
  readonly trueMm: number;
  readonly thicknessMm: number;
  readonly speed: number;
  readonly volts: number | undefined;
  readonly amps: number | undefined;
  readonly confidence: string;
}

const rows: readonly Row[] = STARTING_ROWS.map((row) => ({
  process: row.process,
  wire: row.wireClass,
  wireMm: row.wireMm,
  trueMm: trueDiameterMm(row.wireClass, row.wireMm),
  thicknessMm: row.thicknessMm,
  speed: row.wireFeedSpeedMPerMin,
  volts: row.volts,
  amps: row.currentA,
  confidence: row.confidence,
}));

function plan(row: Row): PlannedSetup {
  const setup = startingRowSetup(STARTING_ROWS[rows.indexOf(row)] as StartingRow);
  if (setup.status !== 'planned') throw new Error(setup.reasons.join(' '));
  return setup;
}

describe('the starting rows', () => {
  it('are all eighty-three here, of every process', () => {
    expect(rows).toHaveLength(83);
    expect(new Set(rows.map((row) => row.process)).size).toBe(5);
  });

  it.each(rows)('$process $wire $wireMm mm on $thicknessMm mm ($confidence)', (row) => {
    const setup = plan(row);
    const share = row.confidence === 'L' ? 0.3 : 0.15;
    expect(Math.abs(setup.wireFeedSpeedMPerMin.start / row.speed - 1)).toBeLessThan(share);
    expect(setup.wireFeedSpeedMPerMin.low).toBeLessThanOrEqual(row.speed * 1.001);
    expect(setup.wireFeedSpeedMPerMin.high).toBeGreaterThanOrEqual(row.speed * 0.999);
    if (row.volts !== undefined && row.confidence !== 'L') {
      expect(Math.abs(setup.volts.start - row.volts)).toBeLessThan(1);
    }
  });
});

// Independent method: the constants again, by a general-purpose matrix package's least squares.
const WEIGHT: Readonly<Record<string, number>> = { H: 10, M: 1 / 0.175, L: 1 / 0.3 };

function leastSquares(
  of: readonly Row[],
  features: (row: Row) => number[],
  target: (row: Row) => number,
): readonly number[] {
  const weight = (row: Row): number => WEIGHT[row.confidence] ?? 0;
  const x = new Matrix(of.map((row) => features(row).map((value) => value * weight(row))));
  const y = Matrix.columnVector(of.map((row) => target(row) * weight(row)));
  return solve(x, y, true).to1DArray();
}

const lnT = (row: Row): number => Math.log(row.thicknessMm);
const lnD = (row: Row): number => Math.log(row.trueMm);
const lnI = (row: Row): number => Math.log(row.amps ?? Number.NaN);
const rowsOf = (process: string, wire: RegExp): readonly Row[] =>
  rows.filter((row) => row.process === process && wire.test(row.wire));

function expectConstants(row: readonly number[], stored: readonly (number | undefined)[], digits = 3): void {
  expect(row).toHaveLength(stored.length);
  row.forEach((value, i) => expect(value).toBeCloseTo(stored[i] ?? Number.NaN, digits));
}

describe('the constants are the least-squares fit to the rows', () => {
  const d = (family: Family) => family.demand;

  it('steel spray', () => {
    const of = rowsOf('spray', /^ER70S/);
    const { constant, perLnT, perLnD, perLnD2 } = d(STEEL_SPRAY);
    const fit = leastSquares(of, (r) => [1, lnT(r), lnD(r), lnD(r) ** 2], lnI);
    expectConstants(fit, [constant, perLnT, perLnD, perLnD2]);
    const melted = leastSquares(of, (r) => [1, Math.log(r.speed), lnD(r)], lnI);
    const law = STEEL_SPRAY.melting('ER70S-6', 0.9);
    expectConstants(melted, law.kind === 'power' ? [law.constant, law.perLnSpeed, law.perLnDiameter] : []);
  });

  it('steel pulse, on wire speed', () => {
    const of = rowsOf('pulse', /^ER70S/);
    const [c = 0, t = 0, dd = 0] = leastSquares(
      of,
      (r) => [1, lnT(r), lnD(r)],
      (r) => Math.log(r.speed),
    );
    const law = STEEL_PULSE.melting('ER70S-6', 0.9);
    if (law.kind !== 'power') throw new Error('the pulse law is a power law');
    expect(law.constant + law.perLnSpeed * c).toBeCloseTo(STEEL_PULSE.demand.constant, 3);
    expect(law.perLnSpeed * t).toBeCloseTo(STEEL_PULSE.demand.perLnT ?? 0, 3);
    expect(law.perLnSpeed * dd + law.perLnDiameter).toBeCloseTo(STEEL_PULSE.demand.perLnD ?? 0, 3);
  });

  it.each([
    ['self-shielded', /^E71T-11/, SELF_SHIELDED],
    ['gas-shielded-flux-core', /^E71T-1M/, GAS_SHIELDED_FLUX_CORE],
  ] as const)('%s', (process, wire, family) => {
    const of = rowsOf(process, wire);
    const { constant, perLnT, perLnD, perLnT2 } = family.demand;
    const fit = leastSquares(of, (r) => [1, lnT(r), lnD(r), lnT(r) ** 2], lnI);
    expectConstants(fit, [constant, perLnT, perLnD, perLnT2]);
    const law = family.melting(wire.source.slice(1) as WireClass, 0.9);
    const melted = leastSquares(of, (r) => [1, Math.log(r.speed), lnD(r)], lnI);
    expectConstants(melted, law.kind === 'power' ? [law.constant, law.perLnSpeed, law.perLnDiameter] : []);
  });

  it('aluminium', () => {
    const of = rowsOf('spray', /^ER[45]/);
    const { constant, perLnT, perLnD } = d(ALUMINIUM_SPRAY);
    expectConstants(
      leastSquares(of, (r) => [1, lnT(r), lnD(r)], lnI),
      [constant, perLnT, perLnD],
    );
    for (const [wire, alpha] of [
      [/^ER4043/, ALUMINIUM_ALPHA.silicon],
      [/^ER5356/, ALUMINIUM_ALPHA.magnesium],
    ] as const) {
      const melted = leastSquares(
        rowsOf('spray', wire),
        (r) => [(0.06 * (1.2 / r.trueMm) ** 2 * (r.amps ?? 0)) / r.speed],
        () => 1,
      );
      expectConstants(melted, [alpha]);
    }
  });

  it('stainless', () => {
    const dip = rowsOf('short-circuit', /^ER308/);
    const { constant, perInverseT, perLnD = 0 } = d(STAINLESS_DIP);
    const [c = 0, inverse = 0] = leastSquares(dip, (r) => [1, 1 / r.thicknessMm], lnI);
    expect(c).toBeCloseTo(constant + perLnD * Math.log(0.889), 3);
    expect(inverse).toBeCloseTo(perInverseT ?? 0, 3);
    const { constant: sc, perLnT, perLnD: sd } = d(STAINLESS_SPRAY);
    expectConstants(
      leastSquares(rowsOf('spray', /^ER308/), (r) => [1, lnT(r), lnD(r)], lnI),
      [sc, perLnT, sd],
    );
  });

  it.each([
    ['spray', /^ER70S/, STEEL_SPRAY],
    ['self-shielded', /^E71T-11/, SELF_SHIELDED],
    ['gas-shielded-flux-core', /^E71T-1M/, GAS_SHIELDED_FLUX_CORE],
    ['spray', /^ER[45]/, ALUMINIUM_SPRAY],
  ] as const)('volts of %s %s', (process, wire, family) => {
    const fit = leastSquares(
      rowsOf(process, wire),
      (r) => [1, r.amps ?? 0, r.trueMm],
      (r) => r.volts ?? 0,
    );
    const { zeroV, perA, perMmDiameter } = family.volts;
    expectConstants(fit, [zeroV, perA, perMmDiameter]);
  });

  it('short-circuit on steel stays within 9 % of every row in current and 0.6 V in volts', () => {
    for (const row of rowsOf('short-circuit', /^ER70S/)) {
      const setup = plan(row);
      expect(Math.abs(setup.currentA.start / (row.amps ?? 0) - 1)).toBeLessThan(0.09);
      const { zeroV, perA, perMmDiameter } = STEEL_DIP.volts;
      const volts = zeroV + perA * (row.amps ?? 0) + perMmDiameter * row.trueMm;
      expect(Math.abs(volts - (row.volts ?? 0))).toBeLessThan(0.6);
    }
  });
});
