import { OutOfRangeError } from '../../base/quantity/out-of-range-error.ts';
import { arcPower, traceFault, type TraceSample } from './arc-power.ts';
import { coolingTime, COOLING_SHAPES } from './cooling-time.ts';
import { heatFromPowerKJPerMm, heatInputKJPerMm } from './heat-input.ts';

// source: handbook on inspection, its check cases H01 to H04 (EN 1011-2, recalled)
describe('cooling from 800 to 500 °C', () => {
  const PLAIN = { heatInputKJPerMm: 1, thicknessMm: 10, startC: 20, shape2d: 1, shape3d: 1 };

  it('1 kJ/mm on 10 mm at 20 °C: 11.36 s in the plane, 5.29 into the depth, over at 14.66 mm', () => {
    const cooling = coolingTime(PLAIN);
    expect(cooling.seconds2d).toBeCloseTo(11.36, 2);
    expect(cooling.seconds3d).toBeCloseTo(5.29, 2);
    expect(cooling.changeOverMm).toBeCloseTo(14.66, 2);
    expect([cooling.flow, cooling.seconds]).toEqual(['2-D', cooling.seconds2d]);
  });

  it('1.5 kJ/mm on 30 mm at 100 °C with a factor of 0.9: 8.97 s into the depth', () => {
    const thick = coolingTime({
      heatInputKJPerMm: 1.5,
      thicknessMm: 30,
      startC: 100,
      shape2d: 0.9,
      shape3d: 0.9,
    });
    expect([thick.flow, thick.seconds.toFixed(2)]).toEqual(['3-D', '8.97']);
  });

  it('a hot start slows an 8 mm butt from 23 to 43 s, and a tee of 6 mm lies between two', () => {
    const [f2] = COOLING_SHAPES.butt.shape2d;
    const butt = (startC: number) =>
      coolingTime({ heatInputKJPerMm: 1.2, thicknessMm: 8, startC, shape2d: f2, shape3d: f2 }).seconds;
    expect([butt(20).toFixed(0), butt(150).toFixed(0)]).toEqual(['23', '43']);
    const tee = COOLING_SHAPES.tee.shape2d.map(
      (shape2d) =>
        coolingTime({ heatInputKJPerMm: 0.583, thicknessMm: 6, startC: 20, shape2d, shape3d: 0.67 })
          .seconds2d,
    );
    expect(tee.map((seconds) => seconds.toFixed(1))).toEqual(['4.8', '7.2']);
  });

  it('both flows meet at the thickness of the change, and more heat is never quicker', () => {
    const { changeOverMm } = coolingTime(PLAIN);
    const there = coolingTime({ ...PLAIN, thicknessMm: changeOverMm });
    expect(there.seconds2d).toBeCloseTo(there.seconds3d, 6);
    const times = [0.3, 0.6, 1, 2, 4].map(
      (heatInputKJPerMm) => coolingTime({ ...PLAIN, heatInputKJPerMm }).seconds,
    );
    times.slice(1).forEach((seconds, i) => expect(seconds).toBeGreaterThan(times[i] ?? 0));
    expect(() => coolingTime({ ...PLAIN, startC: 400 })).toThrow(OutOfRangeError);
  });
});

describe('power of an arc', () => {
  /** A trace that goes round by steps of so many milliseconds, at 20 kHz. */
  function stepped(
    steps: readonly (readonly [ms: number, volts: number, amps: number])[],
    rounds = 50,
  ): TraceSample[] {
    const samples: TraceSample[] = [];
    for (let round = 0; round < rounds; round += 1) {
      for (const [ms, volts, amps] of steps) {
        for (let i = 0; i < ms * 20; i += 1) samples.push({ seconds: samples.length / 20_000, volts, amps });
      }
    }
    return samples;
  }

  it('a pulse of 400 A for 2 ms on 60 A for 6: 145 A, 23 V, 3335 W by the means, 4100 W in truth', () => {
    const power = arcPower(
      stepped([
        [2, 32, 400],
        [6, 20, 60],
      ]),
    );
    expect(power.meanAmps).toBeCloseTo(145, 6);
    expect(power.meanVolts).toBeCloseTo(23, 6);
    expect(power.ofMeansW).toBeCloseTo(3335, 3);
    // within half a percent of the known power, and the means a fifth off
    expect(Math.abs(power.instantaneousW / 4100 - 1)).toBeLessThan(0.005);
    expect(power.instantaneousW / power.ofMeansW).toBeCloseTo(1.229, 3);
    expect(power.samplesPerSecond).toBeCloseTo(20_000, 3);
    expect(power.seconds).toBeCloseTo(0.4, 6);
  });

  it('a dip of 250 A at 3 V for 3 ms: the means say 2706 W, the truth is 2227', () => {
    const power = arcPower(
      stepped([
        [3, 3, 250],
        [7, 22, 130],
      ]),
    );
    expect([power.ofMeansW.toFixed(0), power.instantaneousW.toFixed(0)]).toEqual(['2706', '2227']);
  });

  it('a steady arc has one power whichever way, and the heat of its means', () => {
    const power = arcPower(stepped([[10, 27, 215]]));
    expect(power.instantaneousW).toBeCloseTo(power.ofMeansW, 6);
    expect(power.rmsAmps).toBeCloseTo(215, 9);
    expect(heatFromPowerKJPerMm(power.instantaneousW, 478)).toBeCloseTo(heatInputKJPerMm(27, 215, 478), 9);
    expect(heatFromPowerKJPerMm(27 * 215, 478)).toBeCloseTo(0.583, 3);
    // standard formula: 150 A, 19.5 V, 400 mm/min
    expect(heatInputKJPerMm(19.5, 150, 400)).toBeCloseTo(0.351, 3);
  });

  it('a trace that cannot be read says why, and at which reading', () => {
    const good = stepped([[10, 20, 100]], 2);
    expect(traceFault(good)).toBeUndefined();
    expect(traceFault(good.slice(0, 99))).toEqual({ fault: 'too-short', at: 99 });
    const swapped = good.map((one, i) => (i === 50 ? { ...one, seconds: 0 } : one));
    expect(traceFault(swapped)).toEqual({ fault: 'backwards', at: 50 });
    const gap = good.map((one, i) => (i >= 200 ? { ...one, seconds: one.seconds + 0.001 } : one));
    expect(traceFault(gap)).toEqual({ fault: 'uneven', at: 200 });
    const hole = good.map((one, i) => (i === 7 ? { ...one, amps: Number.NaN } : one));
    expect(traceFault(hole)).toEqual({ fault: 'not-finite', at: 7 });
  });
});
