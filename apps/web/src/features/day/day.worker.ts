import type { DayInput } from '@hot-bead/core/day';
import { orderedDay } from './day-result.ts';

/** Time between two messages of what is the best so far, ms. */
const TELL_EVERY_MS = 100;

addEventListener('message', (event: MessageEvent<DayInput>) => {
  let placed = 0;
  for (const { done, result } of orderedDay(event.data)) {
    const now = performance.now();
    if (done < 1 && now - placed < TELL_EVERY_MS) continue;
    placed = now;
    postMessage(result());
  }
});
