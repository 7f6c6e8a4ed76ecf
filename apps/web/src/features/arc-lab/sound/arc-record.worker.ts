import {
  type ArcClass,
  arcClass,
  type ArcFeatures,
  type ArcSamples,
  type ArcSetting,
  recordArc,
} from '@hot-bead/core/arc-lab';

/** An arc to be run. */
export interface RecordAsk {
  readonly id: number;
  readonly setting: ArcSetting;
  readonly seed: number;
  readonly seconds: number;
}

/** An arc that was run: what it did, and its samples. */
export interface ArcRecord {
  readonly id: number;
  readonly setting: ArcSetting;
  readonly features: ArcFeatures;
  readonly arc: ArcClass;
  readonly samples: ArcSamples;
  /** When bridges broke, s from the first sample. */
  readonly breaksAtS: readonly number[];
  /** How long the simulation took, ms. */
  readonly tookMs: number;
}

addEventListener('message', ({ data: { id, setting, seed, seconds } }: MessageEvent<RecordAsk>) => {
  const began = performance.now();
  const { samples, features, events, run } = recordArc(setting, { seed, seconds });
  const start = run.state.timeS - seconds;
  const record: ArcRecord = {
    id,
    setting,
    features,
    arc: arcClass(features, setting),
    samples,
    breaksAtS: events.flatMap((one) => (one.kind === 'short' ? [one.atS - start] : [])),
    tookMs: performance.now() - began,
  };
  const transfer = Object.values(samples).map((one: Float32Array<ArrayBuffer>) => one.buffer);
  postMessage(record, { transfer });
});
