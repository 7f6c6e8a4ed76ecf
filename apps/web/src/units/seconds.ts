import { numberOrText } from './number-text.ts';

/** Seconds from "30", "1:30", "2 min", "1.5 min"; what is none of them is left as text, for the contract to refuse. */
export function secondsOf(text: string): number | string {
  const trimmed = text.trim().toLowerCase();
  const clock = /^(\d{1,4}):([0-5]?\d(?:[.,]\d+)?)$/.exec(trimmed);
  if (clock) return Number(clock[1]) * 60 + Number((clock[2] ?? '0').replace(',', '.'));
  const worded = /^([\d.,]+)\s*(s|sec|seconds?|min|minutes?|h|hours?)$/.exec(trimmed);
  if (!worded) return numberOrText(text);
  const unit = worded[2] ?? 's';
  const share = unit.startsWith('h') ? 3600 : unit.startsWith('m') ? 60 : 1;
  const amount = numberOrText(worded[1] ?? '');
  return typeof amount === 'number' ? amount * share : text;
}

/** Seconds as they are read: "48 s", "1:30". */
export function secondsText(seconds: number): string {
  if (seconds < 60) return `${Number(seconds.toFixed(seconds < 10 ? 1 : 0))} s`;
  const whole = Math.round(seconds);
  const [hours, minutes] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60)];
  const rest = String(whole % 60).padStart(2, '0');
  return hours === 0 ? `${minutes}:${rest}` : `${hours}:${String(minutes).padStart(2, '0')}:${rest}`;
}
