/** Differences below this are none: of two as near the first is taken. Source: our tuning. */
const AS_NEAR = 1e-9;

/**
 * Place of the figure that lies nearest to another; of equal ones the first.
 *
 * @param figures one or more
 * @param to in the same unit
 */
export function nearestIndex(figures: readonly number[], to: number): number {
  const apart = (i: number): number => Math.abs((figures[i] as number) - to);
  return figures.reduce((best, _figure, i) => (apart(i) < apart(best) - AS_NEAR ? i : best), 0);
}

/** The figure that lies nearest to another; of equal ones the first. */
export function nearestOf(figures: readonly number[], to: number): number {
  return figures[nearestIndex(figures, to)] as number;
}
