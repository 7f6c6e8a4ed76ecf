import Joi from 'joi';

/** One page of a list, newest first; `next` asks for the one after it. */
export interface Page<T> {
  readonly items: readonly T[];
  readonly next: string | null;
}

export interface PageRequest {
  readonly after?: string;
  readonly limit: number;
}

/** A list that can be searched. */
export interface FindRequest extends PageRequest {
  readonly find?: string;
}

export const PAGE_LIMIT = 50;
export const PAGE_LIMIT_MOST = 200;

const page = {
  after: Joi.string().max(120),
  limit: Joi.number().integer().min(1).max(PAGE_LIMIT_MOST).default(PAGE_LIMIT),
};

export const pageRequestSchema = Joi.object<PageRequest>(page);
export const findRequestSchema = Joi.object<FindRequest>({ ...page, find: Joi.string().allow('').max(300) });

export function pageSchema<T>(item: Joi.Schema<T>): Joi.ObjectSchema<Page<T>> {
  return Joi.object<Page<T>>({
    items: Joi.array().items(item).required(),
    next: Joi.string().allow(null).required(),
  });
}
