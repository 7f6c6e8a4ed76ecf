const ISO = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})(?::(\d{2}(?:\.\d+)?))?/;
const MINUTES_A_DAY = 24 * 60;

/** Days from an arbitrary day to one of the Gregorian calendar, with the year taken to begin in March. */
function dayNumber(year: number, month: number, day: number): number {
  const years = month > 2 ? year : year - 1;
  const months = (month + 9) % 12;
  const leapDays = Math.floor(years / 4) - Math.floor(years / 100) + Math.floor(years / 400);
  return 365 * years + leapDays + Math.floor((153 * months + 2) / 5) + day;
}

/**
 * Minutes of a time, from an arbitrary beginning: differences between two are what is asked for.
 *
 * @param iso in UTC, as 2026-03-01T09:30:00.000Z
 * @returns NaN for what is no such time
 * @source Gregorian calendar, definition
 */
export function isoMinutes(iso: string): number {
  const [year = NaN, month = NaN, day = NaN, hour = NaN, minute = NaN, second = 0] = (
    ISO.exec(iso)?.slice(1) ?? []
  ).map((part: string | undefined) => Number(part ?? 0));
  return dayNumber(year, month, day) * MINUTES_A_DAY + hour * 60 + minute + second / 60;
}

/** How many days lie between two ISO dates, or a day and a date. */
export function isoDaysBetween(from: string, to: string): number {
  const at = from.length === 10 ? `${from}T12:00:00.000Z` : from;
  return (isoMinutes(to) - isoMinutes(at)) / MINUTES_A_DAY;
}
