import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { WeldMetal } from '../../trade/material/metal-pair.ts';

type ByMetal = Readonly<Record<WeldMetal, Words>>;

/** Ways with less heat, of those a metal has. */
export const COLDER: ByMetal = {
  steel: 'short-circuit or pulse',
  stainless: 'short-circuit or pulse',
  aluminium: 'pulse, or another process',
};

/** Ways for thick work, of those a metal has. */
export const HOTTER: ByMetal = {
  steel: 'spray, pulse or gas-shielded flux core',
  stainless: 'spray or pulse',
  aluminium: 'spray with a larger wire',
};

/** Ways that hold a puddle out of position, of those a metal has. */
export const UPWARD: ByMetal = {
  steel: 'short-circuit, pulse or flux core',
  stainless: 'short-circuit or pulse',
  aluminium: words`wire of ${amount.wireSize(1.2)} or thinner`,
};

/** Every way a metal has. */
export const WAYS_OF_METAL: ByMetal = {
  steel: 'solid wire with gas, or flux core',
  stainless: 'solid stainless wire with gas',
  aluminium: 'aluminium wire through the standard gun or a spool gun',
};
