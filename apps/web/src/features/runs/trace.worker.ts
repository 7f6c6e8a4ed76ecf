import { powerOfTrace } from './trace-power.ts';

addEventListener('message', (event: MessageEvent<string>) => postMessage(powerOfTrace(event.data)));
