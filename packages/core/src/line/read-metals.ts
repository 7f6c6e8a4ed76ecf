import { metalName } from '../trade/material/base-metal.ts';
import type { Draft } from './draft.ts';
import { type Meaning, meaningOf } from './meaning.ts';

type MetalMeaning = Extract<Meaning, { kind: 'metal' }>;

interface Part {
  readonly metal: MetalMeaning['metal'];
  alloy: string | undefined;
  readonly first: number;
  readonly indexes: number[];
}

function connectorBetween(draft: Draft, from: number, to: number): boolean {
  return draft.tokens.slice(from + 1, to).some((token) => meaningOf(token, 'connector') !== undefined);
}

/** "304 steel": the word only says again what stands beside it. */
function saysAgain(draft: Draft, index: number): boolean {
  return [index - 1, index + 1].some((at) => meaningOf(draft.tokens[at], 'metal') !== undefined);
}

/** The metals of the line, a bare metal word joined to an alloy of the same metal. */
function partsOf(draft: Draft): readonly Part[] {
  const parts: Part[] = [];
  draft.tokens.forEach((token, index) => {
    const meaning = meaningOf(token, 'metal');
    if (!meaning || (meaning.weak === true && saysAgain(draft, index))) return;
    const same = parts.find(
      (part) =>
        part.metal === meaning.metal &&
        (part.alloy === undefined || meaning.alloy === undefined || part.alloy === meaning.alloy),
    );
    if (same) {
      same.alloy ??= meaning.alloy;
      same.indexes.push(index);
    } else parts.push({ metal: meaning.metal, alloy: meaning.alloy, first: index, indexes: [index] });
  });
  return parts;
}

/**
 * Two different metals with "to", "on" or "x" between them are the two parts. Returns the tokens that are
 * settled by it; without such a pair, none.
 */
export function readMetalPair(draft: Draft): ReadonlySet<number> {
  const parts = partsOf(draft);
  const [one, two] = parts;
  if (!one || !two || parts.length !== 2 || !connectorBetween(draft, one.first, two.first)) return new Set();
  draft.stated.metal = one.metal;
  if (one.alloy !== undefined) draft.stated.alloy = one.alloy;
  draft.stated.otherMetal = two.metal;
  if (two.alloy !== undefined) draft.stated.otherAlloy = two.alloy;
  for (const part of parts) {
    const slots = part === one ? (['metal', 'alloy'] as const) : (['otherMetal', 'otherAlloy'] as const);
    for (const index of part.indexes) {
      draft.verdicts.set(index, { status: 'understood', label: metalName(part.metal, part.alloy), slots });
    }
  }
  return new Set(parts.flatMap((part) => part.indexes));
}
