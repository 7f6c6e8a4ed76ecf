import { usePreferences } from '../../preferences/preferences.tsx';
import { Trash2 } from 'lucide-react';
import { useFieldArray, useWatch } from 'react-hook-form';
import { Button } from '../../ui/button.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { WireList } from '../trade/index.ts';
import { type FormParts, messageOf, wireSizes } from './form-parts.ts';
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

function DutyFields({ register, control, errors }: FormParts) {
  const { fields, append, remove } = useFieldArray({ control, name: 'duty' });
  return (
    <fieldset className="grid content-start gap-2">
      <legend className="label-text">Duty ratings, from its plate</legend>
      {fields.map(({ id }, i) => (
        <div key={id} className="flex gap-2">
          <Field className="flex-1" label="At (A)" inputMode="decimal" {...register(`duty.${i}.currentA`)} />
          <Field className="flex-1" label="Duty (%)" inputMode="decimal" {...register(`duty.${i}.percent`)} />
          <Remove label={`Remove rating ${i + 1}`} onRemove={() => remove(i)} />
        </div>
      ))}
      <Wrong>{messageOf(errors, 'duty')}</Wrong>
      <Button className="justify-self-start" onClick={() => append({ currentA: '', percent: '' })}>
        Add a rating
      </Button>
    </fieldset>
  );
}

function RollFields({ register, control, setValue, errors }: FormParts) {
  const { units } = usePreferences();
  const { fields, append, remove } = useFieldArray({ control, name: 'rolls' });
  const known = useWatch({ control, name: 'rollsKnown' });
  return (
    <fieldset className="grid content-start gap-2">
      <legend className="label-text">Drive rolls it has</legend>
      {fields.length === 0 && (
        <p className="text-sm">{known ? 'None.' : 'Not filled in: nothing is held against a plan.'}</p>
      )}
      {fields.map(({ id }, i) => (
        <div key={id} className="flex gap-2">
          <SelectField className="flex-1" label="Groove" options={ROLLS} {...register(`rolls.${i}.form`)} />
          <SelectField
            className="flex-1"
            label="For wire"
            options={wireSizes(units)}
            {...register(`rolls.${i}.grooveMm`)}
          />
          <Remove label={`Remove roll ${i + 1}`} onRemove={() => remove(i)} />
        </div>
      ))}
      <Wrong>{messageOf(errors, 'rolls')}</Wrong>
      <Button
        className="justify-self-start"
        onClick={() => {
          setValue('rollsKnown', true);
          append({ form: 'v-smooth', grooveMm: '0.8' });
        }}
      >
        Add a roll
      </Button>
    </fieldset>
  );
}

/** What its plate allows, and what is kept with it: ratings, rolls and wires. */
export function StockFields(parts: FormParts) {
  const { control, setValue, errors } = parts;
  const wires = useWatch({ control, name: 'wires' });
  return (
    <div className="grid grid-cols-1 gap-5 md:grid-cols-3">
      <DutyFields {...parts} />
      <RollFields {...parts} />
      <fieldset className="grid content-start gap-2">
        <legend className="label-text">Wires kept with it; its lid chart shows them</legend>
        <WireList
          wires={wires}
          addText="Keep it here"
          removeText="away from it"
          onChange={(next) => {
            setValue('wires', [...next], { shouldDirty: true });
            setValue('wiresKnown', next.length > 0);
          }}
        />
        <Wrong>{messageOf(errors, 'wires')}</Wrong>
      </fieldset>
    </div>
  );
}
