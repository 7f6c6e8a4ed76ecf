import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import { gasOf } from '@hot-bead/core/trade';
import { wireSizeText } from '../../units/index.ts';
import { Ladder } from './ladder.tsx';

interface Props {
  readonly jobId: string;
  readonly ladders: readonly (readonly KeptTestBead[])[];
}

function titleOf([first]: readonly KeptTestBead[]): string {
  const welded = first?.weldedWith;
  if (!welded) return 'Not recorded with what';
  return `${wireSizeText(welded.wire.diameterMm)} ${welded.wire.wireClass}, ${gasOf(welded.gas).name}, ${welded.thicknessMm} mm ${welded.joint}`;
}

/** Beads of this job that were welded with something else than the plan is for now: they are kept, and do not count here. */
export function EarlierLadders({ jobId, ladders }: Props) {
  if (ladders.length === 0) return null;
  return (
    <details className="rounded-md border border-line bg-plate p-3">
      <summary className="min-h-11 cursor-pointer py-2 font-medium">
        Welded otherwise: {ladders.reduce((sum, one) => sum + one.length, 0)} beads
      </summary>
      {ladders.map((ladder) => (
        <div key={ladder[0]?.id} className="mt-2">
          <p className="mb-1 text-sm text-ink-soft">{titleOf(ladder)}</p>
          <Ladder jobId={jobId} beads={ladder} />
        </div>
      ))}
    </details>
  );
}
