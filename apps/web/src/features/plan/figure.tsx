import { amount, amountText, clamped, measuredLength, type Span } from '@hot-bead/core/base';
import { Minus, Plus, RotateCcw } from 'lucide-react';
import { type KeyboardEvent, type ReactNode, useState } from 'react';
import type { HandScale } from '@hot-bead/core/terms';
import { usePreferences } from '../../preferences/preferences.tsx';
import { figureOf, numberOrText, type Quantity, rangeText, shownAs, withUnit } from '../../units/index.ts';
import { Wrong } from '../../ui/form/wrong.tsx';

interface Props {
  readonly name: string;
  readonly quantity: Quantity;
  readonly span: Span;
  readonly beneath: ReactNode;
  /** Set when the number is the user's own. */
  readonly own?: boolean;
  /** How far a nudge goes, in the core's unit. */
  readonly step?: number;
  /** What the user's own number may be, in the core's unit. */
  readonly range: readonly [min: number, max: number];
  /** Takes the user's own number; undefined gives it back to the plan. Absent where it cannot be set. */
  readonly onOwn?: (value: number | undefined) => void;
  /** The machine's own control for it: then its mark is the large figure, and what is typed and nudged. */
  readonly hand?: HandScale | undefined;
}

function RangeBar({ span }: { readonly span: Span }) {
  const width = span.high - span.low;
  const at = width === 0 ? 50 : ((span.start - span.low) / width) * 100;
  return (
    <div aria-hidden="true" className="relative mt-2 h-2 rounded-full bg-sunk">
      <span
        className="absolute top-[-4px] h-4 w-1 bg-action"
        style={{ left: `calc(${Math.min(Math.max(at, 0), 100)}% - 2px)` }}
      />
    </div>
  );
}

/** Width of a typed figure: digits are all as wide as each other, the point is narrow. */
function fieldWidthEm(text: string): number {
  const wide = (letter: string): number => (/[.,]/.test(letter) ? 0.24 : /[½m]/.test(letter) ? 0.72 : 0.49);
  return [...text].reduce((width, letter) => width + wide(letter), 0.06);
}

interface TypedProps {
  readonly name: string;
  readonly text: string;
  /** Takes what was typed; what is wrong with it, if anything. */
  readonly onTyped: (text: string) => string | undefined;
  readonly onNudge: (direction: 1 | -1) => void;
}

/** The figure as a field: typed over, or nudged with + and − while it has the focus. */
function TypedFigure({ name, text, onTyped, onNudge }: TypedProps) {
  const [draft, setDraft] = useState<string | undefined>();
  const [wrong, setWrong] = useState<string | undefined>();
  const commit = (): void => {
    if (draft === undefined) return;
    const problem = onTyped(draft);
    setWrong(problem);
    if (problem === undefined) setDraft(undefined);
  };
  const drop = (): void => {
    setDraft(undefined);
    setWrong(undefined);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === 'Enter') commit();
    else if (event.key === 'Escape') drop();
    else if (draft === undefined && (event.key === '+' || event.key === '-' || event.key === '−'))
      onNudge(event.key === '+' ? 1 : -1);
    else return;
    event.preventDefault();
  };
  const shown = draft ?? text;
  return (
    <>
      <input
        aria-label={name}
        inputMode="decimal"
        value={shown}
        aria-invalid={wrong !== undefined}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={commit}
        onKeyDown={onKeyDown}
        className="figure-text shrink-0 rounded-md border-b-2 border-transparent bg-transparent text-[48px] leading-none hover:border-line-strong focus:border-action aria-invalid:border-hot max-md:text-[40px]"
        style={{ width: `${fieldWidthEm(shown)}em` }}
      />
      <Wrong className="text-sm">{wrong}</Wrong>
    </>
  );
}

const NUDGE =
  'grid size-11 place-items-center rounded-md border border-line-strong hover:border-action disabled:opacity-40';

function lengthTyped(draft: string): number | undefined {
  const read = measuredLength(draft, 'in');
  return read.status === 'read' ? read.lengthMm : undefined;
}

function figureTyped(draft: string, to: (shown: number) => number): number | undefined {
  const value = numberOrText(draft);
  return typeof value === 'string' ? undefined : to(value);
}

