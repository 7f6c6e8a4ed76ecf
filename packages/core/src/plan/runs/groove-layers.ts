import type { HandTravel } from '../bead/hand-travel.ts';
import type { RunLimits } from '../bead/bead-plan.ts';
import { BEVEL_HALF_ANGLE } from '../bead/joint-section.ts';

/** A bevelled groove, mm: walls from the root face up at half the included angle on both sides. */
export interface Groove {
  readonly thicknessMm: number;
  readonly gapMm: number;
  readonly faceMm: number;
  readonly capWidthMm: number;
  readonly capHeightMm: number;
}

/** One layer of a groove, from the root up. */
export interface GrooveLayer {
  readonly role: 'root' | 'fill' | 'cap';
  readonly fromMm: number;
  readonly toMm: number;
  readonly areaMm2: number;
  readonly runs: number;
}

/** What lays the metal: how much a minute, and how fast its hand goes. */
export interface Layer {
  readonly depositMm3PerMin: number;
  readonly hand: HandTravel;
  readonly limits: RunLimits;
}

const SLOPE = Math.tan(BEVEL_HALF_ANGLE);
/** Thickness of a layer, mm: 3 to 4. Source: common practice. */
export const LAYER_MM = 3.5;
/** Most of the groove that the root fills, as a share. Source: our model. */
export const ROOT_MOST_SHARE = 0.6;
/** Least that the root stands over its face, mm. Source: our model. */
const ROOT_LEAST_OVER_FACE_MM = 1.5;

/** Area of the groove up to a height, mm². */
export function grooveAreaMm2({ gapMm, faceMm }: Groove, heightMm: number): number {
  return gapMm * heightMm + SLOPE * Math.max(heightMm - faceMm, 0) ** 2;
}

/** Half the groove's width at a height, mm. */
export function halfWidthMm({ gapMm, faceMm }: Groove, heightMm: number): number {
  return gapMm / 2 + SLOPE * Math.max(heightMm - faceMm, 0);
}

/** Area of the cap over the groove, a parabola, mm². */
function capAreaMm2({ capWidthMm, capHeightMm }: Groove): number {
  return (2 / 3) * capWidthMm * capHeightMm;
}

/** Height the root comes to, mm: as much as its wire lays at the aim of its hand, within the groove. */
function rootHeightMm(groove: Groove, root: Layer): number {
  const { gapMm, faceMm, thicknessMm } = groove;
  const wantedMm2 = root.depositMm3PerMin / root.hand.aimMmPerMin;
  const over = Math.max(wantedMm2 - gapMm * faceMm, 0);
  const overFaceMm = (Math.sqrt(gapMm ** 2 + 4 * SLOPE * over) - gapMm) / (2 * SLOPE);
  const most = ROOT_MOST_SHARE * thicknessMm;
  return Math.min(Math.max(faceMm + overFaceMm, faceMm + ROOT_LEAST_OVER_FACE_MM), most);
}

/** Runs a layer is laid in: as few as one run carries, fewer where the hand would run away. */
export function runsInLayer(areaMm2: number, { depositMm3PerMin, hand, limits }: Layer): number {
  const [slow] = hand.comfortableMmPerMin;
  const largest = Math.min(limits.grooveMm2, depositMm3PerMin / slow);
  const usual = Math.max(1, Math.ceil(areaMm2 / largest - 1e-9));
  for (let runs = usual; runs > 1; runs--) {
    const travel = (depositMm3PerMin * runs) / areaMm2;
    if (travel <= hand.comfortableMmPerMin[1]) return runs;
    if (travel <= hand.hardMmPerMin[1] && areaMm2 / (runs - 1) > limits.mostMm2) return runs;
  }
  return 1;
}

/**
 * Layers of a bevelled butt: root, fills of 3 to 4 mm, cap.
 *
 * @source layer thickness and run sizes: common practice; the division our model (25 mm of 60° V: 12 to 18 runs)
 */
export function grooveLayers(groove: Groove, root: Layer, fill: Layer): readonly GrooveLayer[] {
  const rootToMm = rootHeightMm(groove, root);
  const left = groove.thicknessMm - rootToMm;
  const count = Math.max(1, Math.round(left / LAYER_MM));
  const layers: GrooveLayer[] = [
    { role: 'root', fromMm: 0, toMm: rootToMm, areaMm2: grooveAreaMm2(groove, rootToMm), runs: 1 },
  ];
  for (let i = 0; i < count; i++) {
    const fromMm = rootToMm + (left * i) / count;
    const toMm = rootToMm + (left * (i + 1)) / count;
    const last = i === count - 1;
    const areaMm2 =
      grooveAreaMm2(groove, toMm) - grooveAreaMm2(groove, fromMm) + (last ? capAreaMm2(groove) : 0);
    layers.push({ role: last ? 'cap' : 'fill', fromMm, toMm, areaMm2, runs: runsInLayer(areaMm2, fill) });
  }
  return layers;
}
