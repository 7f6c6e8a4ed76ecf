/** Points of a curve in rising order: where, and how much there. */
export type CurvePoints = readonly (readonly [at: number, value: number])[];

/** A value held between two ends. */
export function clamped(value: number, [low, high]: readonly [low: number, high: number]): number {
  return Math.min(Math.max(value, low), high);
}

/** Value of a curve at a place: straight between its points, level outside them. */
export function curveValue(points: CurvePoints, at: number): number {
  const next = points.findIndex(([x]) => x >= at);
  const last = points[points.length - 1] as readonly [number, number];
  if (next < 0) return last[1];
  const [x1, y1] = points[next] as readonly [number, number];
  if (next === 0) return y1;
  const [x0, y0] = points[next - 1] as readonly [number, number];
  return y0 + ((y1 - y0) * (at - x0)) / (x1 - x0);
}
