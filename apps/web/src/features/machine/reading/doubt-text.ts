import type { Units } from '@hot-bead/core/base';
import type { DialDoubt } from '@hot-bead/core/machine';
import { withUnit } from '../../../units/index.ts';

/**
 * What the readings leave in doubt, and what to do about it.
 *
 * @param nameOf a place of the wire control as the machine names it: a number, or a letter
 */
export function doubtText(doubt: DialDoubt, nameOf: (knob: number) => string, units: Units): string {
  switch (doubt.code) {
    case 'readings-disagree': {
      const speed = (mPerMin: number): string => withUnit('wireFeedSpeed', mPerMin, units);
      return `At ${nameOf(doubt.knob)} the wire was read as ${speed(doubt.leastMPerMin)} and as ${speed(doubt.mostMPerMin)}: more than watch and rule explain. Read it again, and take the wrong one out.`;
    }
    case 'order-broken':
      return `At ${nameOf(doubt.knob)} the wire is slower than at ${nameOf(doubt.knobBelow)}: a dial does not go back. Read both again.`;
    case 'one-point':
      return 'One place says nothing of the rest: read at least the two ends.';
    case 'two-points':
      return 'Two places make a straight line, and knobs are not straight: read one between.';
  }
}
