import { words, type Words } from '../../base/words/words.ts';
import type { TimedReading } from './timed-run.ts';
import type { Machine } from '../machine.ts';

/** Why a reading cannot have been taken of a machine with these controls. */
export interface ReadingFault {
  readonly code: 'knob-out-of-range' | 'position-unknown';
  readonly field: 'knob' | 'position';
  readonly message: Words;
}

type Controls = Pick<Machine, 'wireControl' | 'voltsControl'>;

function knobFault({ wireControl }: Controls, knob: number): string | undefined {
  if (wireControl?.kind === 'knob' && (knob < wireControl.min || knob > wireControl.max)) {
    return `This knob goes from ${wireControl.min} to ${wireControl.max}.`;
  }
  if (wireControl?.kind === 'letters' && wireControl.names[knob] === undefined) {
    return `Its letters are ${wireControl.names.join(', ')}.`;
  }
  return undefined;
}

/** What is impossible about a reading of a machine's dial: a knob past its scale, a tap that is not there. */
export function readingFault(
  machine: Controls,
  { knob, position }: Pick<TimedReading, 'knob' | 'position'>,
): ReadingFault | undefined {
  const message = knobFault(machine, knob);
  if (message !== undefined) return { code: 'knob-out-of-range', field: 'knob', message };
  const positions = machine.voltsControl?.kind === 'positions' ? machine.voltsControl.positions : [];
  if (position !== undefined && !positions.some(({ name }) => name === position)) {
    return { code: 'position-unknown', field: 'position', message: words`It has no tap ${position}.` };
  }
  return undefined;
}
