import type { KeptMachine, NewMachine } from '@hot-bead/contract/machine';
import { MACHINE_FEATURES } from '@hot-bead/core/machine';
import { POLARITIES } from '@hot-bead/core/trade';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { CheckList } from '../../ui/form/check-list.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { focusFirstInvalid } from '../../ui/form/focus-first-invalid.ts';
import { sendChecked } from '../../ui/form/problems.ts';
import { shownAs } from '../../units/index.ts';
import { ControlFields } from './control-fields.tsx';
import { type FormParts, messageOf, wireSizes } from './form-parts.ts';
import { CLASSES, GASES } from './machine-choices.ts';
import { fieldOfProblem, fieldsOf, machineOf, type MachineFields } from './machine-fields.ts';
import { StockFields } from './stock-fields.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';

const FEATURE_OPTIONS = MACHINE_FEATURES.map((value) => ({ value, label: value.replaceAll('-', ' ') }));
const KINDS = [
  ['', 'not known'],
  ['inverter', 'inverter'],
  ['transformer', 'transformer'],
] as const;
const LEADS = [
  ['', 'not known'] as const,
  ...POLARITIES.map((p) => [p, p === 'DCEP' ? 'gun on + (DCEP)' : 'gun on − (DCEN)'] as const),
];
const SWAPS = [
  ['', 'not known'],
  ['sockets', 'at the sockets'],
  ['links', 'by links inside'],
  ['switch', 'by a switch'],
  ['fixed', 'not at all'],
] as const;

function PlateFields({ register, errors, speedUnit }: FormParts & { readonly speedUnit: string }) {
  const { units } = usePreferences();
  return (
    <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
      <Field label="Name" error={messageOf(errors, 'name')} {...register('name')} />
      <SelectField label="Kind" options={KINDS} {...register('kind')} />
      <Field label="Lowest current (A)" error={messageOf(errors, 'lowestA')} {...register('lowestA')} />
      <Field label="Highest current (A)" error={messageOf(errors, 'highestA')} {...register('highestA')} />
      <Field
        label={`Slowest wire (${speedUnit})`}
        error={messageOf(errors, 'slowestWire')}
        {...register('slowestWire')}
      />
      <Field
        label={`Fastest wire (${speedUnit})`}
        error={messageOf(errors, 'fastestWire')}
        {...register('fastestWire')}
      />
      <Field label="Mains (V)" error={messageOf(errors, 'mainsV')} {...register('mainsV')} />
      <Field label="Breaker or fuse (A)" error={messageOf(errors, 'breakerA')} {...register('breakerA')} />
      <SelectField label="Wire on it" options={CLASSES} {...register('loadedWireClass')} />
      <SelectField label="Wire size" options={wireSizes(units)} {...register('loadedWireDiameterMm')} />
      <SelectField label="Gas on it" options={GASES} {...register('loadedGas')} />
      <SelectField label="Leads stand" options={LEADS} {...register('standingPolarity')} />
      <SelectField label="Leads are swapped" options={SWAPS} {...register('polarityChange')} />
    </div>
  );
}

interface Props {
  readonly machine: KeptMachine | undefined;
  readonly saving: boolean;
  /** Told when something is first touched. */
  readonly onBegin?: () => void;
  readonly onSave: (machine: NewMachine, onError: (error: Error) => void) => void;
}

/** What a machine is and can do; what is wrong is said at the field, and nothing typed is lost. */
export function MachineForm({ machine, saving, onBegin, onSave }: Props) {
  const preferences = usePreferences();
  // what was typed stays in the unit it was typed in
  const [units] = useState(preferences.units);
  const { register, handleSubmit, control, setValue, setError, clearErrors, formState } =
    useForm<MachineFields>({
      defaultValues: fieldsOf(machine, units),
    });
  const { errors } = formState;
  const features = useWatch({ control, name: 'features' });
  const parts: FormParts = { register, control, setValue, errors };
  const send = (fields: MachineFields, form: HTMLFormElement): void =>
    sendChecked({
      check: () => machineOf(fields, machine, units),
      send: onSave,
      place: (problems) => {
        for (const { field, message } of problems) setError(fieldOfProblem(field), { message });
        focusFirstInvalid(form);
      },
    });
  return (
    <form
      noValidate
      aria-label="The machine"
      onInput={onBegin}
      onClick={onBegin}
      onSubmit={(event) => {
        clearErrors(); // what a list was refused for stands until it is sent again
        const form = event.currentTarget;
        void handleSubmit((fields) => send(fields, form))(event);
      }}
      className="grid grid-cols-1 gap-5 rounded-md border border-line bg-plate p-4"
    >
      <PlateFields {...parts} speedUnit={shownAs('wireFeedSpeed', units).unit} />
      <ControlFields {...parts} />
      <StockFields {...parts} />
      <div>
        <p className="label-text" aria-hidden="true">
          It has
        </p>
        <div className="[&>fieldset]:sm:grid-cols-3">
          <CheckList
            label="What the machine has"
            chosen={features}
            options={FEATURE_OPTIONS}
            onChange={(chosen) => setValue('features', [...chosen], { shouldDirty: true })}
          />
        </div>
      </div>
      <Wrong>{errors.root?.message}</Wrong>
      <Button type="submit" tone="main" disabled={saving} className="min-h-14">
        {saving ? 'Saving…' : machine ? 'Save the machine' : 'Add the machine'}
      </Button>
    </form>
  );
}
