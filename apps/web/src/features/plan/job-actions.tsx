import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { Setup } from '@hot-bead/core/plan';
import {
  Columns2,
  Copy,
  type LucideIcon,
  Maximize2,
  MoreHorizontal,
  Printer,
  Rows3,
  Stethoscope,
} from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { printAlone } from '../../print/print-alone.ts';
import { useToast } from '../../ui/toasts.tsx';
import { useDuplicateJob } from './jobs/index.ts';
import { AtTheMachine } from './at-the-machine.tsx';

interface Props {
  readonly job: Job;
  readonly title: string;
  readonly setup: Setup | undefined;
  readonly machine: KeptMachine | undefined;
}

interface JobAction {
  /** What it says, in as few words as there is room for. */
  readonly word: string;
  /** What it is called in full: begins with or holds the word. */
  readonly name: string;
  readonly icon: LucideIcon;
  readonly run: () => void;
}

const BUTTON =
  'flex min-h-14 min-w-16 flex-col items-center justify-center gap-0.5 rounded-md px-2 text-[13px] leading-tight hover:bg-action-tint hover:text-action';
const MENU_ITEM =
  'flex min-h-14 cursor-pointer items-center gap-3 px-4 outline-none data-highlighted:bg-action-tint data-highlighted:text-action';

/** All actions side by side, each a picture over its word. */
function ActionRow({ actions }: { readonly actions: readonly JobAction[] }) {
  return (
    <div className="flex gap-1 max-md:hidden">
      {actions.map(({ word, name, icon: Icon, run }) => (
        <button key={name} type="button" aria-label={name} className={BUTTON} onClick={run}>
          <Icon size={18} aria-hidden="true" />
          {word}
        </button>
      ))}
    </div>
  );
}

/** The same on a narrow screen: the first at hand, the rest behind one button. */
function ActionMenu({ actions }: { readonly actions: readonly JobAction[] }) {
  const [first, ...rest] = actions;
  if (!first) return null;
  return (
    <div className="flex gap-1 md:hidden">
      <button type="button" aria-label={first.name} className={BUTTON} onClick={first.run}>
        <first.icon size={18} aria-hidden="true" />
        {first.word}
      </button>
      {rest.length > 0 && (
        <DropdownMenu.Root modal={false}>
          <DropdownMenu.Trigger className={BUTTON}>
            <MoreHorizontal size={18} aria-hidden="true" />
            More
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content
              align="end"
              className="z-40 min-w-60 rounded-md border border-line-strong bg-plate"
            >
              {rest.map(({ name, icon: Icon, run }) => (
                <DropdownMenu.Item key={name} className={MENU_ITEM} onSelect={run}>
                  <Icon size={18} aria-hidden="true" />
                  {name}
                </DropdownMenu.Item>
              ))}
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      )}
    </div>
  );
}

/** What can be done with the job as a whole: show it large, duplicate, compare, print. */
export function JobActions({ job, title, setup, machine }: Props) {
  const duplicate = useDuplicateJob();
  const navigate = useNavigate();
  const toast = useToast();
  const [large, setLarge] = useState(false);
  const goTo = (path: string) => (): void => void navigate(`/jobs/${job.id}/${path}`);
  const onDuplicate = (): void =>
    duplicate.mutate(job.id, {
      onSuccess: (copy, undo) => {
        void navigate(`/jobs/${copy.id}`);
        toast('Duplicated: this is the copy', () => {
          undo();
          void navigate(`/jobs/${job.id}`);
        });
      },
      onError: (error) => toast(`Not duplicated. ${error.message}`),
    });
  const planned = setup?.status === 'planned' ? setup : undefined;
  const actions: readonly JobAction[] = [
    ...(planned
      ? [
          { word: 'At the machine', name: 'At the machine', icon: Maximize2, run: () => setLarge(true) },
          { word: 'Compare', name: 'Compare with another way', icon: Columns2, run: goTo('compare') },
        ]
      : []),
    ...(setup
      ? [
          {
            word: 'Every machine',
            name: 'Every machine: this job on all of them',
            icon: Rows3,
            run: goTo('machines'),
          },
        ]
      : []),
    ...(planned ? [{ word: 'Print', name: 'Print a setup card', icon: Printer, run: printAlone }] : []),
    {
      word: 'Find a fault',
      name: 'Find a fault in this weld',
      icon: Stethoscope,
      run: () => void navigate(`/faults/new?job=${job.id}`),
    },
    { word: 'Duplicate', name: 'Duplicate this job', icon: Copy, run: onDuplicate },
  ];
  return (
    <div className="ml-auto">
      <ActionRow actions={actions} />
      <ActionMenu actions={actions} />
      {planned && (
        <AtTheMachine plan={planned} title={title} machine={machine} open={large} onOpenChange={setLarge} />
      )}
    </div>
  );
}
