import { type Source, standard } from '../../base/source.ts';
import { mmFromInches } from '../../base/quantity/units.ts';

/** ASME B36.10M for carbon steel and B36.19M for stainless (the S schedules): recalled, to be checked before use. */
const RECALLED: Source = standard('ASME B36.10M and B36.19M, recalled');

export interface PipeRow {
  /** Nominal size, in. */
  readonly nps: number;
  /** Nominal diameter, as metric drawings name it. */
  readonly dn: number;
  /** Outside diameter, in. */
  readonly outsideIn: number;
  /** Wall by schedule, in. */
  readonly wallIn: Readonly<Record<string, number>>;
  readonly source: Source;
}

const row = (nps: number, dn: number, outsideIn: number, wallIn: PipeRow['wallIn']): PipeRow => ({
  nps,
  dn,
  outsideIn,
  wallIn,
  source: RECALLED,
});

/** Pipes by nominal size, with their walls by schedule, in. */
export const PIPE_TABLE: readonly PipeRow[] = [
  row(0.25, 8, 0.54, { '10S': 0.065, '40': 0.088, '80': 0.119 }),
  row(0.375, 10, 0.675, { '10S': 0.065, '40': 0.091, '80': 0.126 }),
  row(0.5, 15, 0.84, { '5S': 0.065, '10S': 0.083, '40': 0.109, '80': 0.147, '160': 0.188, XXS: 0.294 }),
  row(0.75, 20, 1.05, { '5S': 0.065, '10S': 0.083, '40': 0.113, '80': 0.154, '160': 0.219, XXS: 0.308 }),
  row(1, 25, 1.315, { '5S': 0.065, '10S': 0.109, '40': 0.133, '80': 0.179, '160': 0.25, XXS: 0.358 }),
  row(1.25, 32, 1.66, { '5S': 0.065, '10S': 0.109, '40': 0.14, '80': 0.191, '160': 0.25, XXS: 0.382 }),
  row(1.5, 40, 1.9, { '5S': 0.065, '10S': 0.109, '40': 0.145, '80': 0.2, '160': 0.281, XXS: 0.4 }),
  row(2, 50, 2.375, { '5S': 0.065, '10S': 0.109, '40': 0.154, '80': 0.218, '160': 0.344, XXS: 0.436 }),
  row(2.5, 65, 2.875, { '5S': 0.083, '10S': 0.12, '40': 0.203, '80': 0.276, '160': 0.375, XXS: 0.552 }),
  row(3, 80, 3.5, { '5S': 0.083, '10S': 0.12, '40': 0.216, '80': 0.3, '160': 0.438, XXS: 0.6 }),
  row(3.5, 90, 4, { '5S': 0.083, '10S': 0.12, '40': 0.226, '80': 0.318 }),
  row(4, 100, 4.5, {
    '5S': 0.083,
    '10S': 0.12,
    '40': 0.237,
    '80': 0.337,
    '120': 0.438,
    '160': 0.531,
    XXS: 0.674,
  }),
  row(5, 125, 5.563, {
    '5S': 0.109,
    '10S': 0.134,
    '40': 0.258,
    '80': 0.375,
    '120': 0.5,
    '160': 0.625,
    XXS: 0.75,
  }),
  row(6, 150, 6.625, {
    '5S': 0.109,
    '10S': 0.134,
    '40': 0.28,
    '80': 0.432,
    '120': 0.562,
    '160': 0.719,
    XXS: 0.864,
  }),
  row(8, 200, 8.625, {
    '5S': 0.109,
    '10S': 0.148,
    '20': 0.25,
    '30': 0.277,
    '40': 0.322,
    '60': 0.406,
    '80': 0.5,
    '100': 0.594,
    '120': 0.719,
    '160': 0.906,
    XXS: 0.875,
  }),
  row(10, 250, 10.75, {
    '5S': 0.134,
    '10S': 0.165,
    '20': 0.25,
    '30': 0.307,
    '40': 0.365,
    '60': 0.5,
    '80': 0.594,
    '100': 0.719,
    '120': 0.844,
    XXS: 1,
  }),
  row(12, 300, 12.75, {
    '5S': 0.156,
    '10S': 0.18,
    '20': 0.25,
    '30': 0.33,
    '40': 0.406,
    STD: 0.375,
    XS: 0.5,
    '60': 0.562,
    '80': 0.688,
    '100': 0.844,
    XXS: 1,
  }),
];

/** Schedules that go by a letter; up to 10 in, standard is 40 and extra strong is 80 up to 8 in. */
function wallInOf({ nps, wallIn }: PipeRow, schedule: string): number | undefined {
  const name = schedule.toUpperCase();
  const own = wallIn[name];
  if (own !== undefined) return own;
  if (name === 'STD' && nps <= 10) return wallIn['40'];
  if (name === 'XS' && nps <= 8) return wallIn['80'];
  if (name === 'XS') return 0.5;
  // light walls are the same in both standards up to 12 in; 40S and 80S up to 10 and 8 in
  if (name === '5' || name === '10') return nps <= 12 ? wallIn[`${name}S`] : undefined;
  if (name === '40S' && nps <= 10) return wallIn['40'];
  if (name === '80S' && nps <= 8) return wallIn['80'];
  return undefined;
}

/** The row of a nominal size in inches, or of a nominal diameter in mm. */
export function pipeRow(size: { readonly nps: number } | { readonly dn: number }): PipeRow | undefined {
  return PIPE_TABLE.find((r) => ('nps' in size ? r.nps === size.nps : r.dn === size.dn));
}

/**
 * Outside and wall of a pipe, mm.
 *
 * @param schedule 5S to 160, STD, XS or XXS, in any case
 * @returns undefined where the table has no such wall
 * @source ASME B36.10M and B36.19M, recalled
 */
export function pipeSizeMm(
  pipe: PipeRow,
  schedule: string,
): { readonly outsideMm: number; readonly wallMm: number } | undefined {
  const wall = wallInOf(pipe, schedule);
  if (wall === undefined) return undefined;
  return { outsideMm: mmFromInches(pipe.outsideIn), wallMm: mmFromInches(wall) };
}

/** Whether an outside diameter is one that pipe is made in, mm. */
export function isPipeOutsideMm(mm: number): boolean {
  return PIPE_TABLE.some(({ outsideIn }) => Math.abs(mmFromInches(outsideIn) - mm) < 0.45);
}
