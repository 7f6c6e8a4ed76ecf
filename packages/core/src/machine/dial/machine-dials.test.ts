import { dialSpeed } from './dial-band.ts';
import { dialAtPosition, machineDials } from './machine-dials.ts';
import { type TimedReading } from './timed-run.ts';

function exact(knob: number, speedMPerMin: number, over: Partial<TimedReading> = {}): TimedReading {
  return { knob, run: { lengthMm: (speedMPerMin / 0.06) * 10, timeS: 10 }, ...over };
}

/** A feeder that hangs on the weld supply: its speed goes with the open volts of the tap. */
const TAPS = [
  { name: '1', openV: 17 },
  { name: '2', openV: 20 },
  { name: '3', openV: 25.5 },
];
const FOLLOWING = {
  feedFollowsPosition: true,
  voltsControl: { kind: 'positions', positions: TAPS },
} as const;
const speedAt = (knob: number, tap: string): number =>
  ((1.5 + knob) * (TAPS.find(({ name }) => name === tap)?.openV ?? 0)) / 20;
const read = (knob: number, tap: string): TimedReading => exact(knob, speedAt(knob, tap), { position: tap });
const ON_TWO = [read(0, '2'), read(5, '2'), read(10, '2')];

function speed(readings: readonly TimedReading[], tap: string, knob: number) {
  const dial = dialAtPosition(machineDials(FOLLOWING, readings), tap);
  return { from: dial?.from, span: dial && dialSpeed(dial.dial, knob) };
}

describe('the dials of a machine', () => {
  it('are one where the feeder is regulated, whatever tap it was read at', () => {
    const dials = machineDials({}, [exact(0, 2, { position: '1' }), exact(10, 12, { position: '3' })]);
    expect(dialAtPosition(dials, '2')).toMatchObject({ from: 'own' });
    expect(dialAtPosition(dials, undefined)?.dial.points).toHaveLength(2);
    expect(dials).toMatchObject({ sagFrom: 'regulated', sag: { start: 0, low: 0, high: 0 } });
  });

  it('are a tap’s own where three places were read there', () => {
    const all = [...ON_TWO, read(0, '3'), read(5, '3'), read(10, '3')];
    const { from, span } = speed(all, '3', 5);
    expect(from).toBe('own');
    expect(span?.start).toBeCloseTo(speedAt(5, '3'), 6);
  });

  it('borrow the shape of the best measured tap from one reading, and hold the truth in a wider band', () => {
    const { from, span } = speed([...ON_TWO, read(5, '1')], '1', 8);
    expect(from).toBe('scaled');
    expect(span?.low).toBeLessThan(speedAt(8, '1'));
    expect(span?.high).toBeGreaterThan(speedAt(8, '1'));
    const own = speed(ON_TWO, '2', 8).span;
    const width = (s: typeof span): number => (s ? (s.high - s.low) / s.start : NaN);
    expect(width(span)).toBeGreaterThan(width(own));
  });

  it('are guessed from the open volts where a tap was not read, wider still', () => {
    const { from, span } = speed(ON_TWO, '3', 8);
    expect(from).toBe('guessed');
    expect(span?.start).toBeCloseTo(speedAt(8, '3'), 6);
    const scaled = speed([...ON_TWO, read(5, '3')], '3', 8).span;
    expect((span?.high ?? 0) - (span?.low ?? 0)).toBeGreaterThan((scaled?.high ?? 0) - (scaled?.low ?? 0));
  });

  it('are guessed from nothing, and say so by their width, where no open volts are known', () => {
    const dials = machineDials({ feedFollowsPosition: true }, ON_TWO);
    const dial = dialAtPosition(dials, '3');
    expect(dial?.from).toBe('guessed');
    const span = dial && dialSpeed(dial.dial, 5);
    expect(span?.start).toBeCloseTo(speedAt(5, '2'), 6);
    expect((span?.high ?? 0) / (span?.start ?? 1)).toBeGreaterThan(1.3);
  });

  it('are none without a reading', () => {
    expect(dialAtPosition(machineDials(FOLLOWING, []), '1')).toBeUndefined();
  });
});

describe('how much a feeder slows under arc', () => {
  it('is measured from a reading under arc, with the error of watch and rule', () => {
    const loaded = exact(5, speedAt(5, '2') * 0.92, { position: '2', underArc: true });
    const dials = machineDials(FOLLOWING, [...ON_TWO, loaded]);
    expect(dials.sagFrom).toBe('measured');
    expect(dials.sag.start).toBeCloseTo(0.08, 6);
    expect(dials.sag.low).toBeGreaterThan(0.05);
    expect(dials.sag.high).toBeLessThan(0.11);
    expect(dialAtPosition(dials, '2')?.dial.points).toHaveLength(3);
  });

  it('is assumed, 0 to 10 %, for one that hangs on the weld supply and was not read under arc', () => {
    expect(machineDials(FOLLOWING, ON_TWO)).toMatchObject({
      sagFrom: 'assumed',
      sag: { low: 0, high: 0.1 },
    });
  });

  it('is never less than nothing', () => {
    const faster = exact(5, speedAt(5, '2') * 1.1, { underArc: true, position: '2' });
    expect(machineDials(FOLLOWING, [...ON_TWO, faster]).sag).toMatchObject({ start: 0, low: 0 });
  });
});
