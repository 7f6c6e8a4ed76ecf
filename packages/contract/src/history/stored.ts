import type Joi from 'joi';

/** How something is kept as JSON: the version it is written in now, and how older ones become it. */
export interface StoredShape<T> {
  readonly version: number;
  readonly schema: Joi.Schema<T>;
  /** By the version it comes from, each making the next one. */
  readonly upgrades: Readonly<Record<number, (kept: unknown) => unknown>>;
}

export type StoredReading<T> =
  { readonly status: 'read'; readonly value: T } | { readonly status: 'unreadable'; readonly why: string };

/** What was kept, brought to today's form and held against its contract; never a value that does not fit. */
export function readStored<T>(shape: StoredShape<T>, version: number, kept: unknown): StoredReading<T> {
  if (version > shape.version) {
    return {
      status: 'unreadable',
      why: `It was kept in form ${version}; this version reads up to ${shape.version}.`,
    };
  }
  let value = kept;
  for (let from = version; from < shape.version; from += 1) {
    const upgrade = shape.upgrades[from];
    if (!upgrade)
      return { status: 'unreadable', why: `There is no way from form ${from} to form ${from + 1}.` };
    try {
      value = upgrade(value);
    } catch {
      return { status: 'unreadable', why: `What is there is not of form ${from}.` };
    }
  }
  const result = shape.schema.validate(value, { abortEarly: true, convert: false });
  if (result.error) return { status: 'unreadable', why: result.error.message };
  return { status: 'read', value: result.value };
}
