import { RUN_RESULTS } from '@hot-bead/core/records';
import type { ReactNode } from 'react';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Field, FigureField, SelectField } from '../../../ui/form/field.tsx';
import { Wrong } from '../../../ui/form/wrong.tsx';
import { Segmented } from '../../../ui/segmented.tsx';
import { shownAs } from '../../../units/index.ts';
import { DEFECT_CHOICES, RESULT_WORD } from './run-words.ts';
import type { Problems } from '../../../ui/form/use-problems.ts';
import type { RunFieldName, RunFields } from './run-fields.ts';
import { TraceField } from './trace-field.tsx';
import { UsedFields, type UsedChoices } from './used-fields.tsx';

interface Props {
  readonly fields: RunFields;
  readonly faults: Problems;
  readonly used: UsedChoices;
  readonly onChange: (change: Partial<RunFields>) => void;
  /** How its arc time is taken, before its fields. */
  readonly children?: ReactNode;
  /** Whether what is seldom told is open from the start. */
  readonly open?: boolean;
}

const RESULTS = RUN_RESULTS.map((value) => ({ value, label: RESULT_WORD[value] }));

/** Everything that can be told of a run; whatever is left empty is not known, and is kept as that. */
export function RunForm({ fields, faults, used, onChange, children, open = false }: Props) {
  const { units } = usePreferences();
  const bind = (name: RunFieldName) => ({
    value: fields[name],
    error: faults[name],
    onChange: (event: { readonly target: { readonly value: string } }) =>
      onChange({ [name]: event.target.value }),
  });
  const isBad = fields.result === 'redo' || fields.result === 'scrap';
  return (
    <>
      <div className="grid grid-cols-3 gap-3 max-sm:grid-cols-2">
        <FigureField
          label="Wire speed"
          unit={shownAs('wireFeedSpeed', units).unit}
          {...bind('wireFeedSpeedMPerMin')}
        />
        <FigureField label="Volts" unit="V" {...bind('volts')} />
        <FigureField label="Current read" unit="A" {...bind('amps')} />
      </div>
      {children}
      <div className="grid grid-cols-3 gap-3 max-sm:grid-cols-2">
        <Field large label={`Arc time (s, or 1:30)`} inputMode="decimal" {...bind('arcSeconds')} />
        <Field
          large
          label="Length (any unit)"
          placeholder={units.distance === 'in' ? '18 in' : '500 mm'}
          {...bind('lengthMm')}
        />
        <Field large label="How many alike" placeholder="1" inputMode="numeric" {...bind('count')} />
      </div>
      <div>
        <p className="label-text mb-1">How did it come out?</p>
        <Segmented
          label="How did it come out?"
          value={fields.result}
          options={RESULTS}
          onChange={(result) => onChange({ result })}
        />
        <Wrong>{faults['result']}</Wrong>
      </div>
      {isBad && <SelectField label="What was wrong" options={DEFECT_CHOICES} {...bind('defect')} />}
      <Field label="Note" placeholder="same as last, fine" {...bind('note')} />
      <details open={open} className="border-t border-line pt-1">
        <summary className="min-h-11 cursor-pointer py-2 font-medium text-action">
          Say more: who, temperatures, wire and gas used, a trace
        </summary>
        <div className="grid gap-3">
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
            <Field label="Who (optional)" placeholder="initials" {...bind('who')} />
            <Field label={`Preheat (${units.temperature})`} inputMode="decimal" {...bind('preheatC')} />
            <Field
              label={`Between runs, highest (${units.temperature})`}
              inputMode="decimal"
              {...bind('interpassC')}
            />
            <Field label="When" type="datetime-local" {...bind('weldedAt')} />
          </div>
          <UsedFields fields={fields} faults={faults} choices={used} onChange={onChange} />
          <TraceField power={fields.power} onPower={(power) => onChange({ power })} error={faults['power']} />
        </div>
      </details>
      <Wrong>{faults['']}</Wrong>
    </>
  );
}
