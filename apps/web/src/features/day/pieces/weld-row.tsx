import { lengthText, useTitle, useWords } from '../../../units/index.ts';
import type { Units } from '@hot-bead/core/base';
import { useSortable } from '@dnd-kit/sortable';
import { Copy, GripVertical, Pin, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { JointView } from '../../plan/index.ts';
import { SettingInRow, setFigures } from '../../terms/index.ts';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { spanText, useChangeTask } from '../index.ts';
import { useDuplicateJob, useRemoveJob } from '../../plan/jobs/index.ts';
import type { WeldOfPiece } from './piece-plan.ts';

const ICON = 'grid size-14 shrink-0 place-items-center text-ink-soft hover:text-action';

function seamText({ job }: WeldOfPiece, units: Units): string {
  const { seamMm, numberOff } = job.work;
  if (seamMm === undefined) return 'no length';
  const length = lengthText(seamMm, units);
  return numberOff === undefined || numberOff === 1 ? length : `${numberOff} × ${length}`;
}

/** One weld of a piece: drawn, with its setting, machine, length and time; it can be moved, copied and put away. */
export function WeldRow({ weld, onChanged }: { readonly weld: WeldOfPiece; readonly onChanged: () => void }) {
  const titled = useTitle();
  const say = useWords();
  const { job, plan, machine, reason, workMin, minutesFrom } = weld;
  const { units } = usePreferences();
  const { setNodeRef, attributes, listeners, transform, transition } = useSortable({ id: job.id });
  const duplicate = useDuplicateJob();
  const remove = useRemoveJob();
  const change = useChangeTask();
  const toast = useToast();
  const done = (text: string) => ({
    onSuccess: (_: unknown, undo: () => void) => {
      onChanged();
      toast(text, undo);
    },
    onError: (error: Error) => toast(`Not done. ${error.message}`),
  });
  const isOwn = job.task.ownSetting === true;
  return (
    <li
      ref={setNodeRef}
      className="flex min-h-16 flex-wrap items-center gap-x-3 border-b border-line bg-plate last:border-b-0"
      style={{
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        transition: transition ?? undefined,
      }}
    >
      <button
        type="button"
        className={`${ICON} cursor-grab touch-none`}
        {...attributes}
        {...listeners}
        aria-label={`Move ${titled(job.title)}`}
      >
        <GripVertical size={20} aria-hidden="true" />
      </button>
      <span className="block h-14 w-20 shrink-0 overflow-hidden max-md:hidden">
        {plan && <JointView plan={plan} small />}
      </span>
      <Link to={`/jobs/${job.id}`} className="min-w-0 flex-1 basis-48 py-1 hover:text-action">
        <span className="block truncate font-medium">
          {job.task.weldedAt !== undefined && '■ '}
          {titled(job.title)}
        </span>
        <span className="block truncate text-[13px] text-ink-soft">
          {machine?.name ?? 'no machine'}, {seamText(weld, units)}
          {workMin !== undefined && `, ${spanText(workMin)}${minutesFrom === 'assumed' ? ' assumed' : ''}`}
        </span>
      </Link>
      <span className="w-44 shrink-0 max-md:pl-3">
        {plan ? (
          <SettingInRow figures={setFigures(plan, machine, units)} />
        ) : (
          <span className="text-[15px] font-medium">◆ {reason && say(reason)}</span>
        )}
      </span>
      <span className="flex">
        <button
          type="button"
          aria-pressed={isOwn}
          aria-label={`Keep its own setting: ${titled(job.title)}`}
          className={`${ICON} ${isOwn ? 'bg-action-tint text-action' : ''}`}
          onClick={() =>
            change.mutate(
              { job, change: { ownSetting: isOwn ? null : true } },
              done(isOwn ? 'It shares a setting again' : 'It keeps its own setting'),
            )
          }
        >
          <Pin size={20} aria-hidden="true" />
        </button>
        <button
          type="button"
          aria-label={`Copy ${titled(job.title)}`}
          className={ICON}
          onClick={() => duplicate.mutate(job.id, done('Copied'))}
        >
          <Copy size={20} aria-hidden="true" />
        </button>
        <button
          type="button"
          aria-label={`Put away ${titled(job.title)}`}
          className={ICON}
          onClick={() => remove.mutate(job, done(`Put away: ${titled(job.title)}`))}
        >
          <Trash2 size={20} aria-hidden="true" />
        </button>
      </span>
    </li>
  );
}
