import Joi from 'joi';

/** One thing wrong with an input, at its field. */
export interface Problem {
  readonly field: string;
  readonly code: string;
  readonly message: string;
}

/** An input that does not fit its schema; carries every problem found, the first one foremost. */
export class ContractError extends Error {
  readonly problems: readonly Problem[];

  constructor(problems: readonly Problem[]) {
    super(problems[0]?.message ?? 'The input does not fit.');
    this.name = 'ContractError';
    this.problems = problems;
  }
}

const CODE_OF_JOI: readonly (readonly [RegExp, string])[] = [
  [/^any\.required$/, 'missing'],
  [/^object\.unknown$/, 'unknown-field'],
  [/^any\.only$/, 'not-one-of'],
  [/^(number|string)\.(min|max|greater|less|unsafe|infinity|length)$/, 'out-of-range'],
  [/^string\.empty$/, 'missing'],
  [/^object\.(oxor|missing|xor|nand)$/, 'missing'],
];

function codeOf(type: string): string {
  if (!type.includes('.')) return type;
  return CODE_OF_JOI.find(([pattern]) => pattern.test(type))?.[1] ?? 'wrong-type';
}

/** Most problems that are told of at once: after these, more of them help nobody. */
export const PROBLEMS_MOST = 50;

function problemsOf(error: Joi.ValidationError): Problem[] {
  return error.details.slice(0, PROBLEMS_MOST).map((detail) => ({
    field: detail.path.join('.'),
    code: codeOf(detail.type),
    message: detail.message,
  }));
}

/**
 * Checks a value against a schema.
 *
 * @returns the value with defaults and conversions applied
 * @throws {ContractError} with every problem at its field
 */
export function validated<T>(schema: Joi.Schema<T>, value: unknown): T {
  const result = schema.validate(value, { abortEarly: false, errors: { wrap: { label: '' } } });
  if (result.error) throw new ContractError(problemsOf(result.error));
  return result.value;
}

/** An object's schema that names every key of its type: one that is forgotten does not compile. */
export function exactly<T>(fields: { readonly [K in keyof Required<T>]: Joi.Schema }): Joi.ObjectSchema<T> {
  return Joi.object<T>(fields as Joi.SchemaMap);
}

/**
 * A check of a list as a whole, asked only where each of its items is what it should be: what is wrong with an item is
 * said of the item.
 */
export function whereItemsFit<T>(
  item: Joi.Schema<T>,
  check: (items: readonly T[], helpers: Joi.CustomHelpers) => readonly T[] | Joi.ErrorReport,
): Joi.CustomValidator {
  return (items: readonly T[], helpers) =>
    items.some((one) => item.validate(one).error) ? items : check(items, helpers);
}

/** Where an error of a whole object stands, when it is one of its fields that is wrong. */
export function atField(state: Joi.State, field: string): Joi.State {
  return state.localize?.([...(state.path ?? []), field], state.ancestors, state) ?? state;
}
