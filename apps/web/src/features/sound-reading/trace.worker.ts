import { traceTold } from './trace-told.ts';

addEventListener('message', ({ data }: MessageEvent<string>) => postMessage(traceTold(data)));
