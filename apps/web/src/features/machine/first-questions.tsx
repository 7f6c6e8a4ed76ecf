import type { NewMachine } from '@hot-bead/contract/machine';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { ControlDrawing, type DrawnControl } from '../../drawing/control-drawing.tsx';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { focusFirstInvalid } from '../../ui/form/focus-first-invalid.ts';
import { PickField } from '../../ui/form/pick-field.tsx';
import { sendChecked } from '../../ui/form/problems.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { type FormParts, messageOf, wireSizes } from './form-parts.ts';
import { fieldOfProblem, fieldsOf, machineOf, type MachineFields } from './machine-fields.ts';
import { CLASSES, GASES } from './machine-choices.ts';

interface Choice {
  readonly value: string;
  readonly words: string;
  readonly drawn?: DrawnControl;
}

const WIRE_IS: readonly Choice[] = [
  { value: 'units', words: 'shown, in m/min or in/min', drawn: 'display' },
  { value: 'knob', words: 'a knob with marks', drawn: 'knob' },
  { value: 'letters', words: 'letters or steps', drawn: 'letters' },
  { value: 'entry', words: 'one entry for everything', drawn: 'one-entry' },
];
const VOLTS_ARE: readonly Choice[] = [
  { value: 'displayed', words: 'shown, in volts', drawn: 'volts-display' },
  { value: 'positions', words: 'taps or letters that click', drawn: 'taps' },
  { value: 'knob', words: 'a knob with marks', drawn: 'knob' },
];
const LEADS: readonly Choice[] = [
  { value: 'DCEP', words: 'gun on +', drawn: 'gun-plus' },
  { value: 'DCEN', words: 'gun on −', drawn: 'gun-minus' },
];

const CARD =
  'flex min-h-14 cursor-pointer flex-col items-center justify-end gap-1 rounded-md border border-line-strong p-2 text-center has-checked:border-action has-checked:bg-action-tint has-checked:font-semibold has-focus-visible:outline-2 has-focus-visible:outline-action';

function Pictures({
  legend,
  name,
  choices,
  parts: { register, errors },
}: {
  readonly legend: string;
  readonly name: 'wireControl' | 'voltsControl' | 'standingPolarity';
  readonly choices: readonly Choice[];
  readonly parts: FormParts;
}) {
  return (
    <PickField legend={legend} error={messageOf(errors, name)} columns="grid-cols-2 md:grid-cols-4">
      {choices.map(({ value, words, drawn }) => (
        <label key={value} className={CARD}>
          <input type="radio" value={value} className="sr-only" {...register(name)} />
          {drawn && <ControlDrawing of={drawn} />}
          {words}
        </label>
      ))}
    </PickField>
  );
}

/** What a control's scale is called, where it has one. */
function Scale({ parts }: { readonly parts: FormParts }) {
  const { register, control, errors } = parts;
  const wire = useWatch({ control, name: 'wireControl' });
  const field = (name: keyof MachineFields, label: string) => (
    <Field label={label} className="w-40" error={messageOf(errors, name)} {...register(name)} />
  );
  if (wire === 'knob') {
    return (
      <div className="flex gap-3">
        {field('knobMin', 'Its marks from')}
        {field('knobMax', 'to')}
      </div>
    );
  }
  if (wire === 'letters') return field('letters', 'Letters, slowest first');
  return null;
}

function VoltsScale({ parts }: { readonly parts: FormParts }) {
  const { register, control, errors } = parts;
  const volts = useWatch({ control, name: 'voltsControl' });
  if (volts === 'knob') {
    return (
      <div className="flex gap-3">
        <Field
          label="Its marks from"
          className="w-40"
          error={messageOf(errors, 'voltsKnobMin')}
          {...register('voltsKnobMin')}
        />
        <Field
          label="to"
          className="w-40"
          error={messageOf(errors, 'voltsKnobMax')}
          {...register('voltsKnobMax')}
        />
      </div>
    );
  }
  if (volts !== 'positions') return null;
  return (
    <Field
      label="What they are called, lowest first"
      placeholder="1 2 3 4 5 6"
      className="max-w-md"
      error={messageOf(errors, 'positions')}
      {...register('positions')}
    />
  );
}

interface Props {
  readonly saving: boolean;
  readonly onSave: (machine: NewMachine, onError: (error: Error) => void) => void;
}

/** A machine in five questions, each with a drawing of what to look for; all else waits until it is worth telling. */
export function FirstQuestions({ saving, onSave }: Props) {
  const { units } = usePreferences();
  const [blank] = useState(() => ({ ...fieldsOf(undefined, units), kind: '', standingPolarity: '' }));
  const { register, handleSubmit, control, setValue, setError, clearErrors, formState } =
    useForm<MachineFields>({ defaultValues: blank });
  const { errors } = formState;
  const parts: FormParts = { register, control, setValue, errors };
  const wire = useWatch({ control, name: 'wireControl' });
  const send = (fields: MachineFields, form: HTMLFormElement): void =>
    sendChecked({
      // names of taps in one line here, one a line there
      check: () =>
        machineOf(
          { ...fields, positions: fields.positions.trim().replace(/[\s,;]+/g, '\n') },
          undefined,
          units,
        ),
      send: onSave,
      place: (problems) => {
        for (const { field, message } of problems) setError(fieldOfProblem(field), { message });
        focusFirstInvalid(form);
      },
    });
  return (
    <form
      noValidate
      aria-label="Five questions about the machine"
      onSubmit={(event) => {
        clearErrors();
        const form = event.currentTarget;
        void handleSubmit((fields) => send(fields, form))(event);
      }}
      className="grid grid-cols-1 gap-6 rounded-md border border-line bg-plate p-4"
    >
      <Field
        label="1. What do you call it?"
        className="max-w-md"
        error={messageOf(errors, 'name')}
        {...register('name')}
      />
      <div className="grid gap-3">
        <Pictures legend="2. How is the wire speed set?" name="wireControl" choices={WIRE_IS} parts={parts} />
        <Scale parts={parts} />
      </div>
      {wire !== 'entry' && (
        <div className="grid gap-3">
          <Pictures
            legend="3. How are the volts set?"
            name="voltsControl"
            choices={VOLTS_ARE}
            parts={parts}
          />
          <VoltsScale parts={parts} />
        </div>
      )}
      <fieldset>
        <legend className="label-text">4. What is on it now?</legend>
        <div className="flex flex-wrap gap-3">
          <SelectField label="Wire" options={CLASSES} {...register('loadedWireClass')} />
          <SelectField label="Size" options={wireSizes(units)} {...register('loadedWireDiameterMm')} />
          <SelectField label="Gas" options={GASES} {...register('loadedGas')} />
        </div>
      </fieldset>
      <Pictures
        legend="5. Which way do the leads stand?"
        name="standingPolarity"
        choices={[...LEADS, { value: '', words: 'I have not looked' }]}
        parts={parts}
      />
      <Wrong>{errors.root?.message}</Wrong>
      <Button type="submit" tone="main" disabled={saving} className="min-h-14 text-lg">
        {saving ? 'Adding…' : 'Add the machine'}
      </Button>
      <p className="text-sm text-ink-soft">
        Currents, duty, mains, rolls and what else it can do are told later, under “What it is”: until then
        nothing is held against a plan for them, and plans say so.
      </p>
    </form>
  );
}
