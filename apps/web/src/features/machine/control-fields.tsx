import { useWatch } from 'react-hook-form';
import { CheckField } from '../../ui/form/check-field.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { type FormParts, messageOf } from './form-parts.ts';
import { TextArea } from '../../ui/form/text-area.tsx';

const WIRE_CONTROLS = [
  ['units', 'shown in units'],
  ['knob', 'a knob with a scale'],
  ['letters', 'letters or steps'],
  ['entry', 'set with the volts by one entry'],
] as const;
const VOLTS_CONTROLS = [
  ['displayed', 'shown'],
  ['positions', 'taps, letters, min and max'],
  ['knob', 'a knob without volts'],
] as const;
const ENTRIES = [
  ['', 'it has none'],
  ['mm', 'thickness in mm'],
  ['in', 'thickness in inches'],
  ['A', 'amps'],
  ['m/min', 'wire speed in m/min'],
  ['in/min', 'wire speed in in/min'],
  ['mark', 'a scale of its own'],
] as const;

const TRIMS = [
  ['V', 'volts'],
  ['%', 'per cent'],
  ['mark', 'marks'],
] as const;

/** How wire speed and volts are set on it, and what its scales are called. */
export function ControlFields({ register, control, errors }: FormParts) {
  const [wireControl, voltsControl, entryUnit, trimUnit] = useWatch({
    control,
    name: ['wireControl', 'voltsControl', 'entryUnit', 'trimUnit'],
  });
  const one = wireControl === 'entry';
  const tapped = voltsControl === 'positions' && !one;
  return (
    <fieldset className="grid grid-cols-1 gap-3">
      <legend className="label-text mb-2">Its controls</legend>
      <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
        <SelectField label="Wire speed is" options={WIRE_CONTROLS} {...register('wireControl')} />
        {wireControl === 'knob' && (
          <>
            <Field label="Knob from" error={messageOf(errors, 'knobMin')} {...register('knobMin')} />
            <Field label="Knob to" error={messageOf(errors, 'knobMax')} {...register('knobMax')} />
          </>
        )}
        {wireControl === 'letters' && (
          <Field
            label="Letters, slowest first"
            placeholder="A B C D"
            error={messageOf(errors, 'letters')}
            {...register('letters')}
          />
        )}
        {!one && <SelectField label="Volts are" options={VOLTS_CONTROLS} {...register('voltsControl')} />}
        <SelectField
          label="One entry sets both by"
          options={one ? ENTRIES.slice(1) : ENTRIES}
          {...register('entryUnit')}
        />
        {!one && voltsControl === 'knob' && (
          <>
            <Field
              label="Volts knob from"
              error={messageOf(errors, 'voltsKnobMin')}
              {...register('voltsKnobMin')}
            />
            <Field
              label="Volts knob to"
              error={messageOf(errors, 'voltsKnobMax')}
              {...register('voltsKnobMax')}
            />
          </>
        )}
        {(one || entryUnit !== '') && (
          <SelectField label="Its trim is in" options={TRIMS} {...register('trimUnit')} />
        )}
        {(one || entryUnit !== '') && trimUnit === 'mark' && (
          <Field
            label="Volts a mark of trim"
            error={messageOf(errors, 'trimStepV')}
            {...register('trimStepV')}
          />
        )}
      </div>
      {tapped && (
        <div>
          <TextArea
            label="Taps or letters, one a line, with open-circuit volts where they were read: “1 17.5”"
            rows={6}
            className="max-w-md"
            errors={errors.positions?.message === undefined ? [] : [errors.positions.message]}
            {...register('positions')}
          />
          <p className="text-sm text-ink-soft">
            ◆ The tip is live: insulated probes, dry gloves, no contact with the work lead. On an inverter the
            idle volts say nothing: leave them out.
          </p>
          <CheckField {...register('feedFollowsPosition')}>
            The wire changes speed with the tap: the feed motor hangs on the weld supply
          </CheckField>
        </div>
      )}
    </fieldset>
  );
}
