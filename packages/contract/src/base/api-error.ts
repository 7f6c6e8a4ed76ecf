import Joi from 'joi';
import type { Problem } from './validation.ts';

/** Body of every answer that is not a success. */
export interface ApiError {
  readonly code: string;
  readonly message: string;
  readonly field?: string;
  readonly problems?: readonly Problem[];
  /** Under which the server's log tells more. */
  readonly requestId?: string;
}

export const apiErrorSchema = Joi.object<ApiError>({
  code: Joi.string().required(),
  message: Joi.string().required(),
  field: Joi.string().allow(''),
  requestId: Joi.string(),
  problems: Joi.array().items(
    Joi.object({ field: Joi.string().allow(''), code: Joi.string(), message: Joi.string() }).unknown(),
  ),
}).unknown();
