import type { Units } from '@hot-bead/core/base';
import { validated } from '@hot-bead/contract/base';
import { type KeptInspection, newInspectionSchema, type NewInspection } from '@hot-bead/contract/records';
import {
  type InspectedPhoto,
  type Inspection,
  type JudgedInspection,
  judgeInspection,
} from '@hot-bead/core/records';
import { useState } from 'react';
import { type Typed, typedOf, withoutEmpty } from '../../../form/form-fields.ts';
import { useForm } from '../../../form/use-form.ts';
import type { Problems } from '../../../ui/form/use-problems.ts';
import { INSPECTION_FIELDS, usualGauges } from './inspection-fields.ts';

/** What can be read of it already; what cannot is left out until it can. */
function soFar(entered: Record<string, unknown>): Inspection | undefined {
  const { value, error } = newInspectionSchema.validate(entered, { abortEarly: false });
  if (!error) return value;
  const wrong = new Set(
    error.details.map(({ path }) => path.slice(0, path[0] === 'items' ? 2 : 1).join('.')),
  );
  const right = (of: object, under = ''): Record<string, unknown> =>
    Object.fromEntries(Object.entries(of).filter(([name]) => !wrong.has(`${under}${name}`)));
  const items = right((entered['items'] ?? {}) as object, 'items.');
  const again = newInspectionSchema.validate({ ...right(entered), items });
  return again.error ? undefined : again.value;
}

/** Where a problem stands: at a field of its own, at a size or at an item. */
const fieldOf = (path: string): string =>
  path.startsWith('items.') ? path.split('.').slice(0, 2).join('.') : (path.split('.')[0] ?? '');

export interface InspectionEntry {
  readonly typed: Typed;
  readonly photos: readonly InspectedPhoto[];
  /** What its sizes are typed in, as the form was opened. */
  readonly units: Units;
  readonly problems: Problems;
  readonly judged: JudgedInspection | undefined;
  readonly set: (change: Typed) => void;
  readonly setPhotos: (photos: readonly InspectedPhoto[]) => void;
  readonly submit: (send: (inspection: NewInspection, onError: (error: Error) => void) => void) => void;
}

/** An inspection as it is being typed, judged as it stands; a new one begins with what is known of its weld. */
export function useInspectionEntry(
  kept: KeptInspection | undefined,
  start: Partial<Inspection>,
): InspectionEntry {
  const { bound, entered, submit } = useForm(INSPECTION_FIELDS, {
    ...(kept ? { kept } : {}),
    start: (units) => ({
      ...usualGauges(kept),
      ...(kept ? {} : withoutEmpty(typedOf(INSPECTION_FIELDS, start, units))),
    }),
    fieldOf,
  });
  const [photos, setPhotos] = useState(kept?.photos ?? []);
  const inspection = { items: {}, ...entered(), photos, at: kept?.at ?? new Date().toISOString() };
  const now = soFar(inspection);
  return {
    typed: bound.typed,
    photos,
    units: bound.units,
    problems: bound.problems,
    judged: now && judgeInspection(now),
    set: (change) => bound.onChange({ ...bound.typed, ...change }),
    setPhotos,
    submit: (send) => submit(() => validated(newInspectionSchema, inspection), send),
  };
}
