import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { judgeInspection } from '@hot-bead/core/records';
import { ButtonLink } from '../../../ui/button.tsx';
import { ErrorNotice, Skeleton } from '../../../ui/page/notices.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { inspectionListQuery } from './inspections.queries.ts';
import { VERDICT_COLOUR, VERDICT_WORD } from './verdict-text.ts';

/** How the welds of a job were looked at. */
export function InspectionList({ jobId }: { readonly jobId: string }) {
  const list = useQuery(inspectionListQuery(jobId));
  return (
    <Section
      id="inspections"
      title="Looked at"
      aside={<ButtonLink to={`/jobs/${jobId}/record/inspect`}>Inspect this weld</ButtonLink>}
    >
      {list.error && <ErrorNotice error={list.error} onRetry={() => void list.refetch()} />}
      {list.isPending && <Skeleton className="mt-2 h-11" />}
      {list.data?.length === 0 && <p className="mt-2 text-[15px]">Nobody has looked at it yet.</p>}
      <ul>
        {list.data?.map((one) => {
          const { items } = judgeInspection(one);
          const failed = items.filter(({ verdict }) => verdict === 'fail').map(({ name }) => name);
          return (
            <li key={one.id} className="border-b border-line last:border-b-0">
              <Link
                to={`/jobs/${jobId}/record/inspections/${one.id}`}
                className="flex min-h-14 flex-wrap items-center gap-x-4 hover:text-action"
              >
                <span className={`font-semibold ${one.verdict ? VERDICT_COLOUR[one.verdict] : ''}`}>
                  {one.verdict ? VERDICT_WORD[one.verdict] : 'No level chosen'}
                </span>
                <span className="text-ink-soft">{format(one.at, 'd MMM, HH:mm')}</span>
                <span>{failed.join(', ')}</span>
                {one.note !== undefined && <span className="text-sm text-ink-soft">{one.note}</span>}
              </Link>
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
