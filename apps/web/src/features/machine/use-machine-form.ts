import type { KeptMachine, NewMachine } from '@hot-bead/contract/machine';
import { type FormEvent, useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { focusFirstInvalid } from '../../ui/form/focus-first-invalid.ts';
import type { FormField, Typed } from '../../form/form-fields.ts';
import { useProblems } from '../../ui/form/use-problems.ts';
import { fieldOfProblem, fieldsOf, machineOf, type MachineFields } from './machine-fields.ts';

type TextName = {
  [K in keyof MachineFields]: MachineFields[K] extends string ? K : never;
}[keyof MachineFields];

interface Given {
  readonly machine?: KeptMachine | undefined;
  /** What was typed as the machine's own fields hold it, where they ask otherwise. */
  readonly adapted?: (fields: MachineFields) => MachineFields;
  readonly onSave: (machine: NewMachine, onError: (error: Error) => void) => void;
}

/** A machine as it is being typed. */
export function useMachineForm({ machine, adapted = (fields) => fields, onSave }: Given) {
  const preferences = usePreferences();
  // what was typed stays in the unit it was typed in
  const [units] = useState(preferences.units);
  const [fields, setFields] = useState(() => fieldsOf(machine, units));
  const { problems, submit } = useProblems(fieldOfProblem);
  const set = (change: Partial<MachineFields>): void => setFields((before) => ({ ...before, ...change }));
  return {
    fields,
    problems,
    units,
    set,
    /** A text or a choice, as its field takes it. */
    bind: (name: TextName) => ({
      value: fields[name],
      error: problems[name],
      onChange: (event: { readonly target: { readonly value: string } }) =>
        set({ [name]: event.target.value }),
    }),
    /** Some of the fields, with what is wrong with them. */
    grid: (some: readonly FormField[]) => ({
      fields: some,
      typed: fields as unknown as Typed,
      units,
      problems: Object.fromEntries(
        Object.entries(problems).filter(([name]) => some.some((field) => field.name === name)),
      ),
      onChange: (typed: Typed) => set(typed as Partial<MachineFields>),
    }),
    submit: (event: FormEvent<HTMLFormElement>): void => {
      event.preventDefault();
      const form = event.currentTarget;
      submit(
        () => machineOf(adapted(fields), machine, units),
        onSave,
        () => focusFirstInvalid(form),
      );
    },
  };
}

/** What the parts of the form share. */
export type MachineFormState = ReturnType<typeof useMachineForm>;
