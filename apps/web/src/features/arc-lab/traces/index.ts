export { readTraceAway } from './read-trace-away.ts';
export type { TraceTold } from './trace-told.ts';
