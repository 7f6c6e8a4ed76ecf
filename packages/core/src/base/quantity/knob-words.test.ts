import fc from 'fast-check';
import { handSet, handStep, knobFigure, knobMarks, knobTyped, knobWords, nextMark } from './knob-words.ts';

describe('what a hand can set on a scale', () => {
  // Source: common practice, half a mark on a 0–10 knob; the others by the same share of the turn
  it.each([
    [[0, 10], 0.5],
    [[1, 10], 0.5],
    [[0, 100], 5],
    [[0, 1], 0.05],
    [[1, 5], 0.2],
    [[0, 40], 2],
  ] as const)('%s is set to %s', (scale, step) => {
    expect(handStep(scale)).toBe(step);
  });

  it('is between a tenth and a thirtieth of the turn, whatever the scale', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 0.01, max: 50, noNaN: true }),
        (min, width) => {
          const steps = width / handStep([min, min + width]);
          expect(steps).toBeGreaterThan(10);
          expect(steps).toBeLessThan(33);
        },
      ),
    );
  });

  it('rounds a knob to it, without a tail of decimals', () => {
    expect(handSet(6.31, [0, 10])).toBe(6.5);
    expect(handSet(63.1, [0, 100])).toBe(65);
    expect(handSet(0.631, [0, 1])).toBe(0.65);
  });
});

describe('knob words', () => {
  it.each([
    [6, '6'],
    [6.1, '6'],
    [6.25, 'between 6 and 6½'],
    [6.4, '6½'],
    [6.5, '6½'],
    [0.5, '½'],
    [9.8, 'between 9½ and 10'],
    [0, '0'],
  ])('%s on 0–10 is “%s”', (knob, words) => {
    expect(knobWords(knob, [0, 10])).toBe(words);
  });

  it.each([
    [46, [0, 100], '45'],
    [47.4, [0, 100], 'between 45 and 50'],
    [0.63, [0, 1], 'between 0.6 and 0.65'],
    [3.21, [1, 5], '3.2'],
    [17, [0, 40], 'between 16 and 18'],
  ] as const)('%s on %s is “%s”', (knob, scale, words) => {
    expect(knobWords(knob, scale)).toBe(words);
  });

  it('always name marks that hold the knob', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 100 }),
        (share, max) => {
          const [low, high] = knobWords(share * max, [0, max])
            .replace('½', '.5')
            .replace('½', '.5')
            .replace('between ', '')
            .split(' and ')
            .map(Number);
          const step = handStep([0, max]);
          expect(low).toBeLessThanOrEqual(share * max + step / 4 + 1e-6);
          expect(high ?? low).toBeGreaterThanOrEqual(share * max - step / 4 - 1e-6);
        },
      ),
    );
  });
});

describe('a knob in one figure', () => {
  it.each([
    [{ start: 4.4, low: 4.1, high: 4.9 }, [0, 10], '4½', '0.4'],
    [{ start: 5.7, low: 5.4, high: 6.3 }, [0, 10], '5.7', '0.6'],
    [{ start: 0.45, low: 0.2, high: 0.7 }, [0, 10], '½', '0.3'],
    [{ start: 63, low: 60, high: 67 }, [0, 100], '63', '4'],
    [{ start: 64.6, low: 60, high: 67 }, [0, 100], '65', '5'],
    [{ start: 0.31, low: 0.28, high: 0.33 }, [0, 1], '0.3', '0.03'],
  ] as const)('%j on %j is %s ± %s', (knob, scale, text, plusMinus) => {
    expect(knobFigure(knob, scale)).toEqual({ text, plusMinus });
  });

  it('tells a doubt that holds the whole band, to its last digit', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (start, under, over) => {
          const { text, plusMinus } = knobFigure({ start, low: start - under, high: start + over }, [0, 10]);
          const at = knobTyped(text) ?? NaN;
          const half = Number(plusMinus);
          expect(Math.abs(at - start)).toBeLessThanOrEqual(0.125 + 1e-9);
          expect(at - half).toBeLessThanOrEqual(start - under + 0.05 + 1e-9);
          expect(at + half).toBeGreaterThanOrEqual(start + over - 0.05 - 1e-9);
        },
      ),
    );
  });

  it.each([
    ['4½', 4.5],
    ['½', 0.5],
    ['4 1/2', 4.5],
    ['3/4', 0.75],
    ['4,5', 4.5],
    [' 6 ', 6],
    ['−3', -3],
    ['four', undefined],
    ['4/0', undefined],
    ['', undefined],
    ['4 5', undefined],
  ])('reads %j as %s', (text, mark) => {
    expect(knobTyped(text)).toBe(mark);
  });
});

describe('the next mark', () => {
  it('is the one that is told beside it where the knob stands between two, else one step on', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 9.4, noNaN: true }), (knob) => {
        const marks = knobMarks(knob, [0, 10]).map((mark) => knobTyped(mark) ?? NaN);
        const [down, up] = [nextMark(knob, 0.5, -1), nextMark(knob, 0.5, 1)];
        if (marks.length === 2) expect([down, up]).toEqual(marks);
        else expect([down, up]).toEqual([(marks[0] ?? NaN) - 0.5, (marks[0] ?? NaN) + 0.5]);
      }),
    );
  });
});
