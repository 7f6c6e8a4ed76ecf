import { ContractError, type Problem } from '@hot-bead/contract/base';
import type { AmountQuantity, Units, Words } from '@hot-bead/core/base';
import { numberOrText, readFigure, typedFigure } from '../units/index.ts';

/** What was typed, by field. */
export type Typed = Readonly<Record<string, string>>;

export type Options = readonly (readonly [value: string, label: string])[];

/** How a value is typed: as its field shows it, and as it is read; what is none is left as text, for the contract to refuse. */
export interface Typing {
  readonly show: (value: never, units: Units) => string;
  readonly read: (text: string, units: Units) => unknown;
  /** Why a text cannot be read, where the contract could only say that it is no number. */
  readonly whyNot?: (text: string, units: Units) => string | undefined;
  /** A phone shows its figures to type it with. */
  readonly isFigure?: true;
}

/** A number as it is, or the name of a choice. */
const NUMBER: Typing = { show: String, read: numberOrText, isFigure: true };
/** A text as it is. */
export const TEXT: Typing = { show: String, read: (text) => text };
/** Yes or no. */
const YES_NO: Typing = { show: String, read: (text) => text === 'true' };

/** A figure of a quantity, in the user's unit. */
export function figureOfQuantity(quantity: AmountQuantity): Typing {
  return {
    show: (value: number, units) => typedFigure(quantity, value, units),
    read: (text, units) => readFigure(quantity, text, units),
    isFigure: true,
  };
}

/** One field of a form: named as its contract names it, with its place where it stands deeper ("run.timeS"). */
export interface FormField {
  readonly name: string;
  readonly label: string | ((units: Units) => string);
  /** What its figure is: typed in the user's unit, which stands behind its label. */
  readonly quantity?: AmountQuantity;
  /** A choice of one of these. */
  readonly options?: Options | ((units: Units) => Options);
  /** How it is typed, where it is neither a number, a figure nor a choice. */
  readonly typing?: Typing;
  /** Whether it is asked, by what was typed so far. */
  readonly when?: (typed: Typed) => boolean;
  readonly hint?: (typed: Typed) => Words | undefined;
  /** What is taken while it is empty. */
  readonly placeholder?: string | ((units: Units) => string);
  /** How the browser's own field takes it. */
  readonly type?: 'datetime-local' | 'lines';
  readonly rows?: number;
  readonly wide?: true;
}

/** The choice between yes, no, and not said. */
export const YES_NO_OPTIONS: Options = [
  ['', 'not said'],
  ['true', 'yes'],
  ['false', 'no'],
];

/** How a field is typed. */
export function typingOf({ typing, quantity, options }: FormField): Typing {
  if (typing) return typing;
  if (quantity !== undefined) return figureOfQuantity(quantity);
  return options === YES_NO_OPTIONS ? YES_NO : NUMBER;
}

/** Fields that are asked, by what was typed so far. */
export function askedFields(fields: readonly FormField[], typed: Typed): readonly FormField[] {
  return fields.filter(({ when }) => when?.(typed) !== false);
}

type Values = Readonly<Record<string, unknown>>;

/** What stands at a place. */
function valueAt(values: unknown, name: string): unknown {
  return name.split('.').reduce<unknown>((at, part) => (at as Values | undefined)?.[part], values);
}

/** The values with one at its place. */
function withValueAt(values: Values, [first = '', ...deeper]: readonly string[], value: unknown): Values {
  if (deeper.length === 0) return { ...values, [first]: value };
  return { ...values, [first]: withValueAt((values[first] ?? {}) as Values, deeper, value) };
}

/** What stands in the fields of something as it is kept; what is not known is empty. */
export function typedOf(fields: readonly FormField[], kept: object, units: Units): Typed {
  return Object.fromEntries(
    fields.map((field) => {
      const value = valueAt(kept, field.name);
      return [field.name, value === undefined ? '' : typingOf(field).show(value as never, units)] as const;
    }),
  );
}

/** What was typed without the fields that are empty. */
export function withoutEmpty(typed: Typed): Typed {
  return Object.fromEntries(Object.entries(typed).filter(([, text]) => text !== ''));
}

/**
 * What was typed, for its contract to check; what is empty is left out. What was not touched is kept to its last digit,
 * though its field shows it rounded.
 */
export function enteredIn(
  fields: readonly FormField[],
  typed: Typed,
  units: Units,
  kept?: object,
): Record<string, unknown> {
  const shown = kept === undefined ? {} : typedOf(fields, kept, units);
  return askedFields(fields, typed).reduce<Values>((values, field) => {
    const { name } = field;
    const text = (typed[name] ?? '').trim();
    if (text === '') return values;
    const value = shown[name] === text ? valueAt(kept, name) : typingOf(field).read(text, units);
    return value === undefined ? values : withValueAt(values, name.split('.'), value);
  }, {});
}

/** What cannot be read of what was typed, and why. */
export function unreadIn(fields: readonly FormField[], typed: Typed, units: Units): readonly Problem[] {
  return askedFields(fields, typed).flatMap((field) => {
    const text = (typed[field.name] ?? '').trim();
    const message = text === '' ? undefined : typingOf(field).whyNot?.(text, units);
    return message === undefined ? [] : [{ field: field.name, code: 'unreadable', message }];
  });
}

/** The same as a change of what is kept: what is empty, or is no longer asked, is no longer known. */
export function changedIn(
  fields: readonly FormField[],
  typed: Typed,
  units: Units,
  kept: object,
): Record<string, unknown> {
  const none = fields.map(({ name }) => [name, null] as const);
  return { ...Object.fromEntries(none), ...enteredIn(fields, typed, units, kept) };
}

/**
 * Checks what was entered. Where some of it could not be read, that is said together with whatever else is wrong.
 *
 * @throws {ContractError} with every problem at its field, why a text cannot be read before that it is no number
 */
export function checkedWith<T>(unread: readonly Problem[], check: () => T): T {
  if (unread.length === 0) return check();
  const marked = new Set(unread.map(({ field }) => field));
  throw new ContractError([...unread, ...problemsOf(check).filter(({ field }) => !marked.has(field))]);
}

function problemsOf(check: () => unknown): readonly Problem[] {
  try {
    check();
    return [];
  } catch (error) {
    if (error instanceof ContractError) return error.problems;
    throw error;
  }
}
