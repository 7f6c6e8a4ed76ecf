/** What every sound of the app goes out through. */
interface SoundOutput {
  readonly context: AudioContext;
  /** Sounds are connected to this. */
  readonly input: AudioNode;
  readonly volume: GainNode;
}

/** Volume that a first sound is played at, full scale 1: an arc's clicks are hard on the ear. */
export const QUIET = 0.3;
/** Nothing is let out over this, full scale 1. */
const CEILING = 0.7;
const COMES_UP_S = 0.4;

let silenceNow: (() => void) | undefined;

/** One sound at a time: what is heard now is silenced by whoever comes next. */
export function takeTurn(silence: () => void): void {
  const before = silenceNow;
  silenceNow = silence;
  before?.();
}

let output: SoundOutput | undefined;
let volumeNow = QUIET;

/** A curve that never leaves ±{@link CEILING}. */
function ceilingCurve(): Float32Array<ArrayBuffer> {
  const curve = new Float32Array(1025);
  for (let i = 0; i < curve.length; i++) curve[i] = CEILING * Math.tanh((i / 512 - 1) / CEILING);
  return curve;
}

/** The way out: volume, a limiter, and a ceiling behind it. Made at the first press, which browsers want. */
export function soundOutput(): SoundOutput {
  if (output) return output;
  const context = new AudioContext({ latencyHint: 'interactive' });
  const volume = new GainNode(context, { gain: volumeNow });
  const limiter = new DynamicsCompressorNode(context, {
    threshold: -12,
    knee: 6,
    ratio: 20,
    attack: 0.001,
    release: 0.1,
  });
  const ceiling = new WaveShaperNode(context, { curve: ceilingCurve() });
  volume.connect(limiter).connect(ceiling).connect(context.destination);
  output = { context, input: volume, volume };
  return output;
}

/** The volume, 0 to 1. */
export function soundVolume(): number {
  return volumeNow;
}

/** Turns the volume, 0 to 1. */
export function turnVolume(share: number): void {
  volumeNow = share;
  output?.volume.gain.setTargetAtTime(share, output.context.currentTime, 0.03);
}

/** Lets a sound come up from nothing. */
export function comeUp({ context, volume }: SoundOutput): void {
  const { currentTime } = context;
  volume.gain.cancelScheduledValues(currentTime);
  volume.gain.setValueAtTime(0, currentTime);
  volume.gain.linearRampToValueAtTime(volumeNow, currentTime + COMES_UP_S);
}
