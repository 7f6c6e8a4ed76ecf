import type { Job, KeptMachine } from '@hot-bead/contract';
import type { Setup } from '@hot-bead/core';
import { Columns2, Copy, Printer, Rows3 } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { useToast } from '../../ui/toasts.tsx';
import { useDuplicateJob, useRemoveJob } from '../jobs/index.ts';
import { AtTheMachine } from './at-the-machine.tsx';

export const ICON_BUTTON =
  'grid size-11 place-items-center rounded-md border border-line-strong bg-plate hover:border-action hover:text-action';

interface Props {
  readonly job: Job;
  readonly title: string;
  readonly setup: Setup | undefined;
  readonly machine: KeptMachine | undefined;
}

/** What can be done with the job as a whole: show it large, duplicate, compare, print. */
export function JobActions({ job, title, setup, machine }: Props) {
  const duplicate = useDuplicateJob();
  const remove = useRemoveJob();
  const navigate = useNavigate();
  const toast = useToast();
  const onDuplicate = (): void =>
    duplicate.mutate(job.id, {
      onSuccess: (copy) => {
        void navigate(`/jobs/${copy.id}`);
        toast('Duplicated: this is the copy', () => {
          remove.mutate(copy.id);
          void navigate(`/jobs/${job.id}`);
        });
      },
      onError: (error) => toast(`Not duplicated. ${error.message}`),
    });
  return (
    <div className="ml-auto flex gap-1.5">
      {setup?.status === 'planned' && <AtTheMachine plan={setup} title={title} machine={machine} />}
      {setup?.status === 'planned' && (
        <Link
          to={`/jobs/${job.id}/compare`}
          className={ICON_BUTTON}
          aria-label="Compare with another way"
          title="Compare with another way"
        >
          <Columns2 size={18} aria-hidden="true" />
        </Link>
      )}
      {setup && (
        <Link
          to={`/jobs/${job.id}/machines`}
          className={ICON_BUTTON}
          aria-label="On every machine"
          title="On every machine"
        >
          <Rows3 size={18} aria-hidden="true" />
        </Link>
      )}
      {setup?.status === 'planned' && (
        <button
          type="button"
          className={ICON_BUTTON}
          aria-label="Print a setup card"
          title="Print a setup card"
          onClick={() => window.print()}
        >
          <Printer size={18} aria-hidden="true" />
        </button>
      )}
      <button
        type="button"
        className={ICON_BUTTON}
        aria-label="Duplicate this job"
        title="Duplicate this job"
        onClick={onDuplicate}
      >
        <Copy size={18} aria-hidden="true" />
      </button>
    </div>
  );
}
