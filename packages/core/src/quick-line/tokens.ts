import { WRITTEN_LENGTH, writtenLength } from '../quantity/length-text.ts';
import type { LengthUnit } from '../quantity/thickness.ts';
import { correctionOf } from './corrections.ts';
import { editDistance, slipsAllowed } from './edit-distance.ts';
import { gasAtStart } from './gas-words.ts';
import type { Meaning, Token } from './meaning.ts';
import { measureAt, stitchAt } from './measures.ts';
import { sectionAt } from './sections.ts';
import { LONGEST_PHRASE, SINGLE_WORDS, VOCABULARY } from './vocabulary.ts';

/** What lies between words: blanks, commas, semicolons, and a stop at the end of a word. */
const BLANK = /^(?:[\s,;]|[.!?:]+(?=\s|$))+/;
const WORD = /^[^\s,;]+/;
const INCH_WIRE_CODE = /^(0(?:23|24|25|30|35|39|40|45|47|52|62|63|68|72|78))(?![a-z0-9/.])/i;
/** Temper of an aluminium alloy: it has no part in the plan. */
const TEMPER = /^(?:t[3-9]\d{0,3}|h\d{2,3})(?![\p{L}\d])/iu;

interface Taken {
  readonly length: number;
  readonly meanings: readonly Meaning[];
  readonly corrected?: string;
}

function atBoundary(text: string, length: number): boolean {
  return !/^[\p{L}\d]/u.test(text.slice(length));
}

function machineAt(rest: string, names: readonly string[]): Taken | undefined {
  const lower = rest.toLowerCase();
  const name = names
    .toSorted((a, b) => b.length - a.length)
    .find((n) => n !== '' && lower.startsWith(n.toLowerCase()) && atBoundary(rest, n.length));
  return name === undefined ? undefined : { length: name.length, meanings: [{ kind: 'machine', name }] };
}

/** Ends of the first few words of a text, longest run first. */
function wordEnds(rest: string, most: number): number[] {
  const ends: number[] = [];
  const pattern = /[^\s,;-]+(?:[\s-]+|$|(?=[,;]))/gy;
  for (let match = pattern.exec(rest); match && ends.length < most; match = pattern.exec(rest)) {
    ends.unshift(match.index + match[0].replace(/[\s.!?:-]+$/, '').length);
    if (/^[,;]/.test(rest.slice(pattern.lastIndex)) || /[.!?:]\s*$/.test(match[0])) break;
  }
  return ends;
}

function phraseAt(rest: string): Taken | undefined {
  for (const end of wordEnds(rest, LONGEST_PHRASE)) {
    const phrase = rest
      .slice(0, end)
      .toLowerCase()
      .replace(/[\s-]+/g, ' ');
    const meanings = VOCABULARY.get(phrase);
    if (meanings && atBoundary(rest, end)) return { length: end, meanings };
  }
  return undefined;
}

function unitIsWord(matched: string, rest: string): boolean {
  return (
    /\sin$/i.test(matched) &&
    /^\s+(?:wind|windy|the|a|yard|shop|position|draught|flat|vertical|horizontal|overhead|argon|co2)\b/i.test(
      rest,
    )
  );
}

