import type { ArcSamples } from '@hot-bead/core/arc-lab';

/** Paths of the wire's end, the drop, the arc and the pool at one moment, mm, the pool's rest at 0, down positive. */
export interface ArcPaths {
  readonly wire: string;
  readonly drop: string;
  readonly arc: string;
  readonly pool: string;
  /** How bright the arc is, 0 to 1. */
  readonly glow: number;
  readonly isShorted: boolean;
}

/** Half the width of what is drawn, and how far the wire reaches up, mm. */
export const HALF_WIDTH_MM = 4;
export const TOP_MM = 7;
const POOL_DEEP_MM = 1.4;
const POOL_HALF_MM = 3;
/** Current at which the arc is drawn brightest, A. */
const BRIGHTEST_A = 300;

const mm = (value: number): string => value.toFixed(3);

function dropPath(a: number, tip: number, height: number): string {
  const radius = (a * a + height * height) / (2 * height);
  const isMore = height > a ? 1 : 0;
  return `M${mm(-a)} ${mm(tip)}A${mm(radius)} ${mm(radius)} 0 ${isMore} 0 ${mm(a)} ${mm(tip)}Z`;
}

function bridgePath(a: number, tip: number, surface: number, neck: number): string {
  const middle = (tip + surface) / 2;
  const narrow = a * (1 - 0.9 * neck);
  const foot = 1.5 * a;
  return (
    `M${mm(-a)} ${mm(tip)}Q${mm(-narrow)} ${mm(middle)} ${mm(-foot)} ${mm(surface)}` +
    `L${mm(foot)} ${mm(surface)}Q${mm(narrow)} ${mm(middle)} ${mm(a)} ${mm(tip)}Z`
  );
}

/** The paths at one sample, from the simulation's own state. @param trueMm diameter of the wire, mm */
export function arcPaths(samples: ArcSamples, sample: number, trueMm: number): ArcPaths {
  const at = (list: Float32Array): number => list[sample] ?? 0;
  const a = trueMm / 2;
  const surface = -at(samples.poolMm);
  const solid = Math.max(at(samples.solidMm), 0);
  const tip = surface - solid;
  const height = Math.max(at(samples.dropMm), 0.05);
  const gap = at(samples.gapMm);
  const isShorted = gap <= 0;
  const low = tip + height;
  return {
    wire: `M${mm(-a)} ${mm(-TOP_MM)}H${mm(a)}V${mm(tip)}H${mm(-a)}Z`,
    drop: isShorted
      ? bridgePath(a, Math.min(tip, surface), surface + 0.05, at(samples.neck))
      : dropPath(a, tip, height),
    arc: isShorted
      ? ''
      : `M${mm(-0.6 * a)} ${mm(low - 0.2 * height)}L${mm(-a - 0.5 * gap - 0.4)} ${mm(surface)}H${mm(a + 0.5 * gap + 0.4)}L${mm(0.6 * a)} ${mm(low - 0.2 * height)}Z`,
    pool: `M${mm(-HALF_WIDTH_MM)} 0H${mm(-POOL_HALF_MM)}Q${mm(-POOL_HALF_MM / 2)} ${mm(surface)} 0 ${mm(surface)}Q${mm(POOL_HALF_MM / 2)} ${mm(surface)} ${mm(POOL_HALF_MM)} 0H${mm(HALF_WIDTH_MM)}V${mm(POOL_DEEP_MM)}H${mm(-HALF_WIDTH_MM)}Z`,
    glow: isShorted ? 0 : Math.min(1, at(samples.amps) / BRIGHTEST_A),
    isShorted,
  };
}
