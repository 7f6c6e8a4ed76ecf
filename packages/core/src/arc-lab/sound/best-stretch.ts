import { meanOf } from '../../base/numeric/statistics.ts';
import { envelopeOf, FRAME_S, framePower } from './envelope.ts';

const { max, min } = Math;

/** The part of a recording that was read, s. */
export interface Stretch {
  readonly fromS: number;
  readonly toS: number;
}

/** How long the stretch is that is read, and by what steps it is looked for, s. Source: our model: longer brings no clear gain. */
const STRETCH_S = 3;
const STEP_S = 0.5;
/** How far under the loudest stretch another may lie, dB: silence is steady too. Source: our model. */
const QUIETEST_DB = 12;
/** What a masked share weighs beside the spread of the level in dB. */
const MASK_WEIGHS_DB = 40;

/**
 * The three seconds of a recording to read: loud enough to be the arc, steady, and with the fewest blows. What it would answer
 * has no part in the choice.
 *
 * @param rate samples a second
 */
export function bestStretch(samples: ArrayLike<number>, rate: number): Stretch {
  const seconds = samples.length / rate;
  if (seconds < STRETCH_S + STEP_S) return { fromS: 0, toS: seconds };
  const power = framePower(samples, rate);
  const frames = STRETCH_S / FRAME_S;
  const stretches: { readonly fromS: number; readonly loudDb: number; readonly troubleDb: number }[] = [];
  for (let fromS = 0; fromS + STRETCH_S <= seconds + 1e-9; fromS += STEP_S) {
    const from = Math.round(fromS / FRAME_S);
    const { levelDb, masked } = envelopeOf(power.subarray(from, from + frames));
    const loudDb = meanOf(levelDb);
    const spreadDb = max(...levelDb) - min(...levelDb);
    stretches.push({ fromS, loudDb, troubleDb: spreadDb + MASK_WEIGHS_DB * meanOf(masked) });
  }
  const loudest = max(...stretches.map(({ loudDb }) => loudDb));
  const best = stretches
    .filter(({ loudDb }) => loudDb >= loudest - QUIETEST_DB)
    .reduce((least, one) => (one.troubleDb < least.troubleDb ? one : least));
  return { fromS: best.fromS, toS: best.fromS + STRETCH_S };
}
