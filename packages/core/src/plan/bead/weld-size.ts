import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import { type Joint, isFilletJoint, type Work } from '../../trade/material/work.ts';
import { MODEL, standard, type Source, YOURS } from '../../base/source.ts';
import { curveValue } from '../../base/numeric/point-curve.ts';

/** A fillet's section over its triangle's. Source: handbook figure, from memory. */
export const FILLET_CONVEXITY = 1.1;

/** Smallest fillet leg by thickness, mm. Source: AWS D1.1, recalled; not applied to sheet under 3 mm. */
export function minimumFilletLegMm(thicknessMm: number): number | undefined {
  if (thicknessMm < 3) return undefined;
  if (thicknessMm <= 6) return 3;
  if (thicknessMm <= 12.7) return 5;
  return thicknessMm <= 20 ? 6 : 8;
}

/** Largest fillet leg on a lap's edge, mm: the sheet up to 6 mm, 2 mm less from there. Source: AWS D1.1, recalled. */
export function lapEdgeLegLimitMm(thicknessMm: number): number {
  return thicknessMm < 6 ? thicknessMm : thicknessMm - 2;
}

/** Least share of the thinner part that a fillet's leg is without a drawing. Source: handbook figure, from memory. */
export const LEAST_LEG_SHARE = 0.7;
/**
 * Largest share without a drawing: twice the sheet (more under 2 mm), 1.3 of plate, and the least share itself from 10 mm, so that
 * no default weld is heavier than it need be. Source: common practice; the ramps are our model.
 */
const MOST_LEG_SHARE = [
  [1.5, 2.5],
  [3, 2],
  [6, 1.3],
  [10, LEAST_LEG_SHARE],
] as const;

/** How much further a lap's leg may go along the plate than a tee's, since its edge holds the other. Source: our model. */
const LAP_ALONG = 1.25;

/**
 * How far a lap's bead may stand proud of its edge, by thickness, mm: on sheet the edge melts and the bead piles
 * over it as a butt's cap does. Source: our model.
 */
const PROUD_OF_EDGE_MM = [
  [2, 0.9],
  [6, 0],
] as const;

/** Section of a fillet, mm². @param legMm leg, mm */
export function filletSectionMm2(legMm: number): number {
  return (legMm ** 2 / 2) * FILLET_CONVEXITY;
}

/**
 * Leg of a fillet of a section, mm: equal legs, or, where one is held to an edge, the leg along the other part.
 *
 * @param sectionMm2 section, mm²
 * @param edgeMm most that the leg on the edge may be, mm
 */
export function filletLegMm(sectionMm2: number, edgeMm = Infinity): number {
  const equal = Math.sqrt((2 * sectionMm2) / FILLET_CONVEXITY);
  return equal <= edgeMm ? equal : (2 * sectionMm2) / (FILLET_CONVEXITY * edgeMm);
}

/** Throat of an equal-leg fillet over its leg. */
export const THROAT_OVER_LEG = Math.SQRT1_2;

/** What a weld's size is held to. */
export interface WeldSize {
  /** Least and most leg, mm; equal where a drawing gives it. */
  readonly legMm: readonly [least: number, most: number];
  /** Most that the leg on a lap's edge may be, and what its bead stands proud of it, mm; undefined for a tee. */
  readonly edgeMm: number | undefined;
  readonly from: 'drawing' | 'default';
  readonly text: Words;
  readonly source: Source;
}

function drawnLegMm({ legMm, throatMm }: Pick<Work, 'legMm' | 'throatMm'>): number | undefined {
  return legMm ?? (throatMm === undefined ? undefined : throatMm / THROAT_OVER_LEG);
}

function lapCap(joint: Joint, thinnerMm: number): number | undefined {
  return joint === 'lap' ? lapEdgeLegLimitMm(thinnerMm) : undefined;
}

/** Least and most section of a fillet of a size, mm²; on a lap's edge the leg goes on along the other part. */
export function sizeSectionsMm2({ legMm: [least, most], edgeMm }: WeldSize): readonly [number, number] {
  const section = (leg: number): number => (Math.min(leg, edgeMm ?? Infinity) * leg * FILLET_CONVEXITY) / 2;
  return [section(least), section(most)];
}

/**
 * Leg a fillet is held to, mm: the drawing's, or ours. Undefined for joints that are not fillets.
 *
 * @param thinnerMm thinner part, mm
 * @source AWS D1.1 minimum fillet and lap edge, recalled; without a drawing our model
 */
export function weldSizeOf(
  work: Pick<Work, 'joint' | 'legMm' | 'throatMm'>,
  thinnerMm: number,
): WeldSize | undefined {
  if (!isFilletJoint(work.joint)) return undefined;
  const cap = lapCap(work.joint, thinnerMm);
  const drawn = drawnLegMm(work);
  if (drawn !== undefined) {
    const text =
      work.legMm === undefined
        ? words`Leg from your throat of ${amount.distance(work.throatMm ?? 0)} (× 1.41).`
        : 'Leg as you gave it.';
    return {
      legMm: [drawn, drawn],
      edgeMm: cap === undefined ? undefined : Math.max(cap, drawn),
      from: 'drawing',
      text,
      source: YOURS,
    };
  }
  const least = Math.max(LEAST_LEG_SHARE * thinnerMm, minimumFilletLegMm(thinnerMm) ?? 0);
  const along = work.joint === 'lap' ? LAP_ALONG : 1;
  const most = Math.max(curveValue(MOST_LEG_SHARE, thinnerMm) * thinnerMm * along, least);
  return {
    legMm: [Math.min(least, cap ?? Infinity), most],
    edgeMm: cap === undefined ? undefined : cap + curveValue(PROUD_OF_EDGE_MM, thinnerMm),
    from: 'default',
    text: 'No size given: the leg is our default, 0.7 of the thinner part or a little more where the hand wants it.',
    source: thinnerMm < 3 ? MODEL : standard('minimum leg by AWS D1.1; the rest our model'),
  };
}
