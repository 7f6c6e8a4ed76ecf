import { isSameValue } from '@hot-bead/core/history';
import { measuredLength, type Units } from '@hot-bead/core/base';
import type { KeptRun } from '@hot-bead/contract/records';
import type { TracePower } from '@hot-bead/core/records';
import {
  changedIn,
  enteredIn,
  type FormField,
  TEXT,
  type Typing,
  typedOf,
} from '../../../form/form-fields.ts';
import { figureOf, lengthText, numberOrText, readFigure, shownAs } from '../../../units/index.ts';

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

const SECONDS: Typing = { show: secondsText, read: secondsOf };

/** A length: bare numbers in the user's unit. */
const LENGTH: Typing = {
  show: lengthText,
  read: (text, units) => {
    const read = measuredLength(text, units.distance === 'in' ? 'in' : 'mm');
    return read.status === 'read' ? read.lengthMm : text;
  },
};

/** A wire speed, shown as far as it can be set. */
const WIRE_SPEED: Typing = {
  show: (speedMPerMin: number, units) => figureOf('wireFeedSpeed', speedMPerMin, units),
  read: (text, units) => {
    const value = numberOrText(text);
    return typeof value === 'number' ? shownAs('wireFeedSpeed', units).to(value) : value;
  },
};

/** A temperature: with its letter in that scale, bare in the user's own. */
const TEMPERATURE: Typing = {
  show: (celsius: number, units) => figureOf('temperature', celsius, units),
  read: (text, units) => {
    const [, figure = text, letter] = /^\s*(-?[\d.,]+)\s*°?\s*([cf])\s*$/i.exec(text) ?? [];
    const scale = letter === undefined ? units.temperature : letter.toLowerCase() === 'f' ? '°F' : '°C';
    const value = readFigure('temperature', figure, { ...units, temperature: scale });
    return typeof value === 'number' ? value : text;
  },
};

/** A moment, as a field of local date and time has it. */
const MOMENT: Typing = {
  show: localTime,
  read: (text) => {
    const at = new Date(text);
    return Number.isNaN(at.getTime()) ? text : at.toISOString();
  },
};

const FIELDS = [
  { name: 'run', label: 'Run' },
  { name: 'count', label: 'How many alike' },
  { name: 'wireFeedSpeedMPerMin', label: 'Wire speed', typing: WIRE_SPEED },
  { name: 'volts', label: 'Volts' },
  { name: 'amps', label: 'Current read' },
  { name: 'lengthMm', label: 'Length (any unit)', typing: LENGTH },
  { name: 'arcSeconds', label: 'Arc time (s, or 1:30)', typing: SECONDS },
  { name: 'preheatC', label: 'Preheat', typing: TEMPERATURE },
  { name: 'interpassC', label: 'Between runs, highest', typing: TEMPERATURE },
  { name: 'result', label: 'How did it come out?', typing: TEXT },
  {
    name: 'defect',
    label: 'What was wrong',
    typing: TEXT,
    when: ({ result }) => result === 'redo' || result === 'scrap',
  },
  { name: 'who', label: 'Who (optional)', typing: TEXT },
  { name: 'note', label: 'Note', typing: TEXT },
  { name: 'wireKg', label: 'Wire used', quantity: 'weight' },
  { name: 'gasL', label: 'Gas used', quantity: 'gasVolume' },
  { name: 'spoolId', label: 'Wire from', typing: TEXT },
  { name: 'cylinderId', label: 'Gas from', typing: TEXT },
  { name: 'weldedAt', label: 'When', typing: MOMENT },
] as const satisfies readonly FormField[];

export type RunFieldName = (typeof FIELDS)[number]['name'];

/** A run as it is typed, named as its contract names it; a moment that is empty is now. */
export type RunFields = Readonly<Record<RunFieldName, string>> & { readonly power: TracePower | undefined };

export const NO_RUN = {
  ...Object.fromEntries(FIELDS.map(({ name }) => [name, ''])),
  power: undefined,
} as RunFields;

/** What was typed as the contract takes it; what is empty is left out, and what was not touched of a kept run stays. */
export function runOf(
  { power, ...typed }: RunFields,
  units: Units,
  now: string,
  kept?: KeptRun,
): Record<string, unknown> {
  return { weldedAt: now, ...enteredIn(FIELDS, typed, units, kept), ...(power ? { power } : {}) };
}

/** Local date and time as its field writes it. */
function localTime(iso: string): string {
  const at = new Date(iso);
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}

/** A run that is kept, as it would be typed. */
export function fieldsOfRun(run: KeptRun, units: Units): RunFields {
  return { ...typedOf(FIELDS, run, units), power: run.power } as RunFields;
}

/** What a correction changes: fields that were typed otherwise than they stood, null for those that were emptied. */
export function runChange(
  kept: KeptRun,
  { power, ...typed }: RunFields,
  units: Units,
): Record<string, unknown> {
  const { weldedAt, ...change } = changedIn(FIELDS, typed, units, kept);
  const wanted = { ...change, power: power ?? null, weldedAt: weldedAt ?? kept.weldedAt };
  const before = kept as unknown as Readonly<Record<string, unknown>>;
  return Object.fromEntries(
    Object.entries(wanted).filter(([name, value]) => !isSameValue(before[name] ?? null, value)),
  );
}

/** What is wrong with a run, at its fields. */
export type RunFaults = Readonly<Partial<Record<string, string>>>;
