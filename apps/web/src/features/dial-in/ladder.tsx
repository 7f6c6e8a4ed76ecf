import type { KeptTestBead } from '@hot-bead/contract';
import { Trash2 } from 'lucide-react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { BeadSection } from '../../drawing/bead-section.tsx';
import { VerdictMark } from '../../drawing/verdict-mark.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { withUnit } from '../units/index.ts';
import { FACE_WORD, SOUND_WORD } from './bead-words.ts';
import { useRemoveBead } from '../test-beads/index.ts';

interface Props {
  readonly jobId: string;
  readonly beads: readonly KeptTestBead[];
}

function Rung({ jobId, bead }: { readonly jobId: string; readonly bead: KeptTestBead }) {
  const { units } = usePreferences();
  const remove = useRemoveBead(jobId);
  const toast = useToast();
  const onRemove = (): void =>
    remove.mutate(bead, {
      onSuccess: (_id, undo) => toast(`Bead ${bead.number} taken away`, undo),
      onError: (error) => toast(`Not taken away. ${error.message}`),
    });
  return (
    <li className="border-b border-line p-3 last:border-b-0">
      <div className="flex items-start justify-between gap-2">
        <div>
          <p className="figure-text text-xl">{withUnit('volts', bead.volts, units)}</p>
          <p className="text-[15px]">{withUnit('wireFeedSpeed', bead.wireFeedSpeedMPerMin, units)}</p>
        </div>
        <BeadSection face={bead.face} className="h-14 w-20" />
        <button
          type="button"
          aria-label={`Take bead ${bead.number} away`}
          onClick={onRemove}
          className="-mt-1 -mr-2 grid size-11 shrink-0 place-items-center text-ink-soft hover:text-hot"
        >
          <Trash2 size={18} aria-hidden="true" />
        </button>
      </div>
      <p className="flex flex-wrap items-baseline gap-x-2 text-[15px]">
        <span>Bead {bead.number}</span> <VerdictMark verdict={bead.verdict} />
      </p>
      <p className="text-sm text-ink-soft">
        {FACE_WORD[bead.face]}; {SOUND_WORD[bead.sound]}
      </p>
      {bead.note !== '' && <p className="mt-1 text-sm">“{bead.note}”</p>}
    </li>
  );
}

/** The beads so far, newest at the top. */
export function Ladder({ jobId, beads }: Props) {
  return (
    <section aria-labelledby="ladder" className="rounded-md border border-line bg-plate">
      <h2 id="ladder" className="label-text border-b border-line p-3">
        The ladder so far
      </h2>
      {beads.length === 0 ? (
        <p className="p-3">No bead yet. Weld the one shown, then say how it looked and sounded.</p>
      ) : (
        <ul>
          {beads.toReversed().map((bead) => (
            <Rung key={bead.id} jobId={jobId} bead={bead} />
          ))}
        </ul>
      )}
    </section>
  );
}
