import fc from 'fast-check';
import { DIAL_MODELS } from './dial-model.ts';
import { beadVerdict, levelOf, levelSpan, type ReadingLevel, readingOf } from './reading-level.ts';
import { type VoltsBead, voltsPosterior, type VoltsPrior } from './volts-posterior.ts';

const PRIOR: VoltsPrior = { middleV: 18.37, middleSdV: 0.7, ...DIAL_MODELS.dip };
const SHEET: VoltsPrior = { middleV: 15.2, middleSdV: 0.7, ...DIAL_MODELS.sheet };
const bead = (volts: number, level: ReadingLevel, grossShare = 0.05): VoltsBead => ({
  volts,
  level,
  grossShare,
});

const bell = (x: number, sd: number): number => Math.exp(-(x * x) / (2 * sd * sd)) / sd;
const logistic = (x: number): number => 1 / (1 + Math.exp(-x));

/** Chance of what was reported, written out anew from the definition: handbook on dialling in §2. */
function reported(
  prior: VoltsPrior,
  middle: number,
  half: number,
  { volts, level, grossShare }: VoltsBead,
): number {
  const b = prior.blownBeyondV;
  const edges: Readonly<Record<string, readonly [number, number]>> = {
    cold: [-99, -half],
    right: [-half, half],
    hot: [half, half + b],
    blown: [half + b, 99],
    '-3': [-99, -half - 0.6],
    '-2': [-half - 0.6, -half],
    '-1': [-half, -half / 3],
    '0': [-half / 3, half / 3],
    '1': [half / 3, half],
    '2': [half, half + Math.min(0.6, 0.6 * b)],
    '3': [half + Math.min(0.6, 0.6 * b), half + b],
  };
  const [low, high] = edges[String(level)] ?? [0, 0];
  const part = (noise: number): number =>
    logistic((high - volts + middle) / noise) - logistic((low - volts + middle) / noise);
  return (1 - grossShare) * part(0.2) + grossShare * part(0.8);
}

interface Fine {
  readonly mean: number;
  readonly inWindow: (volts: number) => number;
}

/** The same by a fine grid: 0.01 V and 61 half-widths. */
function fineGrid(prior: VoltsPrior, beads: readonly VoltsBead[]): Fine {
  const cells: [number, number, number][] = [];
  for (let w = 0; w < 61; w += 1) {
    const half = Math.max(0.05, prior.halfWidthV + prior.halfWidthSdV * 2.2 * (w / 30 - 1));
    for (let m = -400; m <= 400; m += 1) {
      const middle = prior.middleV + m / 100;
      const off = middle - prior.middleV;
      const before =
        bell(half - prior.halfWidthV, prior.halfWidthSdV) *
        (0.9 * bell(off, prior.middleSdV) + 0.1 * bell(off, 1.5));
      cells.push([middle, half, beads.reduce((p, one) => p * reported(prior, middle, half, one), before)]);
    }
  }
  const sum = cells.reduce((total, [, , p]) => total + p, 0);
  return {
    mean: cells.reduce((total, [middle, , p]) => total + middle * p, 0) / sum,
    inWindow: (volts) =>
      cells.reduce((total, [middle, half, p]) => total + (Math.abs(volts - middle) <= half ? p : 0), 0) / sum,
  };
}

const SEQUENCES: readonly (readonly [VoltsPrior, readonly VoltsBead[]])[] = [
  [PRIOR, []],
  [PRIOR, [bead(17.9, 'cold'), bead(18.4, 'right'), bead(18.9, 'hot')]],
  [PRIOR, [bead(17.9, 'hot'), bead(18.4, 'cold')]],
  [PRIOR, [bead(17.9, -2), bead(18.3, 1, 0.15), bead(18.7, 'blown'), bead(18.2, 0)]],
  [SHEET, [bead(14.5, 'cold'), bead(15, 'right'), bead(15.3, 'right'), bead(15.5, 'hot')]],
  [SHEET, [bead(14.5, 'cold'), bead(15.25, 'blown')]],
];

