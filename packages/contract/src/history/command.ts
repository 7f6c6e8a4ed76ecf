import Joi from 'joi';
import type { FieldChange, Json } from '@hot-bead/core/history';

/** Headers of a command: who sends it, its own id (a repeat is done once), and the version that was seen. */
export const COMMAND_HEADER = 'command-id';
export const DEVICE_HEADER = 'device-id';
export const ACTOR_HEADER = 'actor';
export const VERSION_HEADER = 'if-match';

/** An id that the one who creates a record chooses: a UUID. */
export const idSchema = Joi.string()
  .lowercase()
  .pattern(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/)
  .messages({ 'string.pattern.base': 'An id is a UUID.' });

/** The version of a record that was seen when a change was made. */
export const versionSchema = Joi.number().integer().min(1);

/** A change says which version it saw, here or in the If-Match header. */
export interface SeenVersion {
  readonly version?: number;
}

/** A create says which id the record is to have; without one it is given one. */
export interface ChosenId {
  readonly id?: string;
}

/** A field that was changed elsewhere and is changed here to something else. */
export interface FieldConflict {
  readonly field: string;
  /** What stands now; null: nothing. */
  readonly current: Json | null;
  /** What was sent; null: to be taken away. */
  readonly sent: Json | null;
}

/** What a stale change is answered with, beside code and message. */
export interface StaleAnswer {
  /** The record as it stands. */
  readonly current: { readonly version: number };
  readonly conflicts: readonly FieldConflict[];
  /** Everything that was sent, by path. */
  readonly sent: FieldChange;
}

const json = Joi.any();

/** A change by path; what a field holds is checked where the record is. */
export const fieldChangeSchema = Joi.object<FieldChange>().pattern(Joi.string(), json);

export const staleAnswerSchema = Joi.object<StaleAnswer>({
  current: Joi.object({ version: versionSchema.required() }).unknown().required(),
  conflicts: Joi.array()
    .items(
      Joi.object({
        field: Joi.string().required(),
        current: json.required(),
        sent: json.required(),
      }),
    )
    .required(),
  sent: fieldChangeSchema.required(),
}).unknown();
