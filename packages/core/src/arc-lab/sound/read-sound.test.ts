import { inMetric } from '../../base/words/in-words.ts';
import { librarySpectrum } from '../../../test/library-spectrum.ts';
import { noArc, randomBy, RATE, resampled, spoiled } from '../../../test/spoiled-sound.ts';
import { type ArcSetting, loadVolts } from '../model/arc-setting.ts';
import { recordArc } from '../model/arc-features.ts';
import { clickBand } from './band-pass.ts';
import { bestStretch } from './best-stretch.ts';
import { readSound, type SoundReading } from './read-sound.ts';
import { SOUND_REFUSALS } from './sound-refusal.ts';

const spectrum = librarySpectrum();
const SETTING: ArcSetting = {
  wireMm: 0.9,
  gas: 'ar-co2-25',
  tipToWorkMm: 12,
  wireFeedSpeedMPerMin: 6.35,
  source: loadVolts(18.5),
};
const sound = (more: Partial<ArcSetting> = {}, seconds = 3): Float32Array =>
  recordArc({ ...SETTING, ...more }, { seed: 4, seconds }).samples.sound;
const read = (samples: Float32Array | Float64Array, rate = RATE): SoundReading =>
  readSound({ samples, rate }, spectrum);
const codeOf = (reading: SoundReading): string =>
  reading.status === 'refused' ? reading.code : reading.level;

describe('what is said of a recording', () => {
  it.each([
    [14, 'cold'],
    [18.5, 'right'],
    [21.5, 'hot'],
  ] as const)('%s V is %s', (volts, level) => {
    expect(codeOf(read(sound({ source: loadVolts(volts) })))).toBe(level);
  });

  it('tells how many clicks, how even, where they are, and the stretch that it read', () => {
    const recorded = recordArc(SETTING, { seed: 4, seconds: 3 });
    const reading = read(recorded.samples.sound);
    if (reading.status !== 'read') throw new Error(reading.code);
    expect(reading.clicksPerS).toBeCloseTo(recorded.features.shortsPerS, 0);
    expect(reading.confidence).toBeGreaterThanOrEqual(0.7);
    expect(reading.stretch).toEqual({ fromS: 0, toS: 3 });
    // each is a break of the simulation's, within 2 ms
    const breaks = recorded.events.flatMap((one) =>
      one.kind === 'short' ? [one.atS - (recorded.run.state.timeS - 3)] : [],
    );
    const near = reading.clicksAtS.filter((at) => breaks.some((one) => Math.abs(one - at) < 2e-3));
    expect(near.length / reading.clicksAtS.length).toBeGreaterThan(0.95);
  });
});

describe('what is refused', () => {
  it('spray is a hiss and pulse a buzz: neither is answered', () => {
    const gun = { gas: 'ar-co2-10', tipToWorkMm: 16, wireFeedSpeedMPerMin: 10.5 } as const;
    expect(codeOf(read(sound({ ...gun, source: loadVolts(28) })))).toBe('no-clicks');
    for (const wireFeedSpeedMPerMin of [5, 7, 9]) {
      const pulse = read(sound({ ...gun, wireFeedSpeedMPerMin, source: { kind: 'pulse', gapMm: 4 } }));
      expect(['buzz', 'no-clicks', 'not-an-arc']).toContain(codeOf(pulse));
    }
  });

  it('two arcs alike are not told from each other', () => {
    const [a, b] = [sound(), sound({ source: loadVolts(21) })];
    const loud = (x: Float32Array): number => Math.sqrt(x.reduce((sum, one) => sum + one * one, 0));
    const even = loud(a) / loud(b);
    const both = a.map((one, i) => one + even * b[i]!);
    expect(codeOf(read(both))).toMatch(/two-arcs|unsure|not-an-arc/);
  });

  it('what is too quiet, too short, or too coarse is said so', () => {
    const arc = sound();
    expect(codeOf(read(arc.map((one) => one * 1e-4)))).toBe('too-quiet');
    expect(codeOf(read(new Float32Array(3 * RATE)))).toBe('too-quiet');
    expect(codeOf(read(arc.subarray(0, 2.9 * RATE)))).toBe('too-short');
    expect(codeOf(read(new Float32Array(0)))).toBe('too-short');
    expect(codeOf(read(resampled(Float64Array.from(arc), 8000), 8000))).toBe('low-rate');
  });

  it('blows over too much of it are said', () => {
    const grind = noArc('speech', randomBy('blows'));
    const arc = sound();
    const loud = arc.map((one, i) => one + (i % RATE < 0.4 * RATE ? 3 * grind[i]! : 0));
    expect(read(loud).status).toBe('refused');
  });

  it('every refusal tells what to do', () => {
    for (const { message, todo } of Object.values(SOUND_REFUSALS)) {
      expect(message).toMatch(/\.$/);
      expect(inMetric(todo)).toMatch(/\.$/);
    }
  });
});

describe('the part of a long recording that is read', () => {
  it('is where the arc burns, not the silence before it, and not where a hammer falls', () => {
    const arc = sound({}, 6);
    const long = new Float32Array(12 * RATE);
    long.set(arc, 5 * RATE);
    const hammer = noArc('hammer', randomBy('h'), 3);
    for (let i = 0; i < 3 * RATE; i++) long[5 * RATE + i] = long[5 * RATE + i]! + hammer[i]!;
    const { fromS, toS } = bestStretch(long, RATE);
    expect(fromS).toBeGreaterThanOrEqual(7.5);
    expect(toS).toBeLessThanOrEqual(11.01);
    expect(toS - fromS).toBeCloseTo(3, 6);
  });

  it('is all of a recording of three seconds', () => {
    expect(bestStretch(sound(), RATE)).toEqual({ fromS: 0, toS: 3 });
  });
});

describe('the band of the clicks', () => {
  // Source: a Butterworth filter halves the power at its edges and is flat between, by definition.
  it.each([
    [150, 0, 1e-6],
    [1500, 0.5, 0.02],
    [3500, 1, 0.05],
    [7000, 0.5, 0.03],
    [20_000, 0, 1e-3],
  ])('%s Hz: %s of the power', (hz, share, off) => {
    const tone = Float64Array.from({ length: RATE }, (_, i) => Math.sin((2 * Math.PI * hz * i) / RATE));
    const out = clickBand(tone, RATE).subarray(RATE / 2);
    const power = out.reduce((sum, one) => sum + one * one, 0) / out.length / 0.5;
    expect(Math.abs(power - share)).toBeLessThanOrEqual(off);
  });

  it('is the same whatever the rate', () => {
    const x = Float64Array.from(sound());
    const at = (rate: number): number => {
      const { samples } = rate === RATE ? { samples: x } : spoiled(x, 'fs16', randomBy(1));
      const reading = read(samples, rate);
      return reading.status === 'read' ? reading.clicksPerS : Number.NaN;
    };
    expect(at(16_000) / at(RATE)).toBeCloseTo(1, 1);
  });
});
