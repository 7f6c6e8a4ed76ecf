import fc from 'fast-check';
import { isoMinutes } from './iso-minutes.ts';

// Source: the engine's own calendar, an independent method.
it('minutes between two times are those of the calendar', () => {
  const time = fc.date({
    min: new Date('1999-01-01T00:00:00Z'),
    max: new Date('2101-01-01T00:00:00Z'),
    noInvalidDate: true,
  });
  fc.assert(
    fc.property(time, time, (a, b) => {
      const wanted = (a.getTime() - b.getTime()) / 60_000;
      expect(isoMinutes(a.toISOString()) - isoMinutes(b.toISOString())).toBeCloseTo(wanted, 6);
    }),
  );
  expect(isoMinutes('yesterday')).toBeNaN();
  expect(isoMinutes('')).toBeNaN();
});
