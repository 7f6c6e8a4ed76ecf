/** Ratio of the two thicknesses above which the plan warns. Source: common practice. */
export const UNEQUAL_WARN_RATIO = 3;

export interface GoverningThickness {
  readonly thicknessMm: number;
  readonly thinnerMm: number;
  readonly thickerMm: number;
  readonly why: string | undefined;
}

/** Largest share of the thinner part the setting may follow: 1.5 up to 2 mm, rising to 2 at 2.5 mm. */
function capRatio(thinnerMm: number): number {
  return Math.min(2, 1.5 + Math.max(0, thinnerMm - 2));
}

/**
 * Thickness to set for when two parts differ: their mean, not above 1.5 times the thinner below 2 mm and
 * not above twice it otherwise.
 *
 * @param thicknessMm first part, mm
 * @param otherMm second part, mm; the first again when absent
 * @source common practice; the ramp from 1.5 to 2 between 2 and 2.5 mm is our model, against a jump
 */
export function governingThickness(thicknessMm: number, otherMm: number = thicknessMm): GoverningThickness {
  const thinnerMm = Math.min(thicknessMm, otherMm);
  const thickerMm = Math.max(thicknessMm, otherMm);
  if (thinnerMm === thickerMm) return { thicknessMm, thinnerMm, thickerMm, why: undefined };
  const mean = (thinnerMm + thickerMm) / 2;
  const cap = capRatio(thinnerMm) * thinnerMm;
  const capped = mean > cap;
  return {
    thicknessMm: Math.min(mean, cap),
    thinnerMm,
    thickerMm,
    why: capped
      ? `Set between the two, but not above ${capRatio(thinnerMm).toFixed(1)} × the thinner part; aim the arc at the thicker.`
      : 'Set for the mean of the two; aim the arc at the thicker.',
  };
}