const INCH_WORDS: readonly (readonly [RegExp, number])[] = [
  [/^(?:a\s+)?quarter(?=\s+(?:inch|in\b|plate)|["″])/i, 1 / 4],
  [/^(?:a\s+)?half(?=\s+(?:inch|in\b|plate)|["″])/i, 1 / 2],
  [/^(?:an\s+)?eighth(?=\s+(?:inch|in\b|plate)|["″])/i, 1 / 8],
  [/^three[\s-]+eighths?/i, 3 / 8],
  [/^five[\s-]+eighths?/i, 5 / 8],
  [/^three[\s-]+sixteenths?/i, 3 / 16],
  [/^five[\s-]+sixteenths?/i, 5 / 16],
  [/^(?:three[\s-]+quarters?)(?=\s+(?:inch|in\b|plate)|["″])/i, 3 / 4],
  [/^one(?=\s+(?:inch|in)\b)/i, 1],
];

/** `quarter inch`, `three eighths`: figures in words are inches. */
function wordLengthAt(rest: string): Taken | undefined {
  for (const [pattern, value] of INCH_WORDS) {
    const words = pattern.exec(rest)?.[0];
    if (words === undefined) continue;
    const unit = /^\s*(?:inch(?:es)?|in\b|["″])/i.exec(rest.slice(words.length))?.[0] ?? '';
    const length = { form: 'inch', value, fraction: true, inchDecimal: false } as const;
    return { length: words.length + unit.length, meanings: [{ kind: 'length', length, wireCode: false }] };
  }
  return undefined;
}

function lengthAt(rest: string): Taken | undefined {
  const code = INCH_WIRE_CODE.exec(rest)?.[1];
  if (code !== undefined) {
    const length = { form: 'inch', value: Number(code) / 1000, fraction: false, inchDecimal: true } as const;
    return { length: code.length, meanings: [{ kind: 'length', length, wireCode: true }] };
  }
  let matched = WRITTEN_LENGTH.exec(rest)?.[0];
  if (matched === undefined) return wordLengthAt(rest);
  if (unitIsWord(matched, rest.slice(matched.length))) matched = matched.replace(/\s+in$/i, '');
  if (/,$/.test(matched) || /\.$/.test(matched)) matched = matched.slice(0, -1);
  const after = rest.slice(matched.length);
  if (/^(?:[\p{L}\d%]|\/(?!\s*[\d.]+\s*(?:mm|in|")))/u.test(after) && !/^[x×]\s?[\d.]/i.test(after))
    return undefined;
  const length = writtenLength(matched);
  return length && { length: matched.length, meanings: [{ kind: 'length', length, wireCode: false }] };
}

function nearMachine(
  rest: string,
  names: readonly string[],
  by: 'whole' | 'part' = 'part',
): Taken | undefined {
  for (const name of names) {
    const words = name.split(/\s+/);
    for (const end of wordEnds(rest, words.length)) {
      const typed = rest.slice(0, end).toLowerCase();
      const near = editDistance(typed, name.toLowerCase()) <= Math.max(1, slipsAllowed(name.length));
      const part =
        by === 'part' &&
        words.length > 1 &&
        words.some((word) => word.length > 2 && word.toLowerCase() === typed);
      if ((near && typed.length > 2) || part)
        return { length: end, meanings: [{ kind: 'near-machine', name }] };
    }
  }
  return undefined;
}

function correctedAt(rest: string): Taken | undefined {
  const word = /^[a-z]+/i.exec(rest)?.[0].toLowerCase();
  if (word === undefined || !atBoundary(rest, word.length)) return undefined;
  const found = correctionOf(word, SINGLE_WORDS);
  if (!found) return undefined;
  const { known } = found;
  if (found.status === 'corrected') {
    return { length: word.length, meanings: VOCABULARY.get(known) ?? [], corrected: known };
  }
  const asks = {
    slot: found.slot,
    message: `“${word}”: ${known}?`,
    answers: [
      [known, known],
      ['leave it out', ''],
    ],
  } as const;
  return { length: word.length, meanings: [{ kind: 'near-word', asks }] };
}

function unknownAt(rest: string): Taken {
  const word = WORD.exec(rest)?.[0] ?? rest;
  const length = word.replace(/[.!?:]+$/, '').length || word.length;
  return { length, meanings: [{ kind: 'unknown' }] };
}

/** A dash or a stroke between two figures joins them as "to" does. */
function joinAt(rest: string, before: string): Taken | undefined {
  const afterFigure = /\d(?:\s*(?:mm|in|"|ga))?$/i.test(before);
  const joins = /^-(?=\d+\/\d+(?!\d))/.test(rest) || /^\/(?=\s*[\d.]+\s*(?:mm|in|"))/.test(rest);
  return afterFigure && joins ? { length: 1, meanings: [{ kind: 'connector' }] } : undefined;
}

/** A phrase; a word without a part in the numbers gives way to a machine's name that is nearly written. */
function phraseOrMachine(rest: string, names: readonly string[]): Taken | undefined {
  const phrase = phraseAt(rest);
  const plain = phrase?.meanings.every(({ kind }) => kind === 'noted') === true;
  return (plain ? nearMachine(rest, names, 'whole') : undefined) ?? phrase;
}

function gasTaken(rest: string): Taken | undefined {
  const read = gasAtStart(rest);
  if (!read) return undefined;
  const { length, ...gas } = read;
  return { length, meanings: [{ kind: 'gas', ...gas }] };
}

/** Digits with the unit of a length: `304 mm seam` is no stainless steel. */
const LENGTH_FIRST = /^\d+\s*(?:mm|cm)(?![\p{L}\d])/iu;

function measureTaken(rest: string, unit: LengthUnit): Taken | undefined {
  // `308 l` and `6061 a …` are an alloy and a word, not litres and amps
  const phrase = LENGTH_FIRST.test(rest) ? undefined : phraseAt(rest);
  const named = phrase?.meanings.some(({ kind }) => kind === 'metal' || kind === 'wire-class') === true;
  if (named) return phrase;
  const read = measureAt(rest, { unit });
  return read && { length: read.length, meanings: [read.meaning] };
}

function takenAt(rest: string, before: string, names: readonly string[], unit: LengthUnit): Taken {
  const stitch = stitchAt(rest);
  return (
    machineAt(rest, names) ??
    (stitch && { length: stitch.length, meanings: [stitch.meaning] }) ??
    gasTaken(rest) ??
    measureTaken(rest, unit) ??
    phraseOrMachine(rest, names) ??
    sectionAt(rest, before, unit) ??
    lengthAt(rest) ??
    nearMachine(rest, names) ??
    correctedAt(rest) ??
    unknownAt(rest)
  );
}

/** The line cut into tokens, in order; blanks, commas, semicolons and closing stops lie between them. */
export function tokensOf(text: string, machineNames: readonly string[], unit: LengthUnit): readonly Token[] {
  const tokens: Token[] = [];
  let at = BLANK.exec(text)?.[0].length ?? 0;
  while (at < text.length) {
    const rest = text.slice(at);
    const before = text.slice(0, at);
    const dashed = at > 0 && /^-(?=[\p{L}\d])/u.test(rest) && !/[\s,;]$/.test(before);
    const join = joinAt(rest, before);
    if (dashed && !join) {
      // `AW-6082`, `6061-T6`: a dash inside a word only ties its halves
      at += 1;
      continue;
    }
    const temper = TEMPER.exec(rest)?.[0];
    const taken: Taken =
      join ??
      (temper !== undefined && (/-$/.test(before) || /^h/i.test(temper))
        ? { length: temper.length, meanings: [{ kind: 'noted', as: 'temper' }] }
        : takenAt(rest, before, machineNames, unit));
    const end = at + taken.length;
    tokens.push({
      start: at,
      end,
      text: text.slice(at, end),
      meanings: taken.meanings,
      ...(taken.corrected === undefined ? {} : { corrected: taken.corrected }),
    });
    at = end + (BLANK.exec(text.slice(end))?.[0].length ?? 0);
  }
  return tokens;
}
