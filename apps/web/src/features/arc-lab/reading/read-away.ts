import { WAV_BYTES_MOST } from '@hot-bead/contract/arc-lab';
import type { Recorded, RecordingTold } from './read-recorded.ts';

/** Reads a recording away from the page. */
export function readAway(recorded: Recorded): Promise<RecordingTold> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./recording.worker.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('message', ({ data }: MessageEvent<RecordingTold>) => {
      worker.terminate();
      resolve(data);
    });
    worker.addEventListener('error', (event) => {
      worker.terminate();
      reject(new Error(event.message || 'The recording could not be read.'));
    });
    worker.postMessage(recorded);
  });
}

/** Reads a WAV that was picked. */
export async function readWavAway(file: Blob): Promise<RecordingTold> {
  if (file.size > WAV_BYTES_MOST) {
    return {
      status: 'unreadable',
      message: 'It is larger than a minute of sound can be. Cut it to a minute.',
    };
  }
  return readAway({ wav: new Uint8Array(await file.arrayBuffer()) });
}
