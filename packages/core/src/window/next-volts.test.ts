import fc from 'fast-check';
import { DIAL_MODELS, type DialKind, MOST_BEADS } from './dial-model.ts';
import { ceilingV, nextVolts, takenVolts } from './next-volts.ts';
import { GROSS_SHARE, type ReadingLevel } from './reading-level.ts';
import { type VoltsBead, voltsPosterior } from './volts-posterior.ts';

const SETTABLE = Array.from({ length: 101 }, (_, i) => Math.round((13 + i * 0.1) * 10) / 10);
const priorOf = (kind: DialKind, middleV = 18) => ({ middleV, middleSdV: 0.7, ...DIAL_MODELS[kind] });
const bead = (volts: number, level: ReadingLevel): VoltsBead => ({
  volts,
  level,
  grossShare: GROSS_SHARE.usual,
});
const next = (kind: DialKind, ...beads: readonly VoltsBead[]) =>
  nextVolts(priorOf(kind), beads, DIAL_MODELS[kind], { settable: SETTABLE });

describe('the next bead', () => {
  it('is none where all that can be set lies over what blew through', () => {
    const [low, high] = [bead(16, 'blown'), bead(17, 'blown')];
    const end = nextVolts(priorOf('dip', 17), [high, low], DIAL_MODELS.dip, { settable: [16, 17, 18] });
    expect(end).toMatchObject({ kind: 'take', because: 'blown-all', isProven: false, oneMore: undefined });
  });

  it('is first half a volt under in dip, over in aluminium, in the middle in spray; never above the middle from under', () => {
    expect(next('dip')).toMatchObject({ kind: 'weld', volts: 17.5 });
    expect(next('sheet')).toMatchObject({ kind: 'weld', volts: 17.3 });
    expect(next('aluminium')).toMatchObject({ kind: 'weld', volts: 18.5 });
    expect(next('spray')).toMatchObject({ kind: 'weld', volts: 18 });
    const tap = nextVolts(priorOf('dip'), [], DIAL_MODELS.dip, { settable: [14, 16, 18.2], isTaps: true });
    expect(tap).toMatchObject({ kind: 'weld', volts: 16 });
  });

  it('goes up after cold by no more than a step, down after hot, and stands within what was laid after both', () => {
    const up = next('dip', bead(17.5, 'cold'));
    expect([up.kind, up.volts > 17.5, up.volts <= 18]).toEqual(['weld', true, true]);
    const down = next('dip', bead(17.5, 'hot'));
    expect([down.volts < 17.5, down.volts >= 17]).toEqual([true, true]);
    const between = next('dip', bead(17, 'cold'), bead(18.5, 'hot'));
    expect([between.volts > 17, between.volts < 18.5]).toEqual([true, true]);
  });

  it('the worked example ends in its window: 3.2 mm steel, 17.5 cold, 18 cold, 18.5 right: take about 18.7', () => {
    // handbook on dialling in §5: window 18.25 to 19.25
    const ladder = [bead(17.5, 'cold'), bead(18, 'cold'), bead(18.5, 'right'), bead(19, 'right')];
    const end = nextVolts(priorOf('dip', 18.5), ladder, DIAL_MODELS.dip, { settable: SETTABLE });
    expect(end).toMatchObject({ kind: 'take', because: 'settled', isProven: true });
    expect(end.volts).toBeGreaterThanOrEqual(18.25);
    expect(end.volts).toBeLessThanOrEqual(19.25);
  });

  it('is never at or above volts that burnt through, twice a step under after the second, and comes down a volt at once', () => {
    const blown = next('dip', bead(18, 'cold'), bead(18.5, 'blown'));
    expect(blown.volts).toBeLessThanOrEqual(18);
    expect(ceilingV([bead(18.5, 'blown')], DIAL_MODELS.dip)).toBe(18);
    expect(ceilingV([bead(18.5, 'blown'), bead(17.9, 'blown')], DIAL_MODELS.dip)).toBeCloseTo(16.9, 9);
    expect(ceilingV([bead(15, 'blown')], DIAL_MODELS.sheet)).toBe(14.75);
    expect(ceilingV([bead(15, 'hot')], DIAL_MODELS.sheet)).toBe(Infinity);
    const sheet = next('sheet', bead(17.3, 'blown'));
    expect(sheet.volts).toBeLessThanOrEqual(17.3 - 0.25);
    expect(next('sheet', bead(17.3, 'blown'), bead(16.9, 'right'), bead(16.8, 'right')).kind).toBe('take');
  });

  it('says when another bead would tell no more, and when it is not settled; neither is proven', () => {
    const taps = [14, 16, 18, 20, 22];
    const prior = priorOf('dip', 19);
    // the window lies between two taps: each is read once more at most, then it ends
    const answers = [bead(18, 'cold'), bead(20, 'hot')];
    let stuck = nextVolts(prior, answers, DIAL_MODELS.dip, { settable: taps, isTaps: true });
    while (stuck.kind === 'weld') {
      answers.push(bead(stuck.volts, stuck.volts < 19 ? 'cold' : 'hot'));
      stuck = nextVolts(prior, answers, DIAL_MODELS.dip, { settable: taps, isTaps: true });
    }
    expect([stuck.because, stuck.isProven]).toEqual(['no-gain', false]);
    expect(answers.length).toBeLessThanOrEqual(5);
    const torn = Array.from({ length: MOST_BEADS }, (_, i) =>
      bead(i % 2 === 0 ? 17 : 19, i % 2 === 0 ? 'hot' : 'cold'),
    );
    const end = next('dip', ...torn);
    expect(end.kind === 'take' && end.isProven).toBe(false);
  });

  it('takes of equal volts the nearest to the middle, then the colder', () => {
    const known = voltsPosterior(priorOf('dip'), []);
    expect(takenVolts(known, SETTABLE)).toBe(18);
    expect(takenVolts(known, [17.5, 18.5])).toBe(17.5);
  });

  const report = fc.record({
    volts: fc.integer({ min: 130, max: 230 }).map((tenths) => tenths / 10),
    level: fc.constantFrom<ReadingLevel>('cold', 'right', 'hot', 'blown', -3, -2, -1, 0, 1, 2, 3),
  });
  it('whatever is reported, up to forty times, it neither fails nor locks, and keeps under what blew through', () => {
    fc.assert(
      fc.property(
        fc.array(report, { maxLength: 40 }),
        fc.constantFrom<DialKind>('dip', 'sheet', 'aluminium', 'spray'),
        (reports, kind) => {
          const beads = reports.map(({ volts, level }) => bead(volts, level));
          const advice = next(kind, ...beads);
          const lowest = Math.min(
            Infinity,
            ...beads.flatMap((one) => (one.level === 'blown' ? [one.volts] : [])),
          );
          expect(Number.isFinite(advice.volts)).toBe(true);
          if (lowest > 13.6) expect(advice.volts).toBeLessThan(lowest);
          if (beads.length >= MOST_BEADS) expect(advice.kind).toBe('take');
        },
      ),
      { numRuns: 60, seed: 3 },
    );
  });
});
