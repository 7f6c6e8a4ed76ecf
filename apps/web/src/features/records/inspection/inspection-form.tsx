import { gaugedText, typedSize } from '../../../units/index.ts';
import type { Units } from '@hot-bead/core/base';
import {
  type InspectionItemId,
  itemsOf,
  type JudgedInspection,
  type JudgedItem,
} from '@hot-bead/core/records';
import { Field } from '../../../ui/form/field.tsx';
import { Wrong } from '../../../ui/form/wrong.tsx';
import { Parts } from '../../../ui/page/parts.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { PhotoField } from '../../photos/index.ts';
import { HeldAgainst } from './held-against.tsx';
import { emptyItem, type InspectionFields, type SizeFields } from './inspection-fields.ts';
import { ItemRow } from './item-rows.tsx';
import { MeasurePhoto, type PhotoTarget } from './measure-photo.tsx';
import { ItemVerdict, SizeRow } from './size-row.tsx';
import type { InspectionEntry } from './use-inspection.ts';
import { VERDICT_COLOUR, VERDICT_WORD } from './verdict-text.ts';

const LEGS = [
  ['firstLeg', 'First leg'],
  ['secondLeg', 'Second leg'],
  ['throat', 'Throat, by gauge'],
] as const;

function FilletSizes({ entry }: { readonly entry: InspectionEntry }) {
  const { fields, faults, judged, set } = entry;
  const told = judged?.items.filter(({ id }) =>
    ['thin-throat', 'thick-throat', 'convexity', 'asymmetry', 'undersize'].includes(id),
  );
  return (
    <div className="grid gap-3">
      <div className="grid gap-3 md:grid-cols-3">
        {LEGS.map(([name, label]) => (
          <SizeRow
            key={name}
            stacked
            label={label}
            units={entry.units}
            fields={fields[name]}
            error={faults[name]}
            onChange={(change) => set({ [name]: { ...fields[name], ...change } })}
          />
        ))}
      </div>
      <ul className="grid gap-2">
        {told?.map((item) => (
          <li key={item.id} className="md:grid md:grid-cols-[190px_1fr] md:gap-4">
            <p className="font-medium">
              {item.name}: {sizeText(item, entry.units)}
            </p>
            <ItemVerdict item={item} />
          </li>
        ))}
      </ul>
      {told?.some(({ id, size }) => (id === 'thin-throat' || id === 'undersize') && size > 0) && (
        <Field
          label="Length along which it is too small"
          value={fields.underSize}
          error={faults['underSizeMm']}
          onChange={(event) => set({ underSize: event.target.value })}
        />
      )}
    </div>
  );
}

/** A size that follows from others, with its band. */
function sizeText({ size, u95 }: JudgedItem, units: Units): string {
  const told = gaugedText(Math.abs(size), u95, units);
  return size < 0 ? `none, ${told} to spare` : told;
}

/** Where a size that was measured on a photo can go. */
function targetsOf({ joint }: InspectionFields): readonly PhotoTarget[] {
  const sizes: readonly PhotoTarget[] =
    joint === 'fillet' ? LEGS.slice(0, 2).map(([id, name]) => ({ id, name })) : [];
  return [...sizes, ...itemsOf(joint).filter(({ ask, byPhoto }) => ask === 'size' && byPhoto)];
}

function Photos({ entry }: { readonly entry: InspectionEntry }) {
  const { fields, faults, units, set } = entry;
  const take = (target: string, mm: number, u95Mm: number): void => {
    const read = {
      value: typedSize(Number(mm.toFixed(2)), units),
      gauge: 'photo',
      u95: typedSize(Number(u95Mm.toFixed(2)), units),
    } as const satisfies SizeFields;
    if (target === 'firstLeg' || target === 'secondLeg') return set({ [target]: read });
    const id = target as InspectionItemId;
    set({ items: { ...fields.items, [id]: { ...(fields.items[id] ?? emptyItem(id)), ...read } } });
  };
  return (
    <div className="grid gap-4">
      {fields.photos.map((photo, i) => (
        <MeasurePhoto
          key={photo.photoId}
          photo={photo}
          targets={targetsOf(fields)}
          onChange={(next) => set({ photos: fields.photos.map((one, at) => (at === i ? next : one)) })}
          onAway={() => set({ photos: fields.photos.filter((_one, at) => at !== i) })}
          onTake={take}
        />
      ))}
      <PhotoField
        label={fields.photos.length === 0 ? 'A photo with a ruler beside the bead' : 'Another photo'}
        photoId={undefined}
        onKept={(photoId) => set({ photos: [...fields.photos, { photoId, marks: [] }] })}
      />
      <Wrong>{faults['photos']}</Wrong>
    </div>
  );
}

