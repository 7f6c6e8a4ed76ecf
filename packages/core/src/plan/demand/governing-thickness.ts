import { words, type Words } from '../../base/words/words.ts';
import type { WeldMetal } from '../../trade/material/metal-pair.ts';
import type { Work } from '../../trade/material/work.ts';
import { curveValue } from '../../base/numeric/point-curve.ts';

/** Ratio of the two thicknesses above which the plan warns. Source: common practice. */
export const UNEQUAL_WARN_RATIO = 3;

export interface GoverningThickness {
  readonly thicknessMm: number;
  readonly thinnerMm: number;
  readonly thickerMm: number;
  readonly why: Words | undefined;
}

export type Parts = Pick<Work, 'thicknessMm' | 'otherThicknessMm' | 'product' | 'otherProduct'>;

/**
 * Steel: share of the difference that is added to the thinner part, and how many times the thinner the setting
 * may follow, by the thinner part, mm. Source: common practice for 3 on 6 mm (¼, at most 1.3 times) and for
 * 6 on 20 mm (240 to 260 A); the ramp between is our model.
 */
const STEEL_SHARE = [
  [4, 0.25],
  [6, 0.3],
] as const;
const STEEL_MOST = [
  [4, 1.3],
  [6, 1.7],
] as const;

/** Aluminium: the mean, at most so many times the thinner part. Source: common practice; the ramp is our model. */
const ALUMINIUM_MOST = [
  [2, 1.5],
  [2.5, 2],
] as const;

/** Whether the thin part is a tube that stands on a thicker one. */
function isTubeOnThicker({ thicknessMm, otherThicknessMm, product, otherProduct }: Parts): boolean {
  if (otherThicknessMm === undefined) return false;
  const thin = thicknessMm <= otherThicknessMm ? product : (otherProduct ?? product);
  const thick = thicknessMm <= otherThicknessMm ? (otherProduct ?? product) : product;
  return thin === 'tube' && thick !== 'tube';
}

/**
 * Thickness to set for when two parts differ. Steel and stainless: the thinner part and about a quarter of the
 * difference; aluminium, which carries heat away faster: the mean. A tube on a thicker part is set for the tube.
 *
 * @param parts thickness of the first part and of the second, mm; equal where the second is absent
 * @source common practice; see the constants
 */
export function governingThickness(parts: Parts, weldMetal: WeldMetal): GoverningThickness {
  const { thicknessMm, otherThicknessMm: otherMm = thicknessMm } = parts;
  const thinnerMm = Math.min(thicknessMm, otherMm);
  const thickerMm = Math.max(thicknessMm, otherMm);
  if (thinnerMm === thickerMm) return { thicknessMm, thinnerMm, thickerMm, why: undefined };
  if (isTubeOnThicker(parts) && weldMetal !== 'aluminium') {
    const why = 'Set for the tube’s wall, the arc held on the thicker part.';
    return { thicknessMm: thinnerMm, thinnerMm, thickerMm, why };
  }
  const aluminium = weldMetal === 'aluminium';
  const share = aluminium ? 0.5 : curveValue(STEEL_SHARE, thinnerMm);
  const most = curveValue(aluminium ? ALUMINIUM_MOST : STEEL_MOST, thinnerMm);
  const wanted = thinnerMm + share * (thickerMm - thinnerMm);
  const capped = wanted > most * thinnerMm;
  const set = aluminium
    ? 'Set for the mean of the two'
    : 'Set for the thinner part and a share of what the other has more';
  return {
    thicknessMm: Math.min(wanted, most * thinnerMm),
    thinnerMm,
    thickerMm,
    why: capped
      ? words`Set above the thinner part, but not over ${most.toFixed(1)} × it; aim the arc at the thicker.`
      : words`${set}; aim the arc at the thicker.`,
  };
}
