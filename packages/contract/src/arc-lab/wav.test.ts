import {
  ARC_SAMPLES_PER_S,
  arcClass,
  type ArcSetting,
  loadVolts,
  readRecording,
  readStretch,
  recordArc,
} from '@hot-bead/core/arc-lab';
import { WaveFile } from './wave-file.ts';
import { powerSpectrum } from './power-spectrum.ts';
import { readWav, writeWav } from './wav.ts';

const spectrum = powerSpectrum();

function arc(volts: number, feed = 6.35, more: Partial<ArcSetting> = {}): ArcSetting {
  return {
    wireMm: 0.9,
    gas: 'ar-co2-25',
    tipToWorkMm: 12,
    wireFeedSpeedMPerMin: feed,
    source: loadVolts(volts),
    ...more,
  };
}

function soundOf(bytes: Uint8Array) {
  const reading = readWav(bytes);
  if (reading.status !== 'read') throw new Error(reading.message);
  return reading.sound;
}

describe('a WAV of the simulated arc', () => {
  // The five regimes and ten settings between; truth: the simulation’s own events.
  it.each([
    arc(14.5),
    arc(18.5),
    arc(21.5),
    arc(18, 3.05),
    arc(15),
    arc(15.5),
    arc(17.5),
    arc(18),
    arc(19),
    arc(19.5),
    arc(20.5),
    arc(21),
    arc(18, 4.7),
    arc(18.5, 7.6, { wireMm: 0.8 }),
    arc(19, 5, { wireMm: 1 }),
  ])('tells clicks and evenness within 15 % (%#)', (setting) => {
    const { samples, features } = recordArc(setting, { seed: 9, seconds: 3 });
    const sound = soundOf(writeWav({ samples: samples.sound, rate: ARC_SAMPLES_PER_S }));
    const { lnRate, cv } = readStretch(sound.samples, sound.rate, spectrum).features;
    expect(Math.abs(Math.exp(lnRate) / features.shortsPerS - 1)).toBeLessThan(0.15);
    expect(Math.abs(cv / features.periodCv - 1)).toBeLessThan(0.15);
  });

  it('of spray has no clicks to count', () => {
    const setting = arc(28, 10.5, { gas: 'ar-co2-10', tipToWorkMm: 16 });
    const { samples, features } = recordArc(setting, { seed: 9, seconds: 3 });
    expect(arcClass(features, setting)).toBe('spray');
    const sound = soundOf(writeWav({ samples: samples.sound, rate: ARC_SAMPLES_PER_S }));
    expect(readRecording(sound, spectrum)).toMatchObject({ status: 'refused', code: 'no-clicks' });
  });
});

describe('reading a WAV', () => {
  const wave = Float64Array.from({ length: 4800 }, (_, i) => 0.5 * Math.sin(i / 5));

  it.each(['8', '16', '24', '32', '32f'])('of %s bit gives the same sound', (bits) => {
    const wav = new WaveFile();
    const full = { '8': 127, '16': 32767, '24': 8388607, '32': 2147483647, '32f': 1 }[bits]!;
    const whole = wave.map((one) =>
      bits === '32f' ? one : Math.round(one * full) + (bits === '8' ? 128 : 0),
    );
    wav.fromScratch(1, 48_000, bits, whole);
    const { samples, rate } = soundOf(wav.toBuffer());
    expect(rate).toBe(48_000);
    expect(samples).toHaveLength(4800);
    for (let i = 0; i < 4800; i += 97) expect(samples[i]).toBeCloseTo(wave[i]!, bits === '8' ? 1.6 : 4);
  });

  it('takes the louder of two channels', () => {
    const wav = new WaveFile();
    const loud = Int16Array.from(wave, (one) => Math.round(one * 20_000));
    wav.fromScratch(2, 44_100, '16', [loud.map((one) => Math.round(one / 10)), loud]);
    expect(soundOf(wav.toBuffer()).samples[8]).toBeCloseTo(loud[8]! / 32_768, 5);
  });

  it.each([
    ['nothing', new Uint8Array(0), /not a WAV/],
    ['text', new TextEncoder().encode('this is not sound, but words about it'), /not a WAV/],
    [
      'a file cut off in its head',
      writeWav({ samples: new Float32Array(100), rate: 44_100 }).subarray(0, 20),
      /WAV/,
    ],
    ['no samples', writeWav({ samples: new Float32Array(0), rate: 44_100 }), /no sound|not a WAV/],
  ])('%s is refused with the reason', (_, bytes, why) => {
    const reading = readWav(bytes);
    expect(reading.status === 'unreadable' ? reading.message : '').toMatch(why);
  });

  it('a compressed one is told how to save', () => {
    const wav = new WaveFile();
    wav.fromScratch(1, 8000, '16', new Int16Array(1000));
    wav.toMuLaw();
    const reading = readWav(wav.toBuffer());
    expect(reading.status === 'unreadable' ? reading.message : '').toMatch(/compressed/);
  });

  it('samples that are no numbers are refused', () => {
    const wav = new WaveFile();
    wav.fromScratch(1, 44_100, '32f', Float64Array.of(0.1, Number.NaN, 0.2));
    expect(readWav(wav.toBuffer()).status).toBe('unreadable');
  });
});
