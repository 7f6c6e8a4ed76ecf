import { validated } from '@hot-bead/contract/base';
import { type NewRun, newRunSchema } from '@hot-bead/contract/records';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { WeldedRun } from '@hot-bead/core/records';
import { useState } from 'react';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { type Problems, useProblems } from '../../../ui/form/use-problems.ts';
import { type RunFields, runOf } from './run-fields.ts';
import { type UsedChoices, usedChoices } from './used-fields.tsx';

/** What was typed as far as it is a run: for what follows from it while it is typed. */
function runSoFar(values: Record<string, unknown>): WeldedRun {
  const { value, error } = newRunSchema.validate(values, { abortEarly: false });
  if (!error) return value;
  const wrong = new Set(error.details.map(({ path }) => String(path[0])));
  const left = Object.fromEntries(Object.entries(values).filter(([name]) => !wrong.has(name)));
  return left as unknown as WeldedRun;
}

/** A run's own field that a problem is shown at. */
const fieldOf = (path: string): string => path.split('.')[0] ?? '';

interface Given {
  readonly initial: RunFields;
  readonly plan: PlannedSetup | undefined;
  readonly stock: readonly KeptStockItem[];
}

export interface RunEntry {
  readonly fields: RunFields;
  readonly faults: Problems;
  readonly set: (change: Partial<RunFields>) => void;
  /** As far as it can be read. */
  readonly run: WeldedRun;
  readonly used: UsedChoices;
  /** Checks what was typed and sends it; what is wrong stands at its field. */
  readonly submit: (send: (run: NewRun, onError: (error: Error) => void) => void) => void;
}

/** A run as it is being typed. */
export function useRunEntry({ initial, plan, stock }: Given): RunEntry {
  const { units } = usePreferences();
  const [fields, setFields] = useState(initial);
  const { problems: faults, submit } = useProblems(fieldOf);
  const now = new Date().toISOString();
  const run = runSoFar(runOf(fields, units, now));
  const used = usedChoices(stock, plan, run);
  return {
    fields,
    faults,
    run,
    used,
    set: (change) => setFields((before) => ({ ...before, ...change })),
    submit: (send) =>
      submit(
        () =>
          validated(newRunSchema, {
            // what was not typed of it is taken as it is reckoned
            ...used.reckoned,
            ...runOf(fields, units, new Date().toISOString()),
          }),
        send,
      ),
  };
}
