import type { Job } from '@hot-bead/contract/plan';
import { ChevronDown } from 'lucide-react';
import { useNavigate } from 'react-router';
import { Menu } from '../../ui/menu.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { type TaskChange, useChangeTask } from './day.queries.ts';

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
    <Menu
      className="inline-flex min-h-11 items-center gap-1 px-3 font-medium hover:text-action print:hidden"
      items={items}
    >
      {standText(job)}
      <ChevronDown size={16} aria-hidden="true" />
    </Menu>
  );
}
