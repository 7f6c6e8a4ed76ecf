import { useWords, useTitle } from '../../units/index.ts';
import { completeWork, workTitle } from '@hot-bead/core/plan';
import { useQuery } from '@tanstack/react-query';
import { NavLink, Outlet, useParams } from 'react-router';
import { ErrorNotice, PageSkeleton } from '../../ui/page/notices.tsx';
import { jobQuery } from '../plan/jobs/index.ts';
import { BenchToggle } from './bench-toggle.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';

const TAB =
  'flex min-h-11 items-center border-b-3 border-transparent px-4 font-medium whitespace-nowrap max-md:px-3 hover:text-action aria-[current=page]:border-action aria-[current=page]:text-action';

/** A job's title and tabs, around its pages. */
export function JobFrame() {
  const titled = useTitle();
  const { jobId = '' } = useParams();
  const job = useQuery(jobQuery(jobId));
  const say = useWords();
  if (job.error) return <ErrorNotice error={job.error} onRetry={() => void job.refetch()} />;
  if (job.isPending) return <PageSkeleton />;
  const complete = completeWork(job.data.work);
  const title = complete ? say(workTitle(complete.work)) : titled(job.data.title);
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center justify-between gap-x-6">
        <PageTitle also={job.data.machine?.name}>{title}</PageTitle>
        <div className="flex items-center max-md:w-full max-md:flex-wrap">
          <BenchToggle job={job.data} />
          <nav aria-label="This job" className="flex max-md:w-full max-md:justify-between">
            <NavLink to={`/jobs/${jobId}`} end className={TAB}>
              Plan
            </NavLink>
            <NavLink to={`/jobs/${jobId}/rig`} className={TAB}>
              Rig
            </NavLink>
            <NavLink to={`/jobs/${jobId}/dial-in`} className={TAB}>
              Dial-in
            </NavLink>
            <NavLink to={`/jobs/${jobId}/record`} className={TAB}>
              Record
            </NavLink>
          </nav>
        </div>
      </div>
      <Outlet context={job.data} />
    </>
  );
}
