import type { KeptMachine } from '@hot-bead/contract/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { FullScreen } from '../../ui/full-screen.tsx';
import { ReportBead } from './report-bead.tsx';
import type { Reporting } from './use-reporting.ts';
import { SettingFigures } from './next-bead-card.tsx';

interface Props {
  readonly reporting: Reporting;
  /** Another bead, or one that was refused: the report begins anew. */
  readonly reportKey: string;
  readonly number: number;
  readonly setting: BeadSetting;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** The next bead over the whole screen, and its report under it; the screen stays awake. */
export function BeadAtTheMachine(props: Props) {
  const { reporting, reportKey, number, setting, plan, machine, open, onOpenChange } = props;
  return (
    <FullScreen title={`Bead ${number}`} open={open} onOpenChange={onOpenChange}>
      <div className="flex flex-1 flex-col justify-between gap-4 p-4">
        <div>
          <SettingFigures setting={setting} plan={plan} machine={machine} large />
        </div>
        <ReportBead key={reportKey} number={number} suggested={setting} plan={plan} reporting={reporting} />
      </div>
    </FullScreen>
  );
}
