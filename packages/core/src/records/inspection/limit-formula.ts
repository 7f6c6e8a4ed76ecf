/** Sizes that a limit is reckoned from, mm: plate, nominal butt thickness or throat, throat, width, leg, face width. */
export interface LimitSizes {
  readonly t: number;
  readonly x?: number | undefined;
  readonly a?: number | undefined;
  readonly b?: number | undefined;
  readonly z?: number | undefined;
  readonly w?: number | undefined;
}

export type LimitLetter = keyof LimitSizes;

/** A limit as it is written: a sum of numbers and multiples of sizes, or a word. */
export type LimitFormula =
  | { readonly kind: 'none' }
  | { readonly kind: 'permitted' }
  | { readonly kind: 'by-application' }
  | {
      readonly kind: 'most' | 'least';
      /** Whether only a short one may be so large; a longer one is not permitted. */
      readonly isShortOnly: boolean;
      readonly constant: number;
      readonly factors: readonly (readonly [factor: number, letter: LimitLetter])[];
      readonly capMm: number | undefined;
    };

const LETTERS: ReadonlySet<string> = new Set(['t', 'x', 'a', 'b', 'z', 'w']);

function isLetter(text: string): text is LimitLetter {
  return LETTERS.has(text);
}

/**
 * A limit from its written form: "1+0.25*b", "short:0.1*t", ">=110", "np", "ok", "app".
 *
 * @param cap the most that it can come to, as written; "-": none
 * @throws {SyntaxError} where it is none: a fault of the table, not of a user
 */
export function parseLimit(written: string, cap: string): LimitFormula {
  if (written === 'np') return { kind: 'none' };
  if (written === 'ok') return { kind: 'permitted' };
  if (written === 'app') return { kind: 'by-application' };
  const isShortOnly = written.startsWith('short:');
  const isLeast = written.startsWith('>=');
  const sum = written.replace(/^short:|^>=/, '');
  let constant = 0;
  const factors: [number, LimitLetter][] = [];
  for (const part of sum.split('+')) {
    const [number = '', letter] = part.split('*');
    const value = Number(number);
    if (number === '' || !Number.isFinite(value)) throw new SyntaxError(`no limit: ${written}`);
    if (letter === undefined) constant += value;
    else if (isLetter(letter)) factors.push([value, letter]);
    else throw new SyntaxError(`no limit: ${written}`);
  }
  const capMm = cap === '-' ? undefined : Number(cap);
  return { kind: isLeast ? 'least' : 'most', isShortOnly, constant, factors, capMm };
}

/** What a limit comes to; a size that is missing is named. */
export type LimitValue =
  | { readonly status: 'value'; readonly value: number }
  | { readonly status: 'missing'; readonly letter: LimitLetter };

/** What a reckoned limit comes to with these sizes, its cap in it. */
export function limitValue(
  { constant, factors, capMm }: Extract<LimitFormula, { constant: number }>,
  sizes: LimitSizes,
): LimitValue {
  let value = constant;
  for (const [factor, letter] of factors) {
    const size = sizes[letter];
    if (size === undefined) return { status: 'missing', letter };
    value += factor * size;
  }
  return { status: 'value', value: capMm === undefined ? value : Math.min(value, capMm) };
}

/** One bound of a range of plates or legs: "t<=3". */
interface Bound {
  readonly letter: LimitLetter;
  readonly holds: (size: number) => boolean;
}

const BOUND = /^([tzw])(<=|>=|<|>)([\d.]+)$/;
const COMPARE: Readonly<Record<string, (size: number, bound: number) => boolean>> = {
  '<=': (size, bound) => size <= bound,
  '>=': (size, bound) => size >= bound,
  '<': (size, bound) => size < bound,
  '>': (size, bound) => size > bound,
};

/**
 * The bounds of a range: "all", "t<=3", "z>5&z<8".
 *
 * @throws {SyntaxError} where it is none
 */
export function parseRange(written: string): readonly Bound[] {
  if (written === 'all') return [];
  return written.split('&').map((one) => {
    const [, letter = '', sign = '', number] = BOUND.exec(one) ?? [];
    const compare = COMPARE[sign];
    if (!isLetter(letter) || !compare) throw new SyntaxError(`no range: ${written}`);
    const bound = Number(number);
    return { letter, holds: (size) => compare(size, bound) };
  });
}

/** Whether sizes lie in a range; where the size that it asks for is missing, they do not. */
export function isInRange(range: readonly Bound[], sizes: LimitSizes): boolean {
  return range.every(({ letter, holds }) => {
    const size = sizes[letter];
    return size !== undefined && holds(size);
  });
}
