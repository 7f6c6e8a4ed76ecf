import type { Units } from '@hot-bead/core/base';
import { validated } from '@hot-bead/contract/base';
import { newInspectionSchema, type NewInspection } from '@hot-bead/contract/records';
import { type Inspection, type JudgedInspection, judgeInspection } from '@hot-bead/core/records';
import { useState } from 'react';
import { type Problems, useProblems } from '../../../ui/form/use-problems.ts';
import { type InspectionFields, inspectionOf } from './inspection-fields.ts';

/** What can be read of it already; what cannot is left out until it can. */
function soFar(told: Record<string, unknown>): Inspection | undefined {
  const { value, error } = newInspectionSchema.validate(told, { abortEarly: false });
  if (!error) return value;
  const wrong = new Set(
    error.details.map(({ path }) => path.slice(0, path[0] === 'items' ? 2 : 1).join('.')),
  );
  const right = (of: object, under = ''): Record<string, unknown> =>
    Object.fromEntries(Object.entries(of).filter(([name]) => !wrong.has(`${under}${name}`)));
  const items = right((told['items'] ?? {}) as object, 'items.');
  const again = newInspectionSchema.validate({ ...right(told), items });
  return again.error ? undefined : again.value;
}

/** Where a problem stands: at a field of its own, or at an item. */
const fieldOf = (path: string): string =>
  path.startsWith('items.') ? path.split('.').slice(0, 2).join('.') : (path.split('.')[0] ?? '');

export interface InspectionEntry {
  readonly fields: InspectionFields;
  /** What its sizes are typed in, as the form was opened. */
  readonly units: Units;
  readonly faults: Problems;
  readonly judged: JudgedInspection | undefined;
  readonly set: (change: Partial<InspectionFields>) => void;
  readonly submit: (send: (inspection: NewInspection, onError: (error: Error) => void) => void) => void;
}

/** An inspection as it is being typed, judged as it stands. */
export function useInspectionEntry(
  initial: InspectionFields,
  at: string | undefined,
  units: Units,
): InspectionEntry {
  const [fields, setFields] = useState(initial);
  const { problems: faults, submit } = useProblems(fieldOf);
  const told = inspectionOf(fields, at ?? new Date().toISOString(), units);
  const now = soFar(told);
  return {
    fields,
    units,
    faults,
    judged: now && judgeInspection(now),
    set: (change) => setFields((before) => ({ ...before, ...change })),
    submit: (send) => submit(() => validated(newInspectionSchema, told), send),
  };
}
