import { amount, sentence, type Units, words } from '@hot-bead/core/base';
import { useWords } from '../../../units/index.ts';
import { type InspectionItem, ITEM_GRADES, type JudgedItem } from '@hot-bead/core/records';
import { Button } from '../../../ui/button.tsx';
import { Field } from '../../../ui/form/field.tsx';
import { Segmented } from '../../../ui/segmented.tsx';
import { emptyItem, type ItemFields } from './inspection-fields.ts';
import { ItemVerdict, SizeRow } from './size-row.tsx';

interface Props {
  readonly item: InspectionItem;
  readonly units: Units;
  readonly fields: ItemFields | undefined;
  readonly judged: JudgedItem | undefined;
  readonly error: string | undefined;
  /** Held against D1.1, which sums some of them up. */
  readonly isSummed: boolean;
  /** undefined: it was not looked at after all. */
  readonly onChange: (fields: ItemFields | undefined) => void;
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
export function ItemRow({ item, units, fields, judged, error, isSummed, onChange }: Props) {
  const say = useWords();
  const arePores = isSummed && item.id === 'pore';
  const typed = fields ?? emptyItem(item.id);
  const set = (change: Partial<ItemFields>): void => onChange({ ...typed, ...change });
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
                aria-pressed={typed.value === '0'}
                className="aria-pressed:border-action aria-pressed:bg-action-tint"
                onClick={() => set({ value: '0' })}
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
                  units={units}
                  fields={typed}
                  error={error}
                  onChange={set}
                />
              </div>
            </div>
            {(fields?.value ?? '') !== '' && fields?.value !== '0' && (
              <div className="grid grid-cols-2 gap-2">
                {(item.hasLength || arePores) && (
                  <Field
                    label={
                      arePores
                        ? say(words`Their sum in the worst ${amount.distance(300)}`)
                        : say(words`Length in the worst ${amount.distance(isSummed ? 300 : 100)}`)
                    }
                    value={typed.length}
                    onChange={(event) => set({ length: event.target.value })}
                  />
                )}
                <Field
                  label={`Limit of your own copy (${units.distance})`}
                  inputMode="decimal"
                  value={typed.ownLimit}
                  onChange={(event) => set({ ownLimit: event.target.value })}
                />
              </div>
            )}
          </>
        ) : (
          <Segmented
            label={item.name}
            value={typed.value}
            options={choicesOf(item)}
            onChange={(value) => set({ value })}
          />
        )}
        {fields && (
          <div className="flex items-center justify-between gap-2">
            <ItemVerdict item={judged} />
            <Button tone="quiet" className="shrink-0" onClick={() => onChange(undefined)}>
              Not looked at
            </Button>
          </div>
        )}
      </div>
    </li>
  );
}
