import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { useTakeSetting } from './jobs/index.ts';
import { physicalText, setFigures, settingText } from '../terms/index.ts';

interface Props {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

/** The setting that beads proved on this machine for this very work: it comes before anything computed. */
export function ProvenHere({ job, plan, machine }: Props) {
  const { units } = usePreferences();
  const { isTaken, take, taking } = useTakeSetting(job);
  const { proven } = plan;
  if (!proven || !machine) return null;
  const setting = { wireFeedSpeedMPerMin: proven.wireFeedSpeedMPerMin, volts: proven.volts };
  const figures = setFigures(plan, machine, units, setting);
  const physical = physicalText(figures);
  return (
    <div className="flex items-center justify-between gap-x-6 gap-y-2 border-t border-line bg-good-tint px-4 py-2 max-md:flex-wrap">
      <p>
        ● Proven on {machine.name} for this work:{' '}
        <span className="figure-text text-xl">{settingText(figures)}</span>
        {physical !== '' && <span className="text-ink-soft"> ({physical})</span>}
      </p>
      {isTaken(setting) ? (
        <span className="shrink-0 font-semibold">The plan is set to it.</span>
      ) : (
        <Button className="shrink-0" disabled={taking} onClick={() => take(setting)}>
          Set the plan to it
        </Button>
      )}
    </div>
  );
}
