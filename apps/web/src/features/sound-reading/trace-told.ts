import { readTrace } from '@hot-bead/contract';
import { arcPower, type ArcPower, type TraceFeatures, traceFeatures } from '@hot-bead/core';

/** What is told of a trace of volts and current. */
export type TraceTold =
  | { readonly status: 'unreadable'; readonly message: string }
  | { readonly status: 'read'; readonly power: ArcPower; readonly features: TraceFeatures };

/** Reads a trace from CSV. */
export function traceTold(text: string): TraceTold {
  const trace = readTrace(text);
  if (trace.status === 'unreadable') return trace;
  return { status: 'read', power: arcPower(trace.samples), features: traceFeatures(trace.samples) };
}
