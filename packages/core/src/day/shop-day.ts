import type { DayHours } from './order/day-problem.ts';
import { isoMinutes } from '../base/quantity/iso-minutes.ts';

/** How the shop's day goes: times of the day as 07:00. */
export interface ShopDay {
  readonly opens?: string | undefined;
  readonly closes?: string | undefined;
  /** Share of the time at a job that the arc burns, percent. */
  readonly arcSharePercent?: number | undefined;
  /** Hours of single machines, by the machine's id. */
  readonly machines?:
    Readonly<Record<string, { readonly opens: string; readonly closes: string }>> | undefined;
}

/** What is taken until the shop says otherwise. Source: common practice, from memory. */
export const USUAL_DAY = { opens: '07:00', closes: '16:00', arcSharePercent: 25 } as const;
/** Share of the time at a job that an arc can burn, percent. */
export const ARC_SHARE_RANGE_PERCENT = [5, 90] as const;

/**
 * Minutes after midnight of a time of day; NaN for what is none.
 *
 * @example
 * clockMinutes('07:30') // 450
 */
export function clockMinutes(time: string): number {
  const [, hours, minutes] = /^([01]\d|2[0-4]):([0-5]\d)$/.exec(time) ?? [];
  return Number(hours) * 60 + Number(minutes);
}

/** The time of day of minutes after a midnight, as 07:00. */
export function clockText(minutes: number): string {
  const two = (n: number): string => String(n).padStart(2, '0');
  const ofDay = ((Math.round(minutes) % 1440) + 1440) % 1440;
  return `${two(Math.floor(ofDay / 60))}:${two(ofDay % 60)}`;
}

/** The hours of a machine; of the shop where it has none of its own. */
export function hoursOf(day: ShopDay, machineId: string): DayHours {
  const own = day.machines?.[machineId];
  return {
    opensMin: clockMinutes(own?.opens ?? day.opens ?? USUAL_DAY.opens),
    closesMin: clockMinutes(own?.closes ?? day.closes ?? USUAL_DAY.closes),
  };
}

/** Minutes from the midnight that a day begins with, as 2026-03-01, to a local time as 2026-03-01T09:30. */
export function minutesFrom(day: string, time: string): number {
  return isoMinutes(time) - isoMinutes(`${day}T00:00`);
}

/** The end of the hours in which a day stands: of the next day where they are over. */
export function endOfHours({ closesMin }: DayHours, nowMin: number): number {
  return nowMin < closesMin ? closesMin : closesMin + 1440;
}
