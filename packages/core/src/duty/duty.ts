import { within } from '../quantity/out-of-range-error.ts';

/** A rating from the machine's plate: so many minutes of arc in any ten at a current, at 40 °C. */
export interface DutyRating {
  readonly currentA: number;
  readonly percent: number;
}

/** Minutes that a duty cycle is counted over. Source: IEC 60974-1, recalled. */
export const DUTY_PERIOD_MIN = 10;
/** Duty under which the plan speaks of it, per cent. Source: our model. */
export const DUTY_MENTIONED_UNDER_PERCENT = 60;

/**
 * Duty cycle at a current, from the nearest rating: D = D₁·(I₁/I)², 100 % at most.
 *
 * @param ratings from the machine's plate, one or more
 * @param currentA arc current, A, [1, 500]
 * @returns per cent, or undefined without a rating
 * @source IEC 60974-1, recalled
 */
export function dutyPercent(ratings: readonly DutyRating[], currentA: number): number | undefined {
  const current = within('current', currentA, [1, 500]);
  const above = ratings
    .filter((rating) => rating.currentA >= current)
    .toSorted((a, b) => a.currentA - b.currentA);
  const rating = above[0] ?? ratings.toSorted((a, b) => b.currentA - a.currentA)[0];
  if (!rating) return undefined;
  return Math.min(rating.percent * (rating.currentA / current) ** 2, 100);
}

/** Arc and rest for a plan. */
export interface DutyPlan {
  readonly percent: number;
  readonly minutesOnInTen: number;
  /** Arc time of the seam, min; undefined without a length. */
  readonly seamMin: number | undefined;
  /** Rest that the seam needs in all, min. */
  readonly restMin: number | undefined;
  /** Whether it is worth saying: under 60 %, or one seam past the time allowed at a stretch. */
  readonly worthSaying: boolean;
}

/**
 * How long the arc may burn at a current, and the rest that a seam needs.
 *
 * @param seamMm length welded, all passes, mm; undefined when it is not known
 * @param travelMmPerMin travel speed, mm/min, above 0
 * @source IEC 60974-1, recalled; rest spread evenly, our model
 */
export function dutyPlan(
  ratings: readonly DutyRating[],
  currentA: number,
  travelMmPerMin: number,
  seamMm?: number,
): DutyPlan | undefined {
  const percent = dutyPercent(ratings, currentA);
  if (percent === undefined) return undefined;
  const minutesOnInTen = (percent / 100) * DUTY_PERIOD_MIN;
  const seamMin = seamMm === undefined ? undefined : seamMm / travelMmPerMin;
  const restMin = seamMin === undefined ? undefined : Math.max(seamMin * (100 / percent - 1), 0);
  const tooLong = seamMin !== undefined && percent < 100 && seamMin > minutesOnInTen;
  return {
    percent,
    minutesOnInTen,
    seamMin,
    restMin,
    worthSaying: percent < DUTY_MENTIONED_UNDER_PERCENT || tooLong,
  };
}
