import type { Units } from '@hot-bead/core/base';
import { validated } from '@hot-bead/contract/base';
import { newInspectionSchema, type NewInspection } from '@hot-bead/contract/records';
import { type Inspection, type JudgedInspection, judgeInspection } from '@hot-bead/core/records';
import { useState } from 'react';
import { type Problem, sendChecked } from '../../../ui/form/problems.ts';
import { type InspectionFields, inspectionOf } from './inspection-fields.ts';

export type InspectionFaults = Readonly<Partial<Record<string, string>>>;

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
const faultsOf = (problems: readonly Problem[]): InspectionFaults =>
  Object.fromEntries(
    problems.map(({ field, message }) => [
      field.startsWith('items.') ? field.split('.').slice(0, 2).join('.') : (field.split('.')[0] ?? ''),
      message,
    ]),
  );

export interface InspectionEntry {
  readonly fields: InspectionFields;
  /** What its sizes are typed in, as the form was opened. */
  readonly units: Units;
  readonly faults: InspectionFaults;
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
  const [faults, setFaults] = useState<InspectionFaults>({});
  const told = inspectionOf(fields, at ?? new Date().toISOString(), units);
  const now = soFar(told);
  return {
    fields,
    units,
    faults,
    judged: now && judgeInspection(now),
    set: (change) => setFields((before) => ({ ...before, ...change })),
    submit: (send) => {
      setFaults({});
      sendChecked({
        check: () => validated(newInspectionSchema, told),
        send,
        place: (problems) => setFaults(faultsOf(problems)),
      });
    },
  };
}
