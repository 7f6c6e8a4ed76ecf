import { words } from '../../base/words/words.ts';
import { readsAsNearName } from '../words/near-name.ts';
import { correctionOf } from '../words/corrections.ts';
import { LONGEST_PHRASE, SINGLE_WORDS, VOCABULARY } from '../words/vocabulary.ts';
import type { WeightName } from '../hand-weights.ts';
import { CHARACTER, type Edge, endsAt, type LineText } from './edge.ts';

const STOPPER = /[\s,;|()[\]=]/;

/** Ends that a phrase may have which begins at a place: where a letter or digit gives way to something else. */
export function wordEnds({ text, kinds }: LineText, at: number, most: number): number[] {
  const ends: number[] = [];
  let words = 1;
  for (let i = at + 1; i <= text.length; i += 1) {
    const [before, here] = [kinds[i - 1], kinds[i]];
    if (before === CHARACTER.stop) break;
    if (here !== CHARACTER.word && before !== CHARACTER.blank) ends.push(i);
    if (before === CHARACTER.blank && here !== undefined && here !== CHARACTER.blank) words += 1;
    if (words > most) break;
    // a closing stop ends what is said
    if (
      before === CHARACTER.other &&
      (i === text.length || here === CHARACTER.blank) &&
      /[.!?:]/.test(text[i - 1] as string)
    )
      break;
  }
  return ends;
}

function phraseKey(line: LineText, at: number, end: number): string {
  const phrase = line.lower.slice(at, end);
  return /[-’]|\s\s|[\t\n]/.test(phrase) ? phrase.replace(/[\s-]+/g, ' ').replace(/’/g, "'") : phrase;
}

/** Words and phrases of the vocabulary, and of the shop's own. */
export function phraseEdges(line: LineText, at: number): Edge[] {
  const edges: Edge[] = [];
  for (const end of wordEnds(line, at, LONGEST_PHRASE)) {
    const phrase = phraseKey(line, at, end);
    const own = line.shopWords.get(phrase);
    if (own && endsAt(line.text, end)) {
      edges.push({ end, meanings: own, terms: ['shopWord'] });
      continue;
    }
    const known = VOCABULARY.get(phrase) ?? VOCABULARY.get(phrase.replace(/\.$/, ''));
    if (!known || !endsAt(line.text, end)) continue;
    const plain = known.meanings[0]?.kind === 'filler-word';
    edges.push({
      end,
      meanings: known.meanings,
      terms: [plain ? 'phraseFiller' : 'phrase'],
      ...(known.cost === 0 ? {} : { extra: known.cost }),
    });
  }
  return edges;
}

/** A machine's name as it is, or nearly. */
export function machineEdges(line: LineText, at: number): Edge[] {
  const edges: Edge[] = [];
  for (const name of line.machineNames) {
    if (name === '') continue;
    const end = at + name.length;
    if (line.lower.startsWith(name.toLowerCase(), at) && endsAt(line.text, end)) {
      edges.push({ end, meanings: [{ kind: 'machine', name }], terms: ['machineName'] });
      continue;
    }
    if (!/\p{L}/u.test(line.text[at] ?? '')) continue;
    for (const near of wordEnds(line, at, name.split(/\s+/).length)) {
      const typed = line.lower.slice(at, near);
      const how = readsAsNearName(typed, name);
      if (how !== undefined && endsAt(line.text, near))
        edges.push({
          end: near,
          meanings: [{ kind: 'near-machine', name }],
          terms: [how === 'near' ? 'machineNear' : 'machinePart'],
        });
    }
  }
  return edges;
}

/** Words looked up before: a line is read again at every key that is pressed. */
const corrections = new Map<string, ReturnType<typeof correctionOf>>();
/** Words whose corrections are remembered. Source: our tuning. */
const REMEMBERED_MOST = 2000;

function rememberedCorrection(word: string): ReturnType<typeof correctionOf> {
  if (corrections.has(word)) return corrections.get(word);
  const correction = correctionOf(word, SINGLE_WORDS);
  if (corrections.size >= REMEMBERED_MOST) corrections.clear();
  corrections.set(word, correction);
  return correction;
}

/** A slip of the fingers put right, a near word asked about, or a word that is not known. */
export function strangeEdges(line: LineText, at: number): Edge[] {
  const edges: Edge[] = [];
  const word = /^\p{L}+/u.exec(line.lower.slice(at, at + 40))?.[0] ?? '';
  if (word !== '' && endsAt(line.text, at + word.length)) {
    const correction = VOCABULARY.has(word) ? undefined : rememberedCorrection(word);
    if (correction?.status === 'corrected') {
      edges.push({
        end: at + word.length,
        meanings: VOCABULARY.get(correction.known)?.meanings ?? [],
        terms: ['slip'],
        corrected: correction.known,
      });
    } else if (correction?.status === 'asked') {
      const { known, slot } = correction;
      const answers = [
        [known, known],
        ['leave it out', ''],
      ] as const;
      edges.push({
        end: at + word.length,
        meanings: [{ kind: 'near-word', asks: { slot, message: words`“${word}”: ${known}?`, answers } }],
        terms: ['nearWord'],
      });
    }
  }
  return [...edges, ...unknownEdges(line, at)];
}

/** What is not known: a word to the next blank, and to the stroke or dash within it. */
function unknownEdges(line: LineText, at: number): Edge[] {
  const { text } = line;
  let end = at;
  while (end < text.length && !STOPPER.test(text[end] as string)) end += 1;
  const stop = /[.!?:]+$/.exec(text.slice(at, end))?.[0].length ?? 0;
  const whole = end - stop > at ? end - stop : Math.max(end, at + 1);
  const pieces = text.slice(at, whole).split(/[/+&–-]/);
  const edges: Edge[] = [];
  let to = at;
  const terms: WeightName[] = ['unknownWord'];
  for (const [i, piece] of pieces.entries()) {
    to += piece.length + (i === 0 ? 0 : 1);
    if (i > 0) terms.push(...([/\d/.test(piece) ? 'unknownDigits' : 'unknownPart'] as const));
    if (to > at && endsAt(text, to))
      edges.push({ end: to, meanings: [{ kind: 'unknown' }], terms: [...terms] });
  }
  if (edges.length === 0) edges.push({ end: whole, meanings: [{ kind: 'unknown' }], terms: ['unknownWord'] });
  return edges;
}
