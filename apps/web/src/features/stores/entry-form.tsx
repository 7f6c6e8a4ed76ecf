import { type ReactNode, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field } from '../../ui/form/field.tsx';
import { sendChecked } from '../../ui/form/problems.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { numberOrText } from '../units/index.ts';

interface Props<T> {
  readonly label: string;
  /** Name of the number in what is kept. */
  readonly name: string;
  readonly fieldLabel: string;
  /** Other fields, after the number. */
  readonly children?: ReactNode;
  readonly saving: boolean;
  readonly check: (values: Readonly<Record<string, unknown>>) => T;
  readonly onKeep: (entry: T, settle: (error?: Error) => void) => void;
}

/** One number off a scale, a gauge or a count, large, for gloves; what is wrong is said at it and nothing is lost. */
export function EntryForm<T>({ label, name, fieldLabel, children, saving, check, onKeep }: Props<T>) {
  const [text, setText] = useState('');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const save = (): void => {
    setProblems({});
    sendChecked({
      check: () => check({ [name]: numberOrText(text) }),
      send: (entry, onError) => onKeep(entry, (error) => (error ? onError(error) : setText(''))),
      place: (found) => setProblems(Object.fromEntries(found.map(({ field, message }) => [field, message]))),
    });
  };
  const elsewhere = Object.entries(problems).filter(([field]) => field !== name);
  return (
    <form
      noValidate
      aria-label={label}
      className="flex flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <Field
        large
        className="w-56"
        label={fieldLabel}
        inputMode="decimal"
        value={text}
        error={problems[name]}
        onChange={(event) => setText(event.target.value)}
      />
      {children}
      <Button type="submit" disabled={saving} className="mt-6 min-h-14">
        {saving ? 'Keeping…' : 'Keep it'}
      </Button>
      {elsewhere.map(([field, message]) => (
        <Wrong key={field} className="w-full">
          {message}
        </Wrong>
      ))}
    </form>
  );
}
