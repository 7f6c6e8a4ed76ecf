import type { Say } from '../../units/index.ts';
import { words, wordsOfMetricText } from '@hot-bead/core/base';
import Papa from 'papaparse';
import { createEvents, type DateArray, type EventAttributes } from 'ics';
import type { DayResult, ShownPlace } from './day-result.ts';
import { dateAt, spanText, timeText } from './day-time.ts';

/** A task with the machine that it is on. */
export interface PlacedOn extends ShownPlace {
  readonly machine: string;
}

export function placesOf(
  { lines }: Pick<DayResult, 'lines'>,
  names: ReadonlyMap<string, string>,
): readonly PlacedOn[] {
  return lines.flatMap(({ machineId, places }) =>
    places.map((place) => ({ ...place, machine: names.get(machineId) ?? '' })),
  );
}

function dateArray(date: Date): DateArray {
  return [date.getFullYear(), date.getMonth() + 1, date.getDate(), date.getHours(), date.getMinutes()];
}

/**
 * The day as a calendar file: each task with its times, each due time by itself.
 *
 * @param today the day that the minutes are counted from
 * @source iCalendar, RFC 5545, by a library
 */
export function dayCalendar(places: readonly PlacedOn[], today: string, say: Say): string {
  const events = places.flatMap((place): EventAttributes[] => [
    {
      uid: `${place.jobId}@hot-bead`,
      title: `${place.machine}: ${say(wordsOfMetricText(place.title))}`,
      start: dateArray(dateAt(today, place.startMin)),
      end: dateArray(dateAt(today, place.endMin)),
      description: say(
        words`${place.wire}, ${place.gas}. Change over ${place.setupMin} min before. ${place.why}`,
      ),
      productId: 'hot-bead',
    },
    ...(place.dueMin === undefined
      ? []
      : [
          {
            uid: `${place.jobId}-due@hot-bead`,
            title: `Due: ${say(wordsOfMetricText(place.title))}`,
            start: dateArray(dateAt(today, place.dueMin)),
            duration: { minutes: 0 },
            productId: 'hot-bead',
          },
        ]),
  ]);
  const { value, error } = createEvents(events);
  if (error || value == null) throw error ?? new Error('The calendar could not be written.');
  return value;
}

/** The day as a table in a file. A text that a spreadsheet would take for a formula is led by an apostrophe. */
export function dayCsv(places: readonly PlacedOn[], say: Say): string {
  return Papa.unparse(
    places.map((place) => ({
      machine: place.machine,
      task: say(wordsOfMetricText(place.title)),
      changeOverMin: place.setupMin,
      start: timeText(place.startMin),
      end: timeText(place.endMin),
      workMin: place.workMin,
      minutesFrom: place.minutesFrom,
      due: place.dueMin === undefined ? '' : timeText(place.dueMin),
      lateMin: place.lateMin,
      wire: say(place.wire),
      gas: place.gas,
      why: say(place.why),
    })),
    { escapeFormulae: true },
  );
}

/** One line of the sheet for the wall. */
export interface SheetLine {
  readonly time: string;
  readonly text: string;
  readonly minutes: string;
  readonly isHead: boolean;
}

/** The day as lines: a heading a machine, a changeover before a task where there is one. */
export function sheetLines(places: readonly PlacedOn[], say: Say): readonly SheetLine[] {
  const machines = [...new Set(places.map(({ machine }) => machine))];
  return machines.flatMap((machine): SheetLine[] => [
    { time: '', text: machine, minutes: '', isHead: true },
    ...places
      .filter((place) => place.machine === machine)
      .flatMap((place): SheetLine[] => [
        ...(place.setupMin === 0
          ? []
          : [
              {
                time: timeText(place.setupStartMin),
                text: say(words`change over to ${place.wire}, ${place.gas}`),
                minutes: spanText(place.setupMin),
                isHead: false,
              },
            ]),
        {
          time: timeText(place.startMin),
          text: say(
            words`${wordsOfMetricText(place.title)}${place.lateMin > 0 ? ` (${spanText(place.lateMin)} late)` : ''}`,
          ),
          minutes: spanText(place.workMin),
          isHead: false,
        },
      ]),
  ]);
}
