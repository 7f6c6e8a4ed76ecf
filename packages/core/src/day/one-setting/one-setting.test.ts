import fc from 'fast-check';
import { planSetup } from '../../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../../plan/setup/setup.ts';
import type { Work } from '../../trade/material/work.ts';
import { PLAIN_WORK } from '../../../test/context.ts';
import { fewestPoints } from './fewest-points.ts';
import { oneSetting } from './one-setting.ts';
import { voltsAt, weldAt, weldBand } from './weld-band.ts';

type Box = readonly [w: readonly [number, number], u: readonly [number, number]];

/** Points at which boxes can meet: where one begins in one direction and another in the other. */
function masksOf(boxes: readonly Box[]): readonly number[] {
  const inside = (value: number, [low, high]: readonly [number, number]): boolean =>
    value >= low && value <= high;
  return boxes.flatMap(([w]) =>
    boxes.map(([, u]) =>
      boxes.reduce((mask, [ow, ou], i) => (inside(w[0], ow) && inside(u[0], ou) ? mask | (1 << i) : mask), 0),
    ),
  );
}

/** Fewest groups by trying every partition of the boxes: a group holds where its boxes have a point in common. */
function byPartition(boxes: readonly Box[]): number {
  const meets = (group: readonly Box[]): boolean =>
    [0, 1].every(
      (axis) =>
        Math.max(...group.map((box) => box[axis as 0][0])) <=
        Math.min(...group.map((box) => box[axis as 0][1])),
    );
  let best = boxes.length;
  const groups: Box[][] = [];
  const walk = (i: number): void => {
    if (groups.length >= best) return;
    const box = boxes[i];
    if (!box) {
      best = groups.length;
      return;
    }
    for (const group of groups) {
      group.push(box);
      if (meets(group)) walk(i + 1);
      group.pop();
    }
    groups.push([box]);
    walk(i + 1);
    groups.pop();
  };
  walk(0);
  return best;
}

const plan = (work: Partial<Work>): PlannedSetup => {
  const setup = planSetup(
    { ...PLAIN_WORK, ...work },
    { wireClass: 'ER70S-6', wireDiameterMm: 0.8, gas: 'ar-co2-18' },
  );
  if (setup.status !== 'planned') throw new Error(setup.reasons.join());
  return setup;
};

describe('the fewest points', () => {
  it('are two for the four welds where every greedy way takes three', () => {
    // handbook, day order solved §7: best 2 (1 + 3, 2 + 4), each greedy 3
    const boxes: readonly Box[] = [
      [
        [4, 5],
        [0, 2],
      ],
      [
        [4, 6],
        [1, 3],
      ],
      [
        [4, 7],
        [0, 0.5],
      ],
      [
        [5.5, 8],
        [2, 3],
      ],
    ];
    expect(fewestPoints(masksOf(boxes), 15).points).toHaveLength(2);
    expect(byPartition(boxes)).toBe(2);
  });

  const span = fc
    .tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 0, max: 5 }))
    .map(([a, b]) => [a, a + b] as const);
  it('are as few as trying every partition finds, for up to ten boxes', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(span, span), { minLength: 1, maxLength: 10 }), (boxes) => {
        const masks = masksOf(boxes);
        const all = 2 ** boxes.length - 1;
        const { points, isFewest } = fewestPoints(masks, all);
        expect(points.reduce((mask, at) => mask | (masks[at] ?? 0), 0)).toBe(all);
        expect([points.length, isFewest]).toEqual([byPartition(boxes), true]);
      }),
      { numRuns: 300, seed: 7 },
    );
  });

  it('beyond sixteen things are not promised to be the fewest', () => {
    const masks = Array.from({ length: 20 }, (_, i) => 1 << i);
    const { points, isFewest } = fewestPoints(masks, 2 ** 20 - 1);
    expect([points.length, isFewest]).toEqual([20, false]);
    expect(() => fewestPoints([1], 3)).toThrow('no point serves');
  });
});

