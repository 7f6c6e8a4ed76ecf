import { percentile } from '../../base/numeric/statistics.ts';
import { type Envelope, FRAME_S } from './envelope.ts';

const { max, round } = Math;

/** What a click must be: over what went just before, over the median, and over a share of the large ones. Source: our model. */
const CLICK = {
  overBefore: 4,
  overMedian: 4,
  overMedianSize: 6.3,
  ofReference: 0.1,
  referenceASecond: 8,
} as const;

/** A click of an arc: the frame it is loudest in, and its size over the slow level. */
export interface Click {
  readonly frame: number;
  readonly size: number;
}

function isOnset(power: Float64Array, k: number, median: number): boolean {
  const here = power[k] ?? 0;
  if (here < CLICK.overMedian * median) return false;
  for (let near = k - 2; near <= k + 2; near++) {
    if (near !== k && (power[near] ?? 0) > here) return false;
  }
  let before = 0;
  for (let i = k - 6; i <= k - 2; i++) before += power[i] ?? 0;
  return here >= (CLICK.overBefore * before) / 5;
}

/** Clicks of a recording, in order of time, none under a blow. @source our model */
export function clicksOf({ power, masked }: Envelope): readonly Click[] {
  const median = percentile(power, 0.5);
  const clicks: Click[] = [];
  for (let k = 6; k < power.length - 2; k++) {
    if (masked[k] === 1 || !isOnset(power, k, median)) continue;
    clicks.push({ frame: k, size: (power[k] ?? 0) + max(power[k - 1] ?? 0, power[k + 1] ?? 0) });
  }
  const sizes = clicks.map((one) => one.size).toSorted((a, b) => b - a);
  const nth = max(1, round(CLICK.referenceASecond * power.length * FRAME_S));
  const reference = sizes[Math.min(nth, sizes.length) - 1] ?? 0;
  return clicks.filter(
    ({ size }) => size >= CLICK.ofReference * reference && size >= CLICK.overMedianSize * median,
  );
}

/** A time from click to click with no blow between. */
export interface Interval {
  readonly from: Click;
  readonly to: Click;
  readonly frames: number;
}

/** Times from click to click. */
export function intervalsOf(clicks: readonly Click[], masked: Uint8Array): readonly Interval[] {
  return clicks.slice(1).flatMap((to, i) => {
    const from = clicks[i];
    if (!from || masked.subarray(from.frame, to.frame).includes(1)) return [];
    return [{ from, to, frames: to.frame - from.frame }];
  });
}
