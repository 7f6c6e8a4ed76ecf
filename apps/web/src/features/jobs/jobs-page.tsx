import type { JobSummary } from '@hot-bead/contract';
import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { useDeferredValue, useId, useState } from 'react';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/page/notices.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { JobRow } from './job-row.tsx';
import { jobListQuery, useRemoveJob } from './jobs.queries.ts';
import { PageTitle } from '../../ui/page/page-title.tsx';

function RemoveButton({ job }: { readonly job: JobSummary }) {
  const remove = useRemoveJob();
  const toast = useToast();
  const onClick = (): void =>
    remove.mutate(job, {
      onSuccess: (_id, undo) => toast(`Put away: ${job.title}`, undo),
      onError: (error) => toast(`Not put away. ${error.message}`),
    });
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

/** Every job, searchable, a page at a time. */
export function JobsPage() {
  const [search, setSearch] = useState('');
  const find = useDeferredValue(search.trim());
  const jobs = useInfiniteQuery({ ...jobListQuery(find), placeholderData: keepPreviousData });
  const id = useId();
  if (jobs.error) return <ErrorNotice error={jobs.error} onRetry={() => void jobs.refetch()} />;
  if (jobs.isPending) return <PageSkeleton />;
  const shown = jobs.data.pages.flatMap(({ items }) => items);
  const isEmpty = shown.length === 0 && find === '' && !jobs.isPlaceholderData;
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={
          <>
            {!isEmpty && (
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
            <ButtonLink to="/history">What happened</ButtonLink>
          </>
        }
      >
        Jobs
      </PageTitle>
      {isEmpty && (
        <Notice title="No jobs yet">
          Type one in the line at the top: how thick, what metal, which joint, which position. Enter opens its
          plan.
        </Notice>
      )}
      {!isEmpty && shown.length === 0 && (
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
      {jobs.hasNextPage && (
        <Button disabled={jobs.isFetchingNextPage} onClick={() => void jobs.fetchNextPage()}>
          {jobs.isFetchingNextPage ? 'Loading…' : 'Show more'}
        </Button>
      )}
    </div>
  );
}
