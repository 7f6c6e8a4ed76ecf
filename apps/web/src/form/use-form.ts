import type { Units } from '@hot-bead/core/base';
import { useState } from 'react';
import { useReader } from '../units/index.ts';
import {
  changedIn,
  checkedWith,
  enteredIn,
  type FormField,
  type Typed,
  typedOf,
  unreadIn,
  withoutEmpty,
} from './form-fields.ts';
import { useProblems } from '../ui/form/use-problems.ts';

/** A form of fields over something that is kept, or that begins with what is usual. */
export function useForm(
  fields: readonly FormField[],
  {
    kept,
    start: usual = {},
    fieldOf,
  }: {
    readonly kept?: object;
    /** What stands where nothing is kept, until something is typed. */
    readonly start?: Typed | ((units: Units) => Typed);
    /** The field that a problem of the contract is shown at, where it is not the one of its name. */
    readonly fieldOf?: (path: string) => string;
  },
) {
  // as the form was opened: a figure is read in the unit that its label names
  const [units] = useState(useReader().units);
  const start = typeof usual === 'function' ? usual(units) : usual;
  const [touched, setTyped] = useState(
    () => kept && { ...start, ...withoutEmpty(typedOf(fields, kept, units)) },
  );
  const typed = touched ?? start;
  const { problems, submit: send } = useProblems(fieldOf);
  /** Checks and sends what was typed. */
  const submit: typeof send = (check, ...rest) =>
    send(() => checkedWith(unreadIn(fields, typed, units), check), ...rest);

  return {
    /** What the fields take and show. */
    bound: { fields, typed, units, problems, onChange: setTyped },
    /** What was typed, as something new. */
    entered: () => enteredIn(fields, typed, units, kept),
    /** What was typed, as a change of what is kept. */
    changed: () => changedIn(fields, typed, units, kept ?? {}),
    submit,
  };
}
