import type { Job } from '@hot-bead/contract';
import { Button } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useChangeTask } from './day.queries.ts';

/** Puts a job on the Bench, takes it off, says that it is welded. */
export function BenchToggle({ job }: { readonly job: Job }) {
  const change = useChangeTask();
  const toast = useToast();
  const { task } = job;
  const send = (what: Parameters<typeof change.mutate>[0]['change'], done: string): void =>
    change.mutate(
      { job, change: what },
      {
        onSuccess: (_job, undo) => toast(done, undo),
        onError: (error) => toast(`Not kept. ${error.message}`),
      },
    );
  if (task.weldedAt !== undefined) {
    return (
      <Button tone="quiet" onClick={() => send({ weldedAt: null }, 'Not welded yet')}>
        ● Welded: undo
      </Button>
    );
  }
  return (
    <>
      {task.queued === true ? (
        <Button tone="quiet" onClick={() => send({ queued: null }, 'Off the Bench')}>
          ● On the Bench
        </Button>
      ) : (
        <Button
          tone="quiet"
          onClick={() => send({ queued: true }, 'On the Bench: the day is put in order about it')}
        >
          Put on the Bench
        </Button>
      )}
      <Button tone="quiet" onClick={() => send({ weldedAt: new Date().toISOString() }, 'Welded')}>
        It is welded
      </Button>
    </>
  );
}
