import type { Job, KeptMachine } from '@hot-bead/contract';
import type { Setup } from '@hot-bead/core';
import { Columns2, Copy, Printer, Rows3 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { useToast } from '../../ui/toasts.tsx';
import { useDuplicateJob } from '../jobs/index.ts';
import { AtTheMachine } from './at-the-machine.tsx';

export const ICON_BUTTON =
  'grid size-11 place-items-center rounded-md border border-line-strong bg-plate hover:border-action hover:text-action';

interface Props {
  readonly job: Job;
  readonly title: string;
  readonly setup: Setup | undefined;
  readonly machine: KeptMachine | undefined;
}

function IconLink({
  to,
  name,
  children,
}: {
  readonly to: string;
  readonly name: string;
  readonly children: ReactNode;
}) {
  return (
    <Link to={to} className={ICON_BUTTON} aria-label={name} title={name}>
      {children}
    </Link>
  );
}

/** What can be done with the job as a whole: show it large, duplicate, compare, print. */
export function JobActions({ job, title, setup, machine }: Props) {
  const duplicate = useDuplicateJob();
  const navigate = useNavigate();
  const toast = useToast();
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
  return (
    <div className="ml-auto flex gap-1.5">
      {setup?.status === 'planned' && <AtTheMachine plan={setup} title={title} machine={machine} />}
      {setup?.status === 'planned' && (
        <IconLink to={`/jobs/${job.id}/compare`} name="Compare with another way">
          <Columns2 size={18} aria-hidden="true" />
        </IconLink>
      )}
      {setup && (
        <IconLink to={`/jobs/${job.id}/machines`} name="On every machine">
          <Rows3 size={18} aria-hidden="true" />
        </IconLink>
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
