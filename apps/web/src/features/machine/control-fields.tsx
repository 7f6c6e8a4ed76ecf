import { CheckField } from '../../ui/form/check-field.tsx';
import { type FormField, type Options, TEXT, type Typed } from '../../form/form-fields.ts';
import { FormFieldsGrid } from '../../form/form-fields-grid.tsx';
import type { MachineFormState } from './use-machine-form.ts';

const WIRE_CONTROLS: Options = [
  ['units', 'shown in units'],
  ['knob', 'a knob with a scale'],
  ['letters', 'letters or steps'],
  ['entry', 'set with the volts by one entry'],
];
const VOLTS_CONTROLS: Options = [
  ['displayed', 'shown'],
  ['positions', 'taps, letters, min and max'],
  ['knob', 'a knob without volts'],
];
const ENTRIES: Options = [
  ['mm', 'thickness in mm'],
  ['in', 'thickness in inches'],
  ['A', 'amps'],
  ['m/min', 'wire speed in m/min'],
  ['in/min', 'wire speed in in/min'],
  ['mark', 'a scale of its own'],
];
const TRIMS: Options = [
  ['V', 'volts'],
  ['%', 'per cent'],
  ['mark', 'marks'],
];

const setsBoth = ({ wireControl }: Typed): boolean => wireControl === 'entry';
const hasEntry = (typed: Typed): boolean => setsBoth(typed) || typed['entryUnit'] !== '';
const isTapped = (typed: Typed): boolean => !setsBoth(typed) && typed['voltsControl'] === 'positions';
const hasVoltsKnob = (typed: Typed): boolean => !setsBoth(typed) && typed['voltsControl'] === 'knob';
const hasKnob = ({ wireControl }: Typed): boolean => wireControl === 'knob';

const CONTROLS: readonly FormField[] = [
  { name: 'wireControl', label: 'Wire speed is', options: WIRE_CONTROLS },
  { name: 'knobMin', label: 'Knob from', when: hasKnob },
  { name: 'knobMax', label: 'Knob to', when: hasKnob },
  {
    name: 'letters',
    label: 'Letters, slowest first',
    typing: TEXT,
    placeholder: 'A B C D',
    when: ({ wireControl }) => wireControl === 'letters',
  },
  {
    name: 'voltsControl',
    label: 'Volts are',
    options: VOLTS_CONTROLS,
    when: (typed) => !setsBoth(typed),
  },
  { name: 'entryUnit', label: 'One entry sets both by', options: ENTRIES, when: setsBoth },
  {
    name: 'entryUnit',
    label: 'One entry sets both by',
    options: [['', 'it has none'], ...ENTRIES],
    when: (typed) => !setsBoth(typed),
  },
  { name: 'voltsKnobMin', label: 'Volts knob from', when: hasVoltsKnob },
  { name: 'voltsKnobMax', label: 'Volts knob to', when: hasVoltsKnob },
  { name: 'trimUnit', label: 'Its trim is in', options: TRIMS, when: hasEntry },
  {
    name: 'trimStepV',
    label: 'Volts a mark of trim',
    when: (typed) => hasEntry(typed) && typed['trimUnit'] === 'mark',
  },
];

const TAPS: readonly FormField[] = [
  {
    name: 'positions',
    label: 'Taps or letters, one a line, with open-circuit volts where they were read: “1 17.5”',
    type: 'lines',
    rows: 6,
    when: isTapped,
  },
];

/** How wire speed and volts are set on it, and what its scales are called. */
export function ControlFields({ grid, fields, set }: MachineFormState) {
  return (
    <fieldset className="grid grid-cols-1 gap-3">
      <legend className="label-text">Its controls</legend>
      <FormFieldsGrid {...grid(CONTROLS)} />
      <div className="max-w-md">
        <FormFieldsGrid {...grid(TAPS)} columns="grid-cols-1" />
      </div>
      {isTapped(grid(TAPS).typed) && (
        <div>
          <p className="text-sm text-ink-soft">
            ◆ The tip is live: insulated probes, dry gloves, no contact with the work lead. On an inverter the
            idle volts say nothing: leave them out.
          </p>
          <CheckField
            checked={fields.feedFollowsPosition}
            onCheck={(feedFollowsPosition) => set({ feedFollowsPosition })}
          >
            The wire changes speed with the tap: the feed motor hangs on the weld supply
          </CheckField>
        </div>
      )}
    </fieldset>
  );
}
