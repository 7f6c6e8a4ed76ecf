import type { LinerMaterial, RollForm } from '../trade/feed-path.ts';
import type { Machine } from '../machine/machine.ts';
import type { TransferMode } from '../trade/transfer/transfer-mode.ts';

export const ROLL_WORD: Readonly<Record<RollForm, string>> = { 'v-smooth': 'V', u: 'U', knurled: 'knurled' };
export const LINER_WORD: Readonly<Record<LinerMaterial, string>> = {
  steel: 'steel',
  plastic: 'plastic + neck',
  none: 'in the gun',
};
/** What to listen for in each transfer, and what it means where it is not heard. Source: common practice. */
export const ARC_CHECK: Readonly<Record<TransferMode | 'own', readonly [check: string, ifWrong: string]>> = {
  'short-circuit': [
    'Listen: a steady sizzle, 60 to 150 shorts a second.',
    'Stubbing is too few volts, hissing and popping too many.',
  ],
  spray: [
    'Listen: a soft, even hiss without clicks.',
    'A crackle is a short arc, a whistle with undercut a long one.',
  ],
  pulse: ['Listen: an even buzz. Trim the arc length, not the volts.', 'Ragged or sooty: the arc is long.'],
  globular: ['It should not be here.', 'Large drops, spatter, cold spots.'],
  own: [
    'A steady hiss; the slag lifts by itself.',
    'Too long makes pin-holes before it spatters; worm tracks are damp wire or wrong leads.',
  ],
};

/** How this machine's leads are swapped. */
export function swapText(machine: Machine | undefined): string {
  switch (machine?.polarityChange) {
    case 'sockets':
      return 'Mains off, swap the plugs at the two sockets, and pull them tight.';
    case 'links':
      return 'Mains off, swap the two links behind the cover, nuts tight.';
    case 'switch':
      return 'Trigger off, then the polarity switch; look at the plate beside it, not at its knob.';
    case 'fixed':
      return 'This machine cannot swap its leads: it stands one way.';
    default:
      return 'Mains off, then look at the sockets or links themselves, and pull the lugs tight.';
  }
}
