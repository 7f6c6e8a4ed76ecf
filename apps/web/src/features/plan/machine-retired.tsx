import type { Job } from '@hot-bead/contract/plan';
import { Button } from '../../ui/button.tsx';
import { Notice } from '../../ui/page/notices.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useRestoreMachine } from '../machine/index.ts';

/** A job on a machine that is retired is not planned: not even as one of which nothing is known. */
export function MachineRetired({ machine }: { readonly machine: NonNullable<Job['machine']> }) {
  const restore = useRestoreMachine();
  const toast = useToast();
  const onRestore = (): void =>
    restore.mutate(machine.id, {
      onSuccess: (_machine, undo) => toast(`${machine.name} is in use again`, undo),
      onError: (error) => toast(`Not brought back. ${error.message}`),
    });
  return (
    <Notice
      tone="straw"
      title={`${machine.name} is retired`}
      action={
        <Button tone="main" disabled={restore.isPending} onClick={onRestore} className="min-h-14">
          Bring {machine.name} back
        </Button>
      }
    >
      This job names it, so there is nothing to plan for. Bring it back, or pick another machine by the chip
      above.
    </Notice>
  );
}
