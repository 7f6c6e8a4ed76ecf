import type { ProvenSetting } from '../../window/learning/proven.ts';
import { learnedOffset, machineLearning } from '../../window/learning/learned-offset.ts';
import type { Machine } from '../../machine/machine.ts';
import type { Work } from '../../trade/material/work.ts';
import { planSetup as planSetupInWords } from './plan-setup.ts';
import type { Resources } from '../work/resources.ts';
import type { OwnNumbers, PlannedSetup } from './setup.ts';
import { windowCurve } from './window-curve.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const planSetup = toldInMetric(planSetupInWords);

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3,
  joint: 'tee',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
const TOM: Machine = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
};
const proven = (offsetV: number, over: Partial<ProvenSetting> = {}): ProvenSetting => ({
  wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
  gas: 'ar-co2-18',
  mode: 'short-circuit',
  wireFeedSpeedMPerMin: 7,
  volts: 18,
  thicknessMm: 2,
  otherThicknessMm: undefined,
  joint: 'lap',
  position: 'flat',
  offsetV,
  toldOffsetV: offsetV,
  toldVarianceV2: 0.09,
  ...over,
});

function plan(over: Resources, own: OwnNumbers = {}): PlannedSetup {
  const setup = planSetup(WORK, { machine: TOM, ...over }, own);
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}
const BOOK = plan({});
/** What is learnt of one setting a volt off in another joint and thickness. */
const WEIGHT = -(learnedOffset(machineLearning([proven(-1)]), proven(0), WORK)?.offsetV.start ?? 0);

describe('what beads taught', () => {
  it('moves the volts, their window and the chart by the learnt offset, and nothing else', () => {
    const taught = plan({ learning: machineLearning([proven(-1)]) });
    expect(taught.volts.start - BOOK.volts.start).toBeCloseTo(-WEIGHT, 9);
    expect(taught.volts.high - taught.volts.low).toBeCloseTo(BOOK.volts.high - BOOK.volts.low, 9);
    expect(taught.wireFeedSpeedMPerMin).toEqual(BOOK.wireFeedSpeedMPerMin);
    expect(taught.currentA).toEqual(BOOK.currentA);
    const [bookWindow, window] = [windowCurve(BOOK), windowCurve(taught)];
    window.forEach((point, i) => {
      expect(point.volts.start - (bookWindow[i]?.volts.start ?? 0)).toBeCloseTo(-WEIGHT, 9);
    });
    expect(taught.reasons.map(({ text }) => text).join()).toContain(
      'Tom wanted 0.6 V (± 0.9 V) less than the book, from 1 proven setting, drawn towards one proven some way from it: 2 mm lap, flat with',
    );
    expect(taught.schoolsTouched).toContain('learning');
  });

  it('is said and not followed where the shop keeps to the book', () => {
    const kept = plan({ learning: machineLearning([proven(-1)]), schools: { learning: 'keep-to-book' } });
    expect(kept.volts).toEqual(BOOK.volts);
    expect(kept.learned).toMatchObject({ followed: false, settings: 1 });
    expect(kept.reasons.map(({ text }) => text).join()).toContain('this shop keeps to the book');
    expect(windowCurve(kept)).toEqual(windowCurve(BOOK));
  });

  it('holds for the same wire, gas and transfer, in part for others, and on a machine that is named', () => {
    const others: readonly Partial<ProvenSetting>[] = [
      { gas: 'co2' },
      { mode: 'pulse' },
      { wire: { wireClass: 'ER70S-6', diameterMm: 1.0 } },
    ];
    for (const other of others) {
      const pooled = plan({ learning: machineLearning([proven(-1, other)]) });
      expect(pooled.learned).toMatchObject({ settings: 0, elsewhere: 1, near: undefined });
      // what another wire, gas or transfer proved counts for less than half of what this one does
      expect(BOOK.volts.start - pooled.volts.start).toBeGreaterThan(0.2);
      expect(BOOK.volts.start - pooled.volts.start).toBeLessThan(WEIGHT / 2);
      expect(pooled.proven).toBeUndefined();
    }
    expect(
      plan({ machine: undefined, learning: machineLearning([proven(-1)]), wireDiameterMm: 0.8 }).learned,
    ).toBeUndefined();
    expect(BOOK.learned).toBeUndefined();
    expect(BOOK.schoolsTouched).not.toContain('learning');
  });

  it('holds the setting proven last for this very work, whether it is followed or not', () => {
    const same = { thicknessMm: 3.1, joint: 'tee' } as const;
    const [older, newer] = [proven(-1, same), proven(-0.5, same)];
    const taught = [older, newer, proven(-2, { ...same, joint: 'lap' })];
    expect(plan({ learning: machineLearning(taught) }).proven).toEqual(newer);
    expect(plan({ learning: machineLearning(taught), schools: { learning: 'keep-to-book' } }).proven).toEqual(
      newer,
    );
    const others: readonly Partial<ProvenSetting>[] = [
      { thicknessMm: 3.3 },
      { otherThicknessMm: 6 },
      { position: 'overhead' },
      { gas: 'co2' },
    ];
    for (const other of others) {
      expect(plan({ learning: machineLearning([proven(-1, { ...same, ...other })]) }).proven).toBeUndefined();
    }
  });

  it('leaves a number of the welder’s own alone, and says nothing beside it', () => {
    const own = plan({ learning: machineLearning([proven(-1)]) }, { volts: 20 });
    expect(own.volts.start).toBe(20);
    expect(own.reasons.map(({ text }) => text).join()).not.toContain('than the book');
  });
});
