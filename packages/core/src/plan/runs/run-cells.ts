import { type Groove, type GrooveLayer, halfWidthMm } from './groove-layers.ts';

/** A point of the joint's section, mm. */
export interface SectionPoint {
  readonly x: number;
  readonly y: number;
}
/** Outline of one run in the section, mm. */
export type RunCell = readonly SectionPoint[];

/** Steps that a cap's curve is drawn in. Source: our tuning. */
const CAP_STEPS = 8;

function capTop({ thicknessMm, capWidthMm, capHeightMm }: Groove, x: number): number {
  return thicknessMm + capHeightMm * Math.max(0, 1 - (2 * (x / capWidthMm)) ** 2);
}

/**
 * Outlines of the runs of a groove's layer, left to right: each the same share of the width at every height, the
 * cap with its crown. The groove's middle is x = 0, its underside y = 0.
 */
export function grooveCells(groove: Groove, layer: GrooveLayer): readonly RunCell[] {
  const { faceMm, thicknessMm, capWidthMm } = groove;
  const bends = faceMm > layer.fromMm && faceMm < layer.toMm ? [faceMm] : [];
  const heights = [layer.fromMm, ...bends, layer.toMm];
  const across = (halfMm: number, share: number): number => halfMm * (2 * share - 1);
  /** The line between two runs, or the wall, from the bottom up. */
  const side = (share: number): SectionPoint[] =>
    heights.map((y) => ({ x: across(halfWidthMm(groove, y), share), y }));
  const crown = (from: number, to: number): SectionPoint[] =>
    Array.from({ length: CAP_STEPS + 1 }, (_, k) => {
      const x = across(capWidthMm / 2, to + ((from - to) * k) / CAP_STEPS);
      return { x, y: Math.max(capTop(groove, x), thicknessMm) };
    });
  return Array.from({ length: layer.runs }, (_, i) => {
    const [from, to] = [i / layer.runs, (i + 1) / layer.runs];
    return [...side(to), ...(layer.role === 'cap' ? crown(from, to) : []), ...side(from).toReversed()];
  });
}

/** Runs in each layer of a fillet: 1, then 2, then 3 … (1-3-6 in all), the last layer taking what is left. */
export function filletLayers(runs: number): readonly number[] {
  const layers: number[] = [];
  let left = runs;
  for (let next = 1; left > 0; next++) {
    const rest = left - next;
    const here = rest > 0 && rest <= next / 2 ? left : Math.min(next, left);
    layers.push(here);
    left -= here;
  }
  return layers;
}

/**
 * Outlines of the runs of a fillet, root first, each layer from the lying part up. The corner is the origin, the
 * lying part runs along x. Every run has the same section.
 *
 * @param legMm leg of the finished fillet, mm
 */
export function filletCells(legMm: number, runs: number): readonly RunCell[] {
  const layers = filletLayers(runs);
  let laid = 0;
  return layers.flatMap((count) => {
    const inner = legMm * Math.sqrt(laid / runs);
    laid += count;
    const outer = legMm * Math.sqrt(laid / runs);
    return Array.from({ length: count }, (_, i): RunCell => {
      const [from, to] = [i / count, (i + 1) / count];
      const point = (leg: number, share: number): SectionPoint => ({ x: leg * (1 - share), y: leg * share });
      return [point(inner, from), point(outer, from), point(outer, to), point(inner, to)];
    });
  });
}
