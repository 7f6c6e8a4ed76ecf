import { isInRange, type LimitFormula, type LimitSizes, parseLimit, parseRange } from './limit-formula.ts';
import { LIMIT_LINES } from './limit-lines.ts';

export const WELD_STANDARDS = ['5817', '10042', 'D1.1'] as const;
export type WeldStandard = (typeof WELD_STANDARDS)[number];

/** Quality levels, the strictest last; S: statically loaded, the only one of D1.1 here. */
export const WELD_LEVELS = ['D', 'C', 'B', 'S'] as const;
export type WeldLevel = (typeof WELD_LEVELS)[number];

/** How sure the memory of a limit is. */
export type Sureness = 'H' | 'M' | 'L';

/** The limit of one imperfection at one level. */
export interface WeldLimit {
  readonly standard: WeldStandard;
  readonly imperfection: string;
  /** Numbers of the imperfection. */
  readonly codes: readonly string[];
  readonly joint: 'any' | 'butt' | 'fillet';
  readonly level: WeldLevel;
  readonly range: ReturnType<typeof parseRange>;
  readonly limit: LimitFormula;
  readonly unit: 'mm' | '%' | 'deg' | '-';
  readonly sure: Sureness;
  /** The limit as it is written. */
  readonly written: string;
}

/** A list by level, or one for all. */
function ofLevel(written: string, i: number): string {
  const parts = written.split('|');
  return parts[parts.length === 1 ? 0 : i] ?? '-';
}

function rowsOf(line: string): readonly WeldLimit[] {
  const [
    standard,
    imperfection = '',
    codes = '',
    joint,
    levels = '',
    range = '',
    limit = '',
    cap = '',
    unit,
    sure = '',
  ] = line.split(',');
  return levels.split('|').map((level, i): WeldLimit => {
    const written = ofLevel(limit, i);
    return {
      standard: standard as WeldStandard,
      imperfection,
      codes: codes.split('+'),
      joint: joint as WeldLimit['joint'],
      level: level as WeldLevel,
      range: parseRange(range),
      limit: parseLimit(written, ofLevel(cap, i)),
      unit: unit as WeldLimit['unit'],
      sure: ofLevel(sure, i) as Sureness,
      written,
    };
  });
}

/** Every limit, one row a level. */
export const WELD_LIMITS: readonly WeldLimit[] = LIMIT_LINES.flatMap(rowsOf);

/** What a limit is looked up by. */
export interface LimitAsked {
  readonly standard: WeldStandard;
  readonly level: WeldLevel;
  readonly joint: 'butt' | 'fillet';
  readonly sizes: LimitSizes;
}

/**
 * The limits of an imperfection by its number, in the order of the table: more than one where the standard holds a single
 * size and a sum against it.
 */
export function limitsFor(code: string, { standard, level, joint, sizes }: LimitAsked): readonly WeldLimit[] {
  return WELD_LIMITS.filter(
    (row) =>
      row.standard === standard &&
      row.level === level &&
      row.codes.includes(code) &&
      (row.joint === 'any' || row.joint === joint) &&
      isInRange(row.range, sizes),
  );
}
