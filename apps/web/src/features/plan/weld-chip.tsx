import type { StatedWork } from '@hot-bead/core/plan';
import { useState } from 'react';
import { FormFieldsGrid } from '../../form/form-fields-grid.tsx';
import { useForm } from '../../form/use-form.ts';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { ChipEditor } from '../../ui/chip-editor.tsx';
import { Segmented } from '../../ui/segmented.tsx';
import type { ChipGroupProps } from './option-chip.tsx';
import { WELD_FIELDS, weldChipText, weldOf } from './weld-fields.ts';
import { CheckField } from '../../ui/form/check-field.tsx';

const SIDES = [
  { value: 'open', label: 'as it needs' },
  { value: '1', label: 'one side' },
  { value: '2', label: 'both' },
] as const;
type Sides = (typeof SIDES)[number]['value'];

const TICKS = [
  ['backing', 'backing bar'],
  ['thirdMember', 'third part behind'],
] as const;

function withSides(work: StatedWork, sides: Sides): StatedWork {
  const { sides: _old, ...rest } = work;
  return sides === 'open' ? rest : { ...rest, sides: sides === '1' ? 1 : 2 };
}

function withTick(work: StatedWork, slot: (typeof TICKS)[number][0], on: boolean): StatedWork {
  const { [slot]: _old, ...rest } = work;
  return on ? { ...rest, [slot]: true } : rest;
}

interface FormProps {
  readonly work: StatedWork;
  readonly onSave: (work: StatedWork) => void;
}

/** Size, sides, length, stitches, gap and what stands behind: all of it may be left open. */
function WeldForm({ work, onSave }: FormProps) {
  const [draft, setDraft] = useState(work);
  const { bound, entered, submit } = useForm(WELD_FIELDS, { kept: work });
  return (
    <form
      className="grid grid-cols-2 gap-x-3 gap-y-2"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        submit(() => weldOf(draft, entered()), onSave);
      }}
    >
      <div className="col-span-2">
        <FormFieldsGrid {...bound} columns="grid-cols-2" />
      </div>
      <div className="col-span-2">
        <Segmented
          label="Sides"
          value={draft.sides === undefined ? 'open' : (String(draft.sides) as Sides)}
          options={SIDES}
          onChange={(sides) => setDraft(withSides(draft, sides))}
        />
      </div>
      {TICKS.map(([slot, label]) => (
        <CheckField
          key={slot}
          checked={draft[slot] === true}
          onCheck={(checked) => setDraft(withTick(draft, slot, checked))}
        >
          {label}
        </CheckField>
      ))}
      <Button type="submit" tone="main" className="col-span-2">
        Set the weld
      </Button>
    </form>
  );
}

/** The weld as a drawing gives it: its size, length, number and stitches. */
export function WeldChip({ job, set }: ChipGroupProps) {
  const { units } = usePreferences();
  const text = weldChipText(job.work, units);
  return (
    <ChipEditor name="Weld" text={text ?? 'weld: our size'} assumed={text === undefined}>
      {(close) => (
        <WeldForm
          work={job.work}
          onSave={(next) => {
            set(next);
            close();
          }}
        />
      )}
    </ChipEditor>
  );
}
