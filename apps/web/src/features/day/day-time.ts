import { clockText } from '@hot-bead/core/day';
import { format } from 'date-fns';

const two = (n: number): string => String(n).padStart(2, '0');

/** The day as the device's calendar shows it: 2026-03-01. */
export function dayText(date: Date): string {
  return format(date, 'yyyy-MM-dd');
}

/** Steps in which the day's order follows the clock, minutes. */
const STEP_MIN = 5;

/** Minutes after midnight as the device's clock shows them, in steps. */
export function minuteOfDay(date: Date): number {
  return Math.floor((date.getHours() * 60 + date.getMinutes()) / STEP_MIN) * STEP_MIN;
}

/** The day of a time against today: "tomorrow", "in 2 days"; empty: today. */
export function dayWord(minutes: number): string {
  const days = Math.floor(minutes / 1440);
  if (days === 0) return '';
  if (Math.abs(days) === 1) return days === 1 ? 'tomorrow' : 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}

/** A time of the day's order in words: "07:30", "tomorrow 07:30", "in 2 days 07:30". */
export function timeText(minutes: number): string {
  return [dayWord(minutes), clockText(minutes)].filter(Boolean).join(' ');
}

/** The same as a date of the calendar. */
export function dateAt(today: string, minutes: number): Date {
  const [year = 0, month = 1, day = 1] = today.split('-').map(Number);
  return new Date(year, month - 1, day, 0, minutes);
}

/** "35 min", "2 h 05". */
export function spanText(minutes: number): string {
  const whole = Math.round(minutes);
  return whole < 90 ? `${whole} min` : `${Math.floor(whole / 60)} h ${two(whole % 60)}`;
}
