import { numberOrText, readFigure, shownAs, useReader } from '../../units/index.ts';
import type { AmountQuantity } from '@hot-bead/core/base';
import { type ReactNode, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field } from '../../ui/form/field.tsx';
import { useProblems } from '../../ui/form/use-problems.ts';
import { Wrong } from '../../ui/form/wrong.tsx';

interface ValueField {
  /** Name of the value in what is kept. */
  readonly name: string;
  readonly label: string;
  /** What its figure is, where the user chooses its unit: it then stands behind the label. */
  readonly quantity?: AmountQuantity;
}

interface Props<T> {
  readonly label: string;
  readonly values: readonly ValueField[];
  /** Choices before the values, where there are any. */
  readonly children?: ReactNode;
  /** 56 px high with large figures, for gloves. */
  readonly large?: boolean;
  readonly saving: boolean;
  /** Checks what was typed; throws a contract's error with problems at the names. */
  readonly check: (values: Readonly<Record<string, number | string>>) => T;
  /** Keeps the value; `settle` is told when that is done, or what went wrong. */
  readonly onKeep: (value: T, settle: (error?: Error) => void) => void;
}

/** A short row of numbers off a meter or a display; what is wrong is said at its field, and nothing typed is lost. */
export function ValuesForm<T>({ label, values, children, large = false, saving, check, onKeep }: Props<T>) {
  const { units } = useReader();
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>({});
  const { problems, submit } = useProblems();
  const save = (): void =>
    submit(
      () =>
        check(
          Object.fromEntries(
            values.map(({ name, quantity }) => {
              const text = texts[name] ?? '';
              return [name, quantity === undefined ? numberOrText(text) : readFigure(quantity, text, units)];
            }),
          ),
        ),
      (checked, onError) => onKeep(checked, (error) => (error ? onError(error) : setTexts({}))),
    );
  const named = new Set(values.map(({ name }) => name));
  const elsewhere = Object.entries(problems).filter(([name]) => !named.has(name));
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
      {children}
      {values.map(({ name, label: text, quantity }) => (
        <Field
          key={name}
          large={large}
          className={large ? 'w-56' : 'w-36'}
          label={quantity === undefined ? text : `${text} (${shownAs(quantity, units).unit})`}
          inputMode="decimal"
          value={texts[name] ?? ''}
          error={problems[name]}
          onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
        />
      ))}
      <Button type="submit" disabled={saving} className={large ? 'mt-6 min-h-14' : 'mt-6'}>
        {saving ? 'Keeping…' : 'Keep it'}
      </Button>
      {elsewhere.map(([name, message]) => (
        <Wrong key={name} className="w-full">
          {message}
        </Wrong>
      ))}
    </form>
  );
}
