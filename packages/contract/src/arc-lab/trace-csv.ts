import { LEAST_TRACE_SAMPLES, type TraceFault, traceFault, type TraceSample } from '@hot-bead/core/trade';
import Papa from 'papaparse';

/** Least rate at which short-circuit transfer is sampled, 1/s. Source: handbook on the arc. */
export const DIP_SAMPLES_PER_SECOND = 2000;
/** Most readings of one trace: minutes at any rate that is used. Source: our model. */
export const TRACE_SAMPLES_MOST = 2_000_000;

/** A trace that was read, or why not. */
export type TraceReading =
  | {
      readonly status: 'read';
      readonly samples: readonly TraceSample[];
      /** What its times were taken for. */
      readonly timeUnit: 's' | 'ms' | 'µs';
    }
  | { readonly status: 'unreadable'; readonly message: string };

type Column = 'seconds' | 'volts' | 'amps';

/** What columns are called. Source: common practice. */
const COLUMN_WORDS: Readonly<Record<Column, RegExp>> = {
  seconds: /^(t|time|zeit|temps)\b/,
  volts: /^(v|u|volts?|voltage|spannung|tension)\b/,
  amps: /^(a|i|amps?|amperes?|current|strom|courant)\b/,
};
const IN_ORDER = { seconds: 0, volts: 1, amps: 2 } as const;
const TIME_SHARE = { s: 1, ms: 1e-3, µs: 1e-6 } as const;

/** The delimiter of a line of figures: a comma may be a decimal comma where something else stands between. */
function delimiterOf(line: string): string {
  return [';', '\t'].find((one) => line.includes(one)) ?? ',';
}

function figure(text: string | undefined, delimiter: string): number {
  const trimmed = text?.trim() ?? '';
  if (trimmed === '') return Number.NaN;
  return Number(delimiter === ',' ? trimmed : trimmed.replace(',', '.'));
}

function timeUnitOf(heading: string): keyof typeof TIME_SHARE {
  if (/\b(ms|msec|milliseconds?)\b/.test(heading)) return 'ms';
  return /(µs|μs|\bus\b|microseconds?)/.test(heading) ? 'µs' : 's';
}

/** Where the columns stand by their headings; undefined: a heading is missing or not understood. */
function columnsBy(headings: readonly string[]): Readonly<Record<Column, number>> | undefined {
  const at = (column: Column): number => headings.findIndex((one) => COLUMN_WORDS[column].test(one));
  const columns = { seconds: at('seconds'), volts: at('volts'), amps: at('amps') };
  return Object.values(columns).includes(-1) ? undefined : columns;
}

const WHY: Readonly<Record<TraceFault, (line: number) => string>> = {
  'too-short': (lines) => `${lines} readings are too few: ${LEAST_TRACE_SAMPLES} at least.`,
  backwards: (line) => `The time goes back at line ${line}.`,
  uneven: (line) => `The readings are not even at line ${line}: export it evenly sampled.`,
  'not-finite': (line) => `Line ${line} has no number for time, volts or amps.`,
};

/**
 * A trace of volts and current from CSV: time, volts, amps, with a heading or in that order; commas, semicolons or tabs,
 * decimal commas where these do not part the columns.
 *
 * @returns the readings in seconds, or why it cannot be read, with the line
 */
export function readTrace(text: string): TraceReading {
  const clean = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
  const firstLine = clean.split('\n', 1)[0] ?? '';
  const delimiter = delimiterOf(firstLine);
  const { data } = Papa.parse<string[]>(clean, { delimiter, skipEmptyLines: 'greedy' });
  const [first] = data;
  if (!first) return { status: 'unreadable', message: 'There is nothing in this file.' };
  const isHeaded = first.every((cell) => Number.isNaN(figure(cell, delimiter)));
  const headings = first.map((cell) => cell.trim().toLowerCase());
  const columns = isHeaded ? columnsBy(headings) : IN_ORDER;
  if (!columns) {
    return {
      status: 'unreadable',
      message: `It needs columns for time, volts and amps: this has “${first.join(', ')}”.`,
    };
  }
  const rows = isHeaded ? data.slice(1) : data;
  if (rows.length > TRACE_SAMPLES_MOST) {
    return {
      status: 'unreadable',
      message: `It has ${rows.length} readings: ${TRACE_SAMPLES_MOST} are the most.`,
    };
  }
  const timeUnit = isHeaded ? timeUnitOf(headings[columns.seconds] ?? '') : 's';
  const samples = rows.map((row): TraceSample => ({
    seconds: figure(row[columns.seconds], delimiter) * TIME_SHARE[timeUnit],
    volts: figure(row[columns.volts], delimiter),
    amps: figure(row[columns.amps], delimiter),
  }));
  const wrong = traceFault(samples);
  if (wrong) {
    const line = wrong.fault === 'too-short' ? wrong.at : wrong.at + (isHeaded ? 2 : 1);
    return { status: 'unreadable', message: WHY[wrong.fault](line) };
  }
  return { status: 'read', samples, timeUnit };
}
