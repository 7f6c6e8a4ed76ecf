import type { KeptInspection } from '@hot-bead/contract/records';
import { changeBetween, fieldsOf, INSPECTION_BRANCHES, patchOf } from '@hot-bead/core/history';
import {
  type GaugeId,
  GAUGES,
  type Inspection,
  inspectionItem,
  type InspectionItemId,
  INSPECTION_ITEM_IDS,
} from '@hot-bead/core/records';
import type { Units } from '@hot-bead/core/base';
import { type FormField, TEXT, type Typed, type Typing } from '../../../form/form-fields.ts';
import { LENGTH, SIZE } from '../../../form/typings.ts';
import { typedSize } from '../../../units/index.ts';

/** Where a size stands in an inspection: a leg, the throat, or an item that was looked for. */
export type SizePlace = 'firstLeg' | 'secondLeg' | 'throat' | `items.${InspectionItemId}`;
type When = (typed: Typed) => boolean;

export const isFillet: When = ({ joint }) => joint === 'fillet';
const isButt: When = (typed) => !isFillet(typed);
const given =
  (name: string): When =>
  (typed) =>
    (typed[name] ?? '').trim() !== '';
const both =
  (one: When, other: When): When =>
  (typed) =>
    one(typed) && other(typed);

/** A gauge of one's own need not be named beside an item. */
const ITEM_GAUGE: Typing = { show: String, read: (text) => (text === 'own' ? undefined : text) };

function sizeFields(at: SizePlace, when: When, gauge = TEXT): readonly FormField[] {
  const isRead = both(when, given(`${at}.value`));
  return [
    { name: `${at}.value`, label: 'Size', typing: SIZE, when },
    { name: `${at}.gauge`, label: 'Read with', typing: gauge, when: isRead },
    { name: `${at}.u95`, label: '±', typing: SIZE, when: isRead },
  ];
}

function itemFields(id: InspectionItemId): readonly FormField[] {
  const at = `items.${id}` as const;
  const isRead = given(`${at}.value`);
  const note: FormField = { name: `${at}.note`, label: 'Note', typing: TEXT, when: isRead };
  if (inspectionItem(id).ask !== 'size') {
    const isByPhoto = both(isRead, (typed) => typed[`${at}.gauge`] === 'photo');
    return [
      { name: `${at}.value`, label: 'Seen' },
      { name: `${at}.gauge`, label: 'Read with', typing: TEXT, when: isByPhoto },
      note,
    ];
  }
  return [
    ...sizeFields(at, () => true, ITEM_GAUGE),
    { name: `${at}.lengthMm`, label: 'Length', typing: LENGTH, when: isRead },
    { name: `${at}.ownLimit`, label: 'Limit of your own copy', typing: SIZE, when: isRead },
    note,
  ];
}

/** An inspection as it is typed: sizes in the user's unit, lengths in any; an item without a value was not looked at. */
export const INSPECTION_FIELDS: readonly FormField[] = [
  { name: 'joint', label: 'Kind of weld', typing: TEXT },
  { name: 'standard', label: 'Standard', typing: TEXT },
  { name: 'level', label: 'Level', typing: TEXT },
  { name: 'thicknessMm', label: 'Thinner plate', typing: SIZE },
  { name: 'nominalMm', label: 'Size on the drawing', typing: SIZE, when: isFillet },
  { name: 'nominalIs', label: 'It is', typing: TEXT, when: both(isFillet, given('nominalMm')) },
  { name: 'weldMm', label: 'Length of the weld', typing: LENGTH },
  { name: 'widthMm', label: 'Width of the cap', typing: SIZE, when: isButt },
  { name: 'underSizeMm', label: 'Length along which it is too small', typing: LENGTH, when: isFillet },
  ...(['firstLeg', 'secondLeg', 'throat'] as const).flatMap((at) => sizeFields(at, isFillet)),
  ...INSPECTION_ITEM_IDS.flatMap(itemFields),
  { name: 'who', label: 'Who looked (optional)', typing: TEXT },
  { name: 'note', label: 'Note', typing: TEXT },
];

/** What is read with which gauge until another is picked; what is kept of an item without one was read with one's own. */
export function usualGauges(kept?: Inspection): Typed {
  const gaugeOf = (id: InspectionItemId): GaugeId =>
    kept?.items[id] === undefined ? inspectionItem(id).gauge : 'own';
  return {
    'firstLeg.gauge': 'cam',
    'secondLeg.gauge': 'cam',
    'throat.gauge': 'throat',
    ...Object.fromEntries(INSPECTION_ITEM_IDS.map((id) => [`items.${id}.gauge`, gaugeOf(id)])),
  };
}

/** An item that was not looked at after all. */
export function notLookedAt(id: InspectionItemId): Typed {
  const names = itemFields(id).map(({ name }) => [name, ''] as const);
  return { ...Object.fromEntries(names), [`items.${id}.gauge`]: inspectionItem(id).gauge };
}

/** What differs from the inspection that is kept, as a change of it. */
export function inspectionChange(kept: KeptInspection, now: Inspection): Record<string, unknown> {
  const { id: _id, version: _version, jobId: _jobId, verdict: _verdict, ...rest } = kept;
  const { updatedAt: _updatedAt, away: _away, ...before } = rest;
  const change = changeBetween(
    fieldsOf(before, INSPECTION_BRANCHES),
    fieldsOf({ ...now, runId: kept.runId }, INSPECTION_BRANCHES),
  );
  return patchOf(change, INSPECTION_BRANCHES);
}

/** Gauges to pick from. */
export function gaugeChoices(units: Units): readonly (readonly [string, string])[] {
  return GAUGES.map(({ id, name, u95Mm }) => [
    id,
    u95Mm === undefined ? name : `${name}, ± ${typedSize(u95Mm, units)}`,
  ]);
}
