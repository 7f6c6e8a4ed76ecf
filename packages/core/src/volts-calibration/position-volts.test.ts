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
    expect(two).toMatchObject({ from: 'two-loaded' });
    expect(two?.volts.start).toBeCloseTo(17, 9);
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
