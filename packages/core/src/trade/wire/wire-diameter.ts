import { type Source, HANDBOOK, PRACTICE } from '../../base/source.ts';
import { within } from '../../base/quantity/out-of-range-error.ts';
import { mmFromInches } from '../../base/quantity/units.ts';

/** Nominal wire diameters sold, mm. */
export const WIRE_DIAMETERS_MM = [0.6, 0.8, 0.9, 1.0, 1.2, 1.4, 1.6, 1.7, 2.0, 2.4] as const;
export type WireDiameterMm = (typeof WIRE_DIAMETERS_MM)[number];

/** True diameters the formulas are used over, mm. Source: our model. */
export const TRUE_DIAMETER_RANGE_MM = [0.5, 2.5] as const;

export interface WireDiameterRow {
  readonly nominalMm: WireDiameterMm;
  /** Diameter used in all arithmetic: the inch size where the trade's tables are in inches, mm. */
  readonly trueMm: number;
  /** Inch names it is asked for by. */
  readonly inchNames: readonly number[];
  /** Another metric name it is sold under, mm. */
  readonly alsoNamedMm?: number;
  /** Sold as cored wire only: beside anything else such a figure is no wire. */
  readonly coredOnly?: true;
  readonly source: Source;
}

/**
 * Wire sizes. Convention: the arithmetic uses the true inch diameter, because the starting rows that the
 * constants are fitted to were written for inch sizes; 0.6 stands between 0.023 and 0.025 in.
 */
export const WIRE_DIAMETER_TABLE: readonly WireDiameterRow[] = [
  {
    nominalMm: 0.6,
    trueMm: 0.6,
    inchNames: [0.023, 0.024, 0.025],
    source: PRACTICE,
  },
  {
    nominalMm: 0.8,
    trueMm: mmFromInches(0.03),
    inchNames: [0.03],
    source: PRACTICE,
  },
  {
    nominalMm: 0.9,
    trueMm: mmFromInches(0.035),
    inchNames: [0.035],
    source: PRACTICE,
  },
  {
    nominalMm: 1.0,
    trueMm: mmFromInches(0.04),
    inchNames: [0.039, 0.04],
    source: PRACTICE,
  },
  {
    nominalMm: 1.2,
    trueMm: mmFromInches(0.045),
    inchNames: [0.045, 0.046875, 0.047],
    source: PRACTICE,
  },
  {
    nominalMm: 1.4,
    trueMm: mmFromInches(0.052),
    inchNames: [0.052],
    alsoNamedMm: 1.3,
    coredOnly: true,
    source: HANDBOOK,
  },
  {
    nominalMm: 1.6,
    trueMm: mmFromInches(0.0625),
    inchNames: [0.0625, 0.062, 0.063],
    source: HANDBOOK,
  },
  {
    nominalMm: 1.7,
    trueMm: mmFromInches(0.068),
    inchNames: [0.068, 0.07, 0.072],
    coredOnly: true,
    source: HANDBOOK,
  },
  {
    nominalMm: 2.0,
    trueMm: mmFromInches(5 / 64),
    inchNames: [5 / 64, 0.078],
    coredOnly: true,
    source: HANDBOOK,
  },
  {
    nominalMm: 2.4,
    trueMm: mmFromInches(3 / 32),
    inchNames: [3 / 32, 0.094],
    coredOnly: true,
    source: HANDBOOK,
  },
];

/** The row of a nominal diameter, mm. */
export function wireDiameterRow(nominalMm: WireDiameterMm): WireDiameterRow {
  const row = WIRE_DIAMETER_TABLE.find((r) => r.nominalMm === nominalMm);
  if (!row) throw new Error(`no wire of ${nominalMm} mm`);
  return row;
}

/** The nominal size that a typed diameter in mm names, or undefined when no wire is sold in it. */
export function nominalWireMm(mm: number): WireDiameterMm | undefined {
  const metric = WIRE_DIAMETER_TABLE.find(
    ({ nominalMm, alsoNamedMm = nominalMm }) =>
      Math.abs(nominalMm - mm) < 0.0005 || Math.abs(alsoNamedMm - mm) < 0.0005,
  );
  if (metric !== undefined) return metric.nominalMm;
  return WIRE_DIAMETER_TABLE.find((row) =>
    row.inchNames.some((inch) => Math.abs(mmFromInches(inch) - mm) < 0.004),
  )?.nominalMm;
}

/** Section of a wire, mm². @param trueMm true diameter, mm, {@link TRUE_DIAMETER_RANGE_MM} */
export function wireSectionMm2(trueMm: number): number {
  return (Math.PI / 4) * within('wire diameter', trueMm, TRUE_DIAMETER_RANGE_MM) ** 2;
}
