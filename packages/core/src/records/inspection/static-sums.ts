/** A run of undercut along a weld: how deep, and from where to where, mm. */
export interface UndercutRun {
  readonly depthMm: number;
  readonly fromMm: number;
  readonly toMm: number;
}

/** A pore that was seen: where along the weld, and its diameter, mm. */
export interface PoreSeen {
  readonly atMm: number;
  readonly diameterMm: number;
}

/** Limits that D1.1 sets on sums for static loading. Source: AWS D1.1, recalled; metric as the standard rounds them. */
const UNDERCUT = {
  plainMm: 1,
  thickMm: 2,
  deepMm: 2,
  deepSumMm: 50,
  windowMm: 300,
  thickFromMm: 25,
} as const;
const PORE_LEAST_MM = 1;
const PORE_SUMS = [
  [25, 10],
  [300, 20],
] as const;
/** Share of the length that may be undersize. */
const UNDERSIZE_SHARE = 0.1;

/** The most that lies in any stretch of a length: of runs by their length in it. */
function mostInWindow(runs: readonly UndercutRun[], windowMm: number): number {
  // a sum in a window is largest where the window begins at the start of a run, or ends at the end of one
  const starts = runs.flatMap(({ fromMm, toMm }) => [fromMm, toMm - windowMm]);
  const inside = (start: number): number =>
    runs.reduce(
      (sum, { fromMm, toMm }) =>
        sum + Math.max(0, Math.min(toMm, start + windowMm) - Math.max(fromMm, start)),
      0,
    );
  return Math.max(0, ...starts.map(inside));
}

/**
 * Whether undercut passes D1.1 for static loading: 1 mm on plate under 25 mm, or up to 2 mm as long as that sums to 50 mm
 * at most in any 300; 2 mm on thicker plate.
 *
 * @param thicknessMm of the plate, mm
 * @source AWS D1.1, recalled
 */
export function undercutPasses(runs: readonly UndercutRun[], thicknessMm: number): boolean {
  if (thicknessMm >= UNDERCUT.thickFromMm) return runs.every(({ depthMm }) => depthMm <= UNDERCUT.thickMm);
  const deep = runs.filter(({ depthMm }) => depthMm > UNDERCUT.plainMm);
  if (deep.some(({ depthMm }) => depthMm > UNDERCUT.deepMm)) return false;
  return mostInWindow(deep, UNDERCUT.windowMm) <= UNDERCUT.deepSumMm;
}

/** By how much a fillet may be undersize on a tenth of its length, mm. Source: AWS D1.1, recalled. */
export function undersizeAllowedMm(legMm: number): number {
  if (legMm <= 5) return 2;
  return legMm < 8 ? 2.5 : 3;
}

/**
 * Whether an undersize fillet passes D1.1 for static loading.
 *
 * @param legMm nominal leg, mm
 * @param leastLegMm the least that was measured, mm
 * @param share share of the length that is under size, 0 to 1
 * @source AWS D1.1, recalled
 */
export function undersizePasses(legMm: number, leastLegMm: number, share: number): boolean {
  const under = legMm - leastLegMm;
  return under <= 0 || (under <= undersizeAllowedMm(legMm) && share <= UNDERSIZE_SHARE);
}

/** The largest sum of diameters of pores of 1 mm and more in any stretch of a length, mm. */
export function poreSumMm(pores: readonly PoreSeen[], windowMm: number): number {
  const counted = pores.filter(({ diameterMm }) => diameterMm >= PORE_LEAST_MM);
  const sums = counted.map(({ atMm }) =>
    counted
      .filter((other) => other.atMm >= atMm && other.atMm - atMm <= windowMm)
      .reduce((sum, { diameterMm }) => sum + diameterMm, 0),
  );
  return Math.max(0, ...sums);
}

/** Whether sums of pore diameters, in the worst 25 and the worst 300 mm, pass D1.1 for static loading. */
export function poreSumsPass(sumsMm: readonly [in25: number, in300: number]): boolean {
  return PORE_SUMS.every(([, mostMm], i) => (sumsMm[i] as number) <= mostMm);
}

/** Whether visible pores pass D1.1 for static loading: 10 mm of diameters in 25, 20 in 300. Source: AWS D1.1, recalled. */
export function poresPass(pores: readonly PoreSeen[]): boolean {
  const [in25, in300] = PORE_SUMS.map(([windowMm]) => poreSumMm(pores, windowMm)) as [number, number];
  return poreSumsPass([in25, in300]);
}
