import { amount, inWords, type Units, words } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import {
  OWN_CTWD_RANGE_MM,
  OWN_GAS_FLOW_RANGE_L_PER_MIN,
  OWN_VOLTS_RANGE,
  OWN_WIRE_SPEED_RANGE_M_PER_MIN,
  type OwnNumbers,
  type PlannedSetup,
} from '@hot-bead/core/plan';
import { useEffect, useRef, useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { useChangeJob } from './jobs/index.ts';
import { figureOf, type Quantity, rangeText, shownAs, withUnit, useWords } from '../../units/index.ts';
import { handsOf, InItsTerms, setFigures, type SetFigures, setText } from '../terms/index.ts';
import { dutyText } from './duty-text.ts';
import { learnedText } from './learned-text.ts';
import { Figure } from './figure.tsx';
import { ProvenHere } from './proven-here.tsx';
import { ProgramLine } from './program-line.tsx';
import { FitToTap } from './fit-to-tap.tsx';

interface Props {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

/** The finished leg, in tenths where it is small, and whose size it is. */
function legText({ bead, weldSize, fitUp }: PlannedSetup, units: Units): string {
  const mm = bead.finishedLegMm ?? 0;
  const size = inWords(words`${amount.distance(mm, 1)}`, { units });
  const whose = weldSize?.from === 'drawing' ? 'as you gave it' : 'our default';
  return `${size}, ${whose}${fitUp.sides === 2 ? ', both sides' : ''}`;
}

function Beneath({ plan, machine }: Omit<Props, 'job'>) {
  const say = useWords();
  const { units } = usePreferences();
  const {
    technique: { gunAngle },
    bead,
  } = plan;
  const { low, high } = gunAngle.travelDegrees;
  const duty = dutyText(plan, machine);
  const learned = learnedText(plan, machine);
  const items = [
    [
      'current',
      `${plan.currentA.start.toFixed(0)} A (${plan.currentA.low.toFixed(0)} to ${plan.currentA.high.toFixed(0)})`,
    ],
    [
      'travel',
      `${withUnit('travel', plan.travelMmPerMin.start, units)} (${rangeText('travel', plan.travelMmPerMin.low, plan.travelMmPerMin.high, units)})`,
    ],
    ['gun', `${gunAngle.direction} ${low}–${high}°, ${gunAngle.workDegrees}° to the work`],
    ['stick-out', withUnit('distance', plan.extensionMm.start, units)],
    ...(bead.finishedLegMm === undefined ? [] : [['leg', legText(plan, units)]]),
    ['runs', String(bead.passes)],
    ['heat input', withUnit('heatInput', plan.heatInputKJPerMm, units)],
    ...(duty === undefined ? [] : [['duty', duty]]),
    ...(learned === undefined ? [] : [['learned', learned]]),
  ];
  return (
    <dl className="flex flex-wrap gap-x-6 gap-y-1 border-t border-line px-4 py-2">
      {items.map(([name, value]) => (
        <div key={name && say(name)} className="flex items-baseline gap-2">
          <dt className="label-text">{name && say(name)}</dt>
          <dd className="font-medium">{value && say(value)}</dd>
        </div>
      ))}
    </dl>
  );
}

/** The strip that keeps the four figures in sight on a narrow screen. */
function StickyStrip({ plan, figures: { wire, volts } }: { plan: PlannedSetup; figures: SetFigures }) {
  const { units } = usePreferences();
  return (
    <div
      aria-hidden="true"
      className="figure-text fixed inset-x-0 top-14 z-20 flex justify-between border-b border-line bg-ground px-4 py-2 text-lg md:hidden"
    >
      <span>{setText(wire)}</span>
      <span>{setText(volts)}</span>
      <span>{plan.gas.gas.shields ? withUnit('gasFlow', plan.gasFlowLPerMin.start, units) : 'no gas'}</span>
      <span>{withUnit('distance', plan.ctwdMm.start, units)}</span>
    </div>
  );
}

function useOutOfSight(): [React.RefObject<HTMLElement | null>, boolean] {
  const target = useRef<HTMLElement>(null);
  const [away, setAway] = useState(false);
  useEffect(() => {
    if (!target.current) return undefined;
    const observer = new IntersectionObserver(
      ([entry]) => setAway(entry !== undefined && !entry.isIntersecting),
      { rootMargin: '-56px 0px 0px' },
    );
    observer.observe(target.current);
    return () => observer.disconnect();
  }, []);
  return [target, away];
}

/** Difference under which an argon meter is read as it stands, as a share. */
const METER_ALIKE = 0.03;

function gasBeneath(plan: PlannedSetup, units: Units): string {
  const { gas, meterReadingLPerMin } = plan.gas;
  const alike = Math.abs(meterReadingLPerMin / plan.gasFlowLPerMin.start - 1) < METER_ALIKE;
  return alike
    ? gas.name
    : `${gas.name}; argon meter reads ${figureOf('gasFlow', meterReadingLPerMin, units)}`;
}

/** A wire that shields itself: there is no figure to set. */
function NoGas() {
  return (
    <div className="min-w-0 border-line px-3 py-2 not-first:border-l max-md:border-t max-md:border-l-0">
      <h2 className="label-text h-6">Gas</h2>
      <p className="figure-text min-h-14 text-3xl">none</p>
      <p className="text-[15px]">
        no gas: self-shielded
        <span className="block text-ink-soft">close the cylinder</span>
      </p>
    </div>
  );
}

/** The four numbers to set, the largest things on the page, each with its range. */
export function SetThese({ job, plan, machine }: Props) {
  const { units } = usePreferences();
  const change = useChangeJob(job.id);
  const [target, away] = useOutOfSight();
  const setter =
    (name: keyof OwnNumbers) =>
    (value: number | undefined): void => {
      const patch = { ...job.own, [name]: value };
      const kept = Object.entries(patch).filter(([, number]) => number !== undefined);
      change.mutate({ own: Object.fromEntries(kept) as OwnNumbers });
    };
  const step = (quantity: Quantity, shown: number): number => shownAs(quantity, units).to(shown);
  const withGas = plan.gas.gas.shields;
  const figures = setFigures(plan, machine, units);
  const hands = handsOf(plan, machine);
  const beneath = (of: 'wire' | 'volts') =>
    hands[of] ? figures[of].note : <InItsTerms plan={plan} machine={machine} of={of} />;
  return (
    <section ref={target} aria-label="Set these" className="rounded-md border border-line bg-plate">
      <ProgramLine plan={plan} machine={machine} />
      <div className="grid grid-cols-2 md:grid-cols-4">
        <Figure
          name="Wire speed"
          quantity="wireFeedSpeed"
          span={plan.wireFeedSpeedMPerMin}
          hand={hands.wire}
          beneath={beneath('wire')}
          own={job.own.wireFeedSpeedMPerMin !== undefined}
          step={step('wireFeedSpeed', units.wireFeedSpeed === 'in/min' ? 5 : 0.1)}
          range={OWN_WIRE_SPEED_RANGE_M_PER_MIN}
          onOwn={setter('wireFeedSpeedMPerMin')}
        />
        <Figure
          name="Volts"
          quantity="volts"
          span={plan.volts}
          hand={hands.volts}
          beneath={
            <>
              {beneath('volts')}
              <FitToTap plan={plan} machine={machine} onTake={setter('wireFeedSpeedMPerMin')} />
            </>
          }
          own={job.own.volts !== undefined}
          step={0.5}
          range={OWN_VOLTS_RANGE}
          onOwn={setter('volts')}
        />
        {withGas ? (
          <Figure
            name="Gas"
            quantity="gasFlow"
            span={plan.gasFlowLPerMin}
            beneath={gasBeneath(plan, units)}
            own={job.own.gasFlowLPerMin !== undefined}
            step={step('gasFlow', 1)}
            range={OWN_GAS_FLOW_RANGE_L_PER_MIN}
            onOwn={setter('gasFlowLPerMin')}
          />
        ) : (
          <NoGas />
        )}
        <Figure
          name="Tip to work"
          quantity="distance"
          span={plan.ctwdMm}
          beneath={`stick-out ${rangeText('distance', plan.extensionMm.low, plan.extensionMm.high, units)}`}
          own={job.own.ctwdMm !== undefined}
          step={step('distance', units.distance === 'in' ? 1 / 16 : 1)}
          range={OWN_CTWD_RANGE_MM}
          onOwn={setter('ctwdMm')}
        />
      </div>
      <ProvenHere job={job} plan={plan} machine={machine} />
      <Beneath plan={plan} machine={machine} />
      {away && <StickyStrip plan={plan} figures={figures} />}
    </section>
  );
}
