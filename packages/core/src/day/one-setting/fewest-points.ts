/** Things up to which the fewest points are found for certain. Source: our tuning. */
export const EXACT_THINGS = 16;

/** The fewest points that serve everything, by their places in the list; and whether fewer are ruled out. */
export interface FewestPoints {
  readonly points: readonly number[];
  readonly isFewest: boolean;
}

/** Masks that are in no other, each once, with the place where it first stood. */
function largestMasks(masks: readonly number[]): readonly { readonly mask: number; readonly at: number }[] {
  const first = new Map<number, number>();
  masks.forEach((mask, at) => {
    if (mask !== 0 && !first.has(mask)) first.set(mask, at);
  });
  const all = [...first].map(([mask, at]) => ({ mask, at }));
  return all.filter(({ mask }) => !all.some((other) => other.mask !== mask && (mask & ~other.mask) === 0));
}

function lowest(set: number): number {
  return set & -set;
}

/**
 * The fewest points that serve a set of things: each thing is served by some of the points. The exact way is a table
 * over subsets; beyond {@link EXACT_THINGS} the point that serves most is taken again and again, and that is said.
 *
 * @param masks for each point the things that it serves, as bits
 * @param all the things that must be served; each is in at least one mask, at most 30
 */
export function fewestPoints(masks: readonly number[], all: number): FewestPoints {
  const large = largestMasks(masks.map((mask) => mask & all));
  let things = 0;
  for (let rest = all; rest !== 0; rest &= rest - 1) things += 1;
  if (things > EXACT_THINGS) return { points: mostFirst(large, all), isFewest: false };
  const best = new Map<number, readonly number[]>([[0, []]]);
  const solve = (set: number): readonly number[] => {
    const known = best.get(set);
    if (known) return known;
    let fewest: readonly number[] | undefined;
    for (const { mask, at } of large) {
      if ((mask & lowest(set)) === 0) continue;
      const rest = solve(set & ~mask);
      if (!fewest || rest.length + 1 < fewest.length) fewest = [at, ...rest];
    }
    if (!fewest) throw new Error('a thing that no point serves');
    best.set(set, fewest);
    return fewest;
  };
  return { points: solve(all), isFewest: true };
}

function mostFirst(
  large: readonly { readonly mask: number; readonly at: number }[],
  all: number,
): readonly number[] {
  const count = (mask: number): number => {
    let bits = 0;
    for (let rest = mask; rest !== 0; rest &= rest - 1) bits += 1;
    return bits;
  };
  const points: number[] = [];
  for (let left = all; left !== 0;) {
    const best = large.reduce((a, b) => (count(b.mask & left) > count(a.mask & left) ? b : a));
    if ((best.mask & left) === 0) throw new Error('a thing that no point serves');
    points.push(best.at);
    left &= ~best.mask;
  }
  return points;
}
