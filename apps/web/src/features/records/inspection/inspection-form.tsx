import { gaugedText, typedSize } from '../../../units/index.ts';
import type { Units } from '@hot-bead/core/base';
import { type Inspection, itemsOf, type JudgedInspection, type JudgedItem } from '@hot-bead/core/records';
import { Field } from '../../../ui/form/field.tsx';
import { Wrong } from '../../../ui/form/wrong.tsx';
import { Parts } from '../../../ui/page/parts.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { PhotoField } from '../../photos/index.ts';
import { HeldAgainst } from './held-against.tsx';
import { isFillet } from './inspection-fields.ts';
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
  const { typed, problems, judged, set } = entry;
  const sizes = judged?.items.filter(({ id }) =>
    ['thin-throat', 'thick-throat', 'convexity', 'asymmetry', 'undersize'].includes(id),
  );
  return (
    <div className="grid gap-3">
      <div className="grid gap-3 md:grid-cols-3">
        {LEGS.map(([name, label]) => (
          <SizeRow key={name} stacked label={label} at={name} entry={entry} />
        ))}
      </div>
      <ul className="grid gap-2">
        {sizes?.map((item) => (
          <li key={item.id} className="md:grid md:grid-cols-[190px_1fr] md:gap-4">
            <p className="font-medium">
              {item.name}: {sizeText(item, entry.units)}
            </p>
            <ItemVerdict item={item} />
          </li>
        ))}
      </ul>
      {sizes?.some(({ id, size }) => (id === 'thin-throat' || id === 'undersize') && size > 0) && (
        <Field
          label="Length along which it is too small"
          value={typed['underSizeMm'] ?? ''}
          error={problems['underSizeMm']}
          onChange={(event) => set({ underSizeMm: event.target.value })}
        />
      )}
    </div>
  );
}

/** A size that follows from others, with its band. */
function sizeText({ size, u95 }: JudgedItem, units: Units): string {
  const text = gaugedText(Math.abs(size), u95, units);
  return size < 0 ? `none, ${text} to spare` : text;
}

/** Where a size that was measured on a photo can go. */
function targetsOf(joint: Inspection['joint']): readonly PhotoTarget[] {
  const sizes: readonly PhotoTarget[] =
    joint === 'fillet' ? LEGS.slice(0, 2).map(([id, name]) => ({ id, name })) : [];
  return [...sizes, ...itemsOf(joint).filter(({ ask, byPhoto }) => ask === 'size' && byPhoto)];
}

function Photos({ entry }: { readonly entry: InspectionEntry }) {
  const { photos, typed, problems, units, set, setPhotos } = entry;
  const take = (target: string, mm: number, u95Mm: number): void => {
    const at = target === 'firstLeg' || target === 'secondLeg' ? target : `items.${target}`;
    set({
      [`${at}.value`]: typedSize(Number(mm.toFixed(2)), units),
      [`${at}.gauge`]: 'photo',
      [`${at}.u95`]: typedSize(Number(u95Mm.toFixed(2)), units),
    });
  };
  return (
    <div className="grid gap-4">
      {photos.map((photo, i) => (
        <MeasurePhoto
          key={photo.photoId}
          photo={photo}
          targets={targetsOf(isFillet(typed) ? 'fillet' : 'butt')}
          onChange={(next) => setPhotos(photos.map((one, at) => (at === i ? next : one)))}
          onAway={() => setPhotos(photos.filter((_one, at) => at !== i))}
          onTake={take}
        />
      ))}
      <PhotoField
        label={photos.length === 0 ? 'A photo with a ruler beside the bead' : 'Another photo'}
        photoId={undefined}
        onKept={(photoId) => setPhotos([...photos, { photoId, marks: [] }])}
      />
      <Wrong>{problems['photos']}</Wrong>
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
  const { typed, photos, problems, set } = entry;
  const items = itemsOf(isFillet(typed) ? 'fillet' : 'butt');
  const looked = items.filter(({ id }) => (typed[`items.${id}.value`] ?? '') !== '').length;
  const lookedFor = (
    <ul>
      {items.map((item) => (
        <ItemRow key={item.id} item={item} entry={entry} />
      ))}
    </ul>
  );
  return (
    <div className="grid grid-cols-1 gap-4">
      <HeldAgainst entry={entry} />
      <div className="rounded-md border border-line bg-plate p-4 pt-1">
        <Parts
          label="What was looked at"
          remember="inspection"
          parts={[
            { id: 'items', name: 'Looked for', note: `${looked} of ${items.length}`, children: lookedFor },
            ...(isFillet(typed)
              ? [{ id: 'sizes', name: 'Legs and throat', children: <FilletSizes entry={entry} /> }]
              : []),
            {
              id: 'photos',
              name: 'Measure on a photo',
              note: photos.length === 0 ? undefined : String(photos.length),
              children: <Photos entry={entry} />,
            },
          ]}
        />
      </div>
      <div className="grid grid-cols-1 gap-3 sm:grid-cols-[1fr_3fr]">
        <Field
          label="Who looked (optional)"
          value={typed['who'] ?? ''}
          error={problems['who']}
          onChange={(event) => set({ who: event.target.value })}
        />
        <Field
          label="Note"
          value={typed['note'] ?? ''}
          error={problems['note']}
          onChange={(event) => set({ note: event.target.value })}
        />
      </div>
      <Wrong>{problems[''] ?? problems['level']}</Wrong>
    </div>
  );
}
