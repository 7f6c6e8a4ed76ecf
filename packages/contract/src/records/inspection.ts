import {
  GAUGE_IDS,
  INSPECTED_LEG_RANGE_MM,
  INSPECTED_LENGTH_RANGE_MM,
  INSPECTED_PLATE_RANGE_MM,
  INSPECTED_SIZE_RANGE_MM,
  type InspectedPhoto,
  type Inspection,
  INSPECTION_ITEM_IDS,
  type ItemRead,
  NOMINAL_RANGE_MM,
  type PhotoMark,
  type PhotoPoint,
  type SizeRead,
  type Verdict,
  WELD_LEVELS,
  WELD_STANDARDS,
} from '@hot-bead/core/records';
import Joi from 'joi';
import { type ChosenId, idSchema, type SeenVersion, versionSchema } from '../history/command.ts';
import { figure } from '../base/figure.ts';
import { lineSchema, textSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { momentSchema } from '../base/time.ts';
import { atField, exactly } from '../base/validation.ts';

export type NewInspection = Inspection & ChosenId;
/** Changes of an inspection, field by field; null takes away what was told. */
export type InspectionChange = SeenVersion & {
  readonly [K in keyof Inspection]?: K extends 'items'
    ? { readonly [I in keyof Inspection['items']]?: ItemRead | null }
    : Inspection[K] | null;
};

/** An inspection as it is kept, with its verdict as the core gives it now. */
export interface KeptInspection extends Inspection {
  readonly id: string;
  readonly version: number;
  readonly jobId: string;
  readonly verdict: Verdict | null;
  readonly updatedAt: string;
  readonly away: boolean;
}

const NOTE_MOST = 600;
const PHOTOS_MOST = 12;
const MARKS_MOST = 60;

const size = (what: string) => figure(what, INSPECTED_SIZE_RANGE_MM, 'mm');
const band = figure('The band', [0, 50], 'mm');
const gauge = Joi.valid(...GAUGE_IDS).messages({ '*': 'Say what it was read with.' });
const sizeRead = (what: string) =>
  exactly<SizeRead>({
    value: figure(what, INSPECTED_LEG_RANGE_MM, 'mm').required(),
    gauge: gauge.required(),
    u95: band,
  });
const itemRead = exactly<ItemRead>({
  value: size('The size').required(),
  gauge,
  u95: band,
  lengthMm: figure('The length', [0, INSPECTED_LENGTH_RANGE_MM[1]], 'mm'),
  ownLimit: size('The limit'),
  note: lineSchema().max(200),
});
const items = (...also: readonly null[]) =>
  Joi.object(Object.fromEntries(INSPECTION_ITEM_IDS.map((id) => [id, itemRead.allow(...also)]))).messages({
    'object.unknown': 'There is no item “{#child}”.',
  });

const coordinate = Joi.number().min(-10_000).max(100_000).required();
const point = Joi.array<PhotoPoint>().ordered(coordinate, coordinate).length(2);
const photo = exactly<InspectedPhoto>({
  photoId: Joi.string().max(80).required(),
  scale: exactly<NonNullable<InspectedPhoto['scale']>>({
    from: point.required(),
    to: point.required(),
    mm: figure('The scale', [1, 5000], 'mm').required(),
    heightMm: figure('The height between scale and weld', [0, 500], 'mm').required(),
    cameraMm: figure('The distance of the camera', [20, 20_000], 'mm').required(),
    tiltDeg: figure('The tilt', [0, 60], 'degrees').required(),
    surface: Joi.valid('usual', 'polished', 'rough').required(),
  }),
  marks: Joi.array()
    .items(
      exactly<PhotoMark>({
        kind: Joi.valid('line', 'circle').required(),
        from: point.required(),
        to: point.required(),
        label: lineSchema().max(60),
      }),
    )
    .max(MARKS_MOST)
    .required(),
});
const photos = Joi.array()
  .items(photo)
  .max(PHOTOS_MOST)
  .messages({ 'array.max': `An inspection has at most ${PHOTOS_MOST} photos.` });

const fields = {
  standard: Joi.valid(...WELD_STANDARDS),
  level: Joi.valid(...WELD_LEVELS),
  nominalMm: figure('The size of the drawing', NOMINAL_RANGE_MM, 'mm'),
  nominalIs: Joi.valid('throat', 'leg'),
  weldMm: figure('The length of the weld', INSPECTED_LENGTH_RANGE_MM, 'mm'),
  widthMm: size('The width'),
  firstLeg: sizeRead('The leg'),
  secondLeg: sizeRead('The leg'),
  throat: sizeRead('The throat'),
  underSizeMm: figure('The length', [0, INSPECTED_LENGTH_RANGE_MM[1]], 'mm'),
  runId: Joi.string().max(80),
  who: lineSchema().min(1).max(40).messages({ 'string.max': 'Who it was has at most 40 letters.' }),
  note: textSchema()
    .min(1)
    .max(NOTE_MOST)
    .messages({ 'string.max': `A note has at most ${NOTE_MOST} letters.` }),
} as const satisfies Partial<Record<keyof Inspection, Joi.Schema>>;
const always = {
  joint: Joi.valid('butt', 'fillet'),
  thicknessMm: figure('The plate', INSPECTED_PLATE_RANGE_MM, 'mm'),
  photos,
  at: momentSchema('When it was looked at'),
} as const;
const required = Object.fromEntries(
  Object.entries(always).map(([name, schema]) => [name, schema.required()]),
) as typeof always;

const LEVELS_OF = { '5817': ['D', 'C', 'B'], '10042': ['D', 'C', 'B'], 'D1.1': ['S'] } as const;

/** What must hold of a whole inspection: a level is one of its standard's. */
function settled<T extends Inspection>(schema: Joi.ObjectSchema<T>): Joi.ObjectSchema<T> {
  return schema
    .custom((one: T, helpers) => {
      const { standard, level } = one;
      if (level === undefined) return one;
      const levels: readonly string[] = standard === undefined ? [] : LEVELS_OF[standard];
      return levels.includes(level) ? one : helpers.error('level', {}, atField(helpers.state, 'level'));
    })
    .messages({ level: 'Pick a level of the standard that was picked.' });
}

const whole = { ...required, ...fields, items: items().required() };
export const inspectionSchema = settled(Joi.object<Inspection>(whole));
export const newInspectionSchema = settled(
  Joi.object<NewInspection>({
    ...whole,
    items: items().default({}),
    photos: photos.default([]),
    id: idSchema,
  }),
);
export const inspectionChangeSchema = Joi.object<InspectionChange>({
  version: versionSchema,
  ...always,
  ...Object.fromEntries(Object.entries(fields).map(([name, schema]) => [name, schema.allow(null)])),
  items: items(null),
})
  .or('items', ...Object.keys(always), ...Object.keys(fields))
  .messages({ 'object.missing': 'Nothing to change.' });

export const KEPT_INSPECTION: StoredShape<{ readonly inspection: Inspection }> = {
  version: 1,
  schema: Joi.object({ inspection: inspectionSchema.required() }),
  upgrades: {},
};
export const keptInspectionSchema = exactly<KeptInspection>({
  ...whole,
  id: Joi.string().required(),
  version: versionSchema.required(),
  jobId: Joi.string().required(),
  verdict: Joi.valid('pass', 'fail', 'not-decided').allow(null).required(),
  updatedAt: Joi.string().required(),
  away: Joi.boolean().required(),
});
