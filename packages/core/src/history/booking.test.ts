import { isBooking, WELDED } from './booking.ts';

it('what welding makes of a machine or takes of Stores comes and goes with it; what was told by a hand does not', () => {
  expect([{ why: 'bead' }, { why: 'run' }, { kind: WELDED, runId: 'r' }].map(isBooking)).toEqual([
    true,
    true,
    true,
  ]);
  expect([{ why: 'step' }, { kind: 'weighed', weightKg: 3 }, {}, null].map(isBooking)).toEqual([
    false,
    false,
    false,
    false,
  ]);
});
