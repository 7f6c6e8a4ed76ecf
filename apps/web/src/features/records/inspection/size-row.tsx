import type { Units } from '@hot-bead/core/base';
import { useWords } from '../../../units/index.ts';
import { gaugeU95Mm, type JudgedItem } from '@hot-bead/core/records';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { gaugeChoices, type SizeFields } from './inspection-fields.ts';
import { limitText, VERDICT_COLOUR, VERDICT_WORD, whyText } from './verdict-text.ts';

/** The verdict of an item with its limit, and why. */
export function ItemVerdict({ item }: { readonly item: JudgedItem | undefined }) {
  const say = useWords();
  if (!item) return null;
  const why = whyText(item);
  const limit = limitText(item);
  return (
    <div className="text-[15px]" aria-live="polite">
      {item.verdict && (
        <span className={`font-semibold ${VERDICT_COLOUR[item.verdict]}`}>{VERDICT_WORD[item.verdict]}</span>
      )}
      {limit !== undefined && <span className="text-ink-soft"> {say(limit)}</span>}
      {why !== undefined && <span className="block">{say(why)}</span>}
    </div>
  );
}

interface Props {
  readonly label: string;
  readonly units: Units;
  readonly fields: SizeFields;
  readonly error: string | undefined;
  /** One under the other, where several stand side by side. */
  readonly stacked?: boolean;
  readonly onChange: (change: Partial<SizeFields>) => void;
}

/** A size with what it was read with, and its band where the gauge does not tell it. */
export function SizeRow({ label, units, fields, error, stacked = false, onChange }: Props) {
  const hasOwnBand = gaugeU95Mm(fields.gauge) === undefined;
  const columns = stacked ? '' : hasOwnBand ? 'grid-cols-[1fr_1.4fr_0.8fr]' : 'grid-cols-[1fr_1.6fr]';
  return (
    <div className={`grid content-start gap-2 ${columns}`}>
      <Field
        label={`${label} (${units.distance})`}
        inputMode="decimal"
        value={fields.value}
        error={error}
        onChange={(event) => onChange({ value: event.target.value })}
      />
      <SelectField
        label="Read with"
        options={gaugeChoices(units)}
        value={fields.gauge}
        onChange={(event) => onChange({ gauge: event.target.value as SizeFields['gauge'], u95: '' })}
      />
      {hasOwnBand && (
        <Field
          label={`± ${units.distance}`}
          inputMode="decimal"
          value={fields.u95}
          onChange={(event) => onChange({ u95: event.target.value })}
        />
      )}
    </div>
  );
}
