import { amount, sentence, words } from '@hot-bead/core/base';
import { useWords } from '../../../units/index.ts';
import { type InspectionItem, ITEM_GRADES } from '@hot-bead/core/records';
import { Button } from '../../../ui/button.tsx';
import { Field } from '../../../ui/form/field.tsx';
import { Segmented } from '../../../ui/segmented.tsx';
import { notLookedAt } from './inspection-fields.ts';
import { ItemVerdict, SizeRow } from './size-row.tsx';
import type { InspectionEntry } from './use-inspection.ts';

interface Props {
  readonly item: InspectionItem;
  readonly entry: InspectionEntry;
}

const SEEN = [
  { value: '0', label: 'Not there' },
  { value: '1', label: 'Seen' },
] as const;

function choicesOf(item: InspectionItem): readonly { readonly value: string; readonly label: string }[] {
  const grades = ITEM_GRADES[item.id];
  return grades ? grades.map((grade, i) => ({ value: String(i), label: sentence(grade) })) : SEEN;
}

/** One thing that a weld is looked at for: seen or not, a size or a grade, and its verdict. */
export function ItemRow({ item, entry }: Props) {
  const say = useWords();
  const { typed, units, judged, set } = entry;
  const at = `items.${item.id}` as const;
  const value = typed[`${at}.value`] ?? '';
  const isSummed = typed['standard'] === 'D1.1';
  const arePores = isSummed && item.id === 'pore';
  return (
    <li className="grid gap-x-4 gap-y-2 border-b border-line py-2 last:border-b-0 md:grid-cols-[260px_1fr]">
      <div>
        <p className="font-semibold">
          {item.name} <span className="text-sm font-normal text-ink-soft">{item.code}</span>
        </p>
        <p className="text-sm text-ink-soft">{say(item.how)}</p>
      </div>
      <div className="grid content-start gap-2">
        {item.ask === 'size' ? (
          <>
            <div className="flex flex-wrap items-end gap-2">
              <Button
                aria-pressed={value === '0'}
                className="aria-pressed:border-action aria-pressed:bg-action-tint"
                onClick={() => set({ [`${at}.value`]: '0' })}
              >
                None
              </Button>
              <div className="min-w-64 flex-1">
                <SizeRow
                  label={
                    arePores
                      ? say(words`Sum of pores from ${amount.distance(1)} on, in ${amount.distance(25)}`)
                      : 'Size'
                  }
                  at={at}
                  entry={entry}
                />
              </div>
            </div>
            {value !== '' && value !== '0' && (
              <div className="grid grid-cols-2 gap-2">
                {(item.hasLength || arePores) && (
                  <Field
                    label={
                      arePores
                        ? say(words`Their sum in the worst ${amount.distance(300)}`)
                        : say(words`Length in the worst ${amount.distance(isSummed ? 300 : 100)}`)
                    }
                    value={typed[`${at}.lengthMm`] ?? ''}
                    onChange={(event) => set({ [`${at}.lengthMm`]: event.target.value })}
                  />
                )}
                <Field
                  label={`Limit of your own copy (${units.distance})`}
                  inputMode="decimal"
                  value={typed[`${at}.ownLimit`] ?? ''}
                  onChange={(event) => set({ [`${at}.ownLimit`]: event.target.value })}
                />
              </div>
            )}
          </>
        ) : (
          <Segmented
            label={item.name}
            value={value}
            options={choicesOf(item)}
            onChange={(next) => set({ [`${at}.value`]: next })}
          />
        )}
        {value !== '' && (
          <div className="flex items-center justify-between gap-2">
            <ItemVerdict item={judged?.items.find(({ id }) => id === item.id)} />
            <Button tone="quiet" className="shrink-0" onClick={() => set(notLookedAt(item.id))}>
              Not looked at
            </Button>
          </div>
        )}
      </div>
    </li>
  );
}
