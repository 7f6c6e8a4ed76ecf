import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { type StationId, stationsOf } from '@hot-bead/core/changeover';
import { type PlannedSetup, workTitle } from '@hot-bead/core/plan';
import { useQuery } from '@tanstack/react-query';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { type PagePart, Parts } from '../../ui/page/parts.tsx';
import { pathForm } from '../../drawing/station-symbol.tsx';
import { ButtonLink } from '../../ui/button.tsx';
import { testBeadListQuery } from '../window/test-beads/index.ts';
import { useJob } from './jobs/index.ts';
import { useWords, useTitle } from '../../units/index.ts';
import { labOfPlan } from '../arc-lab/index.ts';
import { WindowChart } from '../window/index.ts';
import { ArcAndRest } from './arc-and-rest.tsx';
import { Cautions, CAUTIONS_PART, StopCautions, WarnLine } from './cautions.tsx';
import { Chips } from './chips.tsx';
import { JobActions } from './job-actions.tsx';
import { MachineChoices } from './machine-choices.tsx';
import { MachineRetired } from './machine-retired.tsx';
import { OtherWays } from './other-ways.tsx';
import { Refusal, ThicknessNeeded } from './refusal.tsx';
import { Runs } from './runs.tsx';
import { Schools } from './schools.tsx';
import { Secondary } from './secondary.tsx';
import { SetThese } from './set-these.tsx';
import { SetupCard } from './setup-card.tsx';
import { StationDetail } from './station-detail.tsx';
import { TechniqueCard } from './technique.tsx';
import { useSetup } from './use-setup.ts';
import { FinishSection, FinishWarning } from '../stores/index.ts';
import { useNow } from '../../ui/use-now.ts';
import { Why } from './why.tsx';
import { WirePath } from './wire-path.tsx';

/** Where the stations are rows, the chosen one's text stands below them: bring it into sight. */
function showDetail(): void {
  if (window.matchMedia('(max-width: 899px)').matches) {
    document.getElementById('station-detail')?.scrollIntoView({ block: 'center' });
  }
}

interface PlannedProps {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

/** Everything behind the figures, in named parts; kept from being drawn anew while the figures repaint. */
const Behind = memo(function Behind({ job, plan, machine }: PlannedProps) {
  const say = useWords();
  const parts: readonly PagePart[] = [
    {
      id: 'hold',
      name: 'Hold the gun',
      children: (
        <>
          <Runs plan={plan} />
          <TechniqueCard plan={plan} />
          <ArcAndRest job={job} plan={plan} machine={machine} />
          {plan.totals && <FinishSection plan={plan} machine={machine} />}
        </>
      ),
    },
    {
      id: 'settings',
      name: 'Other settings',
      note: plan.secondary.length === 0 ? undefined : String(plan.secondary.length),
      children: <Secondary plan={plan} machine={machine} />,
    },
    {
      id: 'ways',
      name: 'Other ways',
      children: (
        <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-2">
          <OtherWays job={job} ways={plan.ways} />
          <Schools plan={plan} />
        </div>
      ),
    },
    {
      id: CAUTIONS_PART,
      name: 'Cautions',
      note: String(plan.cautions.length),
      children: <Cautions cautions={plan.cautions} />,
    },
    {
      id: 'why',
      name: 'Why',
      children: <Why plan={plan} />,
    },
  ];
  return (
    <>
      <Parts label="Behind this plan" remember="plan" parts={parts} />
      <SetupCard plan={plan} title={say(workTitle(plan.work))} machine={machine} />
    </>
  );
});

/** The way to the arc lab at this plan's setting, or why its arc is not modelled. */
function ToLab({ plan }: { readonly plan: PlannedProps['plan'] }) {
  const say = useWords();
  const lab = labOfPlan(plan);
  return 'path' in lab ? (
    <ButtonLink to={lab.path} className="justify-self-start">
      See and hear this arc
    </ButtonLink>
  ) : (
    <p className="text-sm text-ink-soft">{say(lab.why)}</p>
  );
}

const NO_BEADS: readonly KeptTestBead[] = [];

function Planned(now: PlannedProps) {
  const { job, plan, machine } = now;
  // the figures repaint first; the chart and what lies below follow a moment after
  const later = useDeferredValue(useMemo(() => ({ job, plan, machine }), [job, plan, machine]));
  const [stationId, setStationId] = useState<StationId>('leads');
  const time = useNow();
  const { data: beads = NO_BEADS } = useQuery(testBeadListQuery(job.id));
  const stations = stationsOf(plan, machine, time);
  const station = stations.find(({ id }) => id === stationId) ?? stations[0];
  return (
    <>
      <StopCautions cautions={plan.cautions} job={job} />
      <WarnLine cautions={plan.cautions} />
      <FinishWarning plan={plan} machine={machine} />
      {job.work.machineName === undefined && <MachineChoices job={job} />}
      <SetThese job={job} plan={plan} machine={machine} />
      <ButtonLink to={`/jobs/${job.id}/dial-in`} tone="main" className="min-h-14 md:hidden">
        Dial it in
      </ButtonLink>
      <WirePath
        form={pathForm(plan)}
        stations={stations}
        chosen={stationId}
        onChoose={(id) => {
          setStationId(id);
          requestAnimationFrame(showDetail);
        }}
      />
      <div className="grid grid-cols-1 gap-4 md:grid-cols-2">
        {station && <StationDetail station={station} />}
        <div className="grid content-start gap-2">
          <WindowChart plan={later.plan} beads={beads} machine={later.machine} />
          <ToLab plan={later.plan} />
        </div>
      </div>
      <Behind {...later} />
    </>
  );
}

/** A job's plan: chips, the numbers to set, the wire's path, the window, why, and everything behind it. */
export function PlanPage() {
  const titled = useTitle();
  const say = useWords();
  const job = useJob();
  const { complete, setup, machines, machine } = useSetup(job);
  const title = complete ? workTitle(complete.work) : titled(job.title);
  return (
    <div className="grid grid-cols-1 gap-3">
      <Chips
        job={job}
        complete={complete}
        setup={setup}
        machines={machines}
        actions={<JobActions job={job} title={say(title)} setup={setup} machine={machine} />}
      />
      {complete === undefined && <ThicknessNeeded job={job} />}
      {complete && !setup && job.machine && <MachineRetired machine={job.machine} />}
      {setup?.status === 'refused' && (
        <>
          <Refusal setup={setup} />
          {setup.ways.some((way) => way.status === 'open') && <OtherWays job={job} ways={setup.ways} />}
        </>
      )}
      {setup?.status === 'planned' && <Planned job={job} plan={setup} machine={machine} />}
    </div>
  );
}
