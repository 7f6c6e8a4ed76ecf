import { measuredLength, type Units } from '@hot-bead/core/base';
import type { KeptInspection } from '@hot-bead/contract/records';
import {
  changeBetween,
  type FieldChange,
  fieldsOf,
  INSPECTION_BRANCHES,
  patchOf,
} from '@hot-bead/core/history';
import {
  type GaugeId,
  GAUGES,
  type InspectedPhoto,
  type Inspection,
  inspectionItem,
  type InspectionItemId,
  INSPECTION_ITEM_IDS,
  type WeldLevel,
  type WeldStandard,
} from '@hot-bead/core/records';
import { numberOrText, readSize, typedSize } from '../../../units/index.ts';

/** A size as it is typed. */
export interface SizeFields {
  readonly value: string;
  readonly gauge: GaugeId;
  readonly u95: string;
}

/** An item as it is typed; without a value it was not looked at. */
export interface ItemFields extends SizeFields {
  readonly length: string;
  readonly ownLimit: string;
}

/** An inspection as it is typed: sizes in the user's unit, lengths in any. */
export interface InspectionFields {
  readonly joint: 'butt' | 'fillet';
  readonly standard: WeldStandard | '';
  readonly level: WeldLevel | '';
  readonly thickness: string;
  readonly nominal: string;
  readonly nominalIs: 'throat' | 'leg' | '';
  readonly weld: string;
  readonly width: string;
  readonly underSize: string;
  readonly firstLeg: SizeFields;
  readonly secondLeg: SizeFields;
  readonly throat: SizeFields;
  readonly items: Readonly<Partial<Record<InspectionItemId, ItemFields>>>;
  readonly photos: readonly InspectedPhoto[];
  readonly who: string;
  readonly note: string;
}

const size = (gauge: GaugeId): SizeFields => ({ value: '', gauge, u95: '' });
export const emptyItem = (id: InspectionItemId): ItemFields => ({
  ...size(inspectionItem(id).gauge),
  length: '',
  ownLimit: '',
});

/** A weld that nobody has looked at yet. */
export function newFields(
  about: Pick<InspectionFields, 'joint' | 'standard' | 'thickness'> & Partial<InspectionFields>,
): InspectionFields {
  return {
    level: '',
    nominal: '',
    nominalIs: '',
    weld: '',
    width: '',
    underSize: '',
    firstLeg: size('cam'),
    secondLeg: size('cam'),
    throat: size('throat'),
    items: {},
    photos: [],
    who: '',
    note: '',
    ...about,
  };
}

const given = (text: string): boolean => text.trim() !== '';
const own = (text: string, units: Units): number | string | undefined =>
  given(text) ? readSize(text, units) : undefined;

function lengthOf(text: string, units: Units): number | string | undefined {
  if (!given(text)) return undefined;
  if (Number(text.replace(',', '.')) === 0) return 0;
  const read = measuredLength(text, units.distance);
  return read.status === 'read' ? Number(read.lengthMm.toFixed(6)) : text;
}

function filled(record: Readonly<Record<string, unknown>>): Record<string, unknown> {
  return Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined));
}

function sizeOf({ value, gauge, u95 }: SizeFields, units: Units): Record<string, unknown> | undefined {
  return given(value) ? filled({ value: readSize(value, units), gauge, u95: own(u95, units) }) : undefined;
}

function itemOf(id: InspectionItemId, fields: ItemFields, units: Units): Record<string, unknown> | undefined {
  if (!given(fields.value)) return undefined;
  const { ask } = inspectionItem(id);
  const read = {
    value: ask === 'size' ? readSize(fields.value, units) : numberOrText(fields.value),
    ...(fields.gauge === 'own' ? {} : { gauge: fields.gauge }),
  };
  if (ask !== 'size') return fields.gauge === 'photo' ? read : { value: read.value };
  return filled({
    ...read,
    gauge: fields.gauge,
    u95: own(fields.u95, units),
    lengthMm: lengthOf(fields.length, units),
    ownLimit: own(fields.ownLimit, units),
  });
}

/** What was typed as the contract takes it; what is empty is left out. */
export function inspectionOf(fields: InspectionFields, at: string, units: Units): Record<string, unknown> {
  const { joint } = fields;
  const items = INSPECTION_ITEM_IDS.flatMap((id) => {
    const typed = fields.items[id];
    const item = typed && itemOf(id, typed, units);
    return item ? [[id, item] as const] : [];
  });
  return filled({
    joint,
    standard: fields.standard || undefined,
    level: fields.level || undefined,
    thicknessMm: own(fields.thickness, units),
    nominalMm: joint === 'fillet' ? own(fields.nominal, units) : undefined,
    nominalIs: joint === 'fillet' && given(fields.nominal) ? fields.nominalIs || undefined : undefined,
    weldMm: lengthOf(fields.weld, units),
    widthMm: joint === 'butt' ? own(fields.width, units) : undefined,
    underSizeMm: joint === 'fillet' ? lengthOf(fields.underSize, units) : undefined,
    firstLeg: joint === 'fillet' ? sizeOf(fields.firstLeg, units) : undefined,
    secondLeg: joint === 'fillet' ? sizeOf(fields.secondLeg, units) : undefined,
    throat: joint === 'fillet' ? sizeOf(fields.throat, units) : undefined,
    items: Object.fromEntries(items),
    photos: fields.photos,
    who: given(fields.who) ? fields.who.trim() : undefined,
    note: given(fields.note) ? fields.note.trim() : undefined,
    at,
  });
}

/** An inspection that is kept, as it would be typed. */
export function fieldsOfInspection(kept: KeptInspection, units: Units): InspectionFields {
  const text = (mm: number | undefined): string => (mm === undefined ? '' : typedSize(mm, units));
  const sized = (read: Inspection['firstLeg'], gauge: GaugeId): SizeFields =>
    read ? { value: text(read.value), gauge: read.gauge, u95: text(read.u95) } : size(gauge);
  const items = INSPECTION_ITEM_IDS.flatMap((id) => {
    const read = kept.items[id];
    if (!read) return [];
    const fields: ItemFields = {
      value: inspectionItem(id).ask === 'size' ? text(read.value) : String(read.value),
      gauge: read.gauge ?? 'own',
      u95: text(read.u95),
      length: text(read.lengthMm),
      ownLimit: text(read.ownLimit),
    };
    return [[id, fields] as const];
  });
  return {
    joint: kept.joint,
    standard: kept.standard ?? '',
    level: kept.level ?? '',
    thickness: text(kept.thicknessMm),
    nominal: text(kept.nominalMm),
    nominalIs: kept.nominalIs ?? '',
    weld: text(kept.weldMm),
    width: text(kept.widthMm),
    underSize: text(kept.underSizeMm),
    firstLeg: sized(kept.firstLeg, 'cam'),
    secondLeg: sized(kept.secondLeg, 'cam'),
    throat: sized(kept.throat, 'throat'),
    items: Object.fromEntries(items),
    photos: kept.photos,
    who: kept.who ?? '',
    note: kept.note ?? '',
  };
}

/** What differs from the inspection that is kept, as a change of it. */
export function inspectionChange(
  kept: KeptInspection,
  now: Inspection,
  units: Units,
): Record<string, unknown> {
  const before = { ...inspectionOf(fieldsOfInspection(kept, units), kept.at, units), runId: kept.runId };
  const change: FieldChange = changeBetween(
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
