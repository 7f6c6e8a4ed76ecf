import { useWords } from '../../units/index.ts';
import { amount, words, type Words } from '@hot-bead/core/base';
import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import { gasOf } from '@hot-bead/core/trade';
import { Ladder } from './ladder.tsx';

interface Props {
  readonly ladders: readonly (readonly KeptTestBead[])[];
}

function titleOf([first]: readonly KeptTestBead[]): Words {
  const welded = first?.weldedWith;
  if (!welded) return 'Not recorded with what';
  return words`${amount.wireSize(welded.wire.diameterMm)} ${welded.wire.wireClass}, ${gasOf(welded.gas).name}, ${amount.thickness(welded.thicknessMm, 'as-given')} ${welded.joint}`;
}

/** Beads of this job that were welded with something else than the plan is for now: they are kept, and do not count here. */
export function EarlierLadders({ ladders }: Props) {
  const say = useWords();
  if (ladders.length === 0) return null;
  return (
    <details className="rounded-md border border-line bg-plate p-3">
      <summary className="min-h-11 cursor-pointer py-2 font-medium">
        Welded otherwise: {ladders.reduce((sum, one) => sum + one.length, 0)} beads
      </summary>
      {ladders.map((ladder) => (
        <div key={ladder[0]?.id} className="mt-2">
          <p className="mb-1 text-sm text-ink-soft">{say(titleOf(ladder))}</p>
          <Ladder beads={ladder} />
        </div>
      ))}
    </details>
  );
}
