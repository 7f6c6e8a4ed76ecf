import { dialOf } from '../machine/dial/dial.ts';
import { dialSpeed, knobFor } from '../machine/dial/dial-band.ts';
import { nextKnob } from '../machine/dial/dial-advice.ts';
import { measuredSpeed, type TimedReading } from '../machine/dial/timed-run.ts';
import { gasOf } from '../trade/gas/gas.ts';
import { OutOfRangeError } from '../base/quantity/out-of-range-error.ts';
import { positionVolts } from '../machine/volts/position-volts.ts';
import {
  PRACTICE_KNOB,
  practiceFeeder,
  practiceFlow,
  practiceRun,
  practiceSpeed,
  practiceKnobRead,
  practiceKnobVolts,
  practiceVolts,
} from './practice-feeder.ts';
import { bandAt } from '../base/numeric/banded-curve.ts';
import { voltsOverKnob } from '../machine/volts/volts-knob.ts';
import { normalFrom, seededRandom } from '../base/numeric/seeded-random.ts';

describe('the seeded generator', () => {
  it('is the same for a seed, another for another, and even over [0, 1)', () => {
    const take = (seed: number, count: number): number[] => {
      const random = seededRandom(seed);
      return Array.from({ length: count }, random);
    };
    expect(take(7, 5)).toEqual(take(7, 5));
    expect(take(7, 5)).not.toEqual(take(8, 5));
    const many = take(1, 20_000);
    expect(Math.min(...many)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...many)).toBeLessThan(1);
    expect(many.reduce((sum, v) => sum + v, 0) / many.length).toBeCloseTo(0.5, 2);
  });

  it('gives normal numbers of mean 0 and standard deviation 1', () => {
    const random = seededRandom(3);
    const many = Array.from({ length: 20_000 }, () => normalFrom(random));
    const mean = many.reduce((sum, v) => sum + v, 0) / many.length;
    expect(mean).toBeCloseTo(0, 1);
    expect(Math.sqrt(many.reduce((sum, v) => sum + (v - mean) ** 2, 0) / many.length)).toBeCloseTo(1, 1);
  });
});

