import type { RollForm } from '@hot-bead/core/trade';
import { Trash2 } from 'lucide-react';
import { Button } from '../../ui/button.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { WireList } from '../trade/index.ts';
import { wireSizes } from './machine-choices.ts';
import type { MachineFormState } from './use-machine-form.ts';
import { Wrong } from '../../ui/form/wrong.tsx';

const ROLLS = [
  ['v-smooth', 'V, smooth'],
  ['u', 'U'],
  ['knurled', 'knurled'],
] as const;

function Remove({ label, onRemove }: { readonly label: string; readonly onRemove: () => void }) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onRemove}
      className="grid size-11 place-items-center self-end text-ink-soft hover:text-hot"
    >
      <Trash2 size={18} aria-hidden="true" />
    </button>
  );
}

/** A list with one of its rows otherwise. */
function withRow<T>(rows: readonly T[], at: number, change: Partial<T>): T[] {
  return rows.map((row, i) => (i === at ? { ...row, ...change } : row));
}

function DutyFields({ fields: { duty }, set, problems }: MachineFormState) {
  const field = (i: number, name: keyof (typeof duty)[number], label: string) => (
    <Field
      className="flex-1"
      label={label}
      inputMode="decimal"
      value={duty[i]?.[name] ?? ''}
      onChange={(event) => set({ duty: withRow(duty, i, { [name]: event.target.value }) })}
    />
  );
  return (
    <fieldset className="grid content-start gap-2">
      <legend className="label-text">Duty ratings, from its plate</legend>
      {duty.map((_, i) => (
        <div key={i} className="flex gap-2">
          {field(i, 'currentA', 'At (A)')}
          {field(i, 'percent', 'Duty (%)')}
          <Remove
            label={`Remove rating ${i + 1}`}
            onRemove={() => set({ duty: duty.filter((_one, at) => at !== i) })}
          />
        </div>
      ))}
      <Wrong>{problems['duty']}</Wrong>
      <Button
        className="justify-self-start"
        onClick={() => set({ duty: [...duty, { currentA: '', percent: '' }] })}
      >
        Add a rating
      </Button>
    </fieldset>
  );
}

function RollFields({ fields: { rolls, rollsKnown }, set, problems, units }: MachineFormState) {
  return (
    <fieldset className="grid content-start gap-2">
      <legend className="label-text">Drive rolls it has</legend>
      {rolls.length === 0 && (
        <p className="text-sm">{rollsKnown ? 'None.' : 'Not filled in: nothing is held against a plan.'}</p>
      )}
      {rolls.map(({ form, grooveMm }, i) => (
        <div key={i} className="flex gap-2">
          <SelectField
            className="flex-1"
            label="Groove"
            options={ROLLS}
            value={form}
            onChange={(event) => set({ rolls: withRow(rolls, i, { form: event.target.value as RollForm }) })}
          />
          <SelectField
            className="flex-1"
            label="For wire"
            options={wireSizes(units)}
            value={grooveMm}
            onChange={(event) => set({ rolls: withRow(rolls, i, { grooveMm: event.target.value }) })}
          />
          <Remove
            label={`Remove roll ${i + 1}`}
            onRemove={() => set({ rolls: rolls.filter((_one, at) => at !== i) })}
          />
        </div>
      ))}
      <Wrong>{problems['rolls']}</Wrong>
      <Button
        className="justify-self-start"
        onClick={() => set({ rollsKnown: true, rolls: [...rolls, { form: 'v-smooth', grooveMm: '0.8' }] })}
      >
        Add a roll
      </Button>
    </fieldset>
  );
}

/** What its plate allows, and what is kept with it: ratings, rolls and wires. */
export function StockFields(parts: MachineFormState) {
  const { fields, set, problems } = parts;
  return (
    <div className="grid grid-cols-1 gap-5 md:grid-cols-3">
      <DutyFields {...parts} />
      <RollFields {...parts} />
      <fieldset className="grid content-start gap-2">
        <legend className="label-text">Wires kept with it; its lid chart shows them</legend>
        <WireList
          wires={fields.wires}
          addText="Keep it here"
          removeText="away from it"
          onChange={(next) => set({ wires: [...next], wiresKnown: next.length > 0 })}
        />
        <Wrong>{problems['wires']}</Wrong>
      </fieldset>
    </div>
  );
}
