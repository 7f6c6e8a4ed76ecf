import { useState } from 'react';
import { useReader } from '../units/index.ts';
import { changedIn, enteredIn, type FormField, type Typed, typedOf } from './form-fields.ts';
import { useProblems } from '../ui/form/use-problems.ts';

/** A form of fields over something that is kept, or that begins with what is usual. */
export function useForm(
  fields: readonly FormField[],
  { kept, start = {} }: { readonly kept?: object; readonly start?: Typed },
) {
  // as the form was opened: a figure is read in the unit that its label names
  const [units] = useState(useReader().units);
  const [typed, setTyped] = useState<Typed>(() => (kept ? typedOf(fields, kept, units) : start));
  const { problems, submit } = useProblems();

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
