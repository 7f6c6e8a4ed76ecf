import {
  figureOf,
  lengthText,
  numberOrText,
  readFigure,
  shownAs,
  typedFigure,
} from '../../../units/index.ts';
import { type AmountQuantity, measuredLength, type Units } from '@hot-bead/core/base';
import type { KeptRun, NewRun } from '@hot-bead/contract/records';
import type { TracePower } from '@hot-bead/core/records';

/** A run as it is typed. */
export interface RunFields {
  readonly run: string;
  readonly count: string;
  readonly wireFeedSpeed: string;
  readonly volts: string;
  readonly amps: string;
  readonly length: string;
  readonly arcTime: string;
  readonly result: '' | 'ok' | 'redo' | 'scrap';
  readonly defect: string;
  readonly preheat: string;
  readonly interpass: string;
  readonly who: string;
  readonly note: string;
  readonly power: TracePower | undefined;
  readonly spoolId: string;
  readonly cylinderId: string;
  readonly wire: string;
  readonly gas: string;
  /** Local date and time, as its field writes it; empty: now. */
  readonly weldedAt: string;
}

export const NO_RUN: RunFields = {
  run: '',
  count: '',
  wireFeedSpeed: '',
  volts: '',
  amps: '',
  length: '',
  arcTime: '',
  result: '',
  defect: '',
  preheat: '',
  interpass: '',
  who: '',
  note: '',
  power: undefined,
  spoolId: '',
  cylinderId: '',
  wire: '',
  gas: '',
  weldedAt: '',
};

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

/** A length as it is typed: bare numbers in the user's unit. */
function lengthOf(text: string, units: Units): number | string {
  const read = measuredLength(text, units.distance === 'in' ? 'in' : 'mm');
  return read.status === 'read' ? read.lengthMm : text;
}

/** A temperature as it is typed: with its letter in that scale, bare in the user's own. */
function celsiusOf(text: string, units: Units): number | string {
  const [, figure = text, letter] = /^\s*(-?[\d.,]+)\s*°?\s*([cf])\s*$/i.exec(text) ?? [];
  const scale = letter === undefined ? units.temperature : letter.toLowerCase() === 'f' ? '°F' : '°C';
  const value = readFigure('temperature', figure, { ...units, temperature: scale });
  return typeof value === 'number' ? value : text;
}

const given = (text: string): boolean => text.trim() !== '';

/** What was typed as the contract takes it; what is empty is left out. */
export function runOf(fields: RunFields, units: Units, now: string): Record<string, unknown> {
  const own = <T>(text: string, read: (text: string) => T): T | undefined =>
    given(text) ? read(text) : undefined;
  const speed = (text: string): number | string => {
    const value = numberOrText(text);
    return typeof value === 'number' ? shownAs('wireFeedSpeed', units).to(value) : value;
  };
  const at = fields.weldedAt === '' ? now : new Date(fields.weldedAt);
  const told = {
    run: own(fields.run, numberOrText),
    count: own(fields.count, numberOrText),
    wireFeedSpeedMPerMin: own(fields.wireFeedSpeed, speed),
    volts: own(fields.volts, numberOrText),
    amps: own(fields.amps, numberOrText),
    lengthMm: own(fields.length, (text) => lengthOf(text, units)),
    arcSeconds: own(fields.arcTime, secondsOf),
    power: fields.power,
    preheatC: own(fields.preheat, (text) => celsiusOf(text, units)),
    interpassC: own(fields.interpass, (text) => celsiusOf(text, units)),
    result: fields.result === '' ? undefined : fields.result,
    defect:
      fields.result === '' || fields.result === 'ok' || fields.defect === '' ? undefined : fields.defect,
    who: own(fields.who, (text) => text.trim()),
    note: own(fields.note, (text) => text.trim()),
    wireKg: own(fields.wire, (text) => readFigure('weight', text, units)),
    gasL: own(fields.gas, (text) => readFigure('gasVolume', text, units)),
    spoolId: fields.spoolId === '' ? undefined : fields.spoolId,
    cylinderId: fields.cylinderId === '' ? undefined : fields.cylinderId,
    weldedAt: typeof at === 'string' ? at : Number.isNaN(at.getTime()) ? fields.weldedAt : at.toISOString(),
  };
  return Object.fromEntries(Object.entries(told).filter(([, value]) => value !== undefined));
}

/** Local date and time as its field writes it. */
export function localTime(iso: string): string {
  const at = new Date(iso);
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}

const text = (value: string | number | undefined): string => (value === undefined ? '' : String(value));

/** A run that is kept, as it would be typed. */
export function fieldsOfRun(run: KeptRun, units: Units): RunFields {
  const { wireFeedSpeedMPerMin: speed, lengthMm, arcSeconds } = run;
  const figure = (quantity: AmountQuantity, value: number | undefined): string =>
    value === undefined ? '' : typedFigure(quantity, value, units);
  return {
    run: text(run.run),
    count: text(run.count),
    wireFeedSpeed: speed === undefined ? '' : figureOf('wireFeedSpeed', speed, units),
    volts: text(run.volts),
    amps: text(run.amps),
    length: lengthMm === undefined ? '' : lengthText(lengthMm, units),
    arcTime: arcSeconds === undefined ? '' : secondsText(arcSeconds),
    result: run.result ?? '',
    defect: run.defect ?? '',
    preheat: figure('temperature', run.preheatC),
    interpass: figure('temperature', run.interpassC),
    who: run.who ?? '',
    note: run.note ?? '',
    power: run.power,
    spoolId: run.spoolId ?? '',
    cylinderId: run.cylinderId ?? '',
    wire: figure('weight', run.wireKg),
    gas: figure('gasVolume', run.gasL),
    weldedAt: localTime(run.weldedAt),
  };
}

/** Fields that a correction may take away again. */
const FIELDS = [
  'run',
  'count',
  'wireFeedSpeedMPerMin',
  'volts',
  'amps',
  'lengthMm',
  'arcSeconds',
  'power',
  'preheatC',
  'interpassC',
  'result',
  'defect',
  'who',
  'note',
  'wireKg',
  'gasL',
  'spoolId',
  'cylinderId',
] as const satisfies readonly (keyof NewRun)[];

/** What a correction changes: fields that were typed otherwise than they stood, null for those that were emptied. */
export function runChange(run: KeptRun, fields: RunFields, units: Units): Record<string, unknown> {
  const before = runOf(fieldsOfRun(run, units), units, run.weldedAt);
  const after = runOf(fields, units, run.weldedAt);
  const change: Record<string, unknown> = {};
  for (const name of FIELDS) {
    if (JSON.stringify(before[name]) !== JSON.stringify(after[name])) change[name] = after[name] ?? null;
  }
  if (fields.weldedAt !== localTime(run.weldedAt)) change['weldedAt'] = after['weldedAt'];
  return change;
}

/** What is wrong with a run, at its fields. */
export type RunFaults = Readonly<Partial<Record<string, string>>>;
