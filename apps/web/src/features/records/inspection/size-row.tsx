import { useWords } from '../../../units/index.ts';
import { type GaugeId, gaugeU95Mm, type JudgedItem } from '@hot-bead/core/records';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { gaugeChoices, type SizePlace } from './inspection-fields.ts';
import type { InspectionEntry } from './use-inspection.ts';
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
  /** Where it stands. */
  readonly at: SizePlace;
  readonly entry: InspectionEntry;
  /** One under the other, where several stand side by side. */
  readonly stacked?: boolean;
}

/** A size with what it was read with, and its band where the gauge does not tell it. */
export function SizeRow({ label, at, entry, stacked = false }: Props) {
  const { typed, units, problems, set } = entry;
  const gauge = typed[`${at}.gauge`] as GaugeId;
  const hasOwnBand = gaugeU95Mm(gauge) === undefined;
  const columns = stacked ? '' : hasOwnBand ? 'grid-cols-[1fr_1.4fr_0.8fr]' : 'grid-cols-[1fr_1.6fr]';
  return (
    <div className={`grid content-start gap-2 ${columns}`}>
      <Field
        label={`${label} (${units.distance})`}
        inputMode="decimal"
        value={typed[`${at}.value`] ?? ''}
        error={problems[at]}
        onChange={(event) => set({ [`${at}.value`]: event.target.value })}
      />
      <SelectField
        label="Read with"
        options={gaugeChoices(units)}
        value={gauge}
        onChange={(event) => set({ [`${at}.gauge`]: event.target.value, [`${at}.u95`]: '' })}
      />
      {hasOwnBand && (
        <Field
          label={`± ${units.distance}`}
          inputMode="decimal"
          value={typed[`${at}.u95`] ?? ''}
          onChange={(event) => set({ [`${at}.u95`]: event.target.value })}
        />
      )}
    </div>
  );
}
