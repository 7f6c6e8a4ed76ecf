import { type LimitLetter, limitValue } from './limit-formula.ts';
import { type LimitAsked, limitsFor, type Sureness, type WeldLimit } from './weld-limits.ts';

/** What was found at a weld: an imperfection by its number, how large, and how well that is known. */
export interface Finding {
  readonly code: string;
  /** Size in the unit of its limit: mm, degrees, per cent; 0: looked for and not there; less: so much to spare. */
  readonly size: number;
  /** 95 % error band of the reading, in the same unit, 0 or more. */
  readonly u95: number;
  /** Length of it, all of it within the worst 100 mm, mm; undefined: not measured. */
  readonly lengthMm?: number | undefined;
}

export type Verdict = 'pass' | 'fail' | 'not-decided';

/** A finding held against its limit. */
export interface JudgedFinding {
  readonly verdict: Verdict;
  /** The limit in its unit; undefined: it is no number. */
  readonly limit?: number | undefined;
  readonly unit: WeldLimit['unit'];
  readonly sure?: Sureness | undefined;
  readonly why:
    | 'within'
    | 'over'
    | 'within-error'
    | 'never-permitted'
    | 'not-permitted'
    | 'not-short'
    | 'length-asked'
    | 'size-asked'
    | 'by-application'
    | 'permitted'
    | 'no-row'
    | 'too-thin';
  /** The size that is missing. */
  readonly missing?: LimitLetter | undefined;
}

/** Imperfections that fail whatever a table says: cracks, lack of fusion, burn-through. Source: practice. */
const ALWAYS_FAIL = /^(10[0-9]|401[0-9]?|510)$/;
/** Most length of a short imperfection: in the worst 100 mm, mm, and of a shorter weld, as a share. Source: ISO 5817, recalled. */
const SHORT_MM = 25;
const SHORT_SHARE = 0.25;
const SHORT_WINDOW_MM = 100;
/** Thinnest plate that the standards speak of, mm. Source: ISO 5817, recalled. */
export const THINNEST_JUDGED_MM = 0.5;

/** Whether an imperfection is short; undefined: its length, or that of the weld, is not known. */
export function isShort(lengthMm: number | undefined, weldMm: number | undefined): boolean | undefined {
  if (lengthMm === undefined) return undefined;
  if (weldMm !== undefined && weldMm < SHORT_WINDOW_MM) return lengthMm <= SHORT_SHARE * weldMm;
  return lengthMm <= SHORT_MM;
}

/** A reading against a most, or a least, with its error: the limit within the error decides nothing. */
function against(limit: number, { size, u95 }: Finding, isLeast: boolean): Verdict {
  if (isLeast) return size - u95 >= limit ? 'pass' : size + u95 < limit ? 'fail' : 'not-decided';
  return size + u95 <= limit ? 'pass' : size - u95 > limit ? 'fail' : 'not-decided';
}

const WHY = { pass: 'within', fail: 'over', 'not-decided': 'within-error' } as const;

function judgedBy(
  row: WeldLimit,
  finding: Finding,
  asked: LimitAsked,
  weldMm: number | undefined,
): JudgedFinding {
  const { unit, sure, limit } = row;
  const about = { unit, sure };
  if (limit.kind === 'permitted') return { ...about, verdict: 'pass', why: 'permitted' };
  if (limit.kind === 'by-application') return { ...about, verdict: 'not-decided', why: 'by-application' };
  if (limit.kind === 'none') {
    const verdict = against(0, finding, false);
    return { ...about, verdict, limit: 0, why: verdict === 'fail' ? 'not-permitted' : WHY[verdict] };
  }
  const reckoned = limitValue(limit, asked.sizes);
  if (reckoned.status === 'missing') {
    return { ...about, verdict: 'not-decided', why: 'size-asked', missing: reckoned.letter };
  }
  const { value } = reckoned;
  const verdict = against(value, finding, limit.kind === 'least');
  // one that cannot be there need not be short
  const isNone = finding.size === 0 || finding.size + finding.u95 <= 0;
  if (!limit.isShortOnly || verdict === 'fail' || isNone) {
    return { ...about, verdict, limit: value, why: WHY[verdict] };
  }
  const short = isShort(finding.lengthMm, weldMm);
  if (short === undefined) return { ...about, verdict: 'not-decided', limit: value, why: 'length-asked' };
  if (short) return { ...about, verdict, limit: value, why: WHY[verdict] };
  // a longer one is not permitted at all
  const long = against(0, finding, false);
  return { ...about, verdict: long, limit: 0, why: long === 'fail' ? 'not-short' : WHY[long] };
}

const WORST: Readonly<Record<Verdict, number>> = { pass: 0, 'not-decided': 1, fail: 2 };

/**
 * Holds a finding against the recalled limit of its standard, level and joint.
 *
 * @param weldMm length of the weld, mm; undefined: taken as long
 * @returns pass where the reading and its error lie within the limit, fail where both lie beyond, else not decided
 * @source ISO 5817, ISO 10042, AWS D1.1 recalled; the rule of three verdicts is our model
 */
export function judgeFinding(finding: Finding, asked: LimitAsked, weldMm?: number): JudgedFinding {
  if (ALWAYS_FAIL.test(finding.code) && finding.size > 0)
    return { verdict: 'fail', unit: '-', why: 'never-permitted' };
  if (asked.sizes.t < THINNEST_JUDGED_MM) return { verdict: 'not-decided', unit: '-', why: 'too-thin' };
  const rows = limitsFor(finding.code, asked);
  const judged = rows.map((row) => judgedBy(row, finding, asked, weldMm));
  const [worst] = judged.toSorted((a, b) => WORST[b.verdict] - WORST[a.verdict]);
  return worst ?? { verdict: 'not-decided', unit: '-', why: 'no-row' };
}

/** The verdict of a whole weld: the worst of its findings; with nothing looked at, or no level chosen, none. */
export function wholeVerdict(verdicts: readonly Verdict[]): Verdict | undefined {
  return verdicts.toSorted((a, b) => WORST[b] - WORST[a])[0];
}
