import { WRITTEN_LENGTH, writtenLength } from '../quantity/length-text.ts';
import { editDistance, slipsAllowed } from './edit-distance.ts';
import { gasAtStart } from './gas-words.ts';
import type { Meaning, Token } from './meaning.ts';
import { CORRECTABLE_WORDS, LONGEST_PHRASE, VOCABULARY } from './vocabulary.ts';

const BLANK = /^[\s,;]+/;
const WORD = /^[^\s,;]+/;
const INCH_WIRE_CODE = /^(0(?:23|24|25|30|35|39|40|45|47|52|62|63))(?![a-z0-9/.])/i;
const BOX = /^(\d*\.?\d+(?:-\d+\/\d+)?)\s?[x×]\s?(\d*\.?\d+(?:-\d+\/\d+)?)\s?[x×]\s?/i;
const STRIP = /^(\d+)[x×](?=[\d.])/i;

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
    ends.unshift(match.index + match[0].replace(/[\s-]+$/, '').length);
    if (/^[,;]/.test(rest.slice(pattern.lastIndex))) break;
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
    /^\s+(?:wind|windy|the|a|yard|shop|position|draught|flat|vertical|horizontal|overhead)\b/i.test(rest)
  );
}

function lengthAt(rest: string): Taken | undefined {
  const code = INCH_WIRE_CODE.exec(rest)?.[1];
  if (code !== undefined) {
    const length = { form: 'inch', value: Number(code) / 1000, fraction: false, inchDecimal: true } as const;
    return { length: code.length, meanings: [{ kind: 'length', length, wireCode: true }] };
  }
  let matched = WRITTEN_LENGTH.exec(rest)?.[0];
  if (matched === undefined) return undefined;
  if (unitIsWord(matched, rest.slice(matched.length))) matched = matched.replace(/\s+in$/i, '');
  if (/,$/.test(matched) || /\.$/.test(matched)) matched = matched.slice(0, -1);
  const after = rest.slice(matched.length);
  if (/^[\p{L}\d/%]/u.test(after) && !/^[x×]\s?[\d.]/i.test(after)) return undefined;
  const length = writtenLength(matched);
  return length && { length: matched.length, meanings: [{ kind: 'length', length, wireCode: false }] };
}

/** `40x40x3` is a hollow section with its wall last; `50x3` a strip when it is that much wider than thick. */
function sectionAt(rest: string): Taken | undefined {
  const box = BOX.exec(rest);
  const strip = box ? null : STRIP.exec(rest);
  const head = box?.[0] ?? strip?.[0];
  if (head === undefined) return undefined;
  const wall = lengthAt(rest.slice(head.length));
  if (!wall) return undefined;
  const length = head.length + wall.length;
  if (box) return { length, meanings: [...wall.meanings, { kind: 'product', product: 'tube' }] };
  const thin = wall.meanings[0];
  const wide = Number(strip?.[1]);
  if (thin?.kind !== 'length' || wide < 12 || wide < 3 * thin.length.value) return undefined;
  return { length, meanings: wall.meanings };
}

function nearMachine(rest: string, names: readonly string[]): Taken | undefined {
  for (const name of names) {
    const words = name.split(/\s+/);
    for (const end of wordEnds(rest, words.length)) {
      const typed = rest.slice(0, end).toLowerCase();
      const near = editDistance(typed, name.toLowerCase()) <= Math.max(1, slipsAllowed(name.length));
      const part = words.length > 1 && words.some((word) => word.length > 2 && word.toLowerCase() === typed);
      if ((near && typed.length > 2) || part)
        return { length: end, meanings: [{ kind: 'near-machine', name }] };
    }
  }
  return undefined;
}

function correctedAt(rest: string): Taken | undefined {
  const word = /^[a-z]+/i.exec(rest)?.[0].toLowerCase();
  if (word === undefined || !atBoundary(rest, word.length)) return undefined;
  const allowed = slipsAllowed(word.length);
  if (allowed === 0) return undefined;
  const ranked = CORRECTABLE_WORDS.map((known) => ({ known, slips: editDistance(word, known) }))
    .filter(({ slips }) => slips <= allowed)
    .toSorted((a, b) => a.slips - b.slips || a.known.localeCompare(b.known));
  const best = ranked[0];
  if (!best) return undefined;
  return { length: word.length, meanings: VOCABULARY.get(best.known) ?? [], corrected: best.known };
}

function unknownAt(rest: string): Taken {
  return { length: WORD.exec(rest)?.[0].length ?? rest.length, meanings: [{ kind: 'unknown' }] };
}

/** The line cut into tokens, in order; blanks, commas and semicolons lie between them. */
export function tokensOf(text: string, machineNames: readonly string[]): readonly Token[] {
  const tokens: Token[] = [];
  let at = BLANK.exec(text)?.[0].length ?? 0;
  while (at < text.length) {
    const rest = text.slice(at);
    const taken =
      machineAt(rest, machineNames) ??
      gasAtStart(rest) ??
      phraseAt(rest) ??
      sectionAt(rest) ??
      lengthAt(rest) ??
      nearMachine(rest, machineNames) ??
      correctedAt(rest) ??
      unknownAt(rest);
    const meanings = 'gas' in taken ? [{ kind: 'gas', gas: taken.gas } as const] : taken.meanings;
    const corrected = 'corrected' in taken ? taken.corrected : undefined;
    const end = at + taken.length;
    tokens.push({
      start: at,
      end,
      text: text.slice(at, end),
      meanings,
      ...(corrected === undefined ? {} : { corrected }),
    });
    at = end + (BLANK.exec(text.slice(end))?.[0].length ?? 0);
  }
  return tokens;
}
