import { readMachineBytes } from './machine-file-text.ts';

addEventListener('message', (event: MessageEvent<Uint8Array>) => {
  const read = readMachineBytes(event.data, (progress) => postMessage({ progress }));
  postMessage({ read });
});
