import { words } from '../../base/words/words.ts';
import type { MetalPair } from '../../trade/material/metal-pair.ts';
import { metalName } from '../../trade/material/base-metal.ts';
import type { Work } from '../../trade/material/work.ts';
import { fillerVerdict } from '../../trade/wire/filler-verdict.ts';
import { wireClassRow } from '../../trade/wire/wire-class.ts';
import { refused } from './refusal.ts';
import type { Resources } from '../work/resources.ts';
import type { RefusedSetup } from './setup.ts';

function withoutFiller(work: Work, pair: MetalPair): RefusedSetup {
  const heatTreatable = pair.parts.find(({ alloy }) => alloy !== undefined && /^6/.test(alloy));
  const reason = heatTreatable
    ? `${metalName(heatTreatable.metal, heatTreatable.alloy)} without filler cracks hot along the bead: it is never welded bare.`
    : 'A wire-feed arc melts its own wire: there is no weld without filler.';
  return refused(
    work,
    'filler-needed',
    [reason],
    [pair.weldMetal === 'aluminium' ? 'Take ER4043 or ER5356.' : 'Name the wire, or leave it open.'],
  );
}

/** Refusals that are known before any way is judged. */
export function earlyRefusal(work: Work, pair: MetalPair, resources: Resources): RefusedSetup | undefined {
  if (resources.withoutFiller === true) return withoutFiller(work, pair);
  if (resources.mode === 'globular') {
    const instead = ['Short-circuit under it, spray or pulse over it.'];
    return refused(
      work,
      'mode-globular',
      ['Globular transfer is not aimed at: it spatters and does not fuse evenly.'],
      instead,
    );
  }
  if (resources.mode === 'short-circuit' && pair.weldMetal === 'aluminium') {
    return refused(
      work,
      'mode-wrong-for-metal',
      ['No short-circuit on aluminium: it fuses cold and sticks in the tip.'],
      ['Take spray, or pulse on thin metal.'],
    );
  }
  const filler = resources.wireClass && fillerVerdict(resources.wireClass, work, pair);
  return filler?.status === 'refused'
    ? refused(work, filler.code, [filler.reason], [filler.instead])
    : undefined;
}

/** Refusal when what was asked for excludes every way: a wire of one way with another way or mode. */
export function nothingAsked(work: Work, resources: Resources): RefusedSetup {
  const wire = resources.wireClass;
  const reason =
    wire === undefined
      ? 'The way and the transfer you named do not go together.'
      : words`${wire} is not a wire for what you named. ${wireClassRow(wire).note}`;
  return refused(work, 'wire-of-another-way', [reason], ['Leave the wire, the way or the transfer open.']);
}
