import Papa from 'papaparse';
import { MACHINE_CSV_COLUMNS, type MachineCsvColumn, unguarded } from './machine-csv.ts';
import { FACTS, figure, filled, type MachineDraft, machineOf } from './machine-csv-facts.ts';
import {
  FILE_READINGS_MOST,
  fileReadingSchema,
  MACHINE_FILE_FORMAT,
  MACHINE_FILE_VERSION,
  type MachineFile,
  machineFileSchema,
} from './machine-file.ts';
import { entryPointSchema, loadedSchema, meterReadingSchema } from './machine-controls.ts';
import { machineSettingSchema, programSchema } from './machine-settings.ts';
import { ContractError, validated } from '../base/validation.ts';

/** What became of one line of a file. */
export interface CsvVerdict {
  /** 2 for the first line under the heading; undefined for the file as a whole. */
  readonly line: number | undefined;
  readonly record: string;
  readonly taken: boolean;
  readonly message: string;
}

export interface MachineCsvReading {
  /** The machine, where every line was taken; undefined otherwise: all or nothing. */
  readonly file: MachineFile | undefined;
  readonly verdicts: readonly CsvVerdict[];
}

type Row = Readonly<Partial<Record<MachineCsvColumn, string>>>;

function readingOf(row: Row): unknown {
  const hasShort = figure(row.short_length_mm) !== undefined || figure(row.short_time_s) !== undefined;
  return filled({
    knob: figure(row.knob),
    run: filled({ lengthMm: figure(row.length_mm), timeS: figure(row.time_s) }),
    shortRun: hasShort
      ? filled({ lengthMm: figure(row.short_length_mm), timeS: figure(row.short_time_s) })
      : undefined,
    position: row.position,
    underArc: row.under_arc === undefined || row.under_arc === '' ? undefined : row.under_arc === 'true',
    at: row.at,
    counts: row.counts !== 'false' && (row.superseded_at ?? '') === '', // version 1 said when it stopped
  });
}

function takeEntry(draft: MachineDraft, row: Row): void {
  const point = validated(
    entryPointSchema,
    filled({
      entry: figure(row.entry),
      wireFeedSpeedMPerMin: figure(row.speed_m_per_min),
      volts: figure(row.volts),
    }),
  );
  const [wireClass, diameterMm, gas] = [row.wire_class ?? '', figure(row.wire_mm), row.gas ?? ''];
  const line = draft.lines.find(
    (l) => l.wireClass === wireClass && l.diameterMm === diameterMm && l.gas === gas,
  );
  if (line) line.points.push(point);
  else draft.lines.push({ wireClass, diameterMm, gas, points: [point] });
}

function takeLoaded(draft: MachineDraft, row: Row): void {
  const reading = validated(
    loadedSchema,
    filled({ volts: figure(row.volts), currentA: figure(row.current_a) }),
  );
  const position = draft.positions.find(({ name }) => name === row.position);
  if (!position) throw new Error(`Position “${row.position ?? ''}” must stand above its loaded readings.`);
  position.loaded.push(reading);
}

/** What each record does with a line; it throws what is wrong with it. */
const TAKE: Readonly<Record<string, (draft: MachineDraft, row: Row) => void>> = {
  fact: ({ facts }, { name = '', value = '' }) => {
    if (!Object.hasOwn(FACTS, name)) throw new Error(`No fact is called “${name}”.`);
    facts.set(name, value);
  },
  position: ({ positions }, { position = '', volts }) => {
    positions.push({ name: position, openV: figure(volts), loaded: [] });
  },
  loaded: takeLoaded,
  meter: ({ meter }, row) => {
    const reading = filled({ shownV: figure(row.shown_v), meterV: figure(row.meter_v) });
    meter.push(validated(meterReadingSchema, reading));
  },
  duty: ({ duty }, row) => {
    duty.push(filled({ currentA: figure(row.current_a), percent: figure(row.percent) }));
  },
  wire: ({ wires }, row) => {
    wires.push({ wireClass: row.wire_class, diameterMm: figure(row.wire_mm) });
  },
  roll: ({ rolls }, row) => {
    rolls.push({ form: row.name, grooveMm: figure(row.wire_mm) });
  },
  setting: ({ settings }, row) => {
    const { least, most, middle, step } = row;
    const scale = filled({
      least: figure(least),
      most: figure(most),
      middle: figure(middle),
      step: figure(step),
      unit: row.unit,
    });
    const setting = filled({
      setting: row.name,
      name: row.value,
      scale: Object.keys(scale).length === 0 ? undefined : scale,
    });
    settings.push(validated(machineSettingSchema, setting));
  },
  program: ({ programs }, { name, wire_class: wireClass, wire_mm: wireMm, gas, mode }) => {
    programs.push(
      validated(programSchema, filled({ name, wireClass, diameterMm: figure(wireMm), gas, mode })),
    );
  },
  'roll-pressure': ({ rollPressures }, { wire_class: wireClass, wire_mm: wireMm, value }) => {
    rollPressures.push(filled({ wireClass, diameterMm: figure(wireMm), mark: value }));
  },
  rig: ({ rig }, { name = '', value, at }) => {
    rig.set(name, filled({ value, at }));
  },
  'rig-doubted': ({ rig }, { name = '', value, at }) => {
    rig.set(name, { ...filled({ value, at }), doubted: true });
  },
  entry: takeEntry,
  dial: ({ readings }, row) => {
    readings.push(validated(fileReadingSchema, readingOf(row)));
  },
};

