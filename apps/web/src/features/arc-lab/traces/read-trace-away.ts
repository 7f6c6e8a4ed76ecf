import { traceTold, type TraceTold } from './trace-told.ts';

/** Largest trace that is read, bytes. */
const BYTES_MOST = 100_000_000;

/** Reads a trace away from the page, which stays free to be used; a browser without workers reads it here. */
export async function readTraceAway(file: Blob): Promise<TraceTold> {
  if (file.size > BYTES_MOST) {
    return {
      status: 'unreadable',
      message: `A trace has at most ${BYTES_MOST / 1_000_000} MB: cut it shorter.`,
    };
  }
  const text = await file.text();
  if (typeof Worker === 'undefined') return traceTold(text);
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./trace.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<TraceTold>) => {
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
