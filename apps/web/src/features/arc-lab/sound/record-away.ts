import type { ArcSetting } from '@hot-bead/core/arc-lab';
import type { ArcRecord, RecordAsk } from './arc-record.worker.ts';

let worker: Worker | undefined;
let asked = 0;
const waiting = new Map<number, (record: ArcRecord) => void>();

function recorder(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./arc-record.worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('message', ({ data }: MessageEvent<ArcRecord>) => {
    waiting.get(data.id)?.(data);
    waiting.delete(data.id);
  });
  return worker;
}

/** Has the worker made ready before the first press. */
export function warmRecorder(): void {
  if (typeof Worker !== 'undefined') recorder();
}

/** Runs an arc in the worker: what it did, and its samples. */
export function recordAway(setting: ArcSetting, seed: number, seconds: number): Promise<ArcRecord> {
  asked += 1;
  const ask: RecordAsk = { id: asked, setting, seed, seconds };
  return new Promise((resolve) => {
    waiting.set(ask.id, resolve);
    recorder().postMessage(ask);
  });
}
