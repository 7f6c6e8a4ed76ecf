import { wireSizeText } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { jobChangeover, standingMarks, sureMinutesText } from '@hot-bead/core/changeover';
import {
  completeWork,
  type PlannedSetup,
  planSetup,
  type StatedWork,
  resourcesOf,
  type Setup,
  type Shop,
} from '@hot-bead/core/plan';
import type { Work } from '@hot-bead/core/trade';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button, ButtonLink } from '../../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { useChangeJob, useJob } from '../jobs/index.ts';
import { LargeFigure, type SetFigure, setFigures, UnderFigure } from '../../terms/index.ts';
import { calibratedAt, isOld, machineListQuery } from '../../machine/index.ts';
import { dutyText, useShop } from '../index.ts';
import { agoText } from '../../../ui/ago-text.ts';
import { useNow } from '../../../ui/use-now.ts';
import { useWords } from '../../../units/index.ts';
import { Wrong } from '../../../ui/form/wrong.tsx';

/** How old what is known of its knobs is; "never" where they need measuring. */
function Age({ machine }: { readonly machine: KeptMachine }) {
  const { dial, volts } = calibratedAt(machine);
  const now = new Date();
  const rows = [
    ['knob', dial, machine.wireControl?.kind === 'units' || machine.wireControl?.kind === 'entry'],
    ['volts', volts, machine.voltsControl?.kind !== 'positions'],
  ] as const;
  return (
    <>
      {rows.map(([name, date, shown]) => (
        <span key={name} className="block">
          {name}:{' '}
          {date ? `${isOld(date, now) ? '◆ ' : ''}${agoText(date, now)}` : shown ? 'shown' : '◆ never'}
        </span>
      ))}
    </>
  );
}

/** What would have to be changed on the machine, in words. */
function changesText(plan: PlannedSetup, machine: KeptMachine): string {
  const { spool, gas, leads } = standingMarks(plan, machine);
  const marks = [
    ['wire', spool],
    ['gas', gas],
    ['leads', leads],
  ] as const;
  const changes = marks.flatMap(([name, mark]) => (mark === 'change' ? [name] : []));
  return changes.length === 0 ? 'nothing to change' : `change ${changes.join(', ')}`;
}

/** Where the duty is not worth a word of its own. */
function restText(plan: PlannedSetup, { duty = [] }: KeptMachine): string {
  const amps = `${plan.currentA.start.toFixed(0)} A`;
  return duty.length === 0 ? `${amps}, duty not known` : `${amps}, no rest needed`;
}

interface OwnProps {
  readonly figure: SetFigure;
  readonly of: 'wire' | 'volts';
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine;
}

/** A figure as it is set on a machine, and the physical one under it. */
function Own({ figure, of, plan, machine }: OwnProps) {
  return (
    <>
      <span className="figure-text block text-3xl">
        <LargeFigure figure={figure} />
      </span>
      <span className="leading-snug">
        <UnderFigure figure={figure} plan={plan} machine={machine} of={of} />
      </span>
    </>
  );
}

function PlannedCells({ plan, machine }: { readonly plan: PlannedSetup; readonly machine: KeptMachine }) {
  const { units } = usePreferences();
  const now = useNow();
  const { wire, volts } = setFigures(plan, machine, units);
  return (
    <>
      <td role="cell" className="px-3 py-3">
        <Own figure={wire} of="wire" plan={plan} machine={machine} />
      </td>
      <td role="cell" className="px-3 py-3">
        <Own figure={volts} of="volts" plan={plan} machine={machine} />
      </td>
      <td role="cell" className="px-3 py-3">
        {wireSizeText(plan.wire.diameterMm, units)} {plan.wire.wireClass}
        <span className="block">{plan.gas.gas.name}</span>
        <span className="block text-sm text-ink-soft">{changesText(plan, machine)}</span>
        <span className="block text-sm text-ink-soft">
          {sureMinutesText(jobChangeover(plan, machine, { now }))}
        </span>
      </td>
      <td role="cell" className="px-3 py-3">
        {dutyText(plan, machine) ?? restText(plan, machine)}
      </td>
    </>
  );
}

