import { PARAMETERS as P } from './arc-parameters.ts';
import type { ArcRun } from './arc-state.ts';
import { stepArc } from './step-arc.ts';

const { exp, max } = Math;

/** Samples a second of what is recorded and heard, 1/s. Source: our model. */
export const ARC_SAMPLES_PER_S = 44_100;
/** Steps of the model in one sample: 11.338 µs each; halving the step changes nothing beyond the scatter. */
export const STEPS_PER_SAMPLE = 2;
/** Sound for each W of change: one gain for all, so that what is louder stays louder and none clips. Source: our model. */
export const SOUND_PER_W = 0.1e-3;

/** What is recorded of an arc, sample by sample. */
export interface ArcSamples {
  readonly volts: Float32Array;
  readonly amps: Float32Array;
  /** Sound pressure, full scale 1. */
  readonly sound: Float32Array;
  /** Gap from drop to pool, mm; nought while shorted. */
  readonly gapMm: Float32Array;
  /** Solid tip over the pool, mm. */
  readonly solidMm: Float32Array;
  /** Neck of the bridge, 0 to where it breaks. */
  readonly neck: Float32Array;
  /** Height of the drop on the wire, and of the pool over its rest, mm. */
  readonly dropMm: Float32Array;
  readonly poolMm: Float32Array;
}

/** Room for samples. @param length samples at {@link ARC_SAMPLES_PER_S} */
export function arcSamples(length: number): ArcSamples {
  return {
    volts: new Float32Array(length),
    amps: new Float32Array(length),
    sound: new Float32Array(length),
    gapMm: new Float32Array(length),
    solidMm: new Float32Array(length),
    neck: new Float32Array(length),
    dropMm: new Float32Array(length),
    poolMm: new Float32Array(length),
  };
}

/**
 * Lets an arc run on and records it: as many samples as there is room for. The sound is the change of the arc's power,
 * with a hiss in proportion to it; power comes up at once and dies slowly.
 *
 * @param into recorded into from its first sample on
 * @source p ∝ d(V·I)/dt while arcing: the arc-acoustics literature, recalled; times and hiss: our model
 */
export function runArc(run: ArcRun, into: ArcSamples, stepsPerSample = STEPS_PER_SAMPLE): void {
  const { state: s, draws } = run;
  const dtS = 1 / (ARC_SAMPLES_PER_S * stepsPerSample);
  const rises = 1 - exp(-dtS / P.soundRisesS);
  const falls = 1 - exp(-dtS / P.soundFallsS);
  const { hissShare } = P;
  const { volts, amps, sound, gapMm, solidMm, neck, dropMm, poolMm } = into;
  for (let j = 0; j < volts.length; j++) {
    for (let step = 0; step < stepsPerSample; step++) {
      stepArc(run, dtS);
      const powerW = s.shorted ? 0 : s.voltsV * s.currentA;
      s.soundW += (powerW > s.soundW ? rises : falls) * (powerW - s.soundW);
    }
    volts[j] = s.voltsV;
    amps[j] = s.currentA;
    gapMm[j] = s.shorted ? 0 : max(s.gapMm, 0);
    solidMm[j] = run.setting.tipToWorkMm - s.extensionMm - s.poolMm;
    neck[j] = s.shorted ? s.neck : 0;
    dropMm[j] = s.dropMm;
    poolMm[j] = s.poolMm;
    sound[j] = SOUND_PER_W * (s.soundW - s.soundBeforeW + hissShare * s.soundW * (2 * draws.hiss() - 1));
    s.soundBeforeW = s.soundW;
  }
}
