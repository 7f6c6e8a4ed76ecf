import type { KeptPiece } from '@hot-bead/contract/day';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { jobOf } from '../../../../test/jobs.ts';
import { totalsOf, weldsOfPiece } from './piece-plan.ts';

const TOM = {
  id: 'tom',
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  dialReadings: [],
} as unknown as KeptMachine;
const CART: KeptPiece = {
  id: 'p',
  version: 1,
  name: 'Cart',
  numberOff: 3,
  updatedAt: '',
  away: false,
  welds: 2,
  welded: 0,
};
const within = { shop: { machines: [TOM] }, machines: [TOM], day: {}, machineId: 'tom' };

describe('a piece', () => {
  const known = jobOf({ id: 'a', work: { thicknessMm: 3, joint: 'tee', seamMm: 400, gas: 'ar-co2-18' } });
  const open = jobOf({ id: 'b', work: { thicknessMm: 2, joint: 'lap' } });
  const none = jobOf({ id: 'c', work: { joint: 'lap' } });

  it('takes what its welds take, as many times as it is built; what has no length is told', () => {
    const welds = weldsOfPiece(CART, [known, open, none], within);
    expect(welds.map(({ reason }) => reason)).toEqual([undefined, undefined, 'It has no thickness yet.']);
    const totals = totalsOf(welds, 3);
    const one = welds[0]?.plan?.totals;
    expect(totals.wireKg).toBeCloseTo((one?.wireKg ?? NaN) * 3, 9);
    expect(totals.arcTimeMin).toBeCloseTo((one?.arcTimeMin ?? NaN) * 3, 9);
    expect(totals).toMatchObject({ withoutLength: 1, withoutPlan: 1 });
    // three times the arc time ÷ a quarter, and 2 minutes to clamp up; 30 assumed for the other
    expect(totals.workMin).toBe(Math.ceil((totals.arcTimeMin * 100) / 25 + 2) + 30);
  });

  it('is planned where its welds are for: a machine that is gone is said', () => {
    const retired = jobOf({ work: known.work, machine: { id: 'x', name: 'Old', away: true } });
    expect(weldsOfPiece(CART, [retired], within)[0]?.reason).toBe('Old is retired.');
    expect(weldsOfPiece(CART, [known], { ...within, machineId: undefined })[0]?.reason).toBe(
      'There is no machine yet.',
    );
  });
});
