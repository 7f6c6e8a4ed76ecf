import { type FileProgress, type FileReadOut, readMachineBytes, tooLarge } from './machine-file-text.ts';

interface FileWorkerMessage {
  readonly progress?: FileProgress;
  readonly read?: FileReadOut;
}

/** Reads a machine's file away from the page, which stays free to be used; a browser without workers reads it here. */
export async function readFileAway(
  file: Blob,
  onProgress: (progress: FileProgress) => void,
): Promise<FileReadOut> {
  const refusal = tooLarge(file.size);
  if (refusal) return refusal;
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (typeof Worker === 'undefined') return readMachineBytes(bytes, onProgress);
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./machine-file.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<FileWorkerMessage>) => {
      if (data.progress) onProgress(data.progress);
      if (!data.read) return;
      worker.terminate();
      resolve(data.read);
    };
    worker.onerror = (event) => {
      worker.terminate();
      reject(new Error(event.message || 'The file could not be read.'));
    };
    worker.postMessage(bytes, [bytes.buffer]);
  });
}
