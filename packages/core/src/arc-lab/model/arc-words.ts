import type { ArcClass } from './arc-class.ts';
import type { ArcFeatures } from './arc-features.ts';

/** A class in a word, what it looks and sounds like, and what to turn. Source: common practice. */
export interface ArcClassWords {
  readonly name: string;
  readonly heard: string;
  readonly turn: string;
}

export const ARC_CLASS_WORDS: Readonly<Record<ArcClass, ArcClassWords>> = {
  stubbing: {
    name: 'Stubbing',
    heard: 'a machine gun: the solid wire runs into the pool and jerks free',
    turn: 'More volts, or less wire.',
  },
  crowding: {
    name: 'Crowding',
    heard: 'a hard, hurried sizzle with a stub now and then',
    turn: 'Half a volt more, or a little less wire.',
  },
  steady: { name: 'Steady', heard: 'an even sizzle, like frying', turn: 'Leave it.' },
  ragged: {
    name: 'Ragged',
    heard: 'a sizzle that stumbles',
    turn: 'Half a volt less, or a little more wire.',
  },
  popping: { name: 'Popping', heard: 'single loud pops of large drops', turn: 'More wire, or fewer volts.' },
  long: { name: 'Long arc', heard: 'a loud crackle, few and uneven', turn: 'Fewer volts, or more wire.' },
  globular: {
    name: 'Globular',
    heard: 'hiss and thud: drops larger than the wire fall by their weight',
    turn: 'Fewer volts for short arc; or much more of both, in a gas that sprays.',
  },
  spray: { name: 'Spray', heard: 'a soft hiss without clicks', turn: 'Leave it, flat and thick only.' },
  pulse: { name: 'Pulse', heard: 'an even buzz at the pulse’s own note', turn: 'Trim by the arc’s length.' },
};

/** Scatter up to which shorts are even, and up to which they are rather uneven. Source: our model. */
const EVEN_CV = 0.2;
const UNEVEN_CV = 0.3;

/** How even shorts or clicks are, in a word. @param cv scatter of their times over the mean */
export function evenWord(cv: number): string {
  if (cv <= EVEN_CV) return 'even';
  return cv <= UNEVEN_CV ? 'a little uneven' : 'uneven';
}

/** What an arc does, in words: "74 shorts a second, even". */
export function arcText(
  { shortsPerS, periodCv, freeDropsPerS, pulsesPerS, longShare }: ArcFeatures,
  arc: ArcClass,
): string {
  if (arc === 'pulse') return `${Math.round(pulsesPerS)} pulses a second, a drop with each`;
  if (arc === 'spray' || arc === 'globular')
    return `${Math.round(freeDropsPerS)} free drops a second, no shorts`;
  const stubs = longShare >= 0.035 ? `, ${Math.round(100 * longShare)} in a hundred stub` : '';
  return `${Math.round(shortsPerS)} shorts a second, ${evenWord(periodCv)}${stubs}`;
}
