import { line as d3Line, curveMonotoneX } from 'd3-shape';
import fc from 'fast-check';
import { OutOfRangeError } from '../../base/quantity/out-of-range-error.ts';
import { mPerMinFromInchesPerMin } from '../../base/quantity/units.ts';
import { type Dial, dialOf } from './dial.ts';
import { dialBend, nextKnob } from './dial-advice.ts';
import { dialSpeed, knobFor } from './dial-band.ts';
import { curveAt, type CurvePoint, monotoneCurve } from '../../base/numeric/monotone-curve.ts';
import { measuredSpeed, runWorth, type TimedReading, twoLengthWorth } from './timed-run.ts';

/** A ten-second reading of a speed, free of error. */
function exact(knob: number, speedMPerMin: number, timeS = 10): TimedReading {
  return { knob, run: { lengthMm: (speedMPerMin / 0.06) * timeS, timeS } };
}

function dial(readings: readonly TimedReading[]): Dial {
  const dial = dialOf(readings);
  if (!dial) throw new Error('no dial');
  return dial;
}

// Source: one 0–10 dial read 137.5, 180 and 382.5 in/min at 0, 5 and 10 (common practice).
const OLD_DIAL = dial(
  [
    [0, 137.5],
    [5, 180],
    [10, 382.5],
  ].map(([knob = 0, inches = 0]) => exact(knob, mPerMinFromInchesPerMin(inches))),
);

describe('a timed run', () => {
  it('is length over time: 760 mm in 6 s is 7.6 m/min, good to about ±3.5 %', () => {
    const { speedMPerMin, sdMPerMin } = measuredSpeed({ run: { lengthMm: 760, timeS: 6 } });
    expect(speedMPerMin).toBeCloseTo(7.6, 9);
    expect((1.96 * sdMPerMin) / speedMPerMin).toBeGreaterThan(0.03);
    expect((1.96 * sdMPerMin) / speedMPerMin).toBeLessThan(0.037);
  });

  it('with two lengths is the difference, so that a late start cancels', () => {
    const late = (timeS: number): { lengthMm: number; timeS: number } => ({
      lengthMm: (timeS - 0.3) * 100,
      timeS,
    });
    const once = measuredSpeed({ run: late(9) }).speedMPerMin;
    const twice = measuredSpeed({ run: late(9), shortRun: late(3) }).speedMPerMin;
    expect(once).toBeLessThan(5.9);
    expect(twice).toBeCloseTo(6, 9);
  });

  it.each([
    [{ run: { lengthMm: 700, timeS: 0 } }, 'time-out-of-range'],
    [{ run: { lengthMm: -700, timeS: 6 } }, 'length-out-of-range'],
    [{ run: { lengthMm: 500_000, timeS: 6 } }, 'length-out-of-range'],
    [{ run: { lengthMm: 50_000, timeS: 6 } }, 'speed-out-of-range'],
    [{ run: { lengthMm: Number.NaN, timeS: 6 } }, 'length-out-of-range'],
    [{ run: { lengthMm: 900, timeS: 9 }, shortRun: { lengthMm: 850, timeS: 8.5 } }, 'runs-too-alike'],
  ])('%o is refused as %s', (reading, code) => {
    const read = (): unknown => measuredSpeed(reading);
    expect(read).toThrow(OutOfRangeError);
    try {
      read();
    } catch (error) {
      expect((error as OutOfRangeError).code).toBe(code);
    }
  });

  it('weighs a longer run against the wire it wastes', () => {
    const [six, ten, minute] = [6, 10, 60].map((timeS) => runWorth(7.6, timeS));
    expect(six?.wireMm).toBeCloseTo(760, 9);
    expect(minute?.wireMm).toBeCloseTo(7600, 9);
    expect(minute?.errorShare).toBeLessThan((ten?.errorShare ?? 0) / 4);
  });

  // By hand: √2 × 0.1 s over 6 s is 2.36 %; the rule adds next to nothing; × 1.96 is 4.6 %.
  it('pays for what two lengths cancel: 3 s and 9 s are good to about ±4.6 %, for 12 s of wire', () => {
    const worth = twoLengthWorth(7.6, 3, 9);
    expect(worth.errorShare).toBeCloseTo(0.046, 3);
    expect(worth.wireMm).toBeCloseTo(1520, 9);
  });
});