describe('a practice feeder', () => {
  it('hides a dial that rises all the way, whatever the seed', () => {
    for (let seed = 0; seed < 60; seed++) {
      const feeder = practiceFeeder(seededRandom(seed));
      const speeds = Array.from({ length: 21 }, (_, i) => practiceSpeed(feeder, i / 2));
      expect(speeds).toEqual(speeds.toSorted((a, b) => a - b));
      expect(speeds[0]).toBeCloseTo(feeder.slowMPerMin, 9);
      expect(speeds[20]).toBeCloseTo(feeder.fastMPerMin, 9);
    }
  });

  it('gives less wire than length over time says, by its run-in; the two-length method cancels it', () => {
    const feeder = { ...practiceFeeder(seededRandom(5)), lateS: 0.6 };
    const quiet = (): number => 0.75; // cos(2π·0.75) = 0: no error of hand or rule
    const long = practiceRun(feeder, { knob: 5, timeS: 9 }, quiet);
    const short = practiceRun(feeder, { knob: 5, timeS: 3 }, quiet);
    const truth = practiceSpeed(feeder, 5);
    expect(measuredSpeed({ run: long }).speedMPerMin).toBeLessThan(truth * 0.95);
    expect(measuredSpeed({ run: long, shortRun: short }).speedMPerMin).toBeCloseTo(truth, 6);
  });

  it('is found within the stated error: calibrated as advised, the hidden dial lies in the band', () => {
    let [inside, checks, knobs, knobsInside] = [0, 0, 0, 0];
    for (let seed = 0; seed < 200; seed++) {
      const random = seededRandom(1000 + seed);
      const feeder = practiceFeeder(random);
      const readings: TimedReading[] = [];
      for (let i = 0; i < 5; i++) {
        const knob = nextKnob(dialOf(readings), PRACTICE_KNOB);
        readings.push({
          knob,
          run: practiceRun(feeder, { knob, timeS: 9 }, random),
          shortRun: practiceRun(feeder, { knob, timeS: 3 }, random),
        });
      }
      const dial = dialOf(readings);
      if (!dial) throw new Error('no dial');
      for (let check = 0; check < 20; check++) {
        const knob = random() * 10;
        const truth = practiceSpeed(feeder, knob);
        const span = dialSpeed(dial, knob);
        if (!span) throw new Error('outside the ends');
        checks += 1;
        if (truth >= span.low && truth <= span.high) inside += 1;
        const setting = knobFor(dial, truth);
        if (setting.status !== 'within') continue;
        knobs += 1;
        if (knob >= setting.knob.low - 1e-6 && knob <= setting.knob.high + 1e-6) knobsInside += 1;
      }
    }
    expect(checks).toBe(4000);
    expect(inside / checks).toBeGreaterThanOrEqual(0.92);
    expect(knobsInside / knobs).toBeGreaterThanOrEqual(0.92);
  });

  it('reads volts that fall under load by a droop the taps’ model allows for', () => {
    const feeder = practiceFeeder(seededRandom(11));
    const random = seededRandom(12);
    const open = practiceVolts(feeder, 3, 0, random);
    const gives = positionVolts({ name: '3', openV: open }, 'transformer', 100);
    const loaded = practiceVolts(feeder, 3, 100, random);
    expect(loaded).toBeLessThan(open - 1.5);
    expect(loaded).toBeGreaterThanOrEqual(gives?.volts.low ?? Infinity);
    expect(loaded).toBeLessThanOrEqual(gives?.volts.high ?? -Infinity);
  });

  it('has a volts knob between its lowest and its highest tap, found by reading five places of it', () => {
    let [inside, all] = [0, 0];
    for (let seed = 1; seed <= 60; seed++) {
      const random = seededRandom(seed);
      const feeder = practiceFeeder(random);
      expect(practiceKnobVolts(feeder, 0, 0)).toBeCloseTo(feeder.openV[0] ?? 0, 9);
      expect(practiceKnobVolts(feeder, 10, 100)).toBeCloseTo(
        (feeder.openV[5] ?? 0) - feeder.droopVPer100A,
        9,
      );
      const places = [0, 2.5, 5, 7.5, 10].map((knob) => ({
        knob,
        loaded: [60, 140].map((currentA) => ({
          volts: practiceKnobRead(feeder, knob, currentA, random),
          currentA,
        })),
      }));
      const curve = voltsOverKnob(places, 'transformer', 100);
      for (let knob = 0.5; knob < 10; knob += 1) {
        const band = curve && bandAt(curve, knob);
        const truth = practiceKnobVolts(feeder, knob, 100);
        all += 1;
        if (band && truth >= band.low && truth <= band.high) inside += 1;
      }
    }
    expect(inside / all).toBeGreaterThan(0.9);
  });

  it('passes gas only while the trigger is held, and its meter reads argon’s scale', () => {
    const feeder = practiceFeeder(seededRandom(2));
    const argon = practiceFlow(feeder, { turns: 2, trigger: true }, gasOf('argon'));
    expect(argon.meterLPerMin).toBeCloseTo(argon.trueLPerMin, 9);
    const helium = practiceFlow(feeder, { turns: 2, trigger: true }, gasOf('tri-mix'));
    expect(helium.meterLPerMin).toBeLessThan(helium.trueLPerMin / 2);
    expect(practiceFlow(feeder, { turns: 4, trigger: false }, gasOf('argon')).meterLPerMin).toBe(0);
    const more = practiceFlow(feeder, { turns: 3, trigger: true }, gasOf('argon'));
    expect(more.trueLPerMin).toBeGreaterThan(argon.trueLPerMin);
  });

  it.each([-0.1, 10.1, Number.NaN])('has no knob at %s', (knob) => {
    expect(() => practiceSpeed(practiceFeeder(seededRandom(1)), knob)).toThrow(OutOfRangeError);
  });
});
