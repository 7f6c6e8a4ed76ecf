import { WELD_LEVELS, WELD_STANDARDS, type WeldLevel, type WeldStandard } from '@hot-bead/core/records';
import { Field } from '../../../ui/form/field.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { Segmented } from '../../../ui/segmented.tsx';
import { isFillet } from './inspection-fields.ts';
import type { InspectionEntry } from './use-inspection.ts';

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

/** What a weld is held against: the standard and level of its drawing, its plate and its size. */
export function HeldAgainst({ entry }: { readonly entry: InspectionEntry }) {
  const { typed, units, problems, set } = entry;
  const { nominalMm = '', nominalIs = '' } = typed;
  const joint = isFillet(typed) ? 'fillet' : 'butt';
  const standard = (typed['standard'] ?? '') as WeldStandard | '';
  const level = (typed['level'] ?? '') as WeldLevel | '';
  const bind = (name: string) => ({
    value: typed[name] ?? '',
    error: problems[name],
    onChange: (event: { readonly target: { readonly value: string } }) => set({ [name]: event.target.value }),
  });
  return (
    <Section id="held-against" title="Held against" className="grid gap-3">
      <Segmented
        label="Standard"
        value={standard}
        options={STANDARDS}
        onChange={(next) =>
          set({ standard: next, level: next === 'D1.1' ? 'S' : level === 'S' ? '' : level })
        }
      />
      {standard !== '' && (
        <Segmented
          label="Level"
          value={level}
          options={levelsOf(standard)}
          onChange={(next) => set({ level: next })}
        />
      )}
      {(standard === '' || level === '') && (
        <p className="text-[15px]">
          The drawing or the contract picks the level. Without one there are numbers and no verdict. Usual: C
          for what carries, D for practice pieces [common practice].
        </p>
      )}
      <div className="grid grid-cols-2 items-start gap-3 md:grid-cols-4">
        <Field label={`Thinner plate (${units.distance})`} inputMode="decimal" {...bind('thicknessMm')} />
        {joint === 'fillet' ? (
          <Field
            label={`Size on the drawing (${units.distance})`}
            inputMode="decimal"
            {...bind('nominalMm')}
          />
        ) : (
          <Field label={`Width of the cap (${units.distance})`} inputMode="decimal" {...bind('widthMm')} />
        )}
        <Field
          label="Length of the weld"
          placeholder={units.distance === 'in' ? '18 in' : '500 mm'}
          {...bind('weldMm')}
        />
        <div className="mt-6">
          <Segmented
            label="Kind of weld"
            value={joint}
            options={[
              { value: 'fillet', label: 'Fillet' },
              { value: 'butt', label: 'Butt' },
            ]}
            onChange={(next) => set({ joint: next })}
          />
        </div>
      </div>
      {joint === 'fillet' && nominalMm !== '' && (
        <div>
          <p className="label-text mb-1">
            Is it a{nominalMm} or z{nominalMm}?
          </p>
          <Segmented
            label="What the size on the drawing is"
            value={nominalIs}
            options={[
              { value: 'throat', label: `a${nominalMm}: the throat` },
              { value: 'leg', label: `z${nominalMm}: the leg` },
            ]}
            onChange={(next) => set({ nominalIs: next })}
          />
        </div>
      )}
    </Section>
  );
}
