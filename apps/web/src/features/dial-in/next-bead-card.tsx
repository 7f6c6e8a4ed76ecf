import type { Job, KeptMachine } from '@hot-bead/contract';
import type { NextBead, PlannedSetup } from '@hot-bead/core';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { useTakeSetting } from '../jobs/index.ts';
import { InItsTerms } from '../machine-terms/index.ts';
import { figureOf, shownAs, withUnit } from '../units/index.ts';

interface Props {
  readonly job: Job;
  readonly next: NextBead;
  readonly number: number;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

function headline(next: NextBead, number: number): string {
  if (next.kind === 'take') return 'Take';
  return next.kind === 'repeat' ? `Bead ${number}, weld again` : `Bead ${number}`;
}

/** Hands the numbers that proved right to the plan, as the user's own. */
function TakeButton({ job, next }: Pick<Props, 'job' | 'next'>) {
  const { units } = usePreferences();
  const { isTaken, take, taking } = useTakeSetting(job);
  if (isTaken(next.setting)) return <p className="mt-2 font-semibold">● The plan is set to these numbers.</p>;
  return (
    <Button tone="main" className="mt-3 min-h-14" disabled={taking} onClick={() => take(next.setting)}>
      Set the plan to {withUnit('volts', next.setting.volts, units)}
    </Button>
  );
}

/** What to weld next, as large as it can be read at the machine. */
export function NextBeadCard({ job, next, number, plan, machine }: Props) {
  const { units } = usePreferences();
  const { volts, wireFeedSpeedMPerMin } = next.setting;
  const done = next.kind === 'take';
  return (
    <section
      aria-label="Next bead"
      className={`rounded-md border p-4 ${done ? 'border-good bg-good-tint' : 'border-action bg-action-tint'}`}
    >
      <h2 className="text-lg font-semibold">{headline(next, number)}</h2>
      <p className="figure-text flex flex-wrap items-baseline gap-x-6 text-[56px] leading-tight max-md:text-[44px]">
        <span>
          {figureOf('volts', volts, units)} <span className="text-2xl">V</span>
        </span>
        <span>
          {figureOf('wireFeedSpeed', wireFeedSpeedMPerMin, units)}{' '}
          <span className="text-2xl">{shownAs('wireFeedSpeed', units).unit}</span>
        </span>
      </p>
      {machine && (
        <p className="text-xl font-medium">
          <InItsTerms plan={plan} machine={machine} of="volts" at={next.setting} />
          {'; '}
          <InItsTerms plan={plan} machine={machine} of="wire" at={next.setting} />
        </p>
      )}
      <p className="text-lg">{next.why}</p>
      {done ? (
        <TakeButton job={job} next={next} />
      ) : (
        <p className="mt-1 text-[15px]">
          Tip to work {withUnit('distance', plan.ctwdMm.start, units)} all the way, on scrap of the same
          thickness, joint and position; let it cool between beads.
        </p>
      )}
    </section>
  );
}
