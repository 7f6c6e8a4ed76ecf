import FFT from 'fft.js';
import { normalFrom, seededRandom } from '../src/base/numeric/seeded-random.ts';

const { PI, abs, cos, exp, max, min, round, sin, sqrt, tanh } = Math;

type Random = () => number;
type Samples = Float64Array;

/** Rate the arc model gives its sound at. */
export const RATE = 44_100;

const rms = (x: Samples): number => sqrt(x.reduce((sum, one) => sum + one * one, 0) / x.length);
const scaled = (x: Samples, by: number): Samples => x.map((one) => one * by);
const plus = (x: Samples, y: Samples): Samples => x.map((one, i) => one + (y[i] ?? 0));

/** Normal noise. */
export function white(length: number, random: Random): Samples {
  return Float64Array.from({ length }, () => normalFrom(random));
}

/** Noise that falls by 3 dB an octave. Source: a sum of three first-order filters, recalled. */
export function pink(length: number, random: Random): Samples {
  let [a, b, c] = [0, 0, 0];
  return white(length, random).map((w) => {
    a = 0.997 * a + 0.03 * w;
    b = 0.963 * b + 0.0742 * w;
    c = 0.57 * c + 0.2639 * w;
    return a + b + c + 0.1 * w;
  });
}

/** Second-order low or high pass. */
export function passed(x: Samples, kind: 'low' | 'high', hz: number, rate = RATE): Samples {
  const w = (2 * PI * hz) / rate;
  const alpha = sin(w) / (2 * 0.7071);
  const edge = kind === 'high' ? 1 + cos(w) : 1 - cos(w);
  const sign = kind === 'high' ? -1 : 1;
  let [x1, x2, y1, y2] = [0, 0, 0, 0];
  return x.map((one) => {
    const y = ((edge / 2) * (one + sign * 2 * x1 + x2) + 2 * cos(w) * y1 - (1 - alpha) * y2) / (1 + alpha);
    x2 = x1;
    x1 = one;
    y2 = y1;
    y1 = y;
    return y;
  });
}

const transforms = new Map<number, FFT>();

/** The library's transform of a size: made once. */
function transform(size: number): FFT {
  const fft = transforms.get(size) ?? new FFT(size);
  transforms.set(size, fft);
  return fft;
}

/** Convolution by the library's transform. */
export function convolved(x: Samples, h: Samples): Samples {
  const size = 2 ** Math.ceil(Math.log2(x.length + h.length));
  const fft = transform(size);
  const spectrumOf = (y: Samples): number[] => {
    const padded = new Array<number>(size).fill(0);
    for (let i = 0; i < y.length; i++) padded[i] = y[i] ?? 0;
    const out = fft.createComplexArray() as number[];
    fft.realTransform(out, padded);
    fft.completeSpectrum(out);
    return out;
  };
  const [a, b] = [spectrumOf(x), spectrumOf(h)];
  const product = fft.createComplexArray() as number[];
  for (let i = 0; i < size; i++) {
    const [ar, ai, br, bi] = [a[2 * i] ?? 0, a[2 * i + 1] ?? 0, b[2 * i] ?? 0, b[2 * i + 1] ?? 0];
    product[2 * i] = ar * br - ai * bi;
    product[2 * i + 1] = ar * bi + ai * br;
  }
  const out = fft.createComplexArray() as number[];
  fft.inverseTransform(out, product);
  return Float64Array.from({ length: x.length }, (_, i) => out[2 * i] ?? 0);
}

/** A room: its tail dies by 60 dB in rt60 seconds, the direct sound over it by so many dB. */
export function echo(x: Samples, random: Random, rt60S: number, directDb: number): Samples {
  const tail = white(round(rt60S * RATE), random).map((one, i) => one * exp((-6.9 * i) / (rt60S * RATE)));
  const power = sqrt(tail.reduce((sum, one) => sum + one * one, 0));
  const h = scaled(tail, 10 ** (-directDb / 20) / power);
  h[0] = 1;
  return convolved(x, h);
}

/** Noise so many dB under the sound. */
export function noisy(x: Samples, noise: Samples, snrDb: number): Samples {
  return plus(x, scaled(noise, (rms(x) / rms(noise)) * 10 ** (-snrDb / 20)));
}

/** Another rate, by straight lines after a low pass. */
export function resampled(x: Samples, rate: number): Samples {
  const low = passed(passed(x, 'low', 0.42 * rate), 'low', 0.42 * rate);
  return Float64Array.from({ length: Math.floor((x.length * rate) / RATE) }, (_, i) => {
    const at = (i * RATE) / rate;
    const k = Math.floor(at);
    return (low[k] ?? 0) + (at - k) * ((low[k + 1] ?? 0) - (low[k] ?? 0));
  });
}

