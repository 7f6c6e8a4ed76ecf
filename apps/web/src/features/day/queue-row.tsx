import { useWords, useTitle } from '../../units/index.ts';
import { clockText } from '@hot-bead/core/day';
import { useSortable } from '@dnd-kit/sortable';
import { GripVertical, MoreVertical, Pin } from 'lucide-react';
import { Link } from 'react-router';
import type { ShownPlace } from './day-result.ts';
import { dayWord, spanText, timeText } from './day-time.ts';

/** Height of a minute of changing over, and the most that a gap grows to, px. */
const GAP_PX_A_MIN = 1.1;
const GAP_MOST_PX = 56;
const GAP_LEAST_PX = 20;

/** The changeover before a task: a gap that grows with its minutes. */
function Changeover({ minutes, isMost }: { readonly minutes: number; readonly isMost: boolean }) {
  if (minutes === 0) return null;
  const height = Math.min(GAP_MOST_PX, GAP_LEAST_PX + minutes * GAP_PX_A_MIN);
  return (
    <div
      className="flex items-center gap-2 border-l-3 border-dashed border-line-strong bg-sunk pl-4 text-[13px]"
      style={{ height }}
    >
      <span className="figure-text text-base">
        ⇄ {isMost && 'up to '}
        {minutes} min
      </span>{' '}
      to change over
    </div>
  );
}

function DueMark({ place: { lateMin, dueMin } }: { readonly place: ShownPlace }) {
  if (dueMin === undefined) return null;
  if (lateMin > 0) return <span className="font-semibold text-hot">■ {spanText(lateMin)} late</span>;
  return <span>due {timeText(dueMin)}</span>;
}

interface Props {
  readonly place: ShownPlace;
  /** The piece that it is a weld of. */
  readonly piece: string | undefined;
  /** 0: now, 1: next. */
  readonly index: number;
  readonly onOpen: () => void;
}

/** One task in the queue: when, what, how long, and whether it is late. The first two stand larger. */
export function QueueRow({ place, piece, index, onOpen }: Props) {
  const titled = useTitle();
  const say = useWords();
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
    id: place.jobId,
  });
  const isNow = index === 0;
  return (
    <li
      ref={setNodeRef}
      className={`border-b border-line bg-plate last:border-b-0 ${isDragging ? 'relative z-10 border border-action opacity-80' : ''}`}
      style={{
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        transition: transition ?? undefined,
      }}
    >
      <Changeover minutes={place.setupMin} isMost={place.unknowns > 0} />
      <div className={`flex items-center gap-2 ${isNow ? 'min-h-20 bg-action-tint' : 'min-h-14'}`}>
        <button
          type="button"
          className="grid size-14 shrink-0 cursor-grab touch-none place-items-center text-ink-soft hover:text-action"
          {...attributes}
          {...listeners}
          aria-label={`Move ${titled(place.title)}`}
        >
          <GripVertical size={20} aria-hidden="true" />
        </button>
        <span className={`figure-text w-20 shrink-0 md:w-24 ${isNow ? 'text-2xl' : 'text-xl'}`}>
          {dayWord(place.startMin) !== '' && (
            <span className="label-text block">{dayWord(place.startMin)}</span>
          )}
          {clockText(place.startMin)}
          {index < 2 && dayWord(place.startMin) === '' && (
            <span className="label-text block">{isNow ? 'now' : 'next'}</span>
          )}
        </span>
        <Link
          to={`/jobs/${place.jobId}${place.setupMin > 0 ? '/rig' : ''}`}
          className="min-w-0 flex-1 py-1 hover:text-action"
        >
          <span className={`font-medium md:truncate ${isNow ? 'block text-xl' : 'block'}`}>
            {place.isPinned && <Pin size={14} aria-label="pinned" className="mr-1 inline" />}
            {titled(place.title)}
          </span>
          <span className="block text-[13px] text-ink-soft md:truncate">
            {piece !== undefined && <span className="font-medium text-ink">{piece} · </span>}
            {place.minutesFrom === 'assumed'
              ? `${spanText(place.workMin)}, assumed`
              : spanText(place.workMin)}
            {' · '}
            {say(place.wire)}
            {place.gas !== '' && `, ${place.gas}`}
          </span>
          <span className="block text-[13px] md:hidden">
            <DueMark place={place} />
          </span>
        </Link>
        <span className="shrink-0 text-right text-[13px] max-md:hidden">
          <DueMark place={place} />
        </span>
        <button
          type="button"
          aria-label={`About ${titled(place.title)}: times, pins, done`}
          className="grid size-14 shrink-0 place-items-center hover:text-action"
          onClick={onOpen}
        >
          <MoreVertical size={20} aria-hidden="true" />
        </button>
      </div>
    </li>
  );
}
