import { changeOf, differing, fieldsOf } from '@hot-bead/core/history';
import type { Units } from '@hot-bead/core/base';
import type { KeptRun } from '@hot-bead/contract/records';
import type { TracePower } from '@hot-bead/core/records';
import { changedIn, enteredIn, type FormField, TEXT, typedOf } from '../../../form/form-fields.ts';
import { LENGTH, MOMENT, numberIn, SECONDS, TEMPERATURE, WIRE_SPEED } from '../../../form/typings.ts';

const FIELDS = [
  { name: 'run', label: 'Run' },
  { name: 'count', label: 'How many alike' },
  { name: 'wireFeedSpeedMPerMin', label: 'Wire speed', typing: WIRE_SPEED },
  { name: 'volts', label: 'Volts', typing: numberIn('V') },
  { name: 'amps', label: 'Current read', typing: numberIn('A') },
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

/** What was typed as the contract takes it; what is empty is left out. */
export function runOf({ power, ...typed }: RunFields, units: Units, now: string): Record<string, unknown> {
  return { weldedAt: now, ...enteredIn(FIELDS, typed, units), ...(power ? { power } : {}) };
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
  return differing(fieldsOf(kept, []), changeOf(wanted, []));
}
