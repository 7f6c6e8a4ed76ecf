import { positionFor, positionVolts, type VoltsPosition } from './position-volts.ts';

// Source: seven taps of one set, read open (common practice); droop 2–4 V for 100 A (handbook, from memory).
const TAPS: readonly VoltsPosition[] = [17, 19, 20, 21.5, 24, 26, 30.5].map((openV, i) => ({
  name: String(i + 1),
  openV,
}));

describe('the volts of a tap', () => {
  it('for 0.8 mm sheet at 45 A: tap 1 open at 17 V gives about 15.6 V at the arc', () => {
    const choice = positionFor(TAPS, 'transformer', 15.6, 45);
    expect(choice?.position.name).toBe('1');
    expect(choice?.gives.volts.start).toBeCloseTo(15.65, 2);
    expect(choice?.gives.from).toBe('open');
    expect(Math.abs(choice?.offV ?? 9)).toBeLessThan(0.2);
  });

  it('are worked out from two loaded readings where there are two, and hold the assumed droop otherwise', () => {
    const loaded = [
      { volts: 18, currentA: 80 },
      { volts: 16, currentA: 130 },
    ];
    const two = positionVolts({ name: '3', openV: 20, loaded }, 'transformer', 105);
    expect(two).toMatchObject({ from: 'loaded-line' });
    expect(two?.volts.start).toBeCloseTo(17, 9);
    expect(two?.droopVPer100A).toBeCloseTo(4, 9);
    const one = positionVolts({ name: '3', loaded: loaded.slice(0, 1) }, 'transformer', 180);
    expect(one).toMatchObject({ from: 'one-loaded' });
    expect(one?.volts.start).toBeCloseTo(15, 9);
    expect(one?.volts.low).toBeCloseTo(13.5, 9);
    expect(one?.volts.high).toBeCloseTo(16.5, 9);
  });

  it('droop less on a regulated source than on a transformer, until it is measured', () => {
    const loaded = [{ volts: 18, currentA: 80 }];
    const at = (kind: 'inverter' | 'transformer') => positionVolts({ name: 'B', loaded }, kind, 180)?.volts;
    expect(at('inverter')?.start).toBeCloseTo(17, 9);
    expect(at('transformer')?.start).toBeCloseTo(15, 9);
    expect(at('inverter')?.high).toBeCloseTo(18.5, 9);
    const two = [...loaded, { volts: 16, currentA: 130 }];
    const measured = (kind: 'inverter' | 'transformer') =>
      positionVolts({ name: 'B', loaded: two }, kind, 180)?.volts;
    expect(measured('inverter')).toEqual(measured('transformer'));
  });

  it('two readings at nearly one current are no droop', () => {
    const loaded = [
      { volts: 18, currentA: 100 },
      { volts: 15, currentA: 101 },
    ];
    expect(positionVolts({ name: '3', loaded }, 'transformer', 100)?.from).toBe('one-loaded');
  });

  it('are less sure the further from the readings, and surer with more of them', () => {
    const loaded = [
      { volts: 18, currentA: 90 },
      { volts: 17.4, currentA: 110 },
    ];
    const width = (readings: typeof loaded, currentA: number): number => {
      const volts = positionVolts({ name: '3', loaded: readings }, 'transformer', currentA)?.volts;
      return volts ? volts.high - volts.low : NaN;
    };
    expect(width(loaded, 100)).toBeCloseTo(1, 9);
    expect(width(loaded, 180)).toBeGreaterThan(width(loaded, 120));
    expect(width([...loaded, { volts: 15.9, currentA: 160 }], 180)).toBeLessThan(width(loaded, 180));
  });

  it('take the open reading into the droop where it fits one load, and leave it where a capacitor lifts it', () => {
    const loaded = [{ volts: 18, currentA: 100 }];
    const fits = positionVolts({ name: '3', openV: 20.4, loaded }, 'transformer', 200);
    // 2.4 ± 1 from the open reading and 3 ± 1 assumed: the mean of the two, ± 1/√2
    expect(fits).toMatchObject({ from: 'open-and-loaded' });
    expect(fits?.droopVPer100A).toBeCloseTo(2.7, 9);
    expect((fits?.volts.high ?? 0) - (fits?.volts.start ?? 0)).toBeCloseTo(0.5 + Math.SQRT1_2, 9);
    const lifted = positionVolts({ name: '3', openV: 26, loaded }, 'transformer', 200);
    expect(lifted).toMatchObject({ from: 'one-loaded', droopVPer100A: 3 });
    expect(positionVolts({ name: '3', openV: 20.4, loaded }, 'inverter', 200)?.from).toBe('one-loaded');
  });

  it('are not known from what an inverter idles at', () => {
    expect(positionVolts({ name: 'B', openV: 62 }, 'inverter', 100)).toBeUndefined();
    expect(positionFor([{ name: 'B', openV: 62 }], 'inverter', 18, 100)).toBeUndefined();
  });

  it('fall as the current rises, and the band holds the assumed droop', () => {
    const at = (currentA: number) => positionVolts(TAPS[4] as VoltsPosition, 'transformer', currentA)?.volts;
    expect(at(150)?.start).toBeLessThan(at(50)?.start ?? 0);
    expect(at(100)).toEqual({ start: 21, low: 19.5, high: 22.5 });
  });
});
