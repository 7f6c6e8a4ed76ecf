import { PageTitle } from '../../ui/page/page-title.tsx';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, PageSkeleton } from '../../ui/page/notices.tsx';
import { firstJobsQuery, JobRow } from '../jobs/index.ts';
import { MachineCard } from '../machines/index.ts';
import { machineListQuery } from '../machines/index.ts';
import { SetAsideNotice } from '../records/index.ts';
import { FirstSteps } from './first-steps.tsx';
import { QuickLine } from '../quick-line/index.ts';

/** Jobs among which the one in hand is looked for. */
const FIRST_JOBS = 20;

/** Today: one field to start, the machines with what is on them, and the jobs in hand. */
export function BenchPage() {
  const jobs = useQuery(firstJobsQuery(FIRST_JOBS));
  const machines = useQuery(machineListQuery);
  if (jobs.error) return <ErrorNotice error={jobs.error} onRetry={() => void jobs.refetch()} />;
  if (jobs.isPending) return <PageSkeleton />;
  const { items } = jobs.data;
  const inHand = items.find((job) => job.beadCount > 0);
  return (
    <div className="grid grid-cols-1 gap-6">
      <PageTitle hidden>Bench</PageTitle>
      <QuickLine large />
      <SetAsideNotice />
      {machines.data !== undefined && machines.data.length > 0 && (
        <section aria-labelledby="machines">
          <h2 id="machines" className="label-text mb-2">
            On the machines
          </h2>
          <ul className="grid gap-4 md:grid-cols-3">
            {machines.data.map((machine) => (
              <MachineCard key={machine.id} machine={machine} />
            ))}
          </ul>
        </section>
      )}
      {inHand && (
        <section className="flex flex-wrap items-center justify-between gap-4 rounded-md border border-action bg-action-tint p-4">
          <div>
            <h2 className="font-semibold">Carry on: {inHand.title}</h2>
            <p>{inHand.beadCount} test beads logged</p>
          </div>
          <ButtonLink to={`/jobs/${inHand.id}/dial-in`} tone="main">
            Next bead
          </ButtonLink>
        </section>
      )}
      {items.length === 0 ? (
        <FirstSteps hasMachine={(machines.data?.length ?? 0) > 0} />
      ) : (
        <section aria-labelledby="in-hand">
          <div className="mb-2 flex items-baseline justify-between">
            <h2 id="in-hand" className="label-text">
              Jobs, last touched first
            </h2>
            <Link to="/jobs" className="min-h-11 content-center text-action hover:underline">
              All jobs
            </Link>
          </div>
          <ul className="rounded-md border border-line bg-plate">
            {items.slice(0, 5).map((job) => (
              <JobRow key={job.id} job={job} />
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