/** A phone's automatic gain: down within 5 ms, up within 0.3 s. */
export function levelled(x: Samples, rate = RATE): Samples {
  let level = rms(x);
  const [down, up] = [1 - exp(-1 / (0.005 * rate)), 1 - exp(-1 / (0.3 * rate))];
  const target = rms(x);
  return x.map((one) => {
    const loud = abs(one);
    level += (loud > level ? down : up) * (loud - level);
    return (one * target) / (level + 0.3 * target);
  });
}

/** A codec that keeps so many dB over its rounding, block by block in the spectrum. */
export function coded(x: Samples, keepsDb: number): Samples {
  const size = 1024;
  const fft = transform(size);
  const out = new Float64Array(x.length);
  const window = Float64Array.from({ length: size }, (_, i) => sin((PI * (i + 0.5)) / size));
  for (let at = 0; at + size <= x.length; at += size / 2) {
    const frame = Array.from({ length: size }, (_, i) => (x[at + i] ?? 0) * (window[i] ?? 0));
    const spectrum = fft.createComplexArray() as number[];
    fft.realTransform(spectrum, frame);
    fft.completeSpectrum(spectrum);
    const bands = 16;
    for (let band = 0; band < bands; band++) {
      const [from, to] = [(band * size) / bands, ((band + 1) * size) / bands];
      let sum = 0;
      for (let i = from; i < to; i++) sum += (spectrum[2 * i] ?? 0) ** 2 + (spectrum[2 * i + 1] ?? 0) ** 2;
      const step = sqrt(sum / (to - from)) * 10 ** (-keepsDb / 20) * sqrt(12) + 1e-12;
      for (let i = 2 * from; i < 2 * to; i++) spectrum[i] = step * round((spectrum[i] ?? 0) / step);
    }
    const back = fft.createComplexArray() as number[];
    fft.inverseTransform(back, spectrum);
    for (let i = 0; i < size; i++) out[at + i] = (out[at + i] ?? 0) + (back[2 * i] ?? 0) * (window[i] ?? 0);
  }
  return out;
}

/** Blows of a hammer: short ringing knocks at the height of the clicks. */
export function blows(length: number, random: Random, perS: number, height: number): Samples {
  const out = new Float64Array(length);
  for (let at = random() * (RATE / perS); at < length; at += RATE * ((0.5 + random()) / perS)) {
    const hz = [1, 2, 3].map(() => 800 + 4000 * random());
    const start = Math.floor(at);
    for (let i = 0; i < 0.12 * RATE && start + i < length; i++) {
      const ring = hz.reduce((sum, one) => sum + sin((2 * PI * one * i) / RATE), 0) / 3;
      out[start + i] = (out[start + i] ?? 0) + height * ring * exp(-i / (0.02 * RATE));
    }
  }
  return out;
}

/** A grinder: a whine with harmonics, and a rough hiss that it beats. */
export function grinder(length: number, random: Random): Samples {
  const hz = 300 + 200 * random();
  return passed(white(length, random), 'high', 1500).map((one, i) => {
    const phase = (2 * PI * hz * i) / RATE;
    return one * (1 + 0.3 * sin(phase)) + 0.5 * (sin(phase) + sin(3 * phase) + sin(7 * phase));
  });
}

/** The six conditions that a recording is held to, by name. */
export const CONDITIONS = ['clean', 'wn10', 'echo3', 'tel', 'fs16', 'phone'] as const;
export type Condition = (typeof CONDITIONS)[number];

const loudest = (x: Samples): number => x.reduce((most, one) => max(most, abs(one)), 0);
/** Held under full scale, as a recording that is not clipped is. */
const fitted = (x: Samples): Samples => scaled(x, min(1, 0.9 / (loudest(x) || 1)));

/** A sound under a condition, with the rate it then has. */
export function spoiled(
  sound: ArrayLike<number>,
  condition: Condition | 'wn0' | 'hum' | 'agc' | 'shop20' | 'codec' | 'echo5' | 'grind10',
  random: Random,
): { readonly samples: Samples; readonly rate: number } {
  const x = Float64Array.from(sound);
  const at = (samples: Samples, rate = RATE): { samples: Samples; rate: number } => ({
    samples: fitted(samples),
    rate,
  });
  switch (condition) {
    case 'clean':
      return at(x);
    case 'wn10':
      return at(noisy(x, white(x.length, random), 10));
    case 'wn0':
      return at(noisy(x, white(x.length, random), 0));
    case 'echo3':
      return at(echo(x, random, 0.3, 6));
    case 'echo5':
      return at(echo(x, random, 0.5, 3));
    case 'tel':
      return at(passed(passed(passed(x, 'high', 300), 'low', 3400), 'low', 3400));
    case 'fs16':
      return at(resampled(x, 16_000), 16_000);
    case 'hum':
      return at(
        plus(
          x,
          Float64Array.from(x, (_, i) => 2 * rms(x) * sin((2 * PI * 100 * i) / RATE)),
        ),
      );
    case 'agc':
      return at(levelled(x));
    case 'codec':
      return at(coded(x, 13));
    case 'shop20':
      return at(
        plus(noisy(x, pink(x.length, random), 20), blows(x.length, random, 1 + 2 * random(), loudest(x))),
      );
    case 'grind10':
      return at(noisy(x, grinder(x.length, random), 10));
    case 'phone': {
      const room = noisy(echo(x, random, 0.3 + 0.2 * random(), 6), pink(x.length, random), 20);
      return at(resampled(coded(levelled(passed(room, 'low', 7500)), 13), 16_000), 16_000);
    }
  }
}

