import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { Pencil, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { BeadSection } from '../../drawing/bead-section.tsx';
import { FACE_OF_VERDICT } from '../../drawing/bead-profile.ts';
import { VerdictMark } from '../../drawing/verdict-mark.tsx';
import { useToast } from '../../ui/toasts.tsx';
import {
  bareFigures,
  physicalText,
  type SetFigures,
  setFigures,
  settingText,
  setText,
} from '../terms/index.ts';
import { FACE_WORD, FLAG_WORD, SOUND_WORD } from './bead-words.ts';
import { isKeptBead, useRemoveBead } from '../window/test-beads/index.ts';
import { CorrectBead } from './correct-bead.tsx';

interface RungProps extends Omit<Props, 'beads'> {
  readonly bead: KeptTestBead;
}

/** What makes a bead count for less, or not at all. */
function lessText({ doubt, cooled, flags = [] }: KeptTestBead): string {
  if (doubt === 'left-out') return 'left out';
  const amiss = [...(cooled === false ? ['hot coupon'] : []), ...flags.map((flag) => FLAG_WORD[flag])];
  return amiss.length === 0 || doubt === 'stands' ? '' : `${amiss.join(', ')}: counts for less`;
}

const ICON = 'grid size-11 shrink-0 place-items-center text-ink-soft';

function Rung({ bead, plan, machine }: RungProps) {
  const { units } = usePreferences();
  const figures = (at: BeadSetting): SetFigures =>
    plan ? setFigures(plan, machine, units, at) : bareFigures(at, units);
  const { wire, volts } = figures(bead);
  const physical = physicalText({ wire, volts });
  const remove = useRemoveBead();
  const toast = useToast();
  const [correcting, setCorrecting] = useState(false);
  const onRemove = (): void =>
    remove.mutate(bead, {
      onSuccess: (_id, undo) => toast(`Bead ${bead.number} taken away`, undo),
      onError: (error) => toast(`Not taken away. ${error.message}`),
    });
  const seen = [bead.face && FACE_WORD[bead.face], bead.sound && SOUND_WORD[bead.sound]].filter(Boolean);
  const less = lessText(bead);
  return (
    <li
      className={`border-b border-line p-3 last:border-b-0 ${bead.doubt === 'left-out' ? 'opacity-70' : ''}`}
    >
      <div className="flex items-start justify-between gap-2">
        <div>
          <p className="figure-text text-xl">{setText(volts)}</p>
          <p className="text-[15px]">{setText(wire)}</p>
          {physical !== '' && <p className="text-sm text-ink-soft">{physical}</p>}
        </div>
        <BeadSection face={bead.face ?? FACE_OF_VERDICT[bead.verdict]} className="h-14 w-20" />
        <div className="-mt-1 -mr-2 flex flex-col">
          <button
            type="button"
            aria-label={`Correct bead ${bead.number}`}
            disabled={!isKeptBead(bead)}
            onClick={() => setCorrecting(true)}
            className={`${ICON} hover:text-action`}
          >
            <Pencil size={18} aria-hidden="true" />
          </button>
          <button
            type="button"
            aria-label={`Take bead ${bead.number} away`}
            disabled={!isKeptBead(bead)}
            onClick={onRemove}
            className={`${ICON} hover:text-hot`}
          >
            <Trash2 size={18} aria-hidden="true" />
          </button>
        </div>
      </div>
      <p className="flex flex-wrap items-baseline gap-x-2 text-[15px]">
        <span>Bead {bead.number}</span> <VerdictMark verdict={bead.verdict} />
      </p>
      {seen.length > 0 && <p className="text-sm text-ink-soft">{seen.join('; ')}</p>}
      {less !== '' && <p className="text-sm font-medium">{less}</p>}
      {bead.taken && <p className="text-sm font-medium">● taken at {settingText(figures(bead.taken))}</p>}
      {bead.note !== '' && <p className="mt-1 text-sm">“{bead.note}”</p>}
      {correcting && <CorrectBead bead={bead} onClose={() => setCorrecting(false)} />}
    </li>
  );
}

interface Props {
  readonly beads: readonly KeptTestBead[];
  /** The plan and the machine that they were laid for and on: they stand as they were set on it; else in m/min and volts. */
  readonly plan?: PlannedSetup;
  readonly machine?: KeptMachine | undefined;
}

/** The beads so far, newest at the top. */
export function Ladder({ beads, ...on }: Props) {
  return (
    <section aria-labelledby="ladder" className="rounded-md border border-line bg-plate">
      <h2 id="ladder" className="label-text border-b border-line p-3">
        The ladder so far
      </h2>
      {beads.length === 0 ? (
        <p className="p-3">No bead yet. Weld the one shown, then say how it came out.</p>
      ) : (
        <ul>
          {beads.toReversed().map((bead) => (
            <Rung key={bead.id} bead={bead} {...on} />
          ))}
        </ul>
      )}
    </section>
  );
}
