import { useState } from 'react';
import { sendChecked } from './problems.ts';

/** What is wrong, by field. */
export type Problems = Readonly<Partial<Record<string, string>>>;

const asItIs = (field: string): string => field;

/**
 * What is wrong with a form, field by field, and the way to send it.
 *
 * @param fieldOf the form's field that a problem of the contract is shown at
 */
export function useProblems(fieldOf: (path: string) => string = asItIs) {
  const [problems, setProblems] = useState<Problems>({});
  /** Checks what was typed and sends it; whatever is wrong stands at its field, and nothing typed is lost. */
  const submit = <T>(
    check: () => T,
    send: (checked: T, onError: (error: Error) => void) => void,
    onPlaced?: () => void,
  ): void => {
    setProblems({});
    sendChecked({
      check,
      send,
      place: (wrong) => {
        setProblems(Object.fromEntries(wrong.map(({ field, message }) => [fieldOf(field), message])));
        onPlaced?.();
      },
    });
  };
  return { problems, submit };
}
