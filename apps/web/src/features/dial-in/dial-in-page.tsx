import { useWords } from '../../units/index.ts';
import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { useQuery } from '@tanstack/react-query';
import { Maximize2 } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/page/notices.tsx';
import { useJob } from '../plan/jobs/index.ts';
import { unreadStops, useSetup } from '../plan/index.ts';
import { testBeadListQuery } from '../window/test-beads/index.ts';
import { WindowChart } from '../window/index.ts';
import { BeadAtTheMachine } from './at-the-machine.tsx';
import { BeginProven } from './begin-proven.tsx';
import { DoubtQuestion } from './doubt-question.tsx';
import { EarlierLadders } from './earlier-ladders.tsx';
import { Ladder } from './ladder.tsx';
import { LadderActions } from './ladder-actions.tsx';
import { NextBeadCard } from './next-bead-card.tsx';
import { ReportBead } from './report-bead.tsx';
import { TakeCard } from './take-card.tsx';
import { useReporting } from './use-reporting.ts';
import { useDialIn } from './use-dial-in.ts';
import { WayChoice } from './way-choice.tsx';

interface ReadyProps {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

function Ready(props: ReadyProps) {
  const beads = useQuery(testBeadListQuery(props.job.id));
  if (beads.error) return <ErrorNotice error={beads.error} onRetry={() => void beads.refetch()} />;
  if (beads.isPending) return <PageSkeleton />;
  return <Dialling {...props} beads={beads.data} />;
}

function Dialling({ job, plan, machine, beads }: ReadyProps & { readonly beads: readonly KeptTestBead[] }) {
  const { dialled, current, earlier, state, way } = useDialIn(job, plan, machine, beads);
  // a bead that was asked for by hand: it holds for the next one only
  const [more, setMore] = useState<{ readonly after: number; readonly at: BeadSetting }>();
  const [atMachine, setAtMachine] = useState(false);
  const reporting = useReporting(job, plan, machine);
  const { next } = state;
  const number = Math.max(0, ...beads.map((bead) => bead.number)) + 1;
  const chosen = more?.after === current.length ? more.at : undefined;
  const setting = chosen ?? (next.kind === 'weld' ? next.setting : undefined);
  // the next bead is said first, and drawn after
  const drawn = useDeferredValue(
    useMemo(
      () => ({ beads: current, next: setting, outlook: state.outlook, about: state.next.setting }),
      [current, setting, state],
    ),
  );
  const reportKey = [
    number,
    setting?.volts,
    setting?.wireFeedSpeedMPerMin,
    reporting.refused?.error.message,
  ].join(' ');
  const doubted = state.doubted === undefined ? undefined : current[state.doubted];
  return (
    <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[232px_minmax(0,1fr)_minmax(0,372px)]">
      <div className="grid grid-cols-1 gap-4 md:order-2">
        {doubted && <DoubtQuestion bead={doubted} />}
        {setting ? (
          <>
            <NextBeadCard
              state={state}
              setting={setting}
              isChosen={chosen !== undefined}
              number={number}
              plan={plan}
              machine={machine}
            />
            {current.length === 0 && (
              <BeginProven
                plan={plan}
                machine={machine}
                setting={setting}
                onBegin={(at) => setMore({ after: 0, at })}
              />
            )}
            <ReportBead
              key={reportKey}
              number={number}
              suggested={setting}
              plan={plan}
              reporting={reporting}
            />
          </>
        ) : (
          <TakeCard
            job={job}
            state={state}
            ladder={current}
            plan={plan}
            machine={machine}
            onMore={(at) => setMore({ after: current.length, at })}
          />
        )}
        <div className="flex flex-wrap items-center justify-between gap-2">
          <WayChoice job={job} dialled={dialled} way={way} />
          {setting && (
            <Button onClick={() => setAtMachine(true)}>
              <Maximize2 size={18} aria-hidden="true" /> At the machine
            </Button>
          )}
        </div>
      </div>
      <div className="grid grid-cols-1 gap-4 md:order-1">
        <Ladder beads={current} plan={plan} machine={machine} />
        <EarlierLadders ladders={earlier} />
      </div>
      <div className="grid grid-cols-1 gap-4 md:order-3">
        <WindowChart plan={plan} machine={machine} height={300} {...drawn} />
        <LadderActions job={job} ladder={current} setting={next.setting} />
        <ButtonLink to="/practice/dial-in" tone="quiet" className="justify-self-start">
          Practise dialling in on a simulated machine
        </ButtonLink>
      </div>
      {setting && (
        <BeadAtTheMachine
          reporting={reporting}
          reportKey={reportKey}
          number={number}
          setting={setting}
          plan={plan}
          machine={machine}
          open={atMachine}
          onOpenChange={setAtMachine}
        />
      )}
    </div>
  );
}

/** Dialling in on scrap: the next bead, its report, the ladder so far and the window filling in. */
export function DialInPage() {
  const say = useWords();
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
        {say(unreadStops(setup.cautions, job)[0]?.text ?? '')}
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
      {why && say(why)} Once there is a plan, the first test bead is suggested here.
    </Notice>
  );
}
