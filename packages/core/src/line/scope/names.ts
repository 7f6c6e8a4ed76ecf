import { type Meaning, meaningOf, type Token } from '../meaning.ts';
import { has } from '../roles/scene.ts';
import type { WeightName } from '../hand-weights.ts';
import { costOfTerms, type Weights } from '../weights.ts';

/** Kinds whose words stand in the names of things as well: pulse generator, overhead rail, argon trolley. */
const SLOT_KINDS = [
  'mode',
  'wind',
  'position',
  'joint',
  'gas',
  'vertical',
] as const satisfies readonly Meaning['kind'][];

type SlotKind = (typeof SLOT_KINDS)[number];

/** One word that may fill a slot, or be part of the name of what stands behind it. */
interface SlotWord {
  readonly index: number;
  readonly slot: SlotKind;
  readonly value: string;
  readonly weightNames: readonly WeightName[];
  readonly named: readonly WeightName[];
}

function slotOf(token: Token): { readonly slot: SlotKind; readonly value: string } | undefined {
  // a code (2F, PA) and a composition are in no name
  if (/\d|^p[a-g]$/i.test(token.text) && !/co2/i.test(token.text)) return undefined;
  for (const slot of SLOT_KINDS) {
    const meaning = token.meanings.find(({ kind }) => kind === slot);
    if (!meaning || meaningOf(token, 'way') || meaningOf(token, 'metal')) continue;
    const value =
      'mode' in meaning
        ? meaning.mode
        : 'position' in meaning
          ? meaning.position
          : 'joint' in meaning
            ? meaning.joint
            : 'gas' in meaning
              ? meaning.gas
              : slot;
    return { slot: slot === 'vertical' ? 'position' : slot, value };
  }
  return undefined;
}

function slotWords(tokens: readonly Token[], noted: ReadonlySet<number>): SlotWord[] {
  return tokens.flatMap((token, index): SlotWord[] => {
    const slot = noted.has(index) ? undefined : slotOf(token);
    if (!slot) return [];
    const next = tokens[index + 1];
    const beside = next?.pause === true ? undefined : next;
    const isThing = has(beside, 'thing');
    const isUnknown = has(beside, 'unknown');
    if (!isThing && !isUnknown)
      return [{ ...slot, index, weightNames: [], named: ['slotAsName', 'slotAsName'] }];
    // a joint before a thing is said of the weld, unless another joint is said as well
    if (slot.slot === 'joint') return [{ ...slot, index, weightNames: ['slotSaid'], named: ['slotAsName'] }];
    return [
      {
        ...slot,
        index,
        weightNames: ['slotSaid', isThing ? 'slotBeforeThing' : 'slotBeforeUnknown'],
        named: ['slotAsName'],
      },
    ];
  });
}

export interface NamedWords {
  /** Words that are taken as part of a name. */
  readonly names: ReadonlySet<number>;
  /** Words of which that is as likely as not. */
  readonly doubtful: ReadonlySet<number>;
  readonly cost: number;
  readonly terms: readonly WeightName[];
}

function conflictTerms(words: readonly SlotWord[], names: ReadonlySet<number>): WeightName[] {
  return SLOT_KINDS.flatMap((slot) => {
    const slotWords = words.filter((word) => word.slot === slot && !names.has(word.index));
    const values = new Set(slotWords.map(({ value }) => value));
    return Array.from({ length: Math.max(0, values.size - 1) }, () => 'slotConflict' as const);
  });
}

/** Most words that are weighed one by one; a longer line's are all taken as said. Source: our tuning. */
const WEIGHED_MOST = 7;

/**
 * Which words of a line fill a slot and which only name a thing ("pulse generator bracket"): the cheapest choice, with the
 * words that stand nearly as well the other way.
 */
export function namedWords(
  tokens: readonly Token[],
  noted: ReadonlySet<number>,
  weights: Weights,
  margin: number,
): NamedWords {
  const words = slotWords(tokens, noted);
  const open = words.filter(({ named }) => named.length === 1).slice(0, WEIGHED_MOST);
  const choices = Array.from({ length: 2 ** open.length }, (_, bits) => {
    const names = new Set(open.filter((_word, i) => (bits >> i) & 1).map(({ index }) => index));
    const terms = [
      ...words.flatMap((word) => (names.has(word.index) ? word.named : word.weightNames)),
      ...conflictTerms(words, names),
    ];
    return { names, terms, cost: costOfTerms(terms, weights) };
  }).toSorted((a, b) => a.cost - b.cost);
  const [best] = choices as [(typeof choices)[number], ...typeof choices];
  const doubtful = new Set(
    choices
      .filter(({ cost }) => cost < best.cost + margin)
      .flatMap(({ names }) =>
        open.filter(({ index }) => names.has(index) !== best.names.has(index)).map(({ index }) => index),
      ),
  );
  return { names: best.names, doubtful, cost: best.cost, terms: best.terms };
}
