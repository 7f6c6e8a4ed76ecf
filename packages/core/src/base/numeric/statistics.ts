const { floor, min, sqrt } = Math;

/** A value so far up the sorted list. @param share 0 to 1 */
export function percentile(values: Iterable<number>, share: number): number {
  // a typed array is copied whole, which is much quicker than value by value
  const sorted = (values instanceof Float64Array ? values.slice() : Float64Array.from(values)).sort();
  return sorted[min(sorted.length - 1, floor(share * sorted.length))] ?? 0;
}

/** Mean of values; 0 for none. */
export function meanOf(values: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += values[i] ?? 0;
  return values.length === 0 ? 0 : sum / values.length;
}

/** Standard deviation of values. */
export function deviationOf(values: readonly number[]): number {
  const middle = meanOf(values);
  return sqrt(meanOf(values.map((one) => (one - middle) ** 2)));
}
