import { shownAs, useReader, useWords } from '../../units/index.ts';
import { validated } from '@hot-bead/contract/base';
import { newStockItemSchema } from '@hot-bead/contract/stores';
import type { StockItem } from '@hot-bead/core/stores';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { sendChecked } from '../../ui/form/problems.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { enteredItem, FIELDS, type StockKind, typedOf } from './stock-fields.ts';

interface Props {
  readonly kind: StockKind;
  /** The thing as it is kept; undefined: a new one. */
  readonly item?: StockItem;
  readonly label: string;
  readonly saving: boolean;
  /** Keeps it; told what went wrong, it is placed at its field. */
  readonly onKeep: (item: StockItem, onError: (error: Error) => void) => void;
  readonly onClose: () => void;
}

/** A spool, a cylinder or parts as they are entered; what is wrong stands at its field. */
export function StockForm({ kind, item, label, saving, onKeep, onClose }: Props) {
  // as the form was opened: a figure is read in the unit that its label names
  const [units] = useState(useReader().units);
  const say = useWords();
  const [typed, setTyped] = useState(() => typedOf(kind, item, units));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const fields = FIELDS[kind].filter(({ when }) => when?.(typed) !== false);
  const named = new Set(fields.map(({ name }) => name));
  const elsewhere = Object.entries(problems).filter(([name]) => !named.has(name));
  const save = (): void => {
    setProblems({});
    sendChecked({
      check: () => validated(newStockItemSchema, enteredItem(kind, typed, units, item)),
      send: onKeep,
      place: (found) => setProblems(Object.fromEntries(found.map(({ field, message }) => [field, message]))),
    });
  };
  return (
    <form
      noValidate
      aria-label={label}
      className="rounded-md border border-line bg-plate p-4"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <h3 className="text-lg font-semibold">{label}</h3>
      <div className="mt-2 grid grid-cols-2 gap-3 md:grid-cols-4">
        {fields.map(({ name, label: text, quantity, options, hint }) => {
          const value = typed[name] ?? '';
          const set = (next: string): void => setTyped({ ...typed, [name]: next });
          return options ? (
            <SelectField
              key={name}
              label={text}
              options={typeof options === 'function' ? options(units) : options}
              value={value}
              error={problems[name]}
              onChange={(event) => set(event.target.value)}
            />
          ) : (
            <Field
              key={name}
              label={quantity === undefined ? text : `${text} (${shownAs(quantity, units).unit})`}
              value={value}
              error={problems[name]}
              hint={say(hint?.(typed) ?? '') || undefined}
              onChange={(event) => set(event.target.value)}
            />
          );
        })}
      </div>
      {elsewhere.map(([name, message]) => (
        <Wrong key={name}>{message}</Wrong>
      ))}
      <div className="mt-4 flex gap-3">
        <Button type="submit" tone="main" disabled={saving}>
          {saving ? 'Keeping…' : 'Keep it'}
        </Button>
        <Button onClick={onClose}>Close</Button>
      </div>
    </form>
  );
}
