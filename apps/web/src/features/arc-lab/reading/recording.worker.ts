import { type Recorded, readRecorded } from './read-recorded.ts';

addEventListener('message', ({ data }: MessageEvent<Recorded>) => postMessage(readRecorded(data)));
