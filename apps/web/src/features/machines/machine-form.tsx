import { ContractError, type KeptMachine, type NewMachine } from '@hot-bead/contract';
import {
  COMMON_GASES,
  gasOf,
  MACHINE_FEATURES,
  POLARITIES,
  WIRE_CLASS_TABLE,
  WIRE_DIAMETERS_MM,
} from '@hot-bead/core';
import { type ComponentProps, type ReactNode, useId } from 'react';
import { type FieldErrors, useForm, useWatch } from 'react-hook-form';
import { ApiFailure } from '../../api/client.ts';
import { Button } from '../../ui/button.tsx';
import { CheckList } from '../../ui/check-list.tsx';
import { wireSizeText } from '../units/index.ts';
import { fieldOfProblem, fieldsOf, machineOf, type MachineFields } from './machine-fields.ts';

const INPUT = 'mt-1 h-11 w-full rounded-md border border-line-strong bg-plate px-3 aria-invalid:border-hot';

interface FieldProps extends ComponentProps<'input'> {
  readonly label: string;
  readonly error: string | undefined;
}

function Field({ label, error, ...input }: FieldProps) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <input
        id={id}
        autoComplete="off"
        aria-invalid={error !== undefined}
        aria-describedby={error && `${id}-error`}
        className={INPUT}
        {...input}
      />
      {error !== undefined && (
        <p id={`${id}-error`} role="alert" className="text-hot">
          {error}
        </p>
      )}
    </div>
  );
}

interface SelectProps extends ComponentProps<'select'> {
  readonly label: string;
  readonly children: ReactNode;
}

function Select({ label, children, ...select }: SelectProps) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <select id={id} className={INPUT} {...select}>
        {children}
      </select>
    </div>
  );
}

const options = (values: readonly (readonly [string, string])[]) =>
  values.map(([value, label]) => (
    <option key={value} value={value}>
      {label}
    </option>
  ));

const FEATURE_OPTIONS = MACHINE_FEATURES.map((value) => ({ value, label: value.replaceAll('-', ' ') }));
const CLASSES = WIRE_CLASS_TABLE.map(({ id }) => [id, id] as const);
const SIZES = WIRE_DIAMETERS_MM.map((mm) => [String(mm), wireSizeText(mm)] as const);
const GASES = COMMON_GASES.map((id) => [id, gasOf(id).name] as const);

interface Props {
  readonly machine: KeptMachine | undefined;
  readonly saving: boolean;
  readonly onSave: (machine: NewMachine, onError: (error: Error) => void) => void;
}

function messageOf(errors: FieldErrors<MachineFields>, name: keyof MachineFields): string | undefined {
  return errors[name]?.message;
}

/** What a machine is and can do; what is wrong is said at the field, and nothing typed is lost. */
export function MachineForm({ machine, saving, onSave }: Props) {
  const { register, handleSubmit, control, setValue, setError, formState } = useForm<MachineFields>({
    defaultValues: fieldsOf(machine),
  });
  const { errors } = formState;
  const [wireControl, voltsControl, features] = useWatch({
    control,
    name: ['wireControl', 'voltsControl', 'features'],
  });
  const send = (fields: MachineFields): void => {
    try {
      onSave(machineOf(fields, machine), (error) => {
        const field = error instanceof ApiFailure && error.field === 'name' ? 'name' : 'root';
        setError(field, { message: error.message });
      });
    } catch (error) {
      if (!(error instanceof ContractError)) throw error;
      for (const problem of error.problems) {
        setError(fieldOfProblem(problem.field), { message: problem.message });
      }
    }
  };
  return (
    <form
      noValidate
      aria-label="The machine"
      onSubmit={(event) => void handleSubmit(send)(event)}
      className="grid gap-4 rounded-md border border-line bg-plate p-4"
    >
      <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
        <Field label="Name" error={messageOf(errors, 'name')} {...register('name')} />
        <Select label="Kind" {...register('kind')}>
          {options([
            ['inverter', 'inverter'],
            ['transformer', 'transformer'],
          ])}
        </Select>
        <Field label="Lowest current (A)" error={messageOf(errors, 'lowestA')} {...register('lowestA')} />
        <Field label="Highest current (A)" error={messageOf(errors, 'highestA')} {...register('highestA')} />
        <Select label="Wire on it" {...register('loadedWireClass')}>
          {options(CLASSES)}
        </Select>
        <Select label="Wire size" {...register('loadedWireDiameterMm')}>
          {options(SIZES)}
        </Select>
        <Select label="Gas on it" {...register('loadedGas')}>
          {options(GASES)}
        </Select>
        <Select label="Leads stand" {...register('standingPolarity')}>
          {options(POLARITIES.map((p) => [p, p === 'DCEP' ? 'gun on + (DCEP)' : 'gun on − (DCEN)'] as const))}
        </Select>
        <Select label="Wire speed is" {...register('wireControl')}>
          {options([
            ['units', 'shown in units'],
            ['knob', 'a knob with a scale'],
          ])}
        </Select>
        {wireControl === 'knob' && (
          <>
            <Field label="Knob from" error={messageOf(errors, 'knobMin')} {...register('knobMin')} />
            <Field label="Knob to" error={messageOf(errors, 'knobMax')} {...register('knobMax')} />
          </>
        )}
        <Field label="Duty rating at (A)" error={messageOf(errors, 'dutyA')} {...register('dutyA')} />
        <Field
          label="Duty rating (%)"
          error={messageOf(errors, 'dutyPercent')}
          {...register('dutyPercent')}
        />
        <Select label="Volts are" {...register('voltsControl')}>
          {options([
            ['displayed', 'shown'],
            ['positions', 'taps, letters or steps'],
          ])}
        </Select>
      </div>
      {voltsControl === 'positions' && (
        <div>
          <label htmlFor="positions" className="label-text">
            Taps or letters, one a line, with open-circuit volts where they were read: “1 17.5”
          </label>
          <textarea
            id="positions"
            rows={6}
            aria-invalid={errors.positions !== undefined}
            className="mt-1 block w-full max-w-md rounded-md border border-line-strong bg-plate p-2 aria-invalid:border-hot"
            {...register('positions')}
          />
          {errors.positions && (
            <p role="alert" className="text-hot">
              {errors.positions.message}
            </p>
          )}
          <p className="text-sm text-ink-soft">
            ◆ The tip is live: insulated probes, dry gloves, no contact with the work lead. On an inverter the
            idle volts say nothing: leave them out.
          </p>
        </div>
      )}
      <div>
        <h3 className="label-text">It has</h3>
        <div className="[&>fieldset]:sm:grid-cols-3">
          <CheckList
            label="What the machine has"
            chosen={features}
            options={FEATURE_OPTIONS}
            onChange={(chosen) => setValue('features', [...chosen], { shouldDirty: true })}
          />
        </div>
      </div>
      {errors.root && (
        <p role="alert" className="text-hot">
          {errors.root.message}
        </p>
      )}
      <Button type="submit" tone="main" disabled={saving} className="min-h-14">
        {saving ? 'Saving…' : machine ? 'Save the machine' : 'Add the machine'}
      </Button>
    </form>
  );
}
