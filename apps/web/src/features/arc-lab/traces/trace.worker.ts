import { traceTold } from './trace-told.ts';

addEventListener('message', (event: MessageEvent<string>) => postMessage(traceTold(event.data)));