/** The figure as it is set: what stands there, what is typed over it, and a step on. */
interface Setter {
  readonly text: string;
  readonly typed: (draft: string) => number | undefined;
  readonly next: (direction: 1 | -1) => number | undefined;
  /** What to type instead, where nothing could be read. */
  readonly asks: string;
}

function handSetter({ figure, typed, next, reads }: HandScale, physical: Setter, example: string): Setter {
  return {
    text: figure.text,
    // a figure with its unit is meant physically: "18.5 V" on a machine with taps
    typed: (draft) => typed(draft) ?? (/[a-z]$/i.test(draft.trim()) ? physical.typed(draft) : undefined),
    next,
    asks: `${reads}, please; or a figure with its unit, such as ${example}.`,
  };
}

/** One number to set: large, with its range, its place in it, and a way to make it your own. */
export function Figure(props: Props) {
  const { name, quantity, span, beneath, own = false, step = 0, range, onOwn, hand } = props;
  const { units } = usePreferences();
  const { unit, to } = shownAs(quantity, units);
  // an inch is read off a rule: by its fractions, one mark to the next
  const onRule = unit === 'in';
  const physical: Setter = {
    text: onRule
      ? amountText(amount.distance(span.start, undefined, { isBare: true }), units)
      : figureOf(quantity, span.start, units),
    typed: (draft) => (onRule ? lengthTyped(draft) : figureTyped(draft.replace(unit, ''), to)),
    next: (direction) =>
      onRule
        ? (Math.round(span.start / step) + direction) * step
        : Math.round((span.start + direction * step) * 1000) / 1000,
    asks: 'A number, please.',
  };
  const setter = hand ? handSetter(hand, physical, withUnit(quantity, span.start, units)) : physical;
  const nudge = (direction: 1 | -1): void => {
    const next = setter.next(direction);
    if (next !== undefined) onOwn?.(clamped(next, range));
  };
  const typed = (draft: string): string | undefined => {
    const wanted = setter.typed(draft);
    if (wanted === undefined) return setter.asks;
    if (wanted !== clamped(wanted, range)) return `${rangeText(quantity, ...range, units)}, please.`;
    onOwn?.(wanted);
    return undefined;
  };
  const plusMinus = hand?.figure.plusMinus;
  return (
    <div className="min-w-0 border-line px-3 py-2 not-first:border-l max-md:nth-3:border-l-0 max-md:nth-[n+3]:border-t">
      <div className="flex h-6 items-center justify-between">
        <h2 className="label-text">{name}</h2>
        {own && onOwn && (
          <button
            type="button"
            onClick={() => onOwn(undefined)}
            className="-my-3 flex min-h-11 items-center gap-1 text-sm font-semibold text-action"
          >
            yours <RotateCcw size={14} aria-hidden="true" />
            <span className="sr-only">: take the plan’s {name} again</span>
          </button>
        )}
      </div>
      <div className="flex min-h-14 flex-wrap items-end justify-between gap-1">
        <p className="flex items-baseline gap-1">
          {hand && <span className="text-xl font-medium">{hand.figure.control}</span>}
          {onOwn ? (
            <TypedFigure name={name} text={setter.text} onTyped={typed} onNudge={nudge} />
          ) : (
            <span className="figure-text text-[48px] leading-none max-md:text-[40px]">{setter.text}</span>
          )}
          {!hand && <span className="text-[15px] text-ink-soft">{unit}</span>}
        </p>
        {onOwn && (
          <span className="flex gap-1">
            <button
              type="button"
              aria-label={`${name} down`}
              disabled={setter.next(-1) === undefined}
              onClick={() => nudge(-1)}
              className={NUDGE}
            >
              <Minus size={18} aria-hidden="true" />
            </button>
            <button
              type="button"
              aria-label={`${name} up`}
              disabled={setter.next(1) === undefined}
              onClick={() => nudge(1)}
              className={NUDGE}
            >
              <Plus size={18} aria-hidden="true" />
            </button>
          </span>
        )}
      </div>
      <RangeBar span={span} />
      <p className="mt-1.5 text-[15px] leading-snug">
        {hand && (
          <>
            {plusMinus !== undefined && <span className="text-lg">± {plusMinus}; </span>}
            <span className="text-lg font-medium">{withUnit(quantity, span.start, units)}</span>, of{' '}
          </>
        )}
        {rangeText(quantity, span.low, span.high, units)}
        {beneath !== undefined && <span className="block text-ink-soft">{beneath}</span>}
      </p>
    </div>
  );
}
