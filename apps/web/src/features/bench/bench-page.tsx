import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { ErrorNotice, Notice, PageSkeleton, Skeleton } from '../../ui/page/notices.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { useNow } from '../../ui/use-now.ts';
import { DayBar, Queue, useDayOrder } from '../day/index.ts';
import { firstJobsQuery, JobRow } from '../plan/jobs/index.ts';
import { machineListQuery } from '../machine/index.ts';
import { QuickLine } from '../line/index.ts';
import { SetAsideNotice } from '../history/index.ts';
import { stockQuery } from '../stores/index.ts';
import { Continue, DayCautions, Trouble } from './bench-aside.tsx';
import { BenchMachine } from './bench-machine.tsx';
import { FirstSteps } from './first-steps.tsx';

/** Jobs among which those that are half done are looked for. */
const FIRST_JOBS = 20;

/** The machines with what is on them. */
function Machines() {
  const { data: machines = [] } = useQuery(machineListQuery);
  const { data: stock = [] } = useQuery(stockQuery);
  const now = useNow();
  if (machines.length === 0) return null;
  return (
    <section aria-labelledby="machines">
      <h2 id="machines" className="label-text mb-2">
        On the machines
      </h2>
      <ul className="grid gap-3 md:grid-cols-3">
        {machines.map((machine) => (
          <BenchMachine key={machine.id} machine={machine} stock={stock} now={now} />
        ))}
      </ul>
    </section>
  );
}

/** The day's order with what needs minding beside it. */
function Day() {
  const day = useDayOrder();
  const jobs = useQuery(firstJobsQuery(FIRST_JOBS));
  const { data: machines = [] } = useQuery(machineListQuery);
  const tasks = day.tasks?.jobs ?? [];
  const { result } = day;
  if (day.error) return <ErrorNotice error={day.error} onRetry={() => window.location.reload()} />;
  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_320px]">
      <section aria-labelledby="day" className="grid grid-cols-1 content-start gap-4">
        <h2 id="day" className="text-xl font-semibold">
          The day
        </h2>
        {!result && (tasks.length > 0 || day.tasks === undefined) && <Skeleton className="h-64" />}
        {day.tasks !== undefined && tasks.length === 0 && (
          <Notice title="Nothing on the Bench">
            Open a job and press “Bench”, then “Put on the Bench”, or begin a piece under Jobs: its welds are
            then put in the order that is late least and changes over least.
          </Notice>
        )}
        {day.tasks !== undefined && day.tasks.more > 0 && (
          <p className="font-medium">
            ◆ More tasks stand on the Bench than one day is ordered with: some are left out.
          </p>
        )}
        {result && tasks.length > 0 && (
          <>
            <DayBar day={day} result={result} jobs={tasks} />
            <Queue result={result} jobs={tasks} pieces={day.tasks?.pieces ?? []} machines={machines} />
          </>
        )}
      </section>
      <div className="grid grid-cols-1 content-start gap-4">
        {result && tasks.length > 0 && (
          <>
            <DayCautions result={result} jobs={tasks} />
            <Trouble result={result} />
          </>
        )}
        <Continue jobs={jobs.data ?? []} />
        <LastJobs />
      </div>
    </div>
  );
}

function LastJobs() {
  const jobs = useQuery(firstJobsQuery(FIRST_JOBS));
  const items = jobs.data ?? [];
  if (items.length === 0) return null;
  return (
    <section aria-labelledby="in-hand">
      <div className="flex items-baseline justify-between">
        <h2 id="in-hand" className="label-text">
          Last touched
        </h2>
        <Link to="/jobs" className="min-h-11 content-center text-action hover:underline">
          All jobs
        </Link>
      </div>
      <ul className="rounded-md border border-line bg-plate">
        {items.slice(0, 4).map((job) => (
          <JobRow key={job.id} job={job} brief />
        ))}
      </ul>
    </section>
  );
}

/** Today: one field to start, the machines with what is on them, and the day in order. */
export function BenchPage() {
  const jobs = useQuery(firstJobsQuery(FIRST_JOBS));
  const machines = useQuery(machineListQuery);
  if (jobs.error) return <ErrorNotice error={jobs.error} onRetry={() => void jobs.refetch()} />;
  if (jobs.isPending || machines.isPending) return <PageSkeleton />;
  return (
    <div className="grid grid-cols-1 gap-6">
      <PageTitle hidden>Bench</PageTitle>
      <QuickLine large />
      <SetAsideNotice />
      <Machines />
      {jobs.data.length === 0 ? <FirstSteps hasMachine={(machines.data?.length ?? 0) > 0} /> : <Day />}
    </div>
  );
}
