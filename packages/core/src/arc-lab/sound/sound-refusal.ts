import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
/** Why a recording is not read: its code, what is wrong, and what to do. */
export const SOUND_REFUSALS = {
  'low-rate': {
    message: 'It has fewer than 16 000 samples a second: the clicks are blurred.',
    todo: 'Record at 16 kHz or more; 44.1 kHz is usual.',
  },
  'high-rate': {
    message: 'It has more than 96 000 samples a second.',
    todo: 'Save it at 44.1 or 48 kHz.',
  },
  'too-long': {
    message: 'It is longer than a minute.',
    todo: 'Cut it to a minute with the arc in it.',
  },
  'too-short': {
    message: 'It is too short: three seconds of welding are needed.',
    todo: 'Record at least five seconds and weld through all of it.',
  },
  'too-quiet': {
    message: 'It is too quiet to tell clicks from the noise of the microphone.',
    todo: words`Hold the phone closer, ${amount.distance(500)} from the arc and out of the spatter.`,
  },
  clipped: {
    message: 'It is clipped: the loudest clicks are cut off flat.',
    todo: 'Hold the phone further off or turn its level down.',
  },
  'no-clicks': {
    message: 'There are no clicks in it: a hiss, as spray makes, and a fan too.',
    todo: 'Spray cannot be told from a fan by its sound: read the bead. For short arc, record closer.',
  },
  'two-arcs': {
    message: 'It sounds like two arcs at once.',
    todo: 'Record while nobody else welds, or go closer to yours.',
  },
  buzz: {
    message: 'It is a buzz with no single clicks, as pulse makes, and engines too.',
    todo: 'Pulse is not read from sound: adjust its trim by the arc’s length.',
  },
  blows: {
    message: 'Blows or grinding lie over too much of it.',
    todo: 'Record three seconds without hammering.',
  },
  'not-an-arc': {
    message: 'It does not sound like a short arc.',
    todo: 'Record closer to the arc, away from other machines.',
  },
  unsure: {
    message: 'It lies between two answers.',
    todo: 'Record five seconds more, closer and welding steadily; or read the bead.',
  },
} as const satisfies Readonly<Record<string, { readonly message: string; readonly todo: Words }>>;

export type SoundRefusal = keyof typeof SOUND_REFUSALS;
