import Joi from 'joi';
import { exactly } from '../base/validation.ts';

/** A photo that is kept, by the id it is found under. */
export interface KeptPhoto {
  readonly id: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

export const photoSchema = exactly<KeptPhoto>({
  id: Joi.string().required(),
  widthPx: Joi.number().integer().min(1).required(),
  heightPx: Joi.number().integer().min(1).required(),
});
