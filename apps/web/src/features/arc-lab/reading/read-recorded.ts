import { powerSpectrum, readWav } from '@hot-bead/contract/arc-lab';
import { readRecording, type Sound, type SoundReading, SPECTRUM_FRAME } from '@hot-bead/core/arc-lab';

/** A picture of a recording: time to the right, pitch upwards, 0 to 255 by loudness. */
export interface Spectrogram {
  readonly columns: number;
  readonly rows: number;
  readonly levels: Uint8ClampedArray<ArrayBuffer>;
  readonly highestHz: number;
}

/** What is told of a recording. */
export type RecordingTold =
  | { readonly status: 'unreadable'; readonly message: string }
  | {
      readonly status: 'heard';
      readonly reading: SoundReading;
      readonly seconds: number;
      readonly spectrogram: Spectrogram;
    };

/** What is read: a WAV, or samples that the microphone gave. */
export type Recorded = { readonly wav: Uint8Array<ArrayBuffer> } | { readonly sound: Sound };

const COLUMNS = 600;
const ROWS = 96;
const HIGHEST_HZ = 12_000;
const SHOWN_DB = 60;

function spectrogramOf({ samples, rate }: Sound): Spectrogram {
  const spectrum = powerSpectrum();
  const highestHz = Math.min(HIGHEST_HZ, rate / 2);
  const bins = Math.floor((highestHz / (rate / 2)) * (SPECTRUM_FRAME / 2));
  const frame = new Float64Array(SPECTRUM_FRAME);
  const loud = new Float64Array(COLUMNS * ROWS);
  let most = 1e-20;
  for (let c = 0; c < COLUMNS; c++) {
    const from = Math.floor((c / COLUMNS) * Math.max(0, samples.length - SPECTRUM_FRAME));
    for (let i = 0; i < SPECTRUM_FRAME; i++) {
      frame[i] = (samples[from + i] ?? 0) * (0.5 - 0.5 * Math.cos((2 * Math.PI * i) / SPECTRUM_FRAME));
    }
    const power = spectrum(frame);
    for (let r = 0; r < ROWS; r++) {
      const bin = 1 + Math.floor((r / ROWS) * bins);
      const value = power[bin] ?? 0;
      loud[c * ROWS + r] = value;
      most = Math.max(most, value);
    }
  }
  const levels = new Uint8ClampedArray(COLUMNS * ROWS);
  for (let i = 0; i < loud.length; i++) {
    const db = 10 * Math.log10((loud[i] ?? 0) / most + 1e-12);
    levels[i] = 255 * Math.max(0, 1 + db / SHOWN_DB);
  }
  return { columns: COLUMNS, rows: ROWS, levels, highestHz };
}

function heard(sound: Sound): RecordingTold {
  const { samples, rate } = sound;
  return {
    status: 'heard',
    reading: readRecording(sound, powerSpectrum()),
    seconds: samples.length / rate,
    spectrogram: spectrogramOf(sound),
  };
}

/** Reads a recording and draws it. */
export function readRecorded(recorded: Recorded): RecordingTold {
  if ('sound' in recorded) return heard(recorded.sound);
  const wav = readWav(recorded.wav);
  return wav.status === 'read' ? heard(wav.sound) : wav;
}
