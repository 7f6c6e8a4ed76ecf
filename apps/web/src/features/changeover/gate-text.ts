import { amount, type Words, words } from '@hot-bead/core/base';
import type { Gate } from '@hot-bead/core/changeover';

/** What is confirmed at a gate, and what the press says. */
export const GATE_TEXT: Readonly<Record<Gate, readonly [ask: Words, confirm: string]>> = {
  none: ['', ''],
  stop: ['Stop: this cannot be done here.', 'I have read it'],
  'power-off': ['Mains off, and the plug or the isolator where you can see it.', 'It is off'],
  'cylinder-closed-and-bled': [
    'Cylinder valve shut, line bled: the needle stands at nothing.',
    'Shut and bled',
  ],
  'clamp-off': ['Work clamp off: a trigger now makes no arc.', 'It is off'],
  'hot-parts': [words`The gun front is cold to a hand held ${amount.distance(30)} off it.`, 'It is cold'],
  'face-shield': ['Face shield down, hand and eyes away from the tip.', 'Shield down'],
};
