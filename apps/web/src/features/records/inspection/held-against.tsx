import type { Units } from '@hot-bead/core/base';
import { WELD_LEVELS, WELD_STANDARDS, type WeldLevel, type WeldStandard } from '@hot-bead/core/records';
import { Field } from '../../../ui/form/field.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { Segmented } from '../../../ui/segmented.tsx';
import type { InspectionFields } from './inspection-fields.ts';

const STANDARD_WORD: Readonly<Record<WeldStandard, string>> = {
  '5817': 'ISO 5817, steel',
  '10042': 'ISO 10042, aluminium',
  'D1.1': 'AWS D1.1',
};
const STANDARDS = WELD_STANDARDS.map((value) => ({ value, label: STANDARD_WORD[value] }));
const LEVEL_WORD: Readonly<Record<WeldLevel, string>> = {
  D: 'D, least',
  C: 'C, usual',
  B: 'B, strictest',
  S: 'static load',
};

function levelsOf(
  standard: WeldStandard | '',
): readonly { readonly value: WeldLevel; readonly label: string }[] {
  return WELD_LEVELS.filter((level) => (level === 'S') === (standard === 'D1.1')).map((value) => ({
    value,
    label: LEVEL_WORD[value],
  }));
}

interface Props {
  readonly fields: InspectionFields;
  readonly units: Units;
  readonly faults: Readonly<Partial<Record<string, string>>>;
  readonly onChange: (change: Partial<InspectionFields>) => void;
}

/** What a weld is held against: the standard and level of its drawing, its plate and its size. */
export function HeldAgainst({ fields, units, faults, onChange }: Props) {
  const { joint, standard, level } = fields;
  const bind = (name: 'thickness' | 'nominal' | 'weld' | 'width', fault: string) => ({
    value: fields[name],
    error: faults[fault],
    onChange: (event: { readonly target: { readonly value: string } }) =>
      onChange({ [name]: event.target.value }),
  });
  return (
    <Section id="held-against" title="Held against" className="grid gap-3">
      <Segmented
        label="Standard"
        value={standard}
        options={STANDARDS}
        onChange={(next) =>
          onChange({ standard: next, level: next === 'D1.1' ? 'S' : level === 'S' ? '' : level })
        }
      />
      {standard !== '' && (
        <Segmented
          label="Level"
          value={level}
          options={levelsOf(standard)}
          onChange={(next) => onChange({ level: next })}
        />
      )}
      {(standard === '' || level === '') && (
        <p className="text-[15px]">
          The drawing or the contract picks the level. Without one there are numbers and no verdict. Usual: C
          for what carries, D for practice pieces [common practice].
        </p>
      )}
      <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
        <Field
          label={`Thinner plate (${units.distance})`}
          inputMode="decimal"
          {...bind('thickness', 'thicknessMm')}
        />
        {joint === 'fillet' ? (
          <Field
            label={`Size on the drawing (${units.distance})`}
            inputMode="decimal"
            {...bind('nominal', 'nominalMm')}
          />
        ) : (
          <Field
            label={`Width of the cap (${units.distance})`}
            inputMode="decimal"
            {...bind('width', 'widthMm')}
          />
        )}
        <Field
          label="Length of the weld"
          placeholder={units.distance === 'in' ? '18 in' : '500 mm'}
          {...bind('weld', 'weldMm')}
        />
        <Segmented
          label="Kind of weld"
          value={joint}
          options={[
            { value: 'fillet', label: 'Fillet' },
            { value: 'butt', label: 'Butt' },
          ]}
          onChange={(next) => onChange({ joint: next })}
        />
      </div>
      {joint === 'fillet' && fields.nominal !== '' && (
        <div>
          <p className="label-text mb-1">
            Is it a{fields.nominal} or z{fields.nominal}?
          </p>
          <Segmented
            label="What the size on the drawing is"
            value={fields.nominalIs}
            options={[
              { value: 'throat', label: `a${fields.nominal}: the throat` },
              { value: 'leg', label: `z${fields.nominal}: the leg` },
            ]}
            onChange={(nominalIs) => onChange({ nominalIs })}
          />
        </div>
      )}
    </Section>
  );
}
