import { dialOf } from '../dial-calibration/dial.ts';
import { voltsTerm, wireTerm } from './knob-terms.ts';
import type { Machine } from './machine.ts';

const TOM: Machine = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  kind: 'transformer',
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: {
    kind: 'positions',
    positions: [
      { name: '1', openV: 17 },
      { name: '2', openV: 19 },
      { name: '3', openV: 22 },
    ],
  },
};
const DIAL = dialOf(
  [
    [0, 2],
    [5, 6],
    [10, 12],
  ].map(([knob = 0, speed = 0]) => ({ knob, run: { lengthMm: (speed / 0.06) * 10, timeS: 10 } })),
);

describe('a plan in the machine’s own terms', () => {
  it('is a knob position with its band and in words a hand can set', () => {
    const term = wireTerm(TOM, DIAL, 6);
    expect(term).toMatchObject({ status: 'knob', words: '5' });
    expect(term.status === 'knob' && term.knob.start).toBeCloseTo(5, 6);
  });

  it('says what is out of reach, and the way out', () => {
    const fast = wireTerm(TOM, DIAL, 15);
    expect(fast.status === 'out-of-reach' && fast.text).toContain('fastest reading is 12.0 m/min at 10');
    const slow = wireTerm(TOM, DIAL, 1);
    expect(slow.status === 'out-of-reach' && slow.text).toContain('larger wire');
  });

  it('says honestly that a knob was not measured, and leaves shown numbers alone', () => {
    expect(wireTerm(TOM, undefined, 6)).toEqual({ status: 'not-measured' });
    expect(wireTerm(TOM, dialOf([{ knob: 5, run: { lengthMm: 1000, timeS: 10 } }]), 6)).toEqual({
      status: 'not-measured',
    });
    expect(wireTerm({ ...TOM, wireControl: { kind: 'units' } }, undefined, 6)).toEqual({ status: 'shown' });
    expect(voltsTerm({ ...TOM, voltsControl: { kind: 'displayed' } }, 18, 100)).toEqual({ status: 'shown' });
  });

  it('names the tap, what it gives and how far off that is', () => {
    expect(voltsTerm(TOM, 18.5, 100)).toMatchObject({
      status: 'position',
      near: true,
      choice: { position: { name: '3' } },
    });
    expect(voltsTerm(TOM, 25, 100)).toMatchObject({ status: 'position', near: false });
    const inverter: Machine = { ...TOM, kind: 'inverter' };
    expect(voltsTerm(inverter, 18, 100)).toEqual({ status: 'not-measured' });
  });
});