describe('what is known of the volts', () => {
  it.each(SEQUENCES)(
    'is what a fine grid finds, mean within 0.01 V and window within 0.015 (%#)',
    (prior, beads) => {
      const known = voltsPosterior(prior, beads);
      const fine = fineGrid(prior, beads);
      expect(Math.abs(known.meanV - fine.mean)).toBeLessThan(0.01);
      for (const off of [-0.7, -0.3, 0, 0.2, 0.6]) {
        const volts = fine.mean + off;
        expect(Math.abs(known.inWindow(volts) - fine.inWindow(volts))).toBeLessThan(0.015);
      }
    },
  );

  it('is what drawing jobs at random and weighing them by their reports finds', () => {
    // importance sampling with the random numbers of a library: fast-check’s, evenly drawn bits
    const bits = fc.noBias(fc.integer({ min: 0, max: 2 ** 30 - 1 }));
    const draws = fc.sample(fc.tuple(bits, bits, bits, bits, bits), { numRuns: 20_000, seed: 5 });
    const [prior, beads] = SEQUENCES[1] ?? [PRIOR, []];
    let [sum, mean] = [0, 0];
    for (const draw of draws) {
      const [a = 0, b = 0, c = 0, d = 0, e = 0] = draw.map((one) => (one + 0.5) / 2 ** 30);
      const normal = (u: number, v: number): number =>
        Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * v);
      const middle = prior.middleV + (a < 0.1 ? 1.5 : prior.middleSdV) * normal(b, c);
      const half = Math.max(0.05, prior.halfWidthV + prior.halfWidthSdV * normal(d, e));
      const weight = beads.reduce((p, one) => p * reported(prior, middle, half, one), 1);
      sum += weight;
      mean += weight * middle;
    }
    expect(Math.abs(mean / sum - voltsPosterior(prior, beads).meanV)).toBeLessThan(0.015);
  });

  it('does not mind the order of reports, and a right report counts as the levels that it holds', () => {
    const beads = [bead(17.9, 'cold'), bead(18.4, 1), bead(18.9, 'hot')];
    const [there, back] = [voltsPosterior(PRIOR, beads), voltsPosterior(PRIOR, beads.toReversed())];
    expect(back.meanV).toBeCloseTo(there.meanV, 9);
    const right = levelSpan('right', 0.6, 1.2);
    expect([levelSpan(-1, 0.6, 1.2)[0], levelSpan(1, 0.6, 1.2)[1]]).toEqual(right);
    for (const [a, b] of [
      [-3, -2],
      [-2, -1],
      [-1, 0],
      [0, 1],
      [1, 2],
      [2, 3],
      [3, 'blown'],
    ] as const) {
      expect(levelSpan(a, 0.6, 1.2)[1]).toBe(levelSpan(b, 0.6, 1.2)[0]);
    }
  });

  it('moves towards hotter after cold, is surer after more beads, and never surer before the first than 0.35 V', () => {
    const before = voltsPosterior(PRIOR, []);
    const cold = voltsPosterior(PRIOR, [bead(18.4, 'cold')]);
    expect(cold.meanV).toBeGreaterThan(before.meanV);
    expect(cold.sdV).toBeLessThan(before.sdV);
    expect(voltsPosterior({ ...PRIOR, middleSdV: 0.01 }, []).sdV).toBeGreaterThan(0.34);
    expect(before.sdV).toBeCloseTo(Math.sqrt(0.9 * 0.49 + 0.1 * 2.25), 1);
  });

  it('asks about a report that does not fit, and seldom about one that does', () => {
    const clean = [bead(17.5, 'cold'), bead(18.4, 'right'), bead(19.3, 'hot')];
    const known = voltsPosterior(PRIOR, clean);
    for (const one of clean) expect(known.grossChance(one)).toBeLessThan(0.1);
    const odd = bead(17.3, 'hot');
    expect(voltsPosterior(PRIOR, [...clean, odd]).grossChance(odd)).toBeGreaterThan(0.3);
  });

  it('a look ahead at a bead adds up to what is known, and is what the report itself then finds', () => {
    const known = voltsPosterior(PRIOR, [bead(18, 'cold'), bead(18.6, 'right')]);
    const levels = ['cold', 'right', 'hot', 'blown'] as const;
    known.outlooks(18.83).forEach((joint, k) => {
      const total = joint.reduce((sum, one) => sum + one, 0);
      const after = known.after(bead(18.83, levels[k] as ReadingLevel));
      const off = joint.reduce(
        (most, one, i) => Math.max(most, Math.abs(one / total - (after.chances[i] as number))),
        0,
      );
      expect(off).toBeLessThan(5e-5);
    });
    const all = known.outlooks(18.83).reduce((sum, joint) => sum + joint.reduce((a, b) => a + b, 0), 0);
    expect(all).toBeCloseTo(1, 3);
  });

  it('is less sure by just so much when the wire speed has moved, about the same middle', () => {
    const known = voltsPosterior(PRIOR, [bead(18, 'cold'), bead(18.5, 'right'), bead(19, 'hot')]);
    const wider = known.widened(0.3);
    expect(wider.meanV).toBeCloseTo(known.meanV, 2);
    expect(wider.sdV).toBeCloseTo(Math.hypot(known.sdV, 0.3), 2);
    expect(known.widened(0)).toBe(known);
    const moved = voltsPosterior(PRIOR, [bead(18, 'cold'), { ...bead(18.5, 'right'), widenedV: 0.5 }]);
    expect(moved.sdV).toBeGreaterThan(voltsPosterior(PRIOR, [bead(18, 'cold'), bead(18.5, 'right')]).sdV);
  });

  it('its shares and its ends belong together', () => {
    const known = voltsPosterior(PRIOR, [bead(18, 'cold'), bead(18.6, 'right')]);
    for (const share of [0.1, 0.5, 0.9]) {
      expect(known.between(-Infinity, known.quantileV(share))).toBeCloseTo(share, 6);
    }
    expect(known.between(-Infinity, Infinity)).toBeCloseTo(1, 9);
  });

  it('burns through the likelier the hotter it is', () => {
    const known = voltsPosterior(PRIOR, []);
    const chances = [17, 18, 19, 20, 21].map((volts) => known.blownChance(volts));
    expect(chances).toEqual(chances.toSorted((a, b) => a - b));
    expect(chances[0]).toBeLessThan(0.02);
    expect(chances[4]).toBeGreaterThan(0.6);
  });
});

