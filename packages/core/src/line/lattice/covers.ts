import type { Token } from '../meaning.ts';
import type { WeightName } from '../hand-weights.ts';
import type { Weights } from '../weights.ts';
import { type Edge, endsAt, type LineText } from './edge.ts';
import { gasEdges } from './gas-edges.ts';
import { headEdges } from './head-edges.ts';
import { keyEdges, processEdges, thickEdges } from './key-edges.ts';
import { lengthEdges, wordedEdges } from './length-edges.ts';
import { foundAt, pattern } from './pattern.ts';
import { pipeEdges } from './pipe-edges.ts';
import { sectionEdges } from './section-edges.ts';
import { rolledEdges } from './sections/plates-and-beams.ts';
import { machineEdges, phraseEdges, strangeEdges } from './word-edges.ts';

/** The line cut into tokens in one way, with what that costs. */
export interface Cover {
  readonly tokens: readonly Token[];
  readonly cost: number;
  readonly terms: readonly WeightName[];
}

const FIGURE_START = /[\d.,½¼¾⅛⅜⅝⅞#-]/;
/** Temper of an aluminium alloy: it has no part in the plan. */
const TEMPER = pattern(String.raw`(?:t[3-9]\d{0,3}|[hf]\d{2,3})(?![\p{L}\d])`);

function temperEdges(line: LineText, at: number): Edge[] {
  const match = foundAt(TEMPER, line, at);
  // `6082-T6`, `6082 T6`: behind an alloy it is no thickness
  const isBehindAlloy = /[1-8]\d{3}[a-z]?[\s-]+$/i.test(line.text.slice(Math.max(0, at - 8), at));
  if (!match || !(line.text[at - 1] === '-' || isBehindAlloy || /^h/i.test(match[0]))) return [];
  return [{ end: at + match[0].length, meanings: [{ kind: 'noted', as: 'temper' }], terms: ['figureByKey'] }];
}

/** A stroke, a plus or a dash by itself: "to" between what it stands between, or nothing. */
function signEdges(line: LineText, at: number): Edge[] {
  const sign = line.text[at] ?? '';
  if (sign === ';')
    return [{ end: at + 1, meanings: [{ kind: 'separator', weak: true }], terms: ['phrase'] }];
  if (!/[/+&–-]/.test(sign)) return [];
  // a dash behind a blank is the sign of its figure
  if (/[–-]/.test(sign) && (at === 0 || /[\s,;(]/.test(line.text[at - 1] as string))) return [];
  return [{ end: at + 1, meanings: [{ kind: 'connector', sign: true }], terms: ['sign'] }];
}

/** Everything that may begin at a place of the line. */
export function edgesAt(line: LineText, at: number): readonly Edge[] {
  const first = line.text[at] ?? '';
  const edges: Edge[] = [...signEdges(line, at)];
  if (FIGURE_START.test(first))
    edges.push(...lengthEdges(line, at), ...thickEdges(line, at), ...processEdges(line, at));
  else edges.push(...keyEdges(line, at), ...wordedEdges(line, at), ...temperEdges(line, at));
  if (/^p/i.test(first)) edges.push(...processEdges(line, at));
  edges.push(
    ...headEdges(line, at),
    ...gasEdges(line, at),
    ...sectionEdges(line, at),
    ...rolledEdges(line, at),
    ...pipeEdges(line, at),
    ...phraseEdges(line, at),
    ...machineEdges(line, at),
  );
  // what is known whole needs no guess; a figure that is known is no strange word
  const isKnown = edges.some(({ terms }) => terms[0] === 'phrase' || terms[0] === 'phraseFiller');
  if (!isKnown || /\d/.test(line.text.slice(at, at + 6))) {
    // a figure is never a strange word: what it is may be unclear, and that is a role
    const figures = new Set(
      edges.filter(({ meanings }) => meanings[0]?.kind === 'length').map(({ end }) => end),
    );
    edges.push(...strangeEdges(line, at).filter(({ end }) => !figures.has(end)));
  }
  return edges.filter(
    ({ end }) => end > at && (end >= line.text.length || endsAt(line.text, end) || isSign(line, at, end)),
  );
}

function isSign(line: LineText, at: number, end: number): boolean {
  return end === at + 1 && !/[\p{L}\d]/u.test(line.text[at] ?? '');
}

/** A comma, a bar, a bracket or a stop that ends a sentence lies in a blank: what is bound stops there. */
const PAUSE = /[,|()[\]]|\.\s|[!?]/;

interface Blank {
  readonly end: number;
  readonly pause: boolean;
}

/** What lies between words: blanks, commas, brackets, signs that only join, closing stops. */
function blankAt({ text }: LineText, from: number): Blank {
  let at = from;
  while (at < text.length) {
    const here = text[at] as string;
    const next = text[at + 1];
    // `(4) gussets`: so many of them
    if (/[([]/.test(here) && /^[([]\s*\d{1,3}\s*[)\]]\s*(?:off|\p{L})/iu.test(text.slice(at, at + 16))) break;
    if (/[\s,=:|()[\]"'“”’*~?!]/.test(here)) at += 1;
    else if (here === '.' && !/\d/.test(next ?? '')) at += 1;
    else if (/[-–—]/.test(here) && at > 0) {
      // a dash that ties or stands apart; one before a figure behind a blank is its sign
      const tied = !/[\s,;]/.test(text[at - 1] as string);
      if (!tied && /[\d.]/.test(next ?? '')) break;
      at += 1;
    } else break;
  }
  const between = text.slice(from, at);
  return { end: at, pause: PAUSE.test(between) || /\s[-–—]\s/.test(between) };
}

interface Path {
  readonly cost: number;
  readonly edge: Edge | undefined;
  readonly start: number;
  readonly pause: boolean;
  readonly before: Path | undefined;
}

/** Ways through the line that are kept at each place. Source: our tuning. */
const KEPT = 6;
/** A longer stretch of letters for one token is a little better than two. */
const PER_LETTER = 0.002;

/** What a word before its figure is held back by while ways are compared; what it really costs is the whole line's style. Source: our tuning. */
const HEAD_FIRST_HOLD = 0.6;

function costOf(edge: Edge, weights: Weights): number {
  let cost = (edge.extra ?? 0) + (edge.style === 'head-first' ? HEAD_FIRST_HOLD : 0);
  for (const name of edge.terms) cost += weights[name];
  return cost;
}

function insert(paths: Path[], path: Path): void {
  let i = paths.length;
  while (i > 0 && (paths[i - 1] as Path).cost > path.cost) i -= 1;
  if (i >= KEPT) return;
  paths.splice(i, 0, path);
  if (paths.length > KEPT) paths.pop();
}

function coverOf(path: Path, line: LineText): Cover {
  const steps: Path[] = [];
  for (let step: Path | undefined = path; step?.edge; step = step.before) steps.unshift(step);
  const tokens = steps.map(({ edge, start, pause }): Token => {
    const { end, meanings, corrected, style } = edge as Edge;
    return {
      start,
      end,
      text: line.text.slice(start, end),
      meanings,
      pause,
      ...(corrected === undefined ? {} : { corrected }),
      ...(style === undefined ? {} : { style }),
    };
  });
  const held = HEAD_FIRST_HOLD * tokens.filter(({ style }) => style === 'head-first').length;
  return { tokens, cost: path.cost - held, terms: steps.flatMap(({ edge }) => edge?.terms ?? []) };
}

/**
 * The cheapest ways to cut a line into tokens, cheapest first: every stretch of letters belongs to one of them.
 *
 * @param most how many ways at the most, 1 to 5
 */
export function coversOf(line: LineText, weights: Weights, most: number): readonly Cover[] {
  const { text } = line;
  const begin = blankAt(line, 0);
  const at: (Path[] | undefined)[] = [];
  at[begin.end] = [{ cost: 0, edge: undefined, start: 0, pause: false, before: undefined }];
  const pauses: boolean[] = [];
  pauses[begin.end] = begin.pause;
  for (let place = begin.end; place < text.length; place += 1) {
    const paths = at[place];
    if (!paths) continue;
    for (const edge of edgesAt(line, place)) {
      const blank = blankAt(line, edge.end);
      const step = costOf(edge, weights) - PER_LETTER * (edge.end - place);
      const to = (at[blank.end] ??= []);
      pauses[blank.end] ||= blank.pause;
      for (const path of paths) {
        insert(to, {
          cost: path.cost + step,
          edge,
          start: place,
          pause: pauses[place] === true,
          before: path,
        });
      }
    }
    if (place > begin.end) at[place] = undefined;
  }
  return (at[text.length] ?? []).slice(0, most).map((path) => coverOf(path, line));
}
