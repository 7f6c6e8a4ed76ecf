export { BenchToggle } from './bench-toggle.tsx';
export { DayBar } from './day-bar.tsx';
export { dayKey, pieceKey, useChangeTask } from './day.queries.ts';
export { spanText, timeText } from './day-time.ts';
export { Queue } from './queue.tsx';
export { useDayOrder } from './use-day-order.ts';
export type { DayResult } from './day-result.ts';
export { WEIGHT_OPTIONS } from './weight-options.ts';
