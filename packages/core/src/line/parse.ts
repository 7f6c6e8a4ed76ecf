import type { Words } from '../base/words/words.ts';
import type { Draft, Line, Verdict } from './draft.ts';
import { doubtsOf } from './doubts.ts';
import { figureChoices } from './figure-choices.ts';
import { type LineText, lineTextOf } from './lattice/edge.ts';
import { LINE_MOST } from './line-length.ts';
import { meaningOf, type Token } from './meaning.ts';
import type { StatedWork } from '../plan/work/stated-work.ts';
import type { LineContext, LineFragment, LineReading } from './line-reading.ts';
import { readFigures } from './read-figures.ts';
import { readSlots } from './read-slots.ts';
import { type WholeReading, readingsOf } from './reading.ts';
import { refuseOutOfRange } from './kept-ranges.ts';
import { twoWeldsOf } from './scope/two-welds.ts';
import { readTwoWelds } from './read-two-welds.ts';
import { settledTokens } from './settled-tokens.ts';
import { askSinglePass, assumeFromWire, assumeSolid, settleByGas, settleRatio } from './settle.ts';
import { ASKING_MARGIN, type Weights, WEIGHTS } from './weights.ts';

const SILENT_KINDS = new Set([
  'filler-word',
  'thick-word',
  'wire-word',
  'label',
  'or',
  'negation',
  'separator',
]);

function fallback(token: Token): Verdict {
  if (meaningOf(token, 'connector')) return { status: 'understood', label: 'joined to', slots: [] };
  if (meaningOf(token, 'thing')) return { status: 'noted', label: 'a part, no figure', slots: [] };
  if (token.meanings.some(({ kind }) => SILENT_KINDS.has(kind)))
    return { status: 'understood', label: token.text, slots: [] };
  return { status: 'not-understood', label: token.text, slots: [] };
}

function wholeFragment(text: string, label: Words, code?: string): LineFragment {
  return {
    start: 0,
    end: text.length,
    text: text.trim(),
    status: 'not-understood',
    label,
    slots: [],
    ...(code === undefined ? {} : { code }),
  };
}

function nothingWritten(text: string): readonly LineFragment[] {
  return text === '' ? [] : [{ ...wholeFragment(text, 'nothing written'), text: '' }];
}

/** Fragments that cover the whole line: each takes the blanks behind it, the first also those before it. */
function fragmentsOf(draft: Draft, line: Line, best: WholeReading): readonly LineFragment[] {
  const { tokens, text } = draft;
  if (tokens.length === 0) return nothingWritten(text);
  return tokens.map((token, index) => {
    const verdict = draft.verdicts.get(index) ?? fallback(token);
    const figure = figureChoices(draft, line, best, index);
    return {
      start: index === 0 ? 0 : token.start,
      end: tokens[index + 1]?.start ?? text.length,
      text: token.text,
      ...verdict,
      ...(token.corrected === undefined ? {} : { corrected: token.corrected }),
      ...(figure === undefined ? {} : { figure }),
    };
  });
}

/** What one reading of a line says, whatever the others do. */
export function readWhole(
  text: string,
  best: WholeReading,
  others: readonly WholeReading[],
  unit: LineText['unit'],
): LineReading {
  const asked = doubtsOf(best, others);
  const tokens = settledTokens(best, asked);
  const line: Line = { ...best, tokens, unit, asked };
  const draft: Draft = { text, tokens, stated: {}, assumed: {}, questions: [], verdicts: new Map() };
  readSlots(draft);
  settleByGas(draft);
  assumeFromWire(draft);
  settleRatio(draft);
  askSinglePass(draft);
  readFigures(draft, line);
  assumeSolid(draft);
  refuseOutOfRange(draft);
  return {
    text,
    work: draft.stated,
    assumed: draft.assumed,
    fragments: fragmentsOf(draft, line, best),
    questions: draft.questions.toSorted((a, b) => a.start - b.start),
  };
}

/** How a line is read, beside what it says. */
export interface ReaderOptions {
  readonly weights?: Weights;
  /** Most characters that are read: a line that the program wrote itself may be longer than one that is typed. */
  readonly lengthMost?: number;
  /** A part of a line that says two welds: it is not parted again. */
  readonly isPart?: boolean;
}

/**
 * Reads a job typed the way people say it: segments in any order, British and American words.
 *
 * The line is weighed whole: every way to cut it into words and figures, and every part that each figure can have, costs
 * what it is unlikely, and the cheapest reading is taken. Nothing is dropped silently: every character belongs to a
 * fragment that is understood, questioned or not understood, with its place in the text. What is doubtful becomes a
 * question with choices and sets nothing.
 *
 * @param text the line as typed, up to {@link LINE_MOST} characters; of a longer one nothing is read, and it says so
 * @param context the user's unit for bare numbers, the machine names that can be used, the shop's own words
 * @source grammar and costs: our model, with the cases of the quick-line handbook pages as its tests
 * @example
 * parseLine('3 mm steel tee', { unit: 'mm', machineNames: [] }).work.joint // 'tee'
 * parseLine('14', { unit: 'in', machineNames: [] }).questions.length // 1
 */
export function parseLine(text: string, context: LineContext, options: ReaderOptions = {}): LineReading {
  const { weights = WEIGHTS, isPart = false, lengthMost = LINE_MOST } = options;
  if (text.length > lengthMost) {
    const label = `A line is read up to ${lengthMost} characters: this one has ${text.length}. Paste a list line by line.`;
    return {
      text,
      work: {},
      assumed: {},
      fragments: [wholeFragment(text, label, 'line-too-long')],
      questions: [],
    };
  }
  const [best, ...others] = readingsOf(lineTextOf(text, context), weights, ASKING_MARGIN);
  if (!best)
    return {
      text,
      work: {},
      assumed: {},
      fragments: nothingWritten(text),
      questions: [],
    };
  const two = isPart ? undefined : twoWeldsOf(best.tokens, text, best.denied);
  if (two)
    return readTwoWelds(text, best.tokens, two, (part) =>
      parseLine(part, context, { weights, lengthMost, isPart: true }),
    );
  return readWhole(text, best, others, context.unit);
}

/**
 * Everything a reading settles, assumptions included.
 *
 * @example
 * effectiveWork(parseLine('3 mm tee', { unit: 'mm', machineNames: [] })).thicknessMm // 3
 */
export function effectiveWork(reading: LineReading): StatedWork {
  return { ...reading.assumed, ...reading.work };
}
