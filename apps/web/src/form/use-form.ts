import { useState } from 'react';
import { useReader } from '../units/index.ts';
import { changedIn, enteredIn, type FormField, type Typed, typedOf } from './form-fields.ts';
import { sendChecked } from '../ui/form/problems.ts';

/** A form of fields over something that is kept, or that begins with what is usual. */
export function useForm(
  fields: readonly FormField[],
  { kept, start = {} }: { readonly kept?: object; readonly start?: Typed },
) {
  // as the form was opened: a figure is read in the unit that its label names
  const [units] = useState(useReader().units);
  const [typed, setTyped] = useState<Typed>(() => (kept ? typedOf(fields, kept, units) : start));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});

  /** Checks what was typed and sends it; whatever is wrong stands at its field, and nothing typed is lost. */
  const submit = <T>(check: () => T, send: (checked: T, onError: (error: Error) => void) => void): void => {
    setProblems({});
    sendChecked({
      check,
      send,
      place: (found) => setProblems(Object.fromEntries(found.map(({ field, message }) => [field, message]))),
    });
  };

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
