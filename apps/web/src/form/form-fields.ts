import type { AmountQuantity, Units, Words } from '@hot-bead/core/base';
import { numberOrText, readFigure, typedFigure } from '../units/index.ts';

/** What was typed, by field. */
export type Typed = Readonly<Record<string, string>>;

export type Options = readonly (readonly [value: string, label: string])[];

/** How a value is typed: as its field shows it, and as it is read; what is none is left as text, for the contract to refuse. */
export interface Typing {
  readonly show: (value: never, units: Units) => string;
  readonly read: (text: string, units: Units) => unknown;
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

/** One field of a form: named as its contract names it. */
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

/** What stands in the fields of something as it is kept; what is not known is empty. */
export function typedOf(fields: readonly FormField[], kept: object, units: Units): Typed {
  const values = kept as Readonly<Record<string, unknown>>;
  return Object.fromEntries(
    fields.map((field) => {
      const value = values[field.name];
      return [field.name, value === undefined ? '' : typingOf(field).show(value as never, units)] as const;
    }),
  );
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
  const values = askedFields(fields, typed).flatMap((field) => {
    const { name } = field;
    const text = (typed[name] ?? '').trim();
    if (text === '') return [];
    const stays = shown[name] === text;
    const before = (kept as Readonly<Record<string, unknown>> | undefined)?.[name];
    return [[name, stays ? before : typingOf(field).read(text, units)] as const];
  });
  return Object.fromEntries(values);
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