/** The work on one machine: wire and gas as the machine has them, unless the job asks for others. */
function setupOn(work: Work, stated: StatedWork, machine: KeptMachine, shop: Shop): Setup {
  return planSetup(work, resourcesOf({ ...stated, machineName: machine.name }, shop));
}

/** The same job on all machines of the shop, side by side, each in its own knobs' terms. */
export function EveryMachinePage() {
  const say = useWords();
  const job = useJob();
  const { shop } = useShop();
  const change = useChangeJob(job.id);
  const machines = useQuery(machineListQuery);
  const complete = completeWork(job.work);
  if (machines.error) return <ErrorNotice error={machines.error} onRetry={() => void machines.refetch()} />;
  if (machines.isPending) return <PageSkeleton />;
  if (!complete) {
    return (
      <Notice
        title="The work has no thickness yet"
        action={<ButtonLink to={`/jobs/${job.id}`}>To the plan</ButtonLink>}
      >
        Say how thick it is, and every machine shows what it would be set to.
      </Notice>
    );
  }
  if (machines.data.length === 0) {
    return (
      <Notice title="No machines yet" action={<ButtonLink to="/machines/new">Add a machine</ButtonLink>}>
        With machines in the book, the same job stands here on each of them.
      </Notice>
    );
  }
  return (
    <section aria-labelledby="every-machine" className="grid grid-cols-1 gap-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 id="every-machine" className="text-lg font-semibold">
          On every machine
        </h2>
        <ButtonLink to={`/jobs/${job.id}`}>Back to the plan</ButtonLink>
      </div>
      <div
        className="relative overflow-x-auto rounded-md border border-line bg-plate"
        role="region"
        aria-label="This job on every machine"
        tabIndex={0}
      >
        <table role="table" className="w-full max-md:block md:min-w-[880px]">
          <thead className="max-md:hidden">
            <tr className="label-text border-b border-line text-left">
              {['machine', 'wire speed', 'volts', 'wire and gas', 'arc and rest', 'read'].map((head) => (
                <th key={head} scope="col" className="px-3 py-2">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody role="rowgroup" className="max-md:block">
            {machines.data.map((machine) => {
              const setup = setupOn(complete.work, job.work, machine, shop);
              const named = machine.name === job.work.machineName;
              return (
                <tr
                  key={machine.id}
                  role="row"
                  className={`max-md:grid max-md:grid-cols-2 border-b border-line align-top last:border-b-0 ${named ? 'bg-action-tint' : ''}`}
                >
                  <th
                    scope="row"
                    role="rowheader"
                    className="px-3 py-3 text-left max-md:col-span-2 max-md:flex max-md:items-center max-md:justify-between"
                  >
                    <Link
                      to={`/machines/${machine.id}`}
                      className="figure-text block min-h-11 text-2xl hover:text-action hover:underline"
                    >
                      {machine.name}
                    </Link>
                    {named ? (
                      <span className="text-sm font-normal text-action">● the job’s machine</span>
                    ) : (
                      <Button
                        disabled={change.isPending}
                        onClick={() => change.mutate({ work: { ...job.work, machineName: machine.name } })}
                      >
                        Take it
                      </Button>
                    )}
                  </th>
                  {setup.status === 'planned' ? (
                    <PlannedCells plan={setup} machine={machine} />
                  ) : (
                    <td role="cell" colSpan={4} className="px-3 py-3 max-md:col-span-2">
                      <span className="font-semibold">× It cannot:</span>{' '}
                      {setup.reasons[0] && say(setup.reasons[0])}
                      <span className="block text-sm text-ink-soft">
                        {setup.instead[0] && say(setup.instead[0])}
                      </span>
                    </td>
                  )}
                  <td role="cell" className="px-3 py-3 text-sm max-md:col-span-2">
                    <Age machine={machine} />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {change.error && <Wrong>{change.error.message}</Wrong>}
    </section>
  );
}