/** The verdict of the whole, what decided it, and what was not looked at. */
export function WholeVerdict({ judged }: { readonly judged: JudgedInspection | undefined }) {
  const verdict = judged?.verdict;
  const why = judged?.items.filter((item) => item.verdict === verdict && verdict !== 'pass') ?? [];
  const nothing = judged === undefined || judged.items.length === 0;
  return (
    <Section id="verdict" title="In all" quiet>
      <p className={`figure-text mt-1 text-4xl ${verdict ? VERDICT_COLOUR[verdict] : ''}`} aria-live="polite">
        {verdict ? VERDICT_WORD[verdict] : nothing ? 'Nothing looked at' : 'Numbers, no verdict'}
      </p>
      {why.length > 0 && <p className="font-medium">{why.map(({ name }) => name).join(', ')}</p>}
      {judged && judged.notLooked.length > 0 && (
        <p className="mt-2 text-[15px]">
          <span className="label-text">not looked at</span>{' '}
          {judged.notLooked.map(({ name }) => name.toLowerCase()).join(', ')}
        </p>
      )}
      <p className="mt-2 text-sm text-ink-soft">
        Limits recalled from memory, edition not checked; the contract’s own copy of the standard decides.
        This compares readings with limits: it does not say that a weld is safe.
      </p>
    </Section>
  );
}

/** Everything that a weld is looked at for. */
export function InspectionForm({ entry }: { readonly entry: InspectionEntry }) {
  const { fields, faults, judged, set } = entry;
  const items = itemsOf(fields.joint);
  const looked = items.filter(({ id }) => (fields.items[id]?.value ?? '') !== '').length;
  const lookedFor = (
    <ul>
      {items.map((item) => (
        <ItemRow
          key={item.id}
          item={item}
          units={entry.units}
          fields={fields.items[item.id]}
          judged={judged?.items.find(({ id }) => id === item.id)}
          isSummed={fields.standard === 'D1.1'}
          error={faults[`items.${item.id}`]}
          onChange={(next) => {
            const { [item.id]: _before, ...others } = fields.items;
            set({ items: next ? { ...others, [item.id]: next } : others });
          }}
        />
      ))}
    </ul>
  );
  return (
    <div className="grid grid-cols-1 gap-4">
      <HeldAgainst units={entry.units} fields={fields} faults={faults} onChange={set} />
      <div className="rounded-md border border-line bg-plate p-4 pt-1">
        <Parts
          label="What was looked at"
          remember="inspection"
          parts={[
            { id: 'items', name: 'Looked for', note: `${looked} of ${items.length}`, children: lookedFor },
            ...(fields.joint === 'fillet'
              ? [{ id: 'sizes', name: 'Legs and throat', children: <FilletSizes entry={entry} /> }]
              : []),
            {
              id: 'photos',
              name: 'Measure on a photo',
              note: fields.photos.length === 0 ? undefined : String(fields.photos.length),
              children: <Photos entry={entry} />,
            },
          ]}
        />
      </div>
      <div className="grid grid-cols-1 gap-3 sm:grid-cols-[1fr_3fr]">
        <Field
          label="Who looked (optional)"
          value={fields.who}
          error={faults['who']}
          onChange={(event) => set({ who: event.target.value })}
        />
        <Field
          label="Note"
          value={fields.note}
          error={faults['note']}
          onChange={(event) => set({ note: event.target.value })}
        />
      </div>
      <Wrong>{faults[''] ?? faults['level']}</Wrong>
    </div>
  );
}
