import { words, type Words } from '../../base/words/words.ts';
import { HANDBOOK, type Source } from '../../base/source.ts';
import { type BaseMetal, metalName } from './base-metal.ts';
import type { Work } from './work.ts';

/** What is welded, as far as arc and filler are concerned. */
export type WeldMetal = 'steel' | 'stainless' | 'aluminium';

/** One part's metal. */
export interface PartMetal {
  readonly metal: BaseMetal;
  readonly alloy: string | undefined;
}

export interface MetalPair {
  readonly status: 'weldable';
  readonly weldMetal: WeldMetal;
  readonly parts: readonly [PartMetal, PartMetal];
  /** Stainless to carbon steel: its own filler. */
  readonly stainlessToSteel: boolean;
  readonly coated: boolean;
}

export interface HopelessPair {
  readonly status: 'hopeless';
  readonly code: 'metal-not-weldable' | 'no-filler-for-pair';
  readonly reason: Words;
  readonly instead: Words;
}

const GROUP: Readonly<Record<BaseMetal, WeldMetal | undefined>> = {
  'carbon-steel': 'steel',
  'coated-steel': 'steel',
  stainless: 'stainless',
  aluminium: 'aluminium',
  'cast-aluminium': 'aluminium',
  'unweldable-aluminium': undefined,
  other: undefined,
};

/** Where the verdicts on pairs come from. */
export const PAIR_SOURCE: Source = HANDBOOK;

/** The two parts' metals; the second is the first again where none is said. */
export function partsOf(
  work: Pick<Work, 'metal' | 'alloy' | 'otherMetal' | 'otherAlloy'>,
): readonly [PartMetal, PartMetal] {
  const first = { metal: work.metal, alloy: work.alloy };
  const second = work.otherMetal === undefined ? first : { metal: work.otherMetal, alloy: work.otherAlloy };
  return [first, second];
}

function hopelessPart({ metal, alloy }: PartMetal): HopelessPair | undefined {
  const name = metalName(metal, alloy);
  if (metal === 'unweldable-aluminium') {
    return {
      status: 'hopeless',
      code: 'metal-not-weldable',
      reason: words`${name} cracks when it is fusion welded: no wire makes it sound.`,
      instead: 'Bolt or rivet it, or choose a weldable alloy.',
    };
  }
  if (metal === 'other') {
    return {
      status: 'hopeless',
      code: 'metal-not-weldable',
      reason: words`${name} is not welded with the wires Hot Bead knows.`,
      instead: 'Check the metal: a magnet, a file and a drawing tell more than its colour.',
    };
  }
  return undefined;
}

/**
 * Whether the two parts can be fusion welded to each other, and as what.
 *
 * @source handbook, from memory: carbon to coated steel as steel, stainless to either with its own filler,
 * aluminium only to aluminium
 */
export function metalPair(
  work: Pick<Work, 'metal' | 'alloy' | 'otherMetal' | 'otherAlloy'>,
): MetalPair | HopelessPair {
  const parts = partsOf(work);
  const hopeless = hopelessPart(parts[0]) ?? hopelessPart(parts[1]);
  if (hopeless) return hopeless;
  const groups = parts.map(({ metal }) => GROUP[metal]);
  const aluminium = groups.filter((group) => group === 'aluminium').length;
  if (aluminium === 1) {
    return {
      status: 'hopeless',
      code: 'no-filler-for-pair',
      reason: words`No filler joins ${parts.map((part) => metalName(part.metal, part.alloy)).join(' to ')}: the weld would be brittle iron–aluminium.`,
      instead: 'Bolt or rivet them with something between to keep them from corroding.',
    };
  }
  const stainless = groups.filter((group) => group === 'stainless').length;
  return {
    status: 'weldable',
    weldMetal: aluminium === 2 ? 'aluminium' : stainless > 0 ? 'stainless' : 'steel',
    parts,
    stainlessToSteel: stainless === 1,
    coated: parts.some(({ metal }) => metal === 'coated-steel'),
  };
}
