import { MutationCache, notifyManager, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { RouterProvider } from 'react-router/dom';
import { learningQuery } from '../features/machine/index.ts';
import { ConflictProvider } from '../features/history/index.ts';
import { PreferencesProvider } from '../preferences/preferences.tsx';
import { router } from './router.tsx';
import { ToastProvider } from '../ui/toasts.tsx';

/** A bead, a job or a machine that changes may change what is proven, and so every plan on that machine. */
const mutationCache = new MutationCache({
  onSuccess: () => void queryClient.invalidateQueries({ queryKey: learningQuery.queryKey }),
});

// what a press changes is drawn in the frame that follows it, not in the one after
notifyManager.setScheduler(queueMicrotask);

const queryClient: QueryClient = new QueryClient({
  mutationCache,
  defaultOptions: { queries: { staleTime: 15_000, retry: 1 }, mutations: { retry: 0 } },
});

export function App() {
  return (
    <QueryClientProvider client={queryClient}>
      <PreferencesProvider>
        <ToastProvider>
          <ConflictProvider>
            <RouterProvider router={router} />
          </ConflictProvider>
        </ToastProvider>
      </PreferencesProvider>
    </QueryClientProvider>
  );
}