describe('the curve', () => {
  // Independent method: the Bézier path that d3-shape draws through the same points.
  it('is the one a general drawing library draws, and never overshoots', () => {
    const points = fc
      .array(
        fc.tuple(fc.double({ min: 0.2, max: 3, noNaN: true }), fc.double({ min: 0, max: 5, noNaN: true })),
        {
          minLength: 3,
          maxLength: 7,
        },
      )
      .map((steps) => {
        let [x, y] = [0, 1];
        return steps.map(([dx, dy]): CurvePoint => ({ x: (x += dx), y: (y += dy) }));
      });
    fc.assert(
      fc.property(points, fc.double({ min: 0, max: 1, noNaN: true }), (list, u) => {
        const curve = monotoneCurve(list);
        const drawn = d3Line<CurvePoint>()
          .x((p) => p.x)
          .y((p) => p.y)
          .digits(12)
          .curve(curveMonotoneX)([...list]) as string;
        const numbers = [...drawn.matchAll(/-?\d+(?:\.\d+)?(?:e-?\d+)?/g)].map(Number);
        const [, y0 = 0] = numbers;
        const [, cy1 = 0, , cy2 = 0, , y3 = 0] = numbers.slice(2);
        const bezier =
          (1 - u) ** 3 * y0 + 3 * (1 - u) ** 2 * u * cy1 + 3 * (1 - u) * u ** 2 * cy2 + u ** 3 * y3;
        const [a, b] = [list[0] as CurvePoint, list[1] as CurvePoint];
        const ours = curveAt(curve, a.x + u * (b.x - a.x));
        expect(ours).toBeCloseTo(bezier, 6);
        expect(ours).toBeGreaterThanOrEqual(a.y - 1e-9);
        expect(ours).toBeLessThanOrEqual(b.y + 1e-9);
      }),
    );
  });
});

describe('a dial', () => {
  it('turned backwards gives 250 in/min between 6.5 and 8.2, band and all', () => {
    const setting = knobFor(OLD_DIAL, mPerMinFromInchesPerMin(250));
    if (setting.status !== 'within') throw new Error(setting.status);
    expect(setting.knob.low).toBeGreaterThan(6.5);
    expect(setting.knob.high).toBeLessThan(8.2);
    expect(setting.knob.low).toBeLessThan(setting.knob.start);
    expect(setting.knob.high).toBeGreaterThan(setting.knob.start);
  });

  it('says that a straight line would be 44 % off at knob 5, 260 against 180; a straight dial raises no note', () => {
    const bend = dialBend(OLD_DIAL);
    expect(bend?.knob).toBe(5);
    expect(bend?.offShare).toBeCloseTo(0.444, 2);
    expect((bend?.straightMPerMin ?? 0) / 0.0254).toBeCloseTo(260, 6);
    expect(dialBend(dial([exact(0, 2), exact(5, 7), exact(10, 12)]))).toBeUndefined();
  });

  it('never goes beyond its readings', () => {
    expect(knobFor(OLD_DIAL, 1)).toMatchObject({ status: 'below', endKnob: 0 });
    expect(knobFor(OLD_DIAL, 20)).toMatchObject({ status: 'above', endKnob: 10 });
    expect(dialSpeed(OLD_DIAL, 10.1)).toBeUndefined();
  });

  it('averages repeats, and shows those that disagree to be read again', () => {
    const repeated = dial([exact(0, 2), exact(5, 6, 6), exact(5, 6.2, 6), exact(10, 12)]);
    expect(repeated.points[1]).toMatchObject({ readings: 2 });
    expect(repeated.points[1]?.speedMPerMin).toBeCloseTo(6.1, 1);
    expect(repeated.doubts).toEqual([]);
    const doubtful = dial([exact(0, 2), exact(5, 6), exact(5, 8), exact(10, 12)]);
    expect(doubtful.doubts).toMatchObject([{ code: 'readings-disagree', knob: 5 }]);
  });

  it('shows a reading that breaks the order, and says what one or two places are worth', () => {
    expect(dial([exact(0, 2), exact(5, 8), exact(7, 6), exact(10, 12)]).doubts).toMatchObject([
      { code: 'order-broken', knob: 7 },
    ]);
    expect(dial([exact(5, 8)]).doubts).toMatchObject([{ code: 'one-point' }]);
    expect(dial([exact(0, 2), exact(10, 8)]).doubts).toMatchObject([{ code: 'two-points' }]);
    expect(dialOf([])).toBeUndefined();
  });

  it('asks for the ends first, then where it knows least', () => {
    expect(nextKnob(undefined, [0, 10])).toBe(0);
    expect(nextKnob(dial([exact(0, 3)]), [0, 10])).toBe(10);
    expect(nextKnob(dial([exact(5, 3), exact(10, 9)]), [0, 10])).toBe(0);
    const between = nextKnob(OLD_DIAL, [0, 10]);
    expect(between).toBeGreaterThan(0);
    expect(between).toBeLessThan(10);
  });
});
