import { within } from '../base/quantity/out-of-range-error.ts';

/** What the air around a machine has where its plate holds, °C. Source: IEC 60974-1, recalled. */
export const PLATE_C = 40;

/** A rating from the machine's plate: so many minutes of arc in any ten at a current, at {@link PLATE_C}. */
export interface DutyRating {
  readonly currentA: number;
  readonly percent: number;
}

/** Minutes that a duty cycle is counted over. Source: IEC 60974-1, recalled. */
export const DUTY_PERIOD_MIN = 10;
/** Duty under which the plan speaks of it, per cent. Source: our model. */
export const DUTY_MENTIONED_UNDER_PERCENT = 60;

/**
 * Duty cycle at a current: D = D₁·(I₁/I)² beyond the ratings, the same law bent to pass through both between two.
 *
 * @param ratings from the machine's plate, one or more
 * @param currentA arc current, A, [1, 600]
 * @returns per cent, 100 at most, or undefined without a rating
 * @source IEC 60974-1, recalled; between two ratings our model
 * @example
 * dutyPercent([{ percent: 60, currentA: 150 }], 200) // 33.75
 */
export function dutyPercent(ratings: readonly DutyRating[], currentA: number): number | undefined {
  const current = within('current', currentA, [1, 600]);
  const rising = ratings.toSorted((a, b) => a.currentA - b.currentA);
  const above = rising.find((rating) => rating.currentA >= current);
  const below = rising.findLast((rating) => rating.currentA < current);
  const nearest = above ?? below;
  if (!nearest) return undefined;
  const power =
    above && below ? Math.log(below.percent / above.percent) / Math.log(above.currentA / below.currentA) : 2;
  return Math.min(nearest.percent * (nearest.currentA / current) ** power, 100);
}

/** Arc and rest for a plan. */
export interface DutyPlan {
  readonly percent: number;
  readonly minutesOnInTen: number;
  readonly seam: SeamRest | undefined;
  /** Whether it is worth saying: under 60 %, or one seam past the time allowed at a stretch. */
  readonly worthSaying: boolean;
}

/** How a seam is welded without overheating the source. */
export interface SeamRest {
  /** Arc time of the whole seam, min. */
  readonly arcMin: number;
  /** Stretches of arc it falls into; 1: it may be welded in one go. */
  readonly stretches: number;
  /** Arc of each stretch, and rest after each but the last, min. */
  readonly stretchMin: number;
  readonly restEachMin: number;
  /** Rest in all, min. */
  readonly restMin: number;
}

function seamRest(percent: number, arcMin: number): SeamRest {
  const on = (percent / 100) * DUTY_PERIOD_MIN;
  const stretches = percent >= 100 ? 1 : Math.max(Math.ceil(arcMin / on - 1e-9), 1);
  const stretchMin = arcMin / stretches;
  const restEachMin = stretches === 1 ? 0 : stretchMin * (100 / percent - 1);
  return { arcMin, stretches, stretchMin, restEachMin, restMin: restEachMin * (stretches - 1) };
}

/**
 * How long the arc may burn at a current, and the rest that a seam needs: even stretches, each no longer than
 * the minutes allowed in ten, and between two the rest that keeps the duty cycle.
 *
 * @param travelMmPerMin travel speed, mm/min, above 0
 * @param seamMm length welded, all passes, mm; undefined when it is not known
 * @source duty cycle: IEC 60974-1, recalled; even stretches: our model
 */
export function dutyPlan(
  ratings: readonly DutyRating[],
  currentA: number,
  travelMmPerMin: number,
  seamMm?: number,
): DutyPlan | undefined {
  const percent = dutyPercent(ratings, currentA);
  if (percent === undefined) return undefined;
  const seam = seamMm === undefined ? undefined : seamRest(percent, seamMm / travelMmPerMin);
  return {
    percent,
    minutesOnInTen: (percent / 100) * DUTY_PERIOD_MIN,
    seam,
    worthSaying: percent < DUTY_MENTIONED_UNDER_PERCENT || (seam !== undefined && seam.stretches > 1),
  };
}

/**
 * Minutes by the clock that an arc takes on a machine that rests as its plate wants: full turns of ten minutes, and what is
 * left of the arc after them.
 *
 * @param arcMin arc time, min, 0 or more
 * @param percent duty cycle at the current, per cent, above 0
 * @source IEC 60974-1, recalled; the turns are arithmetic
 */
export function dutyClockMin(arcMin: number, percent: number): number {
  const onMin = (Math.min(percent, 100) / 100) * DUTY_PERIOD_MIN;
  const turns = Math.max(0, Math.ceil(arcMin / onMin - 1e-9) - 1);
  return turns * DUTY_PERIOD_MIN + arcMin - turns * onMin;
}
