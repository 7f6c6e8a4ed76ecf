import type { NewMachine } from '@hot-bead/contract/machine';
import { positionNames } from '@hot-bead/core/machine';
import { ControlDrawing, type DrawnControl } from '../../drawing/control-drawing.tsx';
import { Button } from '../../ui/button.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { PickField } from '../../ui/form/pick-field.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';
import { CLASSES, GASES, wireSizes } from './machine-choices.ts';
import type { MachineFields } from './machine-fields.ts';
import { type MachineFormState, useMachineForm } from './use-machine-form.ts';

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
  form: { bind },
}: {
  readonly legend: string;
  readonly name: 'wireControl' | 'voltsControl' | 'standingPolarity';
  readonly choices: readonly Choice[];
  readonly form: MachineFormState;
}) {
  const { value: chosen, error, onChange } = bind(name);
  return (
    <PickField legend={legend} error={error} columns="grid-cols-2 md:grid-cols-4">
      {choices.map(({ value, words, drawn }) => (
        <label key={value} className={CARD}>
          <input
            type="radio"
            name={name}
            value={value}
            checked={value === chosen}
            onChange={onChange}
            className="sr-only"
          />
          {drawn && <ControlDrawing of={drawn} />}
          {words}
        </label>
      ))}
    </PickField>
  );
}

interface ScaleProps {
  readonly form: MachineFormState;
  readonly from: 'knobMin' | 'voltsKnobMin';
  readonly to: 'knobMax' | 'voltsKnobMax';
}

/** What the marks of a knob are called. */
function KnobScale({ form: { bind }, from, to }: ScaleProps) {
  return (
    <div className="flex gap-3">
      <Field label="Its marks from" className="w-40" {...bind(from)} />
      <Field label="to" className="w-40" {...bind(to)} />
    </div>
  );
}

function tapsByLine(fields: MachineFields): MachineFields {
  return { ...fields, positions: positionNames(fields.positions).join('\n') };
}

/** Each place as it was understood, before it is kept. */
function Named({ text }: { readonly text: string }) {
  const names = positionNames(text);
  if (names.length === 0) return null;
  return (
    <ul aria-label="As understood" className="flex flex-wrap items-center gap-1.5">
      {names.map((name, i) => (
        <li
          key={`${i} ${name}`}
          className="figure-text rounded-md border border-line-strong px-2.5 py-1 text-lg"
        >
          {name}
        </li>
      ))}
      <li className="text-sm text-ink-soft">{names.length === 1 ? 'one place' : `${names.length} places`}</li>
    </ul>
  );
}

interface Props {
  readonly saving: boolean;
  readonly onSave: (machine: NewMachine, onError: (error: Error) => void) => void;
}

/** A machine in five questions, each with a drawing of what to look for; all else waits until it is worth telling. */
export function FirstQuestions({ saving, onSave }: Props) {
  // names of taps in one line here, one a line there
  const form = useMachineForm({ adapted: tapsByLine, onSave });
  const { fields, problems, bind, submit, units } = form;
  return (
    <form
      noValidate
      aria-label="Five questions about the machine"
      onSubmit={submit}
      className="grid grid-cols-1 gap-6 rounded-md border border-line bg-plate p-4"
    >
      <Field label="1. What do you call it?" className="max-w-md" {...bind('name')} />
      <div className="grid gap-3">
        <Pictures legend="2. How is the wire speed set?" name="wireControl" choices={WIRE_IS} form={form} />
        {fields.wireControl === 'knob' && <KnobScale form={form} from="knobMin" to="knobMax" />}
        {fields.wireControl === 'letters' && (
          <Field label="Letters, slowest first" className="w-40" {...bind('letters')} />
        )}
        {fields.wireControl === 'letters' && <Named text={fields.letters} />}
      </div>
      {fields.wireControl !== 'entry' && (
        <div className="grid gap-3">
          <Pictures legend="3. How are the volts set?" name="voltsControl" choices={VOLTS_ARE} form={form} />
          {fields.voltsControl === 'knob' && <KnobScale form={form} from="voltsKnobMin" to="voltsKnobMax" />}
          {fields.voltsControl === 'positions' && (
            <Field
              label="What they are called, lowest first"
              placeholder="1 2 3 4 5 6"
              className="max-w-md"
              {...bind('positions')}
            />
          )}
          {fields.voltsControl === 'positions' && <Named text={fields.positions} />}
        </div>
      )}
      <fieldset>
        <legend className="label-text">4. What is on it now?</legend>
        <div className="flex flex-wrap gap-3">
          <SelectField label="Wire" options={CLASSES} {...bind('loadedWireClass')} />
          <SelectField label="Size" options={wireSizes(units)} {...bind('loadedWireDiameterMm')} />
          <SelectField label="Gas" options={GASES} {...bind('loadedGas')} />
        </div>
      </fieldset>
      <Pictures
        legend="5. Which way do the leads stand?"
        name="standingPolarity"
        choices={[...LEADS, { value: '', words: 'I have not looked' }]}
        form={form}
      />
      <Wrong>{problems['root']}</Wrong>
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
