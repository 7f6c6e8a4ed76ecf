import { writeWav } from '@hot-bead/contract/arc-lab';
import { ARC_SAMPLES_PER_S, loadVolts, recordArc } from '@hot-bead/core/arc-lab';
import { readRecorded } from './read-recorded.ts';
import { sureText } from './reading-words.ts';

const arc = (volts: number, seconds = 3) =>
  recordArc(
    { wireMm: 0.9, gas: 'ar-co2-25', tipToWorkMm: 12, wireFeedSpeedMPerMin: 6.35, source: loadVolts(volts) },
    { seed: 6, seconds },
  );

describe('a recording', () => {
  it('as a WAV and as samples reads the same, with a picture that is loud where there is sound', () => {
    const { samples } = arc(18.5);
    const sound = { samples: samples.sound, rate: ARC_SAMPLES_PER_S };
    const heard = readRecorded({ sound });
    const wav = readRecorded({ wav: writeWav(sound) as Uint8Array<ArrayBuffer> });
    if (heard.status !== 'heard' || wav.status !== 'heard') throw new Error('not heard');
    expect(heard.reading).toMatchObject({ status: 'read', level: 'right' });
    expect(wav.reading).toMatchObject({ status: 'read', level: 'right' });
    const { columns, rows, levels } = heard.spectrogram;
    expect(levels).toHaveLength(columns * rows);
    expect(Math.max(...levels)).toBeGreaterThan(240);
    expect(heard.seconds).toBeCloseTo(3, 6);
  });

  it('that is none is told at its field', () => {
    expect(readRecorded({ wav: new Uint8Array([1, 2, 3]) })).toMatchObject({ status: 'unreadable' });
  });
});

describe('how sure an answer is', () => {
  it('is told as often as such answers were right', () => {
    expect(sureText(0.99)).toMatch(/^Very sure: .* 99 times in 100 on simulated sound/);
    expect(sureText(0.85)).toMatch(/^Fairly sure: .* 93/);
    expect(sureText(0.72)).toMatch(/^Not very sure: .* 85/);
  });
});
