import type { KeptMachine } from '@hot-bead/contract/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { usePreferences } from '../../preferences/preferences.tsx';
import { fitToPosition } from '../terms/index.ts';
import { withUnit } from '../../units/index.ts';

interface Props {
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
  readonly onTake: (wireFeedSpeedMPerMin: number) => void;
}

/** Where no tap gives the volts, the wire speed that makes one right: a way out in one tap of the finger. */
export function FitToTap({ plan, machine, onTake }: Props) {
  const { units } = usePreferences();
  const fit = machine && fitToPosition(plan, machine);
  if (!fit) return null;
  return (
    <button
      type="button"
      onClick={() => onTake(fit.wireFeedSpeedMPerMin)}
      className="min-h-11 text-left font-semibold text-action underline"
    >
      Fit the wire to tap {fit.position}: {withUnit('wireFeedSpeed', fit.wireFeedSpeedMPerMin, units)}
    </button>
  );
}
