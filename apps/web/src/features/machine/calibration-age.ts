import type { KeptMachine } from '@hot-bead/contract/machine';
import { differenceInDays } from 'date-fns';

/** When what a machine's controls mean was read; absent: never. */
export interface CalibratedAt {
  /** The oldest of the dial's readings that count. */
  readonly dial: Date | undefined;
  readonly volts: Date | undefined;
  readonly entry: Date | undefined;
}

/** Days from which a calibration is called old: rolls, liner and motor wear. Source: our model. */
export const OLD_FROM_DAYS = 180;

const dateOf = (text: string | null | undefined): Date | undefined => (text ? new Date(text) : undefined);

export function calibratedAt({ dialReadings, voltsReadAt, entryReadAt }: KeptMachine): CalibratedAt {
  const oldest = dialReadings.map(({ at }) => at).toSorted()[0];
  return { dial: dateOf(oldest), volts: dateOf(voltsReadAt), entry: dateOf(entryReadAt) };
}

export function isOld(date: Date, now: Date): boolean {
  return differenceInDays(now, date) >= OLD_FROM_DAYS;
}
