import type { Job } from '@hot-bead/contract';
import { useQuery } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { useId, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/notices.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { JobRow } from './job-row.tsx';
import { jobListQuery, useRemoveJob, useRestoreJob } from './jobs.queries.ts';

function matching(jobs: readonly Job[], search: string): readonly Job[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return jobs.filter((job) => words.every((word) => `${job.title} ${job.line}`.toLowerCase().includes(word)));
}

function RemoveButton({ job }: { readonly job: Job }) {
  const remove = useRemoveJob();
  const restore = useRestoreJob();
  const toast = useToast();
  const onClick = (): void =>
    remove.mutate(job.id, { onSuccess: () => toast(`Put away: ${job.title}`, () => restore.mutate(job.id)) });
  return (
    <button
      type="button"
      aria-label={`Put away ${job.title}`}
      onClick={onClick}
      className="grid size-14 shrink-0 place-items-center text-ink-soft hover:text-hot"
    >
      <Trash2 size={20} aria-hidden="true" />
    </button>
  );
}

/** Every job, searchable. */
export function JobsPage() {
  const jobs = useQuery(jobListQuery);
  const [search, setSearch] = useState('');
  const id = useId();
  if (jobs.error) return <ErrorNotice error={jobs.error} onRetry={() => void jobs.refetch()} />;
  if (jobs.isPending) return <PageSkeleton />;
  const shown = matching(jobs.data, search);
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1 className="text-2xl font-semibold">Jobs</h1>
        {jobs.data.length > 0 && (
          <label htmlFor={id} className="label-text">
            Find a job
            <input
              id={id}
              type="search"
              value={search}
              onChange={(event) => setSearch(event.target.value)}
              className="block h-11 w-72 max-w-full rounded-md border border-line-strong bg-plate px-3 text-base text-ink"
            />
          </label>
        )}
      </div>
      {jobs.data.length === 0 && (
        <Notice title="No jobs yet">
          Type one in the line at the top: how thick, what metal, which joint, which position. Enter opens its
          plan.
        </Notice>
      )}
      {jobs.data.length > 0 && shown.length === 0 && (
        <Notice
          title={`No job matches “${search}”`}
          action={<Button onClick={() => setSearch('')}>Show all jobs</Button>}
        />
      )}
      {shown.length > 0 && (
        <ul className="rounded-md border border-line bg-plate">
          {shown.map((job) => (
            <JobRow key={job.id} job={job} action={<RemoveButton job={job} />} />
          ))}
        </ul>
      )}
    </div>
  );
}
