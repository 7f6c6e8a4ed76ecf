import {
  ARC_SAMPLES_PER_S,
  type ArcRun,
  type ArcSetting,
  arcSamples,
  changeArc,
  runArc,
  SETTLES_S,
  startArc,
} from '@hot-bead/core/arc-lab';

/** What the stream is told: an arc to begin with, then knobs as they are turned. */
export type StreamMessage =
  | { readonly kind: 'begin'; readonly setting: ArcSetting; readonly seed: number; readonly to: MessagePort }
  | { readonly kind: 'turn'; readonly setting: ArcSetting };

/** Samples sent at a time. */
const CHUNK = 1024;

let run: ArcRun | undefined;

/** Next stretch of sound of the arc that runs. */
function more(): Float32Array {
  const samples = arcSamples(CHUNK);
  if (run) {
    runArc(run, samples);
    run.events = [];
  }
  return samples.sound;
}

addEventListener('message', ({ data }: MessageEvent<StreamMessage>) => {
  if (data.kind === 'turn') {
    if (run) changeArc(run, data.setting);
    return;
  }
  run = startArc(data.setting, data.seed);
  runArc(run, arcSamples(SETTLES_S * ARC_SAMPLES_PER_S));
  data.to.onmessage = () => {
    const sound = more();
    data.to.postMessage(sound, [sound.buffer]);
  };
});
