import fc from 'fast-check';
import { entryFor, entryLineFault, type EntryPoint, type OneEntry } from './one-entry.ts';

const WIRE = { wireClass: 'ER70S-6', diameterMm: 0.8, gas: 'ar-co2-18' } as const;
const POINTS: readonly EntryPoint[] = [
  { entry: 1, wireFeedSpeedMPerMin: 3.2, volts: 15.2 },
  { entry: 2, wireFeedSpeedMPerMin: 5.4, volts: 16.8 },
  { entry: 4, wireFeedSpeedMPerMin: 9.6, volts: 19.6 },
];
const BY_THICKNESS: OneEntry = { unit: 'mm', lines: [{ ...WIRE, points: POINTS }] };
const want = (wireFeedSpeedMPerMin: number, volts: number) => ({ ...WIRE, wireFeedSpeedMPerMin, volts });

describe('a machine with one entry', () => {
  it('is set to the entry that gives the speed, and trimmed from what it chooses there', () => {
    const set = entryFor(BY_THICKNESS, want(5.4, 16.1));
    if (set.status !== 'set') throw new Error(set.status);
    expect(set.entry).toBeCloseTo(2, 6);
    expect(set.machineVolts).toBeCloseTo(16.8, 6);
    expect(set.trimV).toBeCloseTo(-0.7, 9);
    expect(set.trim).toEqual({ unit: 'V', by: set.trimV });
  });

  it('is trimmed in its own marks where they are known', () => {
    const set = entryFor({ ...BY_THICKNESS, trimStepV: 0.5 }, want(5.4, 18));
    expect(set).toMatchObject({ status: 'set', trim: { unit: 'mark', by: 2 }, trimV: 1 });
  });

  it('is trimmed in per cent of what it chooses of itself, or in volts', () => {
    const want18 = want(5.4, 18);
    const per = entryFor({ ...BY_THICKNESS, trimUnit: '%' }, want18);
    const inVolts = entryFor(BY_THICKNESS, want18);
    if (per.status !== 'set' || inVolts.status !== 'set') throw new Error('not recorded');
    expect(inVolts.trim).toEqual({ unit: 'V', by: expect.closeTo(18 - per.machineVolts, 1) as number });
    // a whole number of per cents, no further from the volts wanted than half of one
    expect(per.trim.by).toBe(Math.round((100 * (18 - per.machineVolts)) / per.machineVolts));
    expect(Math.abs(per.machineVolts + per.trimV - 18)).toBeLessThanOrEqual(per.machineVolts / 200 + 1e-9);
  });

  it('is not trimmed where it chooses right, or as good as right', () => {
    expect(entryFor(BY_THICKNESS, want(9.6, 19.6))).toMatchObject({ trimV: 0 });
    expect(entryFor(BY_THICKNESS, want(9.6, 19.75))).toMatchObject({ trimV: 0 });
    expect(entryFor(BY_THICKNESS, want(9.6, 19.85))).not.toMatchObject({ trimV: 0 });
  });

  it('gives between two points an entry between them, faster for more', () => {
    const speed = fc.double({ min: 3.2, max: 9.6, noNaN: true });
    fc.assert(
      fc.property(speed, speed, (a, b) => {
        const [slow, fast] = [Math.min(a, b), Math.max(a, b)].map((v) => entryFor(BY_THICKNESS, want(v, 18)));
        if (slow?.status !== 'set' || fast?.status !== 'set') throw new Error('not set');
        expect(slow.entry).toBeGreaterThanOrEqual(1);
        expect(fast.entry).toBeLessThanOrEqual(4);
        expect(slow.entry).toBeLessThanOrEqual(fast.entry + 1e-9);
      }),
    );
  });

  it('never goes beyond what was recorded', () => {
    expect(entryFor(BY_THICKNESS, want(2, 15))).toEqual({ status: 'below', endMPerMin: 3.2, endEntry: 1 });
    expect(entryFor(BY_THICKNESS, want(12, 21))).toEqual({ status: 'above', endMPerMin: 9.6, endEntry: 4 });
  });

  it('says nothing for a wire, size or gas that was not recorded, or from one point', () => {
    const other = { ...want(5, 17), diameterMm: 1.0 } as const;
    expect(entryFor(BY_THICKNESS, other)).toEqual({ status: 'not-recorded' });
    expect(entryFor(BY_THICKNESS, { ...want(5, 17), gas: 'co2' })).toEqual({ status: 'not-recorded' });
    const one: OneEntry = { unit: 'mm', lines: [{ ...WIRE, points: POINTS.slice(0, 1) }] };
    expect(entryFor(one, want(3.2, 15))).toEqual({ status: 'not-recorded' });
  });

  it('takes no points that stand twice or run backwards', () => {
    expect(entryLineFault(POINTS)).toBeUndefined();
    expect(entryLineFault([...POINTS, { entry: 2, wireFeedSpeedMPerMin: 6, volts: 17 }])).toContain('twice');
    expect(entryLineFault([...POINTS, { entry: 5, wireFeedSpeedMPerMin: 9, volts: 20 }])).toContain(
      'no faster',
    );
  });
});
