import { agoText } from '../../../ui/ago-text.ts';
import { useTitle } from '../../../units/index.ts';
import type { JobState, JobSummary } from '@hot-bead/contract/plan';
import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

interface Props {
  readonly job: JobSummary;
  readonly action?: ReactNode;
  /** Its name alone, where there is little room. */
  readonly brief?: boolean;
}

const STATE: Readonly<Record<JobState, string>> = {
  planned: '○ planned',
  rigged: '◐ rigged',
  'dialled-in': '● dialled in',
  welded: '■ welded',
};

/** How many test beads a job has, in words. */
export function beadText(count: number): string {
  if (count === 0) return 'no test beads';
  return count === 1 ? '1 test bead' : `${count} test beads`;
}

/** One job in a list: what it is, how far it is. */
export function JobRow({ job, action, brief = false }: Props) {
  const titled = useTitle();
  return (
    <li className="flex items-center border-b border-line last:border-b-0">
      <Link
        to={`/jobs/${job.id}`}
        className="flex min-h-14 min-w-0 flex-1 items-center gap-4 px-4 py-2 hover:text-action"
      >
        <span className="min-w-0 flex-1">
          <span className="block font-medium">{titled(job.title)}</span>
          {!brief && <span className="block truncate text-sm text-ink-soft">“{job.line}”</span>}
        </span>
        {!brief && (
          <span className="shrink-0 text-right text-sm text-ink-soft max-md:hidden">
            <span className="font-medium text-ink">{STATE[job.state]}</span>
            {job.queued && ' · on the Bench'}
            <br />
            {beadText(job.beadCount)}, {agoText(new Date(job.updatedAt), new Date())}
          </span>
        )}
        <ChevronRight size={20} aria-hidden="true" className="shrink-0" />
      </Link>
      {action}
    </li>
  );
}
