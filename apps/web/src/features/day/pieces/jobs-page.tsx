import { useTitle } from '../../../units/index.ts';
import { JOB_STATES, type JobState, type JobSummary } from '@hot-bead/contract/plan';
import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button, ButtonLink } from '../../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { Segmented } from '../../../ui/segmented.tsx';
import { type JobFilter, jobListQuery, JobRow, NO_FILTER, useRemoveJob } from '../../plan/jobs/index.ts';
import { machineListQuery } from '../../machine/index.ts';
import { PageTitle } from '../../../ui/page/page-title.tsx';
import { PieceList } from './piece-list.tsx';
import { pieceListQuery } from './pieces.queries.ts';

const STATE_NAME: Readonly<Record<JobState, string>> = {
  planned: 'planned',
  rigged: 'rigged',
  'dialled-in': 'dialled in',
  welded: 'welded',
};

function RemoveButton({ job }: { readonly job: JobSummary }) {
  const titled = useTitle();
  const remove = useRemoveJob();
  const toast = useToast();
  const onClick = (): void =>
    remove.mutate(job, {
      onSuccess: (_id, undo) => toast(`Put away: ${titled(job.title)}`, undo),
      onError: (error) => toast(`Not put away. ${error.message}`),
    });
  return (
    <button
      type="button"
      aria-label={`Put away ${titled(job.title)}`}
      onClick={onClick}
      className="grid size-14 shrink-0 place-items-center text-ink-soft hover:text-hot"
    >
      <Trash2 size={20} aria-hidden="true" />
    </button>
  );
}

interface FilterProps {
  readonly filter: JobFilter;
  readonly onChange: (filter: JobFilter) => void;
}

/** Narrows the list by words, piece, machine and state. */
function Filters({ filter, onChange }: FilterProps) {
  const { data: machines = [] } = useQuery(machineListQuery);
  const { data: pieces = [] } = useQuery(pieceListQuery);
  return (
    <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
      <Field
        label="Find a job"
        type="search"
        value={filter.find}
        onChange={(event) => onChange({ ...filter, find: event.target.value })}
      />
      <SelectField
        label="Piece"
        value={filter.piece}
        onChange={(event) => onChange({ ...filter, piece: event.target.value })}
        options={[['', 'any'], ...pieces.map((piece) => [piece.id, piece.name] as const)]}
      />
      <SelectField
        label="Machine"
        value={filter.machine}
        onChange={(event) => onChange({ ...filter, machine: event.target.value })}
        options={[['', 'any'], ...machines.map((machine) => [machine.id, machine.name] as const)]}
      />
      <SelectField
        label="State"
        value={filter.state}
        onChange={(event) => onChange({ ...filter, state: event.target.value as JobState | '' })}
        options={[['', 'any'], ...JOB_STATES.map((state) => [state, STATE_NAME[state]] as const)]}
      />
    </div>
  );
}

/** Every job, narrowed by words, piece, machine and state, a page at a time. */
function WeldList() {
  const [filter, setFilter] = useState<JobFilter>(NO_FILTER);
  const asked = useDeferredValue(filter);
  const jobs = useInfiniteQuery({ ...jobListQuery(asked), placeholderData: keepPreviousData });
  if (jobs.error) return <ErrorNotice error={jobs.error} onRetry={() => void jobs.refetch()} />;
  if (jobs.isPending) return <PageSkeleton />;
  const shown = jobs.data.pages.flatMap(({ items }) => items);
  const isNarrowed = Object.values(asked).some((value) => value !== '');
  if (shown.length === 0 && !isNarrowed && !jobs.isPlaceholderData) {
    return (
      <Notice title="No jobs yet">
        Type one in the line at the top: how thick, what metal, which joint, which position. Enter opens its
        plan.
      </Notice>
    );
  }
  return (
    <div className="grid grid-cols-1 gap-4">
      <Filters filter={filter} onChange={setFilter} />
      {shown.length === 0 && (
        <Notice
          title={filter.find === '' ? 'No such job' : `No job matches “${filter.find}”`}
          action={<Button onClick={() => setFilter(NO_FILTER)}>Show all jobs</Button>}
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

/** Jobs: single welds, and the pieces that are built of them. */
export function JobsPage() {
  const [search, setSearch] = useSearchParams();
  const list = search.get('list') === 'pieces' ? 'pieces' : 'welds';
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle actions={<ButtonLink to="/history">What happened</ButtonLink>}>Jobs</PageTitle>
      <div className="w-80 max-w-full">
        <Segmented
          label="Which list"
          value={list}
          options={[
            { value: 'welds', label: 'Welds' },
            { value: 'pieces', label: 'Pieces' },
          ]}
          onChange={(value) => setSearch(value === 'pieces' ? { list: 'pieces' } : {}, { replace: true })}
        />
      </div>
      {list === 'pieces' ? <PieceList /> : <WeldList />}
    </div>
  );
}
