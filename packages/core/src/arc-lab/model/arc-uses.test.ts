import { ARC_CLASSES } from './arc-class.ts';
import { arcBead } from './arc-bead.ts';
import { recordArc } from './arc-features.ts';
import { type ArcSetting, loadVolts } from './arc-setting.ts';
import { ARC_CLASS_WORDS, arcText, evenWord } from './arc-words.ts';
import { ARC_SAMPLES_PER_S } from './run-arc.ts';
import { traceFeatures } from './trace-features.ts';
import { mapAxes, type MapCell, type MapSetting, windowMap } from './window-map.ts';

const at = (volts: number): ArcSetting => ({
  wireMm: 0.9,
  gas: 'ar-co2-25',
  tipToWorkMm: 12,
  wireFeedSpeedMPerMin: 6.35,
  source: loadVolts(volts),
});

describe('shorts found in a trace', () => {
  // Truth: the simulation’s own events, which the trace does not tell.
  it.each([
    [14.5, 'stubbing'],
    [16.5, 'crowding'],
    [18.5, 'steady'],
    [20.5, 'ragged'],
    [21.5, 'long'],
  ] as const)('%s V: rate, length and share as they were, %s', (volts, dipClass) => {
    const { samples, features } = recordArc(at(volts), { seed: 8, seconds: 4 });
    // as a logger at 11 kHz gives them
    const trace = Array.from({ length: Math.floor(samples.volts.length / 4) }, (_, i) => ({
      seconds: (4 * i) / ARC_SAMPLES_PER_S,
      volts: samples.volts[4 * i]!,
      amps: samples.amps[4 * i]!,
    }));
    const measured = traceFeatures(trace);
    expect(Math.abs(measured.shortsPerS / features.shortsPerS - 1)).toBeLessThan(0.04);
    expect(Math.abs(measured.shortedShare - features.shortedShare)).toBeLessThan(0.02);
    expect(Math.abs(measured.meanShortS / features.meanShortS - 1)).toBeLessThan(0.12);
    expect(measured.dipClass).toBe(dipClass);
  });

  it('leads the other way round make no difference', () => {
    const trace = Array.from({ length: 4000 }, (_, i) => ({
      seconds: i / 4000,
      volts: i % 50 < 12 ? -2 : -22,
      amps: -150,
    }));
    expect(traceFeatures(trace)).toMatchObject({
      shortsPerS: expect.closeTo(79, 0) as number,
      dipClass: 'steady',
    });
  });

  it('a trace without shorts is no short arc', () => {
    const flat = Array.from({ length: 4000 }, (_, i) => ({ seconds: i / 4000, volts: 28, amps: 220 }));
    expect(traceFeatures(flat)).toMatchObject({ shortsPerS: 0, dipClass: undefined, shortedShare: 0 });
  });
});

describe('the window map', () => {
  const { source, wireFeedSpeedMPerMin: _, ...rest } = at(18);
  if (source.kind !== 'volts') throw new Error('volts');
  const setting: MapSetting = { ...rest, source };
  const axes = mapAxes(setting);

  it('spans the currents of short arc, volts on both sides of the window', () => {
    expect(axes.volts[0]).toBeLessThan(13.5);
    expect(axes.volts.at(-1)).toBeGreaterThan(24);
    expect(axes.wireFeedSpeedsMPerMin).toEqual(axes.wireFeedSpeedsMPerMin.toSorted((a, b) => a - b));
    expect(axes.wireFeedSpeedsMPerMin[0]).toBeLessThan(3.5);
    expect(axes.wireFeedSpeedsMPerMin.at(-1)).toBeGreaterThan(8);
  });

  it('begins in the window, where it is steady, and can be left at any time', () => {
    const taken = (count: number): readonly MapCell[] => {
      const cells = windowMap(setting, 1);
      return Array.from({ length: count }, () => cells.next().value as MapCell);
    };
    const first = taken(8);
    expect(first.filter(({ arc }) => arc === 'steady').length).toBeGreaterThanOrEqual(5);
    expect(taken(1)).toEqual(first.slice(0, 1));
  });

  it('in volts without load it moves up by what the slope takes', () => {
    const open = mapAxes({ ...setting, source: { ...source, means: 'open-circuit' } });
    expect(open.volts[0]! - axes.volts[0]!).toBeGreaterThanOrEqual(1);
  });
});

describe('the bead of an arc', () => {
  const beadAt = (volts: number, more: Partial<ArcSetting> = {}, travel = 350) => {
    const setting = { ...at(volts), ...more };
    return arcBead(recordArc(setting, { seed: 1 }).features, setting, travel);
  };

  it('at the reference is the reference; twice the travel is a leg √2 smaller', () => {
    const bead = beadAt(18.5);
    expect(bead.size).toBeCloseTo(1, 2);
    expect(bead.depth).toBeCloseTo(1, 1);
    expect(bead.legMm / beadAt(18.5, {}, 700).legMm).toBeCloseTo(Math.SQRT2, 6);
  });

  it('more wire is a larger bead that goes deeper; a longer stick-out a shallower one of the same size', () => {
    const [less, more] = [beadAt(18, { wireFeedSpeedMPerMin: 5 }), beadAt(18.5, { wireFeedSpeedMPerMin: 7 })];
    expect(more.size / less.size).toBeCloseTo(Math.sqrt(7 / 5), 2);
    expect(more.depth).toBeGreaterThan(less.depth);
    const far = beadAt(18.5, { tipToWorkMm: 20 });
    expect(far.size).toBeCloseTo(1, 2);
    expect(far.depth).toBeLessThan(0.9);
  });
});

describe('an arc in words', () => {
  it('tells the shorts and how even they are', () => {
    expect(arcText(recordArc(at(18.5), { seed: 1 }).features, 'steady')).toMatch(
      /^7\d shorts a second, even$/,
    );
    expect(arcText(recordArc(at(14), { seed: 1 }).features, 'stubbing')).toMatch(
      /shorts a second, .* in a hundred stub/,
    );
  });

  it('calls scatter by one word everywhere', () => {
    expect([0.15, 0.25, 0.4].map(evenWord)).toEqual(['even', 'a little uneven', 'uneven']);
  });

  it('has words for every class', () => {
    for (const name of ARC_CLASSES) expect(ARC_CLASS_WORDS[name].turn).toMatch(/\.$/);
  });
});
