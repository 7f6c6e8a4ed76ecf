import type { Job, KeptMachine } from '@hot-bead/contract';
import { ladderFor, nextBead, type PlannedSetup } from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/page/notices.tsx';
import { useJob } from '../jobs/index.ts';
import { unreadStops, useSetup } from '../plan/index.ts';
import { WindowChart } from '../window-chart/index.ts';
import { BeadForm } from './bead-form.tsx';
import { Ladder } from './ladder.tsx';
import { NextBeadCard } from './next-bead-card.tsx';
import { testBeadListQuery } from '../test-beads/index.ts';

interface ReadyProps {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

function Ready({ job, plan, machine }: ReadyProps) {
  const beads = useQuery(testBeadListQuery(job.id));
  if (beads.error) return <ErrorNotice error={beads.error} onRetry={() => void beads.refetch()} />;
  if (beads.isPending) return <PageSkeleton />;
  const next = nextBead(plan, beads.data, ladderFor(plan));
  const number = (beads.data.at(-1)?.number ?? 0) + 1;
  return (
    <div className="grid items-start gap-4 md:grid-cols-[232px_minmax(0,1fr)_minmax(0,372px)]">
      <div className="grid gap-4 md:order-2">
        <NextBeadCard job={job} next={next} number={number} plan={plan} machine={machine} />
        <BeadForm
          key={`${number}-${next.setting.volts}`}
          jobId={job.id}
          number={number}
          suggested={next.setting}
        />
      </div>
      <div className="md:order-1">
        <Ladder jobId={job.id} beads={beads.data} />
      </div>
      <div className="md:order-3">
        <WindowChart
          plan={plan}
          beads={beads.data}
          next={next.kind === 'take' ? undefined : next.setting}
          machine={machine}
          height={300}
        />
      </div>
    </div>
  );
}

/** Dialling in on scrap: the next bead, its report, the ladder so far and the window filling in. */
export function DialInPage() {
  const job = useJob();
  const { setup, machine } = useSetup(job);
  if (setup?.status === 'planned' && unreadStops(setup.cautions, job).length > 0) {
    return (
      <Notice
        tone="hot"
        title="Read the stop cautions first"
        action={
          <ButtonLink to={`/jobs/${job.id}`} tone="main">
            Open the plan
          </ButtonLink>
        }
      >
        {unreadStops(setup.cautions, job)[0]?.text}
      </Notice>
    );
  }
  if (setup?.status === 'planned') return <Ready job={job} plan={setup} machine={machine} />;
  const why = setup === undefined ? 'This job has no thickness yet.' : setup.reasons[0];
  return (
    <Notice
      title="Nothing to dial in yet"
      action={<ButtonLink to={`/jobs/${job.id}`}>Open the plan</ButtonLink>}
    >
      {why} Once there is a plan, the first test bead is suggested here.
    </Notice>
  );
}
