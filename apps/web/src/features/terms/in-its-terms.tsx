import type { KeptMachine } from '@hot-bead/contract/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { Link } from 'react-router';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Behind } from '../../ui/behind.tsx';
import { DIALS_PART, machinePart } from './machine-parts.ts';
import { PhysicalLine } from './large-figure.tsx';
import type { SetFigure } from './set-figure.ts';
import { isMeasured, voltsBeneathWords, wireWords } from './term-text.ts';

interface Props {
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
  readonly of: 'wire' | 'volts';
  /** A setting beside the plan's own. */
  readonly at?: BeadSetting | undefined;
}

/** Section of the machine's page where each is measured. */
const ANCHOR = { wire: 'dial', volts: 'volts' } as const;

/** The machine's terms under a figure, in one line; one that was not measured leads to where it is. */
export function InItsTerms({ plan, machine, of, at }: Props) {
  const { units } = usePreferences();
  const words = of === 'wire' ? wireWords(plan, machine, units, at) : voltsBeneathWords(plan, machine, at);
  if (words === undefined) return null;
  const { short, more } = words;
  if (!machine || isMeasured(plan, machine, of)) {
    return more === undefined ? short : <Behind more={more}>{short}</Behind>;
  }
  return (
    <>
      {short}:{' '}
      <Link
        to={machinePart(machine.id, DIALS_PART, ANCHOR[of])}
        className="font-semibold text-action underline"
      >
        two minutes
      </Link>
    </>
  );
}

/** Under a figure as it is set: the physical one where the hand sets another, else the machine's terms or the way to measure them. */
export function UnderFigure({ figure, ...of }: Props & { readonly figure: SetFigure }) {
  return figure.physical === undefined ? <InItsTerms {...of} /> : <PhysicalLine figure={figure} />;
}
