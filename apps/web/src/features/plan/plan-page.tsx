import { useState } from 'react';
import type { Job } from '@hot-bead/contract';
import type { PlannedSetup } from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { ButtonLink } from '../../ui/button.tsx';
import { testBeadListQuery } from '../dial-in/index.ts';
import { useJob } from '../jobs/index.ts';
import { WindowChart } from '../window-chart/index.ts';
import { Cautions, StopCautions } from './cautions.tsx';
import { Chips } from './chips.tsx';
import { Refusal, ThicknessNeeded } from './refusal.tsx';
import { Schools } from './schools.tsx';
import { SetThese } from './set-these.tsx';
import { StationDetail } from './station-detail.tsx';
import { type StationId, stationsOf } from './stations.ts';
import { useSetup } from './use-setup.ts';
import { Why } from './why.tsx';
import { WirePath } from './wire-path.tsx';

/** Where the stations are rows, the chosen one's text stands below them: bring it into sight. */
function showDetail(): void {
  if (window.matchMedia('(max-width: 899px)').matches) {
    document.getElementById('station-detail')?.scrollIntoView({ block: 'center' });
  }
}

function Planned({ job, plan }: { readonly job: Job; readonly plan: PlannedSetup }) {
  const [stationId, setStationId] = useState<StationId>('leads');
  const { data: beads = [] } = useQuery(testBeadListQuery(job.id));
  const { machines } = useSetup(job);
  const stations = stationsOf(
    plan,
    machines.find((machine) => machine.name === job.work.machineName),
  );
  const station = stations.find(({ id }) => id === stationId) ?? stations[0];
  return (
    <>
      <StopCautions cautions={plan.cautions} />
      <SetThese job={job} plan={plan} />
      <ButtonLink to={`/jobs/${job.id}/dial-in`} tone="main" className="min-h-14 md:hidden">
        Dial it in
      </ButtonLink>
      <WirePath
        gunLead={plan.polarity.gunLead}
        stations={stations}
        chosen={stationId}
        onChoose={(id) => {
          setStationId(id);
          requestAnimationFrame(showDetail);
        }}
      />
      <div className="grid gap-4 md:grid-cols-[minmax(0,3fr)_minmax(0,4fr)_minmax(0,4fr)]">
        {station && <StationDetail station={station} />}
        <WindowChart plan={plan} beads={beads} />
        <Why plan={plan} />
      </div>
      <div className="grid gap-4 md:grid-cols-2">
        <Schools plan={plan} />
        <Cautions cautions={plan.cautions} />
      </div>
    </>
  );
}

/** A job's plan: chips, the numbers to set, the wire's path, the window, and why. */
export function PlanPage() {
  const job = useJob();
  const { complete, setup, machines } = useSetup(job);
  return (
    <div className="grid gap-3">
      <Chips job={job} complete={complete} setup={setup} machines={machines} />
      {setup === undefined && <ThicknessNeeded job={job} />}
      {setup?.status === 'refused' && <Refusal setup={setup} />}
      {setup?.status === 'planned' && <Planned job={job} plan={setup} />}
    </div>
  );
}
