import { useQuery } from '@tanstack/react-query';
import { Button } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { machinesAwayQuery, useRestoreMachine } from './machines.queries.ts';
import { Wrong } from '../../ui/form/wrong.tsx';

/** Machines that were retired, each with its way back; nothing where there are none. */
export function RetiredMachines() {
  const retired = useQuery(machinesAwayQuery);
  const restore = useRestoreMachine();
  const toast = useToast();
  if (retired.error) {
    return <Wrong>The retired machines could not be loaded. {retired.error.message}</Wrong>;
  }
  if (!retired.data || retired.data.length === 0) return null;
  return (
    <details className="rounded-md border border-line p-4">
      <summary className="min-h-11 cursor-pointer content-center">Retired: {retired.data.length}</summary>
      <ul className="mt-2 grid gap-2">
        {retired.data.map(({ id, name }) => (
          <li key={id} className="flex items-center justify-between gap-4">
            {name}
            <Button
              disabled={restore.isPending}
              onClick={() =>
                restore.mutate(id, {
                  onSuccess: () => toast(`${name} is in use again`),
                  onError: (error) => toast(`Not brought back. ${error.message}`),
                })
              }
            >
              Bring {name} back
            </Button>
          </li>
        ))}
      </ul>
    </details>
  );
}