/** Sounds that are no arc. */
export const NO_ARCS = [
  'silence',
  'room',
  'fan',
  'grinder',
  'music',
  'hammer',
  'speech',
  'crowd',
  'engine',
  'rain',
  'keys',
  'wrench',
  'buzz',
] as const;
export type NoArc = (typeof NO_ARCS)[number];

/** Three seconds of a sound that is no arc. */
export function noArc(kind: NoArc, random: Random, seconds = 3): Samples {
  const length = round(seconds * RATE);
  const tone = (hz: number, i: number): number => sin((2 * PI * hz * i) / RATE);
  switch (kind) {
    case 'silence':
      return scaled(white(length, random), 1e-5);
    case 'room':
      return scaled(pink(length, random), 0.01);
    case 'fan': {
      const hz = 90 + 60 * random();
      return fitted(pink(length, random).map((one, i) => one + 0.5 * tone(hz, i) + 0.3 * tone(2 * hz, i)));
    }
    case 'grinder':
      return fitted(grinder(length, random));
    case 'music': {
      const beat = round((0.3 + 0.2 * random()) * RATE);
      const notes = Array.from({ length: 12 }, () => 220 * 2 ** (round(24 * random()) / 12));
      return fitted(
        Float64Array.from({ length }, (_, i) => {
          const since = (i % beat) / RATE;
          const note = notes[Math.floor(i / beat) % 12] ?? 220;
          const drum = exp(-since / 0.03) * (2 * random() - 1);
          return (
            drum + exp(-since / 0.3) * (tone(note, i) + 0.5 * tone(2 * note, i) + 0.3 * tone(3 * note, i))
          );
        }),
      );
    }
    case 'hammer':
      return fitted(plus(blows(length, random, 2 + 2 * random(), 1), scaled(pink(length, random), 0.01)));
    case 'speech': {
      const pitch = 100 + 100 * random();
      let x = 0;
      return fitted(
        Float64Array.from({ length }, (_, i) => {
          const syllable =
            max(0, sin((2 * PI * 4 * i) / RATE)) * (0.6 + 0.4 * sin((2 * PI * 0.7 * i) / RATE));
          const glottis = i % round(RATE / pitch) === 0 ? 20 : 0;
          x = 0.9 * x + 0.1 * glottis;
          return syllable * (x * (1 + tone(700, i)) + 0.15 * (2 * random() - 1));
        }),
      );
    }
    case 'crowd':
      return fitted(
        [1, 2, 3, 4].reduce(
          (sum) => plus(sum, noArc('speech', random, seconds)),
          scaled(pink(length, random), 0.02),
        ),
      );
    case 'engine': {
      const hz = 25 + 15 * random();
      let knock = 0;
      return fitted(
        Float64Array.from({ length }, (_, i) => {
          if (random() < hz / RATE + (i % round(RATE / hz) === 0 ? 1 : 0)) knock = 0.7 + 0.6 * random();
          knock *= exp(-1 / (0.004 * RATE));
          return knock * (2 * random() - 1) + 0.3 * tone(hz, i) + 0.2 * tone(2 * hz, i);
        }),
      );
    }
    case 'rain': {
      let drop = 0;
      return fitted(
        Float64Array.from({ length }, () => {
          if (random() < 900 / RATE) drop = random() ** 3;
          drop *= exp(-1 / (0.002 * RATE));
          return drop * (2 * random() - 1) + 0.05 * normalFrom(random);
        }),
      );
    }
    case 'keys': {
      const out = scaled(pink(length, random), 0.005);
      for (let at = 0; at < length; at += RATE * (0.08 + 0.2 * random())) {
        for (let i = 0; i < 0.03 * RATE; i++) {
          const k = Math.floor(at) + i;
          if (k < length) out[k] = (out[k] ?? 0) + exp(-i / (0.004 * RATE)) * (2 * random() - 1);
        }
      }
      return fitted(out);
    }
    case 'wrench': {
      const hz = 18 + 10 * random();
      return fitted(plus(blows(length, random, hz, 1), scaled(pink(length, random), 0.1)));
    }
    case 'buzz':
      return fitted(
        Float64Array.from({ length }, (_, i) => tanh(4 * tone(100, i)) + 0.05 * normalFrom(random)),
      );
  }
}

/** A generator of numbers that is named by words. */
export function randomBy(...words: readonly (string | number)[]): Random {
  let seed = 2166136261;
  for (const one of words.join(' ')) seed = Math.imul(seed ^ one.charCodeAt(0), 16777619);
  return seededRandom(seed);
}
