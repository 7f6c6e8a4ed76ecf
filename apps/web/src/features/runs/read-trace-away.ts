import type { TracePower } from '@hot-bead/core';
import { powerOfTrace } from './trace-power.ts';

/** A trace's power, or why it has none. */
export type PowerReading =
  | { readonly status: 'read'; readonly power: TracePower; readonly says: string }
  | { readonly status: 'unreadable'; readonly message: string };

/** Largest trace that is read, bytes. */
const BYTES_MOST = 100_000_000;

/** Reads a trace away from the page, which stays free to be used; a browser without workers reads it here. */
export async function readTraceAway(file: Blob): Promise<PowerReading> {
  if (file.size > BYTES_MOST) {
    return {
      status: 'unreadable',
      message: `A trace has at most ${BYTES_MOST / 1_000_000} MB: cut it shorter.`,
    };
  }
  const text = await file.text();
  if (typeof Worker === 'undefined') return powerOfTrace(text);
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./trace.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<PowerReading>) => {
      worker.terminate();
      resolve(data);
    };
    worker.onerror = (event) => {
      worker.terminate();
      reject(new Error(event.message || 'The trace could not be read.'));
    };
    worker.postMessage(text);
  });
}
