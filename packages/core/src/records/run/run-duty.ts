import { DUTY_PERIOD_MIN, dutyPercent, type DutyRating } from '../../machine/duty.ts';
import { isoMinutes } from '../../base/quantity/iso-minutes.ts';
import { runArcMin, runCount } from './run-figures.ts';
import type { WeldedRun } from './weld-run.ts';

/** An arc that burned from one time to another, min. */
interface Burn {
  readonly from: number;
  readonly to: number;
}

/** Several runs told at once have no times of their own, and rests between them that nobody knows: they do not count. */
function burnOf(run: WeldedRun): readonly Burn[] {
  if (runCount(run) > 1) return [];
  const minutes = runArcMin(run);
  const to = isoMinutes(run.weldedAt);
  return minutes === undefined || Number.isNaN(to) ? [] : [{ from: to - minutes, to }];
}

/** Minutes of arc that runs had in a stretch of time. */
function arcBetween(burns: readonly Burn[], from: number, to: number): number {
  return burns.reduce((sum, one) => sum + Math.max(0, Math.min(one.to, to) - Math.max(one.from, from)), 0);
}

/**
 * Minutes of arc in the ten before a time.
 *
 * @param at an ISO time
 */
export function recentArcMinutes(runs: readonly WeldedRun[], at: string): number {
  const to = isoMinutes(at);
  return arcBetween(runs.flatMap(burnOf), to - DUTY_PERIOD_MIN, to);
}

/** How runs stand against the duty cycle on a machine's plate. */
export interface RunDuty {
  readonly allowedMin: number;
  /** Arc in the ten minutes before now. */
  readonly recentMin: number;
  /** Rest until the arc may burn again for a minute within the plate, min; 0: now. */
  readonly restMin: number;
  /** Runs in whose ten minutes the arc burned longer than the plate allows. */
  readonly over: readonly { readonly weldedAt: string; readonly arcMin: number }[];
}

/** Minutes that one should be able to weld after a rest. Source: our model. */
const WORTH_MIN = 1;
const STEP_MIN = 0.25;

/**
 * How runs stood, and stand now, against the plate: arc in any ten minutes against what it allows at the current.
 *
 * @param amps current that counts, A, [1, 600]: the plan's
 * @param now an ISO time
 * @returns undefined where the plate is not known
 * @source IEC 60974-1, recalled; the rest is our model
 */
export function runDuty(
  runs: readonly WeldedRun[],
  {
    ratings,
    amps,
    now,
  }: { readonly ratings: readonly DutyRating[]; readonly amps: number; readonly now: string },
): RunDuty | undefined {
  const percent = dutyPercent(ratings, amps);
  if (percent === undefined) return undefined;
  const allowedMin = (percent / 100) * DUTY_PERIOD_MIN;
  const burns = runs.flatMap(burnOf);
  const at = isoMinutes(now);
  const recentMin = arcBetween(burns, at - DUTY_PERIOD_MIN, at);
  const room = Math.min(WORTH_MIN, allowedMin);
  let restMin = 0;
  while (
    restMin < DUTY_PERIOD_MIN &&
    arcBetween(burns, at + restMin + room - DUTY_PERIOD_MIN, at) + room > allowedMin + 1e-9
  )
    restMin += STEP_MIN;
  const over = runs.flatMap((run) => {
    const to = isoMinutes(run.weldedAt);
    if (Number.isNaN(to) || runCount(run) > 1) return [];
    const arcMin = arcBetween(burns, to - DUTY_PERIOD_MIN, to);
    return arcMin > allowedMin + 1e-9 ? [{ weldedAt: run.weldedAt, arcMin }] : [];
  });
  return { allowedMin, recentMin, restMin: percent >= 100 ? 0 : restMin, over: percent >= 100 ? [] : over };
}
