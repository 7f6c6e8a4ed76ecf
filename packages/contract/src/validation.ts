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

function problemsOf(error: Joi.ValidationError): Problem[] {
  return error.details.map((detail) => ({
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
