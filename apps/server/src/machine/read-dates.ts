import type { KeptPastReadings } from '@hot-bead/contract/machine';
import type { Fields } from '@hot-bead/core/history';
import {
  type ControlReadings,
  isSameReadings,
  losesReadings,
  type OneEntry,
  readingLines,
  type VoltsControl,
} from '@hot-bead/core/machine';
import { keptChange } from '../history/event-log.ts';
import type { EventEntity } from '../history/event.entity.ts';

/** The two places where readings stand in the machine itself, each with the field that says when they were taken. */
export const CONTROL_FIELDS = [
  { kind: 'volts', field: 'voltsControl', date: 'voltsReadAt' },
  { kind: 'entry', field: 'oneEntry', date: 'entryReadAt' },
] as const;
type ControlField = (typeof CONTROL_FIELDS)[number];

/** Readings as they stand in some of a machine's fields. */
export function readingsIn(fields: Fields, { kind, field }: ControlField): ControlReadings | undefined {
  const value = fields[field];
  if (value === undefined || value === null) return undefined;
  return kind === 'volts'
    ? { kind, value: value as unknown as VoltsControl }
    : { kind, value: value as unknown as OneEntry };
}

/** What went from one control by one event; undefined where nothing did. */
function goneBy(event: EventEntity, control: ControlField, fields: Fields): KeptPastReadings | undefined {
  const before = keptChange(event.before) as Fields;
  const was = readingsIn(before, control);
  if (!was || !losesReadings(was, readingsIn(keptChange(event.after) as Fields, control))) return undefined;
  const readAt = (before[control.date] ?? fields[control.date] ?? null) as string | null;
  return { ...was, id: event.id, readAt, until: event.at };
}

/** What once stood in a machine and went, newest first: each is told by the event that took it away. */
export function pastReadings(events: readonly EventEntity[], fields: Fields): readonly KeptPastReadings[] {
  return CONTROL_FIELDS.flatMap((control) => {
    const here = readingsIn(fields, control);
    const gone = events
      .flatMap((event) => goneBy(event, control, fields) ?? [])
      .filter((was) => losesReadings(was, here));
    // what another holds, and more, is told by the other; of two that are the same, by the newer
    return gone.filter((was, i) =>
      gone.every((other, j) => j === i || losesReadings(was, other) || (isSameReadings(was, other) && i < j)),
    );
  }).toSorted((a, b) => b.until.localeCompare(a.until));
}

/** When what stands in a control after a change was read. */
export function readDate(
  control: ControlField,
  step: { readonly before: Fields; readonly after: Fields; readonly at: string },
  events: readonly EventEntity[],
): string | null {
  const after = readingsIn(step.after, control);
  if (readingLines(after).length === 0) return null;
  const kept = (step.before[control.date] as string | undefined) ?? null;
  if (!losesReadings(after, readingsIn(step.before, control))) return kept;
  for (const event of events) {
    const before = keptChange(event.before) as Fields;
    if (isSameReadings(readingsIn(before, control), after) && control.date in before) {
      return before[control.date] as string | null;
    }
  }
  return step.at;
}
