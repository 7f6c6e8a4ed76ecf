import type { WeldedBead } from '@hot-bead/core/dial-in';
import { beadVerdict, type BeadSetting } from '@hot-bead/core/window';

/** Beads within this of a wire speed were of one ladder, m/min. */
const SAME_SPEED_M_PER_MIN = 0.05;
const RANK = { cold: 0, right: 1, hot: 2, blown: 2 } as const;

/**
 * What a ladder had settled on by the plain rule of its day: the middle of a good run with a colder and a hotter
 * neighbour, at the last bead's wire speed, to the tenth of a volt; undefined where it had not, or contradicted itself.
 *
 * @param ladder beads welded with the same, oldest first
 */
export function plainlySettled(ladder: readonly WeldedBead[]): BeadSetting | undefined {
  const wireFeedSpeedMPerMin = ladder.at(-1)?.wireFeedSpeedMPerMin ?? 0;
  const isOfIt = (bead: WeldedBead): boolean =>
    Math.abs(bead.wireFeedSpeedMPerMin - wireFeedSpeedMPerMin) < SAME_SPEED_M_PER_MIN;
  const byVolts = new Map(
    ladder.filter(isOfIt).map((bead) => [bead.volts, RANK[beadVerdict(bead)]] as const),
  );
  const rungs = [...byVolts].toSorted(([a], [b]) => a - b);
  if (rungs.some(([, rank], i) => i > 0 && rank < (rungs[i - 1]?.[1] ?? 0))) return undefined;
  const of = (rank: number): readonly number[] =>
    rungs.flatMap(([volts, one]) => (one === rank ? volts : []));
  const [cold, good, hot] = [of(0).at(-1), of(1), of(2)[0]];
  if (cold === undefined || hot === undefined || good.length === 0) return undefined;
  const [low, high] = [(cold + Math.min(...good)) / 2, (hot + Math.max(...good)) / 2];
  // a half goes down: cooler first
  return { wireFeedSpeedMPerMin, volts: Math.round(((low + high) / 2) * 10 - 1e-6) / 10 };
}

/** By how much plans of that day moved for the offsets that a machine had proven with one wire, gas and mode, V. */
export function plainlyLearnedV(offsetsV: readonly number[]): number {
  return offsetsV.reduce((sum, one) => sum + one, 0) / (offsetsV.length + 0.25);
}
