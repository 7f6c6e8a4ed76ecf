import type { KeptMachine } from '@hot-bead/contract/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { setFigures, wholeSettingText } from '../terms/index.ts';

interface Props {
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
  /** Where the first bead lies as things stand. */
  readonly setting: BeadSetting;
  readonly onBegin: (at: BeadSetting) => void;
}

/** Offers what was proven for this very work before anything that is worked out. */
export function BeginProven({ plan, machine, setting, onBegin }: Props) {
  const { units } = usePreferences();
  const { proven } = plan;
  if (!proven) return null;
  const { volts, wireFeedSpeedMPerMin } = proven;
  if (setting.volts === volts && setting.wireFeedSpeedMPerMin === wireFeedSpeedMPerMin) return null;
  return (
    <div className="flex flex-wrap items-center justify-between gap-3 rounded-md border border-good bg-good-tint px-4 py-2">
      <p>● Proven for this work before: {wholeSettingText(setFigures(plan, machine, units, proven))}.</p>
      <Button className="min-h-14" onClick={() => onBegin({ volts, wireFeedSpeedMPerMin })}>
        Begin there
      </Button>
    </div>
  );
}
