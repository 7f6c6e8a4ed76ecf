import { DIP_SAMPLES_PER_SECOND, readTrace } from '@hot-bead/contract';
import { arcPower } from '@hot-bead/core';
import type { PowerReading } from './read-trace-away.ts';

/** The power that a trace's text says, and how it was read. */
export function powerOfTrace(text: string): PowerReading {
  const trace = readTrace(text);
  if (trace.status === 'unreadable') return trace;
  const { instantaneousW: watts, meanVolts, meanAmps, seconds, samplesPerSecond } = arcPower(trace.samples);
  const slow =
    samplesPerSecond < DIP_SAMPLES_PER_SECOND
      ? ` Short arc wants ${DIP_SAMPLES_PER_SECOND / 1000} kHz at least: this is slower, and says too little of it.`
      : '';
  const says = `${trace.samples.length} readings, time taken for ${trace.timeUnit}, ${Math.round(samplesPerSecond)} a second.${slow}`;
  return { status: 'read', power: { watts, meanVolts, meanAmps, seconds, samplesPerSecond }, says };
}
