/** A point the curve runs through. */
export interface CurvePoint {
  readonly x: number;
  readonly y: number;
}

/** A smooth curve through points that never overshoots them. */
export interface MonotoneCurve {
  readonly points: readonly CurvePoint[];
  readonly slopes: readonly number[];
}

function endSlope(secant: number, neighbour: number): number {
  return (3 * secant - neighbour) / 2;
}

/**
 * The shape-preserving cubic through points in rising x (Steffen's method): monotone wherever they are.
 *
 * @param points two or more, x strictly rising
 * @source Steffen, M., 1990, recalled; the test holds it against a general-purpose drawing library
 */
export function monotoneCurve(points: readonly CurvePoint[]): MonotoneCurve {
  const n = points.length;
  if (n < 2) throw new Error('a curve needs two points');
  const h = points.slice(1).map((p, i) => p.x - (points[i] as CurvePoint).x);
  const s = points.slice(1).map((p, i) => (p.y - (points[i] as CurvePoint).y) / (h[i] as number));
  const slopes = new Array<number>(n).fill(0);
  for (let i = 1; i < n - 1; i++) {
    const [s0, s1, h0, h1] = [s[i - 1] as number, s[i] as number, h[i - 1] as number, h[i] as number];
    const p = (s0 * h1 + s1 * h0) / (h0 + h1);
    slopes[i] = (Math.sign(s0) + Math.sign(s1)) * Math.min(Math.abs(s0), Math.abs(s1), 0.5 * Math.abs(p));
  }
  const first = s[0] as number;
  const last = s[n - 2] as number;
  slopes[0] = n === 2 ? first : endSlope(first, slopes[1] as number);
  slopes[n - 1] = n === 2 ? last : endSlope(last, slopes[n - 2] as number);
  return { points, slopes };
}

/** The stretch between two points that holds x, the ends' own beyond them. */
export function stretchAt({ points }: MonotoneCurve, x: number): number {
  let i = 0;
  while (i < points.length - 2 && (points[i + 1] as CurvePoint).x <= x) i += 1;
  return i;
}

/** The curve's value at x; held at the end values outside the points. */
export function curveAt(curve: MonotoneCurve, x: number): number {
  const { points, slopes } = curve;
  const first = points[0] as CurvePoint;
  const last = points.at(-1) as CurvePoint;
  if (x <= first.x) return first.y;
  if (x >= last.x) return last.y;
  const i = stretchAt(curve, x);
  const [a, b] = [points[i] as CurvePoint, points[i + 1] as CurvePoint];
  const h = b.x - a.x;
  const u = (x - a.x) / h;
  const m0 = (slopes[i] as number) * h;
  const m1 = (slopes[i + 1] as number) * h;
  const rise = b.y - a.y;
  return a.y + u * (m0 + u * (3 * rise - 2 * m0 - m1 + u * (m0 + m1 - 2 * rise)));
}

/** Halvings of an interval: a knob of 10 to within 10⁻⁷. Source: our tuning. */
const HALVINGS = 26;

/** The x at which a rising function of x reaches y, by halving between two ends; the nearer end when it does not. */
export function reachedAt(f: (x: number) => number, y: number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (f(middle) < y) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
