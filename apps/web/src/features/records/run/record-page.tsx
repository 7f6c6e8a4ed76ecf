import { figureOf, lengthText, secondsText } from '../../../units/index.ts';
import type { Units } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { KeptRun } from '@hot-bead/contract/records';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import { type PlannedSetup, type PlannedRun, RUN_ROLE_NAME } from '@hot-bead/core/plan';
import { nextRunNumber } from '@hot-bead/core/records';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button, ButtonLink } from '../../../ui/button.tsx';
import { ErrorNotice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { InspectionList } from '../inspection/index.ts';
import { useJob } from '../../plan/jobs/index.ts';
import { useSetup } from '../../plan/index.ts';
import { stockQuery } from '../../stores/index.ts';
import { CorrectRun } from './correct-run.tsx';
import { DutyCard } from './duty-card.tsx';
import { HeatCard } from './heat-card.tsx';
import { RunForm } from './run-form.tsx';
import { fieldsOfRun, NO_RUN, type RunFields } from './run-fields.ts';
import { RunList } from './run-list.tsx';
import { RunTimer, useArcTimer } from './run-timer.tsx';
import { runListQuery, useKeepRun } from './runs.queries.ts';
import { onTheMachine } from './used-fields.tsx';
import { useRunEntry } from './use-run-entry.ts';

interface Recording {
  readonly job: Job;
  readonly plan: PlannedSetup | undefined;
  readonly machine: KeptMachine | undefined;
  readonly runs: readonly KeptRun[];
  readonly stock: readonly KeptStockItem[];
}

/** The run of the plan that comes next. */
function plannedRun(plan: PlannedSetup | undefined, runs: readonly KeptRun[]): PlannedRun | undefined {
  const number = plan && nextRunNumber(plan.runs.length, runs);
  return plan?.runs.find((run) => run.number === number) ?? plan?.runs[0];
}

/** A run as the plan has it, to be told: what is set is filled in, what is read is left empty. */
function plannedFields({ job, plan, machine, runs, stock }: Recording, units: Units): RunFields {
  const run = plannedRun(plan, runs);
  const one = plan?.runs.length === 1;
  const speed = one ? plan.wireFeedSpeedMPerMin.start : run?.wireFeedSpeedMPerMin;
  const volts = one ? plan.volts.start : run?.volts;
  const { seamMm } = job.work;
  return {
    ...NO_RUN,
    run: plan && plan.runs.length > 1 && run ? String(run.number) : '',
    wireFeedSpeedMPerMin: speed === undefined ? '' : figureOf('wireFeedSpeed', speed, units),
    volts: volts === undefined ? '' : volts.toFixed(1),
    lengthMm: seamMm === undefined ? '' : lengthText(seamMm, units),
    who: runs.at(-1)?.who ?? '',
    ...onTheMachine(stock, plan, machine),
  };
}

/** What stays of the last run for the next: how it is set, not how it came out. */
function again(run: KeptRun, units: Units): RunFields {
  const { power: _power, ...fields } = fieldsOfRun(run, units);
  const without = {
    note: '',
    result: '',
    defect: '',
    arcSeconds: '',
    wireKg: '',
    gasL: '',
    weldedAt: '',
    interpassC: '',
  } as const;
  return { ...fields, ...without, power: undefined };
}

interface EntryProps {
  readonly recording: Recording;
  readonly initial: RunFields;
  readonly onKept: () => void;
}

function EnterRun({ recording, initial, onKept }: EntryProps) {
  const { job, plan, machine, runs, stock } = recording;
  const timer = useArcTimer(job.id);
  const keep = useKeepRun(job.id);
  const toast = useToast();
  const entry = useRunEntry({ initial, plan, stock });
  const next = plannedRun(plan, runs);
  const planned = plan?.runs.length ?? 0;
  const title =
    planned > 1 && next
      ? `Run ${entry.fields.run === '' ? next.number : entry.fields.run} of ${planned}, ${RUN_ROLE_NAME[next.role]}`
      : runs.length === 0
        ? 'The first run'
        : 'The next run';
  const save = (): void =>
    entry.submit((run, onError) =>
      keep.mutate(run, {
        onSuccess: (_kept, undo) => {
          toast('Run kept', undo);
          timer.clear();
          onKept();
        },
        onError,
      }),
    );
  return (
    <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
      <form
        noValidate
        aria-label="Record a run"
        className="grid grid-cols-1 gap-4 rounded-md border border-line bg-plate p-4"
        onSubmit={(event) => {
          event.preventDefault();
          save();
        }}
      >
        <h2 className="text-lg font-semibold">{title}</h2>
        <RunForm fields={entry.fields} faults={entry.faults} used={entry.used} onChange={entry.set}>
          <RunTimer
            timer={timer}
            onTaken={(seconds) => entry.set({ arcSeconds: seconds < 0.2 ? '' : secondsText(seconds) })}
          />
        </RunForm>
        <div className="max-md:sticky max-md:bottom-14 max-md:z-10 max-md:-mx-4 max-md:border-t max-md:border-line max-md:bg-plate max-md:px-4 max-md:py-2">
          <Button
            type="submit"
            tone="main"
            className="min-h-14 w-full text-xl"
            disabled={keep.isPending || timer.isRunning}
          >
            {keep.isPending ? 'Keeping…' : timer.isRunning ? 'The arc is lit' : 'Keep this run'}
          </Button>
        </div>
      </form>
      <div className="grid grid-cols-1 gap-4">
        {plan && <DutyCard machine={machine} amps={plan.currentA.start} />}
        <HeatCard run={entry.run} />
        <InspectionList jobId={job.id} />
        <ButtonLink to={`/jobs/${job.id}/record/cost`}>What it costs</ButtonLink>
        <ButtonLink to={`/jobs/${job.id}/record/sheet`}>Procedure sheet and setup card</ButtonLink>
      </div>
    </div>
  );
}

function Recorder({ recording }: { readonly recording: Recording }) {
  const { units } = usePreferences();
  const { plan, runs, stock } = recording;
  const [copied, setCopied] = useState<{ readonly fields: RunFields; readonly at: number }>();
  const [correcting, setCorrecting] = useState<string>();
  const corrected = runs.find(({ id }) => id === correcting);
  return (
    <div className="grid grid-cols-1 gap-4">
      <EnterRun
        key={`${runs.length} ${copied?.at ?? ''}`}
        recording={recording}
        initial={copied?.fields ?? plannedFields(recording, units)}
        onKept={() => setCopied(undefined)}
      />
      <RunList
        runs={runs}
        onCorrect={({ id }) => setCorrecting(id)}
        onCopy={(run) => {
          setCopied({ fields: again(run, units), at: Date.now() });
          window.scrollTo({ top: 0 });
        }}
      />
      {corrected && (
        <CorrectRun run={corrected} plan={plan} stock={stock} onClose={() => setCorrecting(undefined)} />
      )}
    </div>
  );
}

/** What was welded on a job: run by run, with its settings, its arc time, its heat and what it used. */
export function RecordPage() {
  const job = useJob();
  const { setup, machine, isWhole } = useSetup(job);
  const runs = useQuery(runListQuery(job.id));
  const stock = useQuery(stockQuery);
  if (runs.error) return <ErrorNotice error={runs.error} onRetry={() => void runs.refetch()} />;
  if (runs.isPending || stock.isPending || !isWhole) return <PageSkeleton />;
  const plan = setup?.status === 'planned' ? setup : undefined;
  return <Recorder recording={{ job, plan, machine, runs: runs.data, stock: stock.data ?? [] }} />;
}
