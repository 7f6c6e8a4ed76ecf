import { machineDials } from '../machine/dial/machine-dials.ts';
import type { TimedReading } from '../machine/dial/timed-run.ts';
import { voltsTerm, wireReach, wireTerm } from './knob-terms.ts';
import type { Machine } from '../machine/machine.ts';

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
const reading = (knob: number, speedMPerMin: number, over: Partial<TimedReading> = {}): TimedReading => ({
  knob,
  run: { lengthMm: (speedMPerMin / 0.06) * 10, timeS: 10 },
  ...over,
});
const READINGS = [reading(0, 2), reading(5, 6), reading(10, 12)];
const DIALS = machineDials(TOM, READINGS);
const UNREAD = machineDials(TOM, []);

describe('a plan in the machine’s own terms', () => {
  it('is a knob position with its band and in words a hand can set', () => {
    const term = wireTerm(TOM, DIALS, 6);
    expect(term).toMatchObject({ status: 'knob', figure: { text: '5' } });
    expect(term.status === 'knob' && term.knob.start).toBeCloseTo(5, 6);
  });

  it('says what is out of reach, and where the end stands', () => {
    const fast = wireTerm(TOM, DIALS, 15);
    expect(fast).toMatchObject({ status: 'out-of-reach', side: 'above', endWords: '10' });
    expect(fast.status === 'out-of-reach' && fast.endMPerMin).toBeCloseTo(12, 6);
    expect(wireTerm(TOM, DIALS, 1)).toMatchObject({ status: 'out-of-reach', side: 'below', endWords: '0' });
  });

  it('says honestly that a knob was not measured, and leaves shown numbers alone', () => {
    expect(wireTerm(TOM, UNREAD, 6)).toEqual({ status: 'not-measured' });
    expect(wireTerm(TOM, machineDials(TOM, [reading(5, 6)]), 6)).toEqual({ status: 'not-measured' });
    expect(wireTerm({ ...TOM, wireControl: { kind: 'units' } }, UNREAD, 6)).toEqual({ status: 'shown' });
    expect(wireTerm({ ...TOM, wireControl: { kind: 'entry' } }, UNREAD, 6)).toEqual({ status: 'entry' });
    expect(voltsTerm({ ...TOM, voltsControl: { kind: 'displayed' } }, 18, 100)).toEqual({ status: 'shown' });
    expect(voltsTerm({ ...TOM, voltsControl: { kind: 'entry' } }, 18, 100)).toEqual({ status: 'entry' });
  });

  it('is the letter that comes nearest, with what it gives and how far off', () => {
    const lettered: Machine = { ...TOM, wireControl: { kind: 'letters', names: ['L', 'M', 'H'] } };
    const dials = machineDials(lettered, [reading(0, 3), reading(1, 6), reading(2, 9)]);
    expect(wireTerm(lettered, dials, 5.6)).toMatchObject({ status: 'letter', name: 'M', near: true });
    const far = wireTerm(lettered, dials, 14);
    expect(far).toMatchObject({ status: 'letter', name: 'H', near: false });
    expect(far.status === 'letter' && far.offShare).toBeCloseTo(9 / 14 - 1, 6);
    expect(wireTerm(lettered, machineDials(lettered, []), 5)).toEqual({ status: 'not-measured' });
  });

  it('is turned further up where the feeder slows under arc, with a wider band', () => {
    const sagging = machineDials(TOM, [...READINGS, reading(5, 5.4, { underArc: true })]);
    const term = wireTerm(TOM, sagging, 5.4);
    const regulated = wireTerm(TOM, DIALS, 6);
    if (term.status !== 'knob' || regulated.status !== 'knob') throw new Error('not measured');
    expect(term.knob.start).toBeCloseTo(5, 6);
    expect(term.knob.start).toBeCloseTo(regulated.knob.start, 6);
    expect(term.knob.high - term.knob.low).toBeGreaterThan(regulated.knob.high - regulated.knob.low);
    expect(wireReach(TOM, sagging)?.[1]).toBeCloseTo(10.8, 6);
  });

  it('is the figure to show where a meter found the display off', () => {
    const meter = [{ shownV: 19, meterV: 18.4 }];
    const term = voltsTerm({ ...TOM, voltsControl: { kind: 'displayed', meter } }, 18, 100);
    expect(term.status === 'shown-offset' && term.set.start).toBeCloseTo(18.6, 9);
    const right = [{ shownV: 19, meterV: 18.9 }];
    expect(voltsTerm({ ...TOM, voltsControl: { kind: 'displayed', meter: right } }, 18, 100)).toEqual({
      status: 'shown',
    });
  });

  it('reaches as far as it was read, or as its plate says', () => {
    expect(wireReach(TOM, DIALS)).toEqual([2, 12].map((v): unknown => expect.closeTo(v, 6)));
    const shown: Machine = { ...TOM, wireControl: { kind: 'units' }, wireFeedSpeedRangeMPerMin: [2, 20] };
    expect(wireReach(shown, UNREAD)).toEqual([2, 20]);
    expect(wireReach(TOM, UNREAD)).toBeUndefined();
  });

  it('is the mark of a volts knob with its band, and says what is past its readings', () => {
    const knobbed: Machine = {
      ...TOM,
      voltsControl: {
        kind: 'knob',
        min: 1,
        max: 10,
        places: [1, 4, 7, 10].map((knob) => ({ knob, openV: 14 + 2 * knob })),
      },
    };
    const term = voltsTerm(knobbed, 20, 100); // 20 V at the arc is 23 V open: 3 V for each 100 A
    if (term.status !== 'knob') throw new Error(term.status);
    expect(term.knob.start).toBeCloseTo(4.5, 6);
    expect(term).toMatchObject({ figure: { text: '4½' }, marks: ['4½'] });
    expect(term.knob.low).toBeLessThan(4.4);
    expect(term.knob.high).toBeGreaterThan(4.6);
    expect(voltsTerm(knobbed, 35, 100)).toMatchObject({
      status: 'out-of-reach',
      side: 'above',
      endWords: '10',
    });
    const low = voltsTerm(knobbed, 8, 100);
    expect(low).toMatchObject({ status: 'out-of-reach', side: 'below', endWords: '1' });
    expect(low.status === 'out-of-reach' && low.endV).toBeCloseTo(13, 6);
    const unread: Machine = { ...TOM, voltsControl: { kind: 'knob', min: 1, max: 10, places: [] } };
    expect(voltsTerm(unread, 20, 100)).toEqual({ status: 'not-measured' });
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