describe('the level of a report', () => {
  it.each([
    ['ropy', 'stubbing', -3],
    ['ropy', 'popping', -3],
    ['tall', 'popping', -2],
    ['crowned', 'popping', -1],
    ['crowned', 'sizzle', 0],
    ['flat', 'sizzle', 1],
    ['concave', 'crackle', 2],
    ['flat', 'crackle', 2],
    ['undercut', 'hiss', 3],
    ['blown-through', 'stubbing', 'blown'],
  ] as const)('%s and %s is %s', (face, sound, level) => {
    expect(levelOf({ face, sound })).toEqual({ level, grossShare: 0.05 });
  });

  it.each([
    ['ropy', 'sizzle', 'cold'],
    ['undercut', 'sizzle', 'hot'],
    ['tall', 'crackle', 'right'],
    ['crowned', 'hiss', 'hot'],
  ] as const)('%s and %s disagree: %s by the tap alone, and less trusted', (face, sound, level) => {
    expect(levelOf({ face, sound })).toEqual({ level, grossShare: 0.15 });
  });

  it('is what one tap says, before all else; of one sign alone the tap that it points to', () => {
    expect(levelOf({ said: 'hot', face: 'ropy', sound: 'stubbing' })).toMatchObject({ level: 'hot' });
    expect(levelOf({ sound: 'popping' })).toMatchObject({ level: 'cold' });
    expect(levelOf({ face: 'flat' })).toMatchObject({ level: 'right' });
    expect(levelOf({ face: 'undercut' })).toMatchObject({ level: 'hot' });
    expect(levelOf({ face: 'blown-through' })).toMatchObject({ level: 'blown' });
    expect(levelOf({})).toBeUndefined();
    expect((['cold', 'right', 'hot', 'blown'] as const).map((level) => beadVerdict({ said: level }))).toEqual(
      ['cold', 'right', 'hot', 'blown'],
    );
    expect(beadVerdict({ face: 'crowned', sound: 'popping' })).toBe('right');
  });

  it('counts for less on a hot coupon, least with an unsteady hand, for nothing once it was left out', () => {
    const share = (over: object) => readingOf({ said: 'right', ...over })?.grossShare;
    expect([share({}), share({ cooled: true })]).toEqual([0.05, 0.05]);
    expect([share({ cooled: false }), share({ flags: ['stick-out'] }), share({ flags: [] })]).toEqual([
      0.15, 0.5, 0.05,
    ]);
    expect(share({ flags: ['stick-out'], doubt: 'stands' })).toBe(0.05);
    expect(readingOf({ said: 'right', doubt: 'left-out' })).toBeUndefined();
    expect(readingOf({ spatter: 'much' })).toBeUndefined();
  });
});
