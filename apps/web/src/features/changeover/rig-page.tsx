import { useReader, useTitle, useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { changeoverMinutesText, jobChangeover } from '@hot-bead/core/changeover';
import type { PlannedSetup, Shop } from '@hot-bead/core/plan';
import { useMemo } from 'react';
import { pathForm } from '../../drawing/station-symbol.tsx';
import { ButtonLink } from '../../ui/button.tsx';
import { Notice } from '../../ui/page/notices.tsx';
import { Section } from '../../ui/page/section.tsx';
import { useJob } from '../plan/jobs/index.ts';
import { MachineChoices, unreadStops, useSetup, useShop } from '../plan/index.ts';
import { FinishSection } from '../stores/index.ts';
import { DoneList } from './done-list.tsx';
import { MinutesLeft } from './minutes-left.tsx';
import { RigQuestions } from './rig-questions.tsx';
import { RigWork } from './rig-work.tsx';
import { SaveCard } from './save-card.tsx';
import { StandingTable } from './standing-table.tsx';
import { useNow } from '../../ui/use-now.ts';
import { WaysFromHere } from './ways-from-here.tsx';

interface Props {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine;
  readonly shop: Shop;
}

/** Nothing is left to do: on to the scrap. */
function Ready({ job, machine }: Pick<Props, 'job' | 'machine'>) {
  return (
    <Notice
      title={`${machine.name} stands as this job needs it`}
      action={
        <ButtonLink to={`/jobs/${job.id}/dial-in`} tone="main" className="min-h-14 px-6 text-lg">
          Dial it in
        </ButtonLink>
      }
    >
      Nothing differs and nothing is unknown. What passes, as mains, valve and clamp do, is known for a shift.
    </Notice>
  );
}

function Rig({ job, plan, machine, shop }: Props) {
  const reader = useReader();
  const titled = useTitle();
  const now = useNow();
  const changeover = useMemo(
    () => jobChangeover(plan, machine, { now, schools: shop.schools }),
    [plan, machine, now, shop.schools],
  );
  const { steps, assumed } = changeover;
  const beside = (
    <>
      <Section id="standing" title={`${machine.name}: how it stands, and what is needed`}>
        <StandingTable machine={machine} changeover={changeover} now={now} />
      </Section>
      <FinishSection plan={plan} machine={machine} />
      <WaysFromHere job={job} plan={plan} machine={machine} shop={shop} now={now} />
      <DoneList machineId={machine.id} jobId={job.id} now={now} />
    </>
  );
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <MinutesLeft changeover={changeover} machineName={machine.name} />
        {steps.length > 0 && (
          <SaveCard
            card={{
              title: `${machine.name}: ${titled(job.title)}`,
              minutes: changeoverMinutesText(changeover),
              steps,
              reader,
            }}
          />
        )}
      </div>
      <RigQuestions machine={machine} assumed={assumed} />
      {steps.length === 0 ? (
        <>
          <Ready job={job} machine={machine} />
          {beside}
        </>
      ) : (
        <RigWork changeover={changeover} machine={machine} form={pathForm(plan)} plan={plan} jobId={job.id}>
          {beside}
        </RigWork>
      )}
    </div>
  );
}

/** A job's rig: what to look at and what to change on its machine, in order, and how that stands. */
export function RigPage() {
  const say = useWords();
  const job = useJob();
  const { shop } = useShop();
  const { setup, machine } = useSetup(job);
  const toPlan = (
    <ButtonLink to={`/jobs/${job.id}`} tone="main">
      Open the plan
    </ButtonLink>
  );
  if (setup?.status !== 'planned') {
    return (
      <Notice title="There is nothing to rig for yet" action={toPlan}>
        The plan of this job is not settled: it says what is missing or why not.
      </Notice>
    );
  }
  if (unreadStops(setup.cautions, job).length > 0) {
    return (
      <Notice tone="hot" title="Read the stop cautions first" action={toPlan}>
        {say(unreadStops(setup.cautions, job)[0]?.text ?? '')}
      </Notice>
    );
  }
  if (!machine) {
    return (
      <div className="grid grid-cols-1 gap-4">
        <Notice title="Which machine?" action={<ButtonLink to={`/jobs/${job.id}`}>Open the plan</ButtonLink>}>
          A rig is of one machine. Take one: then this page says what to change on it.
        </Notice>
        <MachineChoices job={job} all />
      </div>
    );
  }
  return <Rig job={job} plan={setup} machine={machine} shop={shop} />;
}
