import Joi from 'joi';

/** Characters that steer instead of showing: controls, marks that turn the writing direction, byte-order marks. */
const STEERING = /[\p{Cc}\u200e\u200f\u202a-\u202e\u2066-\u2069\ufeff]/gu;
const STEERING_BUT_LINES = /(?!\n)[\p{Cc}\u200e\u200f\u202a-\u202e\u2066-\u2069\ufeff]/gu;
const LONE_SURROGATE = /\p{Surrogate}/gu;
/** Characters that no standard gives a meaning: {@link MACHINE_MARK} is one of them. */
const PRIVATE_USE = /[\ue000-\uf8ff]/gu;

/** Stands in a kept line where its machine is named, so that the line follows the machine to a new name. */
export const MACHINE_MARK = '\ue000';

/** A line of text as it is kept: composed (NFC), one line, single blanks, without characters that do not show. */
export function plainLine(text: string): string {
  return text
    .replace(/[\t\n\v\f\r\u0085\u2028\u2029]/gu, ' ')
    .replace(STEERING, '')
    .replace(LONE_SURROGATE, '')
    .replace(PRIVATE_USE, '')
    .normalize('NFC')
    .replace(/\s+/gu, ' ')
    .trim();
}

/** The same for a text of several lines. */
export function plainText(text: string): string {
  return text
    .replace(/\r\n?|[\u0085\u2028\u2029]/gu, '\n')
    .replace(STEERING_BUT_LINES, '')
    .replace(LONE_SURROGATE, '')
    .replace(PRIVATE_USE, '')
    .normalize('NFC')
    .trim();
}

/** The same names written the same: without regard to case and to how their letters are composed. */
export function nameKey(name: string): string {
  return plainLine(name).toLocaleLowerCase('en');
}

const cleaned = Joi.extend((joi: Joi.Root) => ({
  type: 'string',
  base: joi.string(),
  coerce: (value: unknown) => ({ value: typeof value === 'string' ? plainLine(value) : value }),
})) as Joi.Root;

const cleanedText = Joi.extend((joi: Joi.Root) => ({
  type: 'string',
  base: joi.string(),
  coerce: (value: unknown) => ({ value: typeof value === 'string' ? plainText(value) : value }),
})) as Joi.Root;

/** A line of text, put into the form it is kept in before anything else is asked of it. */
export function lineSchema(): Joi.StringSchema {
  return cleaned.string();
}

/** The same for a text of several lines. */
export function textSchema(): Joi.StringSchema {
  return cleanedText.string();
}
