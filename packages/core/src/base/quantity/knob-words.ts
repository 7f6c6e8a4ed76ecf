import type { Span } from '../numeric/span.ts';

/** How many steps a hand sets on a scale: a 0–10 knob to half a mark. Source: common practice. */
const HAND_STEPS = 20;

/** A knob's scale, from its lowest mark to its highest. */
export type KnobScale = readonly [min: number, max: number];

/**
 * What a hand can set on a scale, in its own marks: ½ on 0–10, 5 on 0–100, 0.05 on 0–1.
 *
 * @param scale lowest and highest mark, the highest above the lowest
 * @returns a step of 1, 2 or 5 in some decimal place
 * @source common practice: about a twentieth of the turn
 */
export function handStep([min, max]: KnobScale): number {
  const wanted = (max - min) / HAND_STEPS;
  const decade = 10 ** Math.floor(Math.log10(wanted));
  const steps = [1, 2, 5, 10].map((mantissa) => mantissa * decade);
  const apart = (step: number): number => Math.abs(Math.log(step / wanted));
  const nearest = steps.reduce((best, step) => (apart(step) < apart(best) ? step : best));
  return Number(nearest.toPrecision(1));
}

/** A knob position rounded to what a hand can set. */
export function handSet(knob: number, scale: KnobScale): number {
  const step = handStep(scale);
  return Number((Math.round(knob / step) * step).toPrecision(6));
}

/** A mark as it is read off a scale: halves as ½, finer ones in decimals. */
function mark(knob: number, step: number): string {
  if (step !== 0.5) return String(Number(knob.toPrecision(6)));
  const whole = Math.floor(knob);
  return knob === whole ? String(whole) : `${whole === 0 ? '' : whole}½`;
}

/** How far from a mark a knob still counts as standing at it, as a share of a step. Source: our tuning. */
const AT_MARK_STEPS = 0.25;

/** The mark that a knob stands at, counted in steps; undefined between two. */
function nearestMark(knob: number, step: number): number | undefined {
  const nearest = Math.round(knob / step);
  return Math.abs(knob / step - nearest) <= AT_MARK_STEPS ? nearest : undefined;
}

/**
 * The marks that a hand sets a knob by: one of {@link handStep}, or two that it stands between.
 *
 * @param knob position on the scale, 0 or more
 * @param scale the knob's lowest and highest mark
 */
export function knobMarks(knob: number, scale: KnobScale): readonly [string] | readonly [string, string] {
  const step = handStep(scale);
  const nearest = nearestMark(knob, step);
  if (nearest !== undefined) return [mark(nearest * step, step)];
  const steps = knob / step;
  return [mark(Math.floor(steps) * step, step), mark(Math.ceil(steps) * step, step)];
}

/**
 * The next mark in a direction: from a mark that the knob stands at, one step on; from between two, the nearer of them there.
 *
 * @param step between two marks that a hand sets
 */
export function nextMark(knob: number, step: number, direction: 1 | -1): number {
  const nearest = nearestMark(knob, step);
  const steps = knob / step;
  const beside = direction > 0 ? Math.ceil(steps) : Math.floor(steps);
  return Number(((nearest === undefined ? beside : nearest + direction) * step).toPrecision(6));
}

/** The same in words: "6½", or "between 6 and 6½". */
export function knobWords(knob: number, scale: KnobScale): string {
  const [low, high] = knobMarks(knob, scale);
  return high === undefined ? low : `between ${low} and ${high}`;
}

/** A knob's figure as it is set, with one doubt in the same marks. */
export interface KnobFigure {
  /** "4½" where a mark is near enough, else "5.7" */
  readonly text: string;
  /** Half-width of the doubt about the figure as it is written, to a digit finer than the step. */
  readonly plusMinus: string;
}

/**
 * Where a knob is to stand, in one figure: the nearest mark where it lies within a quarter of a step, else decimals. The
 * doubt is told about what is written, so that the band is never wider than it says.
 *
 * @param knob position on the scale and its 95 % band
 * @param scale the knob's lowest and highest mark
 * @example knobFigure({ start: 4.4, low: 4.1, high: 4.9 }, [0, 10]) // { text: '4½', plusMinus: '0.4' }
 */
export function knobFigure(knob: Span, scale: KnobScale): KnobFigure {
  const step = handStep(scale);
  const digits = Math.max(0, Math.ceil(-Math.log10(step)));
  const [only, other] = knobMarks(knob.start, scale);
  const shown = other === undefined ? handSet(knob.start, scale) : Number(knob.start.toFixed(digits));
  const half = Math.max(knob.high - shown, shown - knob.low, 0);
  return {
    text: other === undefined ? only : knob.start.toFixed(digits),
    plusMinus: half.toFixed(digits),
  };
}

/**
 * The place that a text names on a knob's scale: "4½", "4 1/2", "4.5", "4,5".
 *
 * @returns undefined for what is no number
 */
export function knobTyped(text: string): number | undefined {
  const [, whole = '', over, under] = /^(?:(\d+) )?(?:(\d+)\/(\d+))?$/.exec(text.trim()) ?? [];
  if (over !== undefined && Number(under) > 0) return Number(whole) + Number(over) / Number(under);
  const plain = text.trim().replace(/^½$/, '0.5').replace('½', '.5').replace(',', '.').replace('−', '-');
  return /^[-+]?(\d+(\.\d+)?|\.\d+)$/.test(plain) ? Number(plain) : undefined;
}
