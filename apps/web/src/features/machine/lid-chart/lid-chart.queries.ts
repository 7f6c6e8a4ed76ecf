import type { LidRow } from '@hot-bead/core/terms';
import { queryOptions } from '@tanstack/react-query';
import type { ChartRequest } from './chart-request.ts';

/** Works out a chart away from the page, so that it stays free to be used; stopped when it is no longer wanted. */
function inWorker(input: ChartRequest, signal: AbortSignal): Promise<readonly LidRow[]> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./lid-chart.worker.ts', import.meta.url), { type: 'module' });
    const end = (): void => worker.terminate();
    signal.addEventListener('abort', () => {
      end();
      reject(new Error('The chart is no longer wanted.'));
    });
    worker.onmessage = (event: MessageEvent<readonly LidRow[]>) => {
      end();
      resolve(event.data);
    };
    worker.onerror = (event) => {
      end();
      reject(new Error(event.message || 'The chart could not be worked out.'));
    };
    worker.postMessage(input);
  });
}

/** A machine's lid chart; worked out anew whenever anything it rests on has changed. */
export function lidChartQuery(input: ChartRequest | undefined) {
  return queryOptions({
    queryKey: ['lid-chart', input] as const,
    queryFn: ({ signal }) => (input ? inWorker(input, signal) : []),
    enabled: input !== undefined,
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: (previous) => previous,
  });
}
