import Joi from 'joi';

/** How a figure is spoken of, where that is not by its name and limits alone. */
interface FigureWords {
  /** The limits in other words: with both units, or in metres. */
  readonly limits?: string;
  /** Names in the plural: "Arc volts are". */
  readonly plural?: true;
  /** What is asked for where it is missing. */
  readonly missing?: string;
  /** What it is where it is no number: "a number of seconds". */
  readonly kind?: string;
}

/** "1 to 30 mm". */
export function limitsText([least, most]: readonly [number, number], unit = ''): string {
  return `${least} to ${most}${unit === '' ? '' : ` ${unit}`}`;
}

/**
 * A number within one of core's ranges, with one sentence for whatever is wrong with it.
 *
 * @param what as it begins a sentence
 * @param unit as it is written after a number; empty where there is none
 */
export function figure(
  what: string,
  range: readonly [number, number],
  unit = '',
  { limits = limitsText(range, unit), plural, missing, kind = 'a number' }: FigureWords = {},
): Joi.NumberSchema {
  const is = `${what} ${plural ? 'are' : 'is'}`;
  const within = `${is} ${limits}.`;
  return Joi.number()
    .min(range[0])
    .max(range[1])
    .messages({
      'number.base': `${is} ${kind}.`,
      'number.unsafe': within,
      'number.infinity': within,
      'number.integer': `${is} a whole number.`,
      'any.required': missing ?? `${is} ${kind}.`,
      'number.min': within,
      'number.max': within,
    });
}
