import { ARC_SAMPLES_PER_S, type ArcSetting } from '@hot-bead/core/arc-lab';
import { recordAway } from './record-away.ts';
import { soundOutput, takeTurn } from './sound-output.ts';

/** An arc to be played, by its setting and its seed. */
export interface PlayedArc {
  readonly setting: ArcSetting;
  readonly seed: number;
}

/** How long one sound is played, s, and the pause between two. */
const PLAYS_S = 2;
const PAUSE_S = 0.5;
const FADES_S = 0.03;

let playing: AudioBufferSourceNode[] = [];

/** Silences what is being played. */
export function stopPlaying(): void {
  for (const one of playing) one.stop();
  playing = [];
}

function schedule(sound: Float32Array<ArrayBuffer>, atS: number): AudioBufferSourceNode {
  const { context, input } = soundOutput();
  const buffer = new AudioBuffer({ length: sound.length, sampleRate: ARC_SAMPLES_PER_S });
  buffer.copyToChannel(sound, 0);
  const source = new AudioBufferSourceNode(context, { buffer });
  const fade = new GainNode(context, { gain: 0 });
  fade.gain.setValueAtTime(0, atS);
  fade.gain.linearRampToValueAtTime(1, atS + FADES_S);
  fade.gain.setValueAtTime(1, atS + PLAYS_S - FADES_S);
  fade.gain.linearRampToValueAtTime(0, atS + PLAYS_S);
  source.connect(fade).connect(input);
  source.start(atS);
  source.onended = () => fade.disconnect();
  return source;
}

/** Plays arcs one after the other; what was playing stops. @returns once the last is over or silenced */
export async function playArcs(arcs: readonly PlayedArc[]): Promise<void> {
  const { context } = soundOutput();
  takeTurn(stopPlaying);
  stopPlaying();
  const [records] = await Promise.all([
    Promise.all(arcs.map(({ setting, seed }) => recordAway(setting, seed, PLAYS_S))),
    context.resume(),
  ]);
  const began = context.currentTime + 0.02;
  playing = records.map(({ samples }, i) =>
    schedule(samples.sound as Float32Array<ArrayBuffer>, began + i * (PLAYS_S + PAUSE_S)),
  );
  const last = playing.at(-1);
  if (!last) return;
  await new Promise<void>((over) => last.addEventListener('ended', () => over(), { once: true }));
}