function emptyDraft(): MachineDraft {
  return {
    facts: new Map(),
    positions: [],
    meter: [],
    duty: [],
    wires: [],
    rolls: [],
    settings: [],
    programs: [],
    rollPressures: [],
    rig: new Map(),
    lines: [],
    readings: [],
  };
}

function taken(draft: MachineDraft, row: Row, line: number): CsvVerdict {
  const record = row.record ?? '';
  const take = Object.hasOwn(TAKE, record) ? TAKE[record] : undefined;
  try {
    if (!take) throw new Error(`No record is called “${record}”.`);
    take(draft, row);
    return { line, record, taken: true, message: '' };
  } catch (error) {
    return { line, record, taken: false, message: error instanceof Error ? error.message : String(error) };
  }
}

/** Lines between two reports of progress. */
const PROGRESS_LINES = 100;

const whole = (message: string): CsvVerdict => ({ line: undefined, record: 'file', taken: false, message });

/** Most lines of a file: its readings, and what else there can be to say of a machine. */
export const CSV_LINES_MOST = FILE_READINGS_MOST + 1000;
/** Largest file, characters. */
export const CSV_CHARACTERS_MOST = 1_000_000;

function countedLines(text: string): number {
  let lines = 1;
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) lines += 1;
  return lines;
}

/** What is too much to be read, in words; undefined where it is not. */
function tooMuch(text: string): string | undefined {
  if (text.length > CSV_CHARACTERS_MOST) {
    return `That is more than ${CSV_CHARACTERS_MOST / 1_000_000} million characters: a machine’s file is shorter.`;
  }
  const lines = countedLines(text);
  return lines > CSV_LINES_MOST
    ? `That is ${lines} lines: a machine’s file has ${CSV_LINES_MOST} at most.`
    : undefined;
}

/** A row of texts, put into the form they are kept in. */
function cleanRow(row: Row): Row {
  return Object.fromEntries(
    Object.entries(row).map(([column, cell]) => [
      column,
      typeof cell === 'string' ? unguarded(cell.trim()) : cell,
    ]),
  );
}

/**
 * A machine with its calibrations from CSV: says of every line whether it was taken, and takes all or nothing.
 *
 * @param text as {@link machineCsv} writes it; the order of the columns is free, unknown ones are refused
 * @param onLine told now and then how far it has come
 */
export function readMachineCsv(text: string, onLine?: (line: number, of: number) => void): MachineCsvReading {
  const much = tooMuch(text);
  if (much !== undefined) return { file: undefined, verdicts: [whole(much)] };
  const { data, errors, meta } = Papa.parse<Row>(text.trim(), { header: true, skipEmptyLines: 'greedy' });
  const known: readonly string[] = MACHINE_CSV_COLUMNS;
  const strange = (meta.fields ?? []).filter((column) => !known.includes(column));
  if (!meta.fields?.includes('record')) {
    return {
      file: undefined,
      verdicts: [whole('The first line must name the columns, “record” among them.')],
    };
  }
  if (strange.length > 0) {
    return { file: undefined, verdicts: [whole(`No column is called ${strange.join(', ')}.`)] };
  }
  const draft = emptyDraft();
  const verdicts = data.map((row, i) => {
    const broken = errors.find((error) => error.row === i && error.code !== 'TooFewFields');
    if (broken) return { line: i + 2, record: row.record ?? '', taken: false, message: broken.message };
    if (i % PROGRESS_LINES === 0) onLine?.(i, data.length);
    return taken(draft, cleanRow(row), i + 2);
  });
  if (verdicts.some((verdict) => !verdict.taken)) return { file: undefined, verdicts };
  try {
    const file = validated(machineFileSchema, {
      format: MACHINE_FILE_FORMAT,
      version: MACHINE_FILE_VERSION,
      ...filled({ id: draft.facts.get('id') }),
      machine: machineOf(draft),
      voltsReadAt: draft.facts.get('volts_read_at') ?? null,
      entryReadAt: draft.facts.get('entry_read_at') ?? null,
      dialReadings: draft.readings,
    });
    return { file, verdicts };
  } catch (error) {
    if (!(error instanceof ContractError)) throw error;
    const problems = error.problems.map(({ field, message }) => whole(`${field}: ${message}`));
    return { file: undefined, verdicts: [...verdicts, ...problems] };
  }
}
