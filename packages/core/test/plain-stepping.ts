/** Where stepping begins against the book, V, and by how much it moves, V. Source: common practice. */
export interface PlainSteps {
  readonly startOffV: number;
  readonly stepV: number;
  readonly isFromAbove?: boolean;
}

export interface PlainRung {
  readonly volts: number;
  readonly verdict: 'cold' | 'right' | 'hot';
}

export type PlainNext = { readonly kind: 'weld' | 'take'; readonly volts: number };

const RANK = { cold: 0, right: 1, hot: 2 } as const;

/** A setting for which a hotter one read colder, if there is one. */
function contradiction(rungs: readonly PlainRung[]): PlainRung | undefined {
  return rungs.find((rung, i) =>
    rungs.slice(i + 1).some((hotter) => RANK[hotter.verdict] < RANK[rung.verdict]),
  );
}

function rungBetween(rungs: readonly PlainRung[]): PlainNext {
  const cold = rungs.findLast(({ verdict }) => verdict === 'cold')?.volts ?? 0;
  const hot = rungs.find(({ verdict }) => verdict === 'hot')?.volts ?? 0;
  const middle = Math.round(((cold + hot) / 2) * 4) / 4;
  return { kind: 'weld', volts: hot - cold > 0.3 ? middle : cold };
}

/**
 * Stepping as it is commonly taught, to measure the estimator against: a step at a time until a good bead has a colder
 * and a hotter neighbour, then the middle; a reading out of order is welded again and replaced.
 *
 * @param laid beads, oldest first
 */
export function plainStep(bookV: number, laid: readonly PlainRung[], steps: PlainSteps): PlainNext {
  const { startOffV, stepV, isFromAbove = false } = steps;
  const fine = Math.min(stepV, 0.5);
  const toStep = (volts: number): number => Math.round(volts / fine) * fine;
  const byVolts = new Map(laid.map((rung) => [rung.volts, rung] as const));
  const rungs = [...byVolts.values()].toSorted((a, b) => a.volts - b.volts);
  const [coldest, hottest] = [rungs[0], rungs.at(-1)];
  if (!coldest || !hottest) return { kind: 'weld', volts: toStep(bookV + startOffV) };
  const doubt = contradiction(rungs);
  if (doubt) return { kind: 'weld', volts: doubt.volts };
  const good = rungs.filter(({ verdict }) => verdict === 'right').map(({ volts }) => volts);
  const cold = rungs.findLast(({ verdict }) => verdict === 'cold');
  const hot = rungs.find(({ verdict }) => verdict === 'hot');
  if (good.length > 0 && cold && hot) {
    const low = (cold.volts + Math.min(...good)) / 2;
    const high = (hot.volts + Math.max(...good)) / 2;
    return { kind: 'take', volts: Math.round(((low + high) / 2) * 10 - 1e-6) / 10 };
  }
  const up = hottest.verdict === 'hot' ? undefined : toStep(hottest.volts + stepV);
  const down = coldest.verdict === 'cold' ? undefined : toStep(coldest.volts - stepV);
  const next = isFromAbove ? (down ?? up) : (up ?? down);
  return next === undefined ? rungBetween(rungs) : { kind: 'weld', volts: next };
}
