/** One reading of a trace: when, s, and what the arc had, V and A. */
export interface TraceSample {
  readonly seconds: number;
  readonly volts: number;
  readonly amps: number;
}

/** What a trace of volts and current says of the power of an arc. */
export interface ArcPower {
  /** Average of volts times amps at each moment, W: the true power. */
  readonly instantaneousW: number;
  readonly meanVolts: number;
  readonly meanAmps: number;
  /** Mean volts times mean amps, W: not the power wherever both swing. */
  readonly ofMeansW: number;
  readonly rmsVolts: number;
  readonly rmsAmps: number;
  readonly seconds: number;
  readonly samplesPerSecond: number;
}

/** Fewest readings that say anything. Source: our model. */
export const LEAST_TRACE_SAMPLES = 100;
/** How far a step of time may stand off the others, share of it. Source: our model. */
const UNEVEN_SHARE = 0.2;

/** Why a trace cannot be read. */
export type TraceFault = 'too-short' | 'backwards' | 'uneven' | 'not-finite';

/** Why a trace cannot be read; undefined: it can. */
export function traceFault(
  samples: readonly TraceSample[],
): { readonly fault: TraceFault; readonly at: number } | undefined {
  if (samples.length < LEAST_TRACE_SAMPLES) return { fault: 'too-short', at: samples.length };
  const [first] = samples;
  const last = samples.at(-1);
  const step = first && last ? (last.seconds - first.seconds) / (samples.length - 1) : 0;
  for (const [at, one] of samples.entries()) {
    if (![one.seconds, one.volts, one.amps].every(Number.isFinite)) return { fault: 'not-finite', at };
    const before = samples[at - 1];
    if (before && one.seconds <= before.seconds) return { fault: 'backwards', at };
  }
  for (const [at, one] of samples.entries()) {
    const before = samples[at - 1];
    if (before && Math.abs(one.seconds - before.seconds - step) > UNEVEN_SHARE * step)
      return { fault: 'uneven', at };
  }
  return undefined;
}

/**
 * Power of an arc from an evenly sampled trace: at each moment, and by the means beside it.
 *
 * @param samples as `traceFault` finds nothing wrong with
 * @source average instantaneous power: ISO/TR 18491 and ASME IX QW-409.1, recalled
 */
export function arcPower(samples: readonly TraceSample[]): ArcPower {
  const { length } = samples;
  let [volts, amps, watts, volts2, amps2] = [0, 0, 0, 0, 0];
  for (const one of samples) {
    volts += one.volts;
    amps += one.amps;
    watts += one.volts * one.amps;
    volts2 += one.volts ** 2;
    amps2 += one.amps ** 2;
  }
  const span = (samples.at(-1)?.seconds ?? 0) - (samples[0]?.seconds ?? 0);
  const [meanVolts, meanAmps] = [volts / length, amps / length];
  return {
    instantaneousW: watts / length,
    meanVolts,
    meanAmps,
    ofMeansW: meanVolts * meanAmps,
    rmsVolts: Math.sqrt(volts2 / length),
    rmsAmps: Math.sqrt(amps2 / length),
    // each reading stands for one step of time
    seconds: (span * length) / (length - 1),
    samplesPerSecond: (length - 1) / span,
  };
}
