import { DIP_SAMPLES_PER_SECOND, readTrace } from '@hot-bead/contract/arc-lab';
import { type TraceFeatures, traceFeatures } from '@hot-bead/core/arc-lab';
import { arcPower, type ArcPower } from '@hot-bead/core/trade';

/** What a trace tells, or why it tells nothing. */
export type TraceTold =
  | { readonly status: 'unreadable'; readonly message: string }
  | {
      readonly status: 'read';
      readonly power: ArcPower;
      /** Its shorts; undefined: it is sampled too slowly for them. */
      readonly features: TraceFeatures | undefined;
      /** How it was read. */
      readonly says: string;
    };

/** What a trace's text tells. */
export function traceTold(text: string): TraceTold {
  const trace = readTrace(text);
  if (trace.status === 'unreadable') return trace;
  const power = arcPower(trace.samples);
  const isSlow = power.samplesPerSecond < DIP_SAMPLES_PER_SECOND;
  const slow = isSlow
    ? ` Short arc wants ${DIP_SAMPLES_PER_SECOND / 1000} kHz at least: this is slower, and says too little of it.`
    : '';
  const says = `${trace.samples.length} readings, time taken for ${trace.timeUnit}, ${Math.round(power.samplesPerSecond)} a second.${slow}`;
  return { status: 'read', power, features: isSlow ? undefined : traceFeatures(trace.samples), says };
}
