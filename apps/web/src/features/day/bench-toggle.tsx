import type { Job } from '@hot-bead/contract';
import { ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { useToast } from '../../ui/toasts.tsx';
import { type TaskChange, useChangeTask } from './day.queries.ts';

const ITEM =
  'flex min-h-14 cursor-pointer items-center px-4 outline-none data-highlighted:bg-action-tint data-highlighted:text-action';

function standText({ task }: Job): string {
  if (task.weldedAt !== undefined) return '■ Welded';
  return task.queued === true ? '● On the Bench' : '○ Bench';
}

/** Whether a job is on the Bench, and what can be done about it: put it there, take it off, say that it is welded. */
export function BenchToggle({ job }: { readonly job: Job }) {
  const change = useChangeTask();
  const toast = useToast();
  const navigate = useNavigate();
  const { task } = job;
  const send = (what: TaskChange, done: string) => (): void =>
    change.mutate(
      { job, change: what },
      {
        onSuccess: (_job, undo) => toast(done, undo),
        onError: (error) => toast(`Not kept. ${error.message}`),
      },
    );
  const isWelded = task.weldedAt !== undefined;
  const items: readonly (readonly [string, () => void])[] = [
    ...(isWelded
      ? [['It is not welded yet', send({ weldedAt: null }, 'Not welded yet')] as const]
      : [
          task.queued === true
            ? (['Off the Bench', send({ queued: null }, 'Off the Bench')] as const)
            : ([
                'Put on the Bench',
                send({ queued: true }, 'On the Bench: the day is put in order about it'),
              ] as const),
          ['It is welded', send({ weldedAt: new Date().toISOString() }, 'Welded')] as const,
        ]),
    ...(task.pieceId === undefined
      ? []
      : [['Open its piece', () => void navigate(`/pieces/${task.pieceId}`)] as const]),
  ];
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="inline-flex min-h-11 items-center gap-1 px-3 font-medium hover:text-action print:hidden">
        {standText(job)}
        <ChevronDown size={16} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-60 rounded-md border border-line-strong bg-plate"
        >
          {items.map(([name, run]) => (
            <DropdownMenu.Item key={name} className={ITEM} onSelect={run}>
              {name}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