describe('what a weld takes', () => {
  it('its own setting holds for it, with its own travel', () => {
    for (const work of [{ joint: 'tee' }, { joint: 'butt' }, { joint: 'lap', thicknessMm: 1.5 }] as const) {
      const own = plan(work);
      const band = weldBand(own);
      const at = weldAt(band, {
        wireFeedSpeedMPerMin: own.wireFeedSpeedMPerMin.start,
        volts: own.volts.start,
      });
      expect(at.holds).toBe(true);
      expect(at.againstOwn).toBeCloseTo(1, 6);
      expect(at.legMm === undefined).toBe(own.bead.legMm === undefined);
    }
  });

  it('more wire is made up with travel; metal laid = travel × section', () => {
    const own = plan({ joint: 'tee', thicknessMm: 3 });
    const band = weldBand(own);
    const start = own.wireFeedSpeedMPerMin.start;
    const at = (share: number) =>
      weldAt(band, { wireFeedSpeedMPerMin: start * share, volts: own.volts.start });
    expect(at(1.1).travelMmPerMin).toBeGreaterThan(at(1).travelMmPerMin);
    expect(at(1.1).againstOwn).toBeCloseTo(1.1, 2);
    // same leg as long as the hand is at ease: leg² ∝ section = metal ÷ travel
    expect(at(1.1).legMm).toBeCloseTo(own.bead.legMm ?? 0, 6);
    expect(at(3)).toMatchObject({ holds: false, why: 'too-fast', isAtEase: false });
    expect(at(0.2)).toMatchObject({ holds: false, why: 'too-slow' });
    expect(weldAt(band, { wireFeedSpeedMPerMin: start, volts: 10 }).why).toBe('too-cold');
    expect(weldAt(band, { wireFeedSpeedMPerMin: start, volts: 30 }).why).toBe('too-hot');
    expect(voltsAt(band, band.lowMPerMin - 0.1)).toBeUndefined();
  });
});

describe('several welds on one setting', () => {
  const frame = [
    plan({ joint: 'tee', thicknessMm: 2 }),
    plan({ joint: 'lap', thicknessMm: 2 }),
    plan({ joint: 'butt', thicknessMm: 2, gapMm: 0 }),
  ];

  it('a 2 mm tee, lap and closed butt share one; an outside corner needs a second', () => {
    // handbook, day order §5
    const three = oneSetting(frame);
    expect(three.groups.map(({ welds }) => welds)).toEqual([[0, 1, 2]]);
    for (const own of frame)
      expect(
        weldAt(weldBand(own), three.groups[0]?.setting ?? { wireFeedSpeedMPerMin: 0, volts: 0 }).holds,
      ).toBe(true);
    const corner = plan({ joint: 'outside-corner', thicknessMm: 1.2 });
    const four = oneSetting([...frame, corner]);
    expect(four.groups).toHaveLength(2);
    expect(four.apart).toHaveLength(1);
    expect(['wire-speed', 'volts']).toContain(four.apart[0]?.on);
    expect(four.isFewest).toBe(true);
  });

  it('another wire, gas or gun is another setting, and said; a pinned weld keeps its own', () => {
    const other = planSetup(
      { ...PLAIN_WORK, thicknessMm: 2 },
      { wireClass: 'ER70S-6', wireDiameterMm: 1.0, gas: 'ar-co2-18' },
    );
    if (other.status !== 'planned') throw new Error('refused');
    const two = oneSetting([frame[0] ?? other, other]);
    expect(two.apart).toEqual([{ a: 0, b: 1, on: 'wire' }]);
    const pinned = oneSetting(frame, new Set([1]));
    expect(pinned.groups.map(({ welds }) => welds)).toEqual([[0, 2], [1]]);
    expect(pinned.groups[1]?.setting.volts).toBe(frame[1]?.volts.start);
  });

  it('forty welds of three kinds are solved as three', () => {
    const many = Array.from({ length: 40 }, (_, i) => frame[i % 3] as PlannedSetup);
    const { groups, isFewest } = oneSetting(many);
    expect([groups.length, groups[0]?.welds.length, isFewest]).toEqual([1, 40, true]);
  });
});
