import { cases } from '../../test/cases.ts';
import { CHECK_ORDERS, meanMinutes } from '../../test/check-orders.ts';

// a simulation in which the cause is known: the same cases for each way to go about it
describe('the order of looks', () => {
  it.each([
    ['solid-gas', 0],
    ['solid-gas', 0.3],
    ['self-shielded', 0.3],
    ['aluminium', 0.3],
  ] as const)('%s finds the cause in fewer minutes, in a world %d off the tables too', (process, off) => {
    const minutes = meanMinutes({ process, cases: cases(150, 220), seed: 5, off });
    expect(minutes['next-check']).toBeLessThan(minutes['likeliest-first']);
    expect(minutes['next-check']).toBeLessThan(minutes['fixed-order'] * 0.7);
    expect(CHECK_ORDERS.every((order) => minutes[order] > 1)).toBe(true);
  });
});
