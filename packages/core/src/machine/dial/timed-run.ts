import { TWO_SIDED_95 } from '../../base/numeric/normal-band.ts';
import { OutOfRangeError, within } from '../../base/quantity/out-of-range-error.ts';
import { mmPerSFromMPerMin, mPerMinFromMmPerS } from '../../base/quantity/units.ts';

/** Time and length errors of a hand-held watch and a rule, one standard deviation: about ±0.2 s and ±1.5 mm in all. Source: common practice. */
export const WATCH_SD_S = 0.1;
export const RULE_SD_MM = 0.75;

/** Values a reading may have. Source: our model. */
export const RUN_TIME_RANGE_S = [1, 120] as const;
export const RUN_LENGTH_RANGE_MM = [20, 60_000] as const;
/** Wire speeds that a feeder can have, m/min. Source: our model's range. */
export const DIAL_SPEED_RANGE_M_PER_MIN = [0.3, 30] as const;

/** Wire let run for a time and clipped off. */
export interface TimedRun {
  readonly lengthMm: number;
  readonly timeS: number;
}

/** One run, or a short and a long one whose difference cancels run-in and coast. */
export interface TimedReading {
  readonly knob: number;
  readonly run: TimedRun;
  /** The shorter of two runs at the same knob, where the two-length method was used. */
  readonly shortRun?: TimedRun | undefined;
  /** Position of the volts control it was read at, where the feeder hangs on the weld supply. */
  readonly position?: string | undefined;
  /** Read while an arc burnt: a felt-pen mark on the wire before the rolls, followed for the time. */
  readonly underArc?: boolean | undefined;
}

/** A wire speed with one standard deviation, m/min. */
export interface MeasuredSpeed {
  readonly speedMPerMin: number;
  readonly sdMPerMin: number;
}

function checkedRun({ lengthMm, timeS }: TimedRun): TimedRun {
  return {
    lengthMm: within('length', lengthMm, RUN_LENGTH_RANGE_MM, 'length-out-of-range'),
    timeS: within('time', timeS, RUN_TIME_RANGE_S, 'time-out-of-range'),
  };
}

/** Error of watch and rule over a run, or over the difference of two, one standard deviation, as a share. */
function runSdShare({ lengthMm, timeS }: TimedRun, runs: 1 | 2): number {
  return Math.sqrt(runs) * Math.hypot(WATCH_SD_S / timeS, RULE_SD_MM / lengthMm);
}

/**
 * Wire feed speed of a reading, with the error of watch and rule.
 *
 * @returns speed in m/min, {@link DIAL_SPEED_RANGE_M_PER_MIN}
 * @throws {OutOfRangeError} `time-out-of-range`, `length-out-of-range`, `speed-out-of-range`, or `runs-too-alike`
 *   when the two runs of the two-length method differ by less than 2 s
 * @source length over time; errors: common practice
 */
export function measuredSpeed(reading: Pick<TimedReading, 'run' | 'shortRun'>): MeasuredSpeed {
  const long = checkedRun(reading.run);
  const short = reading.shortRun && checkedRun(reading.shortRun);
  const timeS = long.timeS - (short?.timeS ?? 0);
  const lengthMm = long.lengthMm - (short?.lengthMm ?? 0);
  if (short && (timeS < 2 || lengthMm < RUN_LENGTH_RANGE_MM[0])) {
    throw new OutOfRangeError('time between the two runs', timeS, 2, RUN_TIME_RANGE_S[1], 'runs-too-alike');
  }
  const speed = within(
    'wire speed',
    mPerMinFromMmPerS(lengthMm / timeS),
    DIAL_SPEED_RANGE_M_PER_MIN,
    'speed-out-of-range',
  );
  return { speedMPerMin: speed, sdMPerMin: speed * runSdShare({ lengthMm, timeS }, short ? 2 : 1) };
}

/** What a run of a given time is good for at a speed. */
export interface RunWorth {
  readonly timeS: number;
  /** 95 % error, as a share of the speed. */
  readonly errorShare: number;
  readonly wireMm: number;
}

/** The longest usual run, which the others are held against, s. Source: common practice. */
export const WHOLE_MINUTE_S = 60;

/** What one run of a given time would be worth at a speed, against the wire it wastes. */
export function runWorth(speedMPerMin: number, timeS: number): RunWorth {
  const lengthMm = mmPerSFromMPerMin(speedMPerMin) * timeS;
  const errorShare = TWO_SIDED_95 * runSdShare({ lengthMm, timeS }, 1);
  return { timeS, errorShare, wireMm: lengthMm };
}

/**
 * What the two-length method is worth at a speed: two runs, and the error of their difference.
 *
 * @param shortS time of the shorter run, s
 * @param longS time of the longer run, s, at least 2 s more
 */
export function twoLengthWorth(speedMPerMin: number, shortS: number, longS: number): RunWorth {
  const mmPerS = mmPerSFromMPerMin(speedMPerMin);
  const timeS = longS - shortS;
  const errorShare = TWO_SIDED_95 * runSdShare({ lengthMm: mmPerS * timeS, timeS }, 2);
  return { timeS, errorShare, wireMm: mmPerS * (shortS + longS) };
}
