import type { LengthUnit } from '@hot-bead/core/base';
import type { TaskWeight } from '@hot-bead/core/day';
import { NUMBER_OFF_RANGE } from '@hot-bead/core/trade';
import Joi from 'joi';
import { type ChosenId, idSchema, type SeenVersion, versionSchema } from '../history/command.ts';
import { LINE_MAX, unitSchema } from '../plan/job.ts';
import { lineSchema, textSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { localTimeSchema, weightSchema } from '../plan/task.ts';
import { exactly } from '../base/validation.ts';

/** Most lines that are added to a piece at once. */
export const WELD_LINES_MOST = 300;
const NAME_MOST = 80;
const NOTE_MOST = 1000;

/** Something that is built of welds. */
export interface Piece {
  readonly name: string;
  /** How many of it are built. */
  readonly numberOff?: number;
  readonly due?: string;
  readonly weight?: TaskWeight;
  readonly note?: string;
  /** Whether its welds are on the Bench. */
  readonly queued?: true;
}

export type NewPiece = Piece & ChosenId;
/** Changes of a piece, field by field; null takes a field away. */
export type PieceChange = SeenVersion & { readonly [K in keyof Piece]?: Piece[K] | null };

/** A piece as it is kept. */
export interface KeptPiece extends Piece {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly away: boolean;
  /** Its welds, and how many of them are done. */
  readonly welds: number;
  readonly welded: number;
}

/** One weld that is added to a piece, as a line. */
export interface NewWeld {
  readonly id: string;
  readonly line: string;
}

export interface NewWelds {
  readonly welds: readonly NewWeld[];
  readonly unit?: LengthUnit;
}

const name = lineSchema()
  .min(1)
  .max(NAME_MOST)
  .messages({
    'string.empty': 'Give the piece a name.',
    'string.max': `A name has at most ${NAME_MOST} letters.`,
    'any.required': 'Give the piece a name.',
    'string.base': 'Give the piece a name.',
  });
const others = {
  numberOff: Joi.number()
    .integer()
    .min(NUMBER_OFF_RANGE[0])
    .max(NUMBER_OFF_RANGE[1])
    .messages({
      '*': `How many are built is a whole number from ${NUMBER_OFF_RANGE[0]} to ${NUMBER_OFF_RANGE[1]}.`,
    }),
  due: localTimeSchema,
  weight: weightSchema,
  note: textSchema().min(1).max(NOTE_MOST),
  queued: Joi.valid(true),
};

export const pieceSchema = exactly<Piece>({ name: name.required(), ...others });
export const newPieceSchema = exactly<NewPiece>({ name: name.required(), ...others, id: idSchema });
export const pieceChangeSchema = Joi.object<PieceChange>({
  version: versionSchema,
  name,
  ...Object.fromEntries(Object.entries(others).map(([field, schema]) => [field, schema.allow(null)])),
})
  .or('name', ...Object.keys(others))
  .messages({ 'object.missing': 'Nothing to change.' });

export const KEPT_PIECE: StoredShape<{ readonly piece: Piece }> = {
  version: 1,
  schema: Joi.object({ piece: pieceSchema.required() }),
  upgrades: {},
};

export const keptPieceSchema = exactly<KeptPiece>({
  name: name.required(),
  ...others,
  id: Joi.string().required(),
  version: versionSchema.required(),
  updatedAt: Joi.string().required(),
  away: Joi.boolean().required(),
  welds: Joi.number().required(),
  welded: Joi.number().required(),
});

export const newWeldsSchema = Joi.object<NewWelds>({
  welds: Joi.array()
    .items(
      exactly<NewWeld>({
        id: idSchema.required(),
        line: lineSchema()
          .min(1)
          .max(LINE_MAX)
          .required()
          .messages({
            'string.empty': 'The line is empty.',
            'string.max': `A line has at most ${LINE_MAX} letters.`,
          }),
      }),
    )
    .min(1)
    .max(WELD_LINES_MOST)
    .unique('id')
    .required()
    .messages({
      'array.unique': 'Two welds have the same id.',
      'array.min': 'Type at least one weld.',
      'array.max': `At most ${WELD_LINES_MOST} welds are added at once: add the rest after.`,
    }),
  unit: unitSchema,
});
