import Joi from 'joi';
import { fieldChangeSchema } from './command.ts';
import { type FieldChange, RECORD_KINDS, type RecordKind } from '@hot-bead/core/history';
import { exactly } from '../base/validation.ts';

/** What can happen to one. */
export const EVENT_KINDS = [
  'created',
  'changed',
  'put-away',
  'deleted',
  'restored',
  'reading-added',
  'reading-taken-out',
  'reading-put-back',
  'calibration-begun',
  'caution-read',
  'rigged',
  'stock-told',
  'undone',
] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** One thing that happened in the shop. It is never changed: undoing it is another. */
export interface ShopEvent {
  readonly id: string;
  readonly at: string;
  /** Who did it, as they call themselves; null: not said. */
  readonly actor: string | null;
  /** The browser or program that it came from; null: not said. */
  readonly device: string | null;
  readonly kind: EventKind;
  readonly subject: {
    readonly kind: RecordKind;
    readonly id: string;
    /** What it is called now. */
    readonly title: string;
    /** The job of a bead, the machine of a reading: where it is found. */
    readonly of: string;
  };
  /** The fields it touched, as they were and as they became; before is null for what was not there. */
  readonly before: FieldChange | null;
  readonly after: FieldChange;
  /** The event that it takes back. */
  readonly undoOf: string | null;
  /** The event that took it back. */
  readonly undoneBy: string | null;
  /** Why, and by which step, where that was said: a step that was ticked, what a scale showed. */
  readonly about: EventAbout | null;
}

/** What was said beside a change. */
export type EventAbout = Readonly<Record<string, string | number>>;

export const shopEventSchema = exactly<ShopEvent>({
  id: Joi.string().required(),
  at: Joi.string().required(),
  actor: Joi.string().allow(null).required(),
  device: Joi.string().allow(null).required(),
  kind: Joi.valid(...EVENT_KINDS).required(),
  subject: Joi.object({
    kind: Joi.valid(...RECORD_KINDS).required(),
    id: Joi.string().required(),
    title: Joi.string().allow('').required(),
    of: Joi.string().required(),
  }).required(),
  before: fieldChangeSchema.allow(null).required(),
  after: fieldChangeSchema.required(),
  undoOf: Joi.string().allow(null).required(),
  undoneBy: Joi.string().allow(null).required(),
  about: Joi.object()
    .pattern(Joi.string(), Joi.alternatives(Joi.string().allow(''), Joi.number()))
    .allow(null)
    .required(),
});

/** A record that was kept in a form that cannot be read: it is left alone, and nothing else is harmed by it. */
export interface SetAside {
  readonly kind: RecordKind;
  readonly id: string;
  readonly title: string;
  readonly why: string;
  readonly canBePutAway?: boolean;
  readonly canBeDeleted?: boolean;
}

/** One of them with its row, column by column, as it stands in the database. */
export interface SetAsideRecord extends SetAside {
  readonly kept: Readonly<Record<string, string | number | null>>;
}

const setAsideFields = {
  kind: Joi.valid(...RECORD_KINDS).required(),
  id: Joi.string().required(),
  title: Joi.string().allow('').required(),
  why: Joi.string().required(),
  canBePutAway: Joi.boolean(),
  canBeDeleted: Joi.boolean(),
};

export const setAsideListSchema = Joi.array<SetAside[]>().items(exactly<SetAside>(setAsideFields));

export const setAsideRecordSchema = exactly<SetAsideRecord>({
  ...setAsideFields,
  kept: Joi.object()
    .pattern(Joi.string(), Joi.alternatives(Joi.string().allow(''), Joi.number()).allow(null))
    .required(),
});
