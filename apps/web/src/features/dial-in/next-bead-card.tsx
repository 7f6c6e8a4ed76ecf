import type { KeptMachine } from '@hot-bead/contract/machine';
import type { DialIn } from '@hot-bead/core/dial-in';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { usePreferences } from '../../preferences/preferences.tsx';
import { LargeFigure, setFigures, UnderFigure } from '../terms/index.ts';
import { withUnit } from '../../units/index.ts';
import { MOVES, probableText, PULSE_MOVES, whyText } from './known-words.ts';

interface FiguresProps {
  readonly setting: BeadSetting;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
  /** Over the whole screen. */
  readonly large?: boolean;
}

/** A setting as large as it can be read at the machine, and in the machine's own terms. */
export function SettingFigures({ setting, plan, machine, large = false }: FiguresProps) {
  const { units } = usePreferences();
  const { wire, volts } = setFigures(plan, machine, units, setting);
  const size = large ? 'text-[clamp(56px,15vw,150px)]' : 'text-[56px] max-md:text-[44px]';
  return (
    <>
      <p className={`figure-text flex flex-wrap items-baseline gap-x-6 leading-tight ${size}`}>
        <LargeFigure figure={volts} />
        <LargeFigure figure={wire} />
      </p>
      {machine && (
        <p className={large ? 'text-[clamp(22px,4vw,40px)] font-medium' : 'text-xl font-medium'}>
          <UnderFigure figure={volts} plan={plan} machine={machine} of="volts" at={setting} />
          {'; '}
          <UnderFigure figure={wire} plan={plan} machine={machine} of="wire" at={setting} />
        </p>
      )}
    </>
  );
}

interface Props {
  readonly state: DialIn;
  /** What is to be welded next. */
  readonly setting: BeadSetting;
  /** Whether it was asked for by hand. */
  readonly isChosen: boolean;
  readonly number: number;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

/** What to weld next: the one thing to read on this page. */
export function NextBeadCard({ state, setting, isChosen, number, plan, machine }: Props) {
  const { units } = usePreferences();
  const reader = { plan, machine, units };
  return (
    <section aria-label="Next bead" className="rounded-md border border-action bg-action-tint p-4">
      <h2 className="text-lg font-semibold">Bead {number}</h2>
      <SettingFigures setting={setting} plan={plan} machine={machine} />
      <p className="text-lg">{isChosen ? 'As you asked for it.' : whyText(state, reader)}</p>
      <p className="mt-1">{probableText(state, reader)}</p>
      <p className="mt-1 text-[15px] text-ink-soft">
        {plan.voltsKind === 'mean' ? PULSE_MOVES : MOVES[state.way]} Tip to work{' '}
        {withUnit('distance', plan.ctwdMm.start, units)} all the way, on scrap of the same thickness, joint
        and position.
      </p>
    </section>
  );
}
