import { METRIC, US } from '@hot-bead/core/base';
import { doubtText } from './doubt-text.ts';

const letter = (knob: number): string => 'ABCD'[knob] ?? '?';

describe('a doubt about a dial', () => {
  it('names the place as the machine does, and speeds in the user’s units', () => {
    const doubt = { code: 'readings-disagree', knob: 1, leastMPerMin: 6, mostMPerMin: 8 } as const;
    expect(doubtText(doubt, letter, METRIC)).toContain(
      'At B the wire was read as 6.0 m/min and as 8.0 m/min',
    );
    expect(doubtText(doubt, String, US)).toContain('At 1 the wire was read as 236 in/min and as 315 in/min');
  });

  it('says which places to read again, or what is missing', () => {
    expect(doubtText({ code: 'order-broken', knob: 3, knobBelow: 2 }, letter, METRIC)).toBe(
      'At D the wire is slower than at C: a dial does not go back. Read both again.',
    );
    expect(doubtText({ code: 'one-point' }, letter, METRIC)).toContain('read at least the two ends');
    expect(doubtText({ code: 'two-points' }, letter, METRIC)).toContain('read one between');
  });
});
