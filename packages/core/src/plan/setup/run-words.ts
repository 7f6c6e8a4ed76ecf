import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { Family } from '../../trade/family/family.ts';
import type { WeldMetal } from '../../trade/material/metal-pair.ts';
import { isFilletJoint, type Work } from '../../trade/material/work.ts';
import { isGasless } from '../../trade/family/gas-verdict.ts';
import type { RunRole } from '../runs/run.ts';
import { handWords } from './technique.ts';

/** What comes off a run before the next is laid on it. @source common practice */
export function cleanBetween(family: Family, weldMetal: WeldMetal): string {
  if (isGasless(family.id) || family.id === 'gas-shielded-flux-core')
    return 'Chip the slag off and brush it bright.';
  if (weldMetal === 'aluminium') return 'Brush with the stainless brush kept for aluminium.';
  return weldMetal === 'stainless'
    ? 'Brush with a stainless brush.'
    : 'Brush off the glassy spots and the spatter.';
}

function rootWords(family: Family, work: Work): string {
  if (work.backing === true) return 'Onto the bar and into both faces, without a weave.';
  if (work.joint === 'open-butt')
    return family.mode === 'short-circuit'
      ? 'On the front edge, a small keyhole ahead, a short pause on each face.'
      : 'A short pause on each face; watch that the hole ahead stays small.';
  return 'Straight into the root faces, no weave; both must melt.';
}

/** Where a run lies: its role, its layer, and how many lie side by side there. */
export interface RunPlace {
  readonly role: RunRole;
  readonly layer: number;
  readonly abreast: number;
}

/** Where a run is laid and how the hand moves. @source common practice */
export function runTechnique({ role, layer, abreast }: RunPlace, family: Family, work: Work): Words {
  switch (role) {
    case 'root':
      return rootWords(family, work);
    case 'fill':
      return abreast === 1
        ? 'From wall to wall in one run; a pause at each, so that both melt.'
        : 'Stringers from one wall to the other, each over half of the one before; melt into the walls.';
    case 'cap':
      return abreast === 1
        ? words`${amount.distance([1, 2])} proud and over each edge; pause at the edges, not in the middle.`
        : words`Side by side, ${amount.distance([1, 2])} proud; the outer ones go ${amount.distance([1, 2])} over the edges.`;
    case 'second-side':
      return 'From the other side, once it is clean: it must reach into the first.';
    case 'stringer':
      if (!isFilletJoint(work.joint)) return 'Straight, each over half of the one before.';
      return layer === 1
        ? 'Into the corner, straight, no weave.'
        : 'Over half of the one before, from the lower part upwards; even toes.';
    case 'only':
      return handWords(family, work);
  }
}
