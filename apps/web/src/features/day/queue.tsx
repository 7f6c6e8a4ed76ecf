import {
  type Announcements,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { KeptPiece } from '@hot-bead/contract/day';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { type ReactNode, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useChangeTask } from './day.queries.ts';
import type { DayResult, ShownPlace } from './day-result.ts';
import { timeText } from './day-time.ts';
import { pinsFor } from './pins-for.ts';
import { QueueRow } from './queue-row.tsx';
import { TaskDialog } from './task-dialog.tsx';

interface Props {
  readonly result: DayResult;
  readonly jobs: readonly Job[];
  readonly pieces: readonly KeptPiece[];
  readonly machines: readonly KeptMachine[];
}

interface LaneProps {
  readonly id: string;
  /** Something can be put onto the list itself while nothing stands in it. */
  readonly isEmpty: boolean;
  readonly children: ReactNode;
}

function Lane({ id, isEmpty, children }: LaneProps) {
  const { setNodeRef, isOver } = useDroppable({ id: `lane ${id}`, disabled: !isEmpty });
  return (
    <ul
      ref={setNodeRef}
      className={`min-h-14 rounded-md border bg-plate ${isOver ? 'border-action' : 'border-line'}`}
    >
      {children}
    </ul>
  );
}

/** Rows of a machine that are shown until all are asked for: a foreman looks at what comes next. */
const FIRST_ROWS = 12;

interface MachineQueueProps {
  readonly line: {
    readonly machineId: string;
    readonly name: string;
    readonly places: readonly ShownPlace[];
  };
  readonly pieceOf: (jobId: string) => string | undefined;
  readonly onOpen: (jobId: string) => void;
}

/** One machine's tasks in order: the first dozen, and all of them on request. */
function MachineQueue({ line: { machineId, name, places }, pieceOf, onOpen }: MachineQueueProps) {
  const [all, setAll] = useState(false);
  const shown = all ? places : places.slice(0, FIRST_ROWS);
  const count = places.length === 1 ? '1 task' : `${places.length} tasks`;
  return (
    <section aria-label={`Queue of ${name}`}>
      <h3 className="mb-1 flex items-baseline justify-between font-semibold">
        {name}
        <span className="text-[13px] font-normal text-ink-soft">
          {places.length === 0 ? 'nothing today' : count}
        </span>
      </h3>
      <SortableContext items={shown.map(({ jobId }) => jobId)} strategy={verticalListSortingStrategy}>
        <Lane id={machineId} isEmpty={places.length === 0}>
          {shown.map((place, i) => (
            <QueueRow
              key={place.jobId}
              place={place}
              piece={pieceOf(place.jobId)}
              index={i}
              onOpen={() => onOpen(place.jobId)}
            />
          ))}
          {places.length === 0 && <li className="p-4 text-ink-soft">Free: drag a task here to pin it.</li>}
        </Lane>
      </SortableContext>
      {places.length > FIRST_ROWS && (
        <Button tone="quiet" aria-expanded={all} onClick={() => setAll(!all)}>
          {all
            ? 'Only the first'
            : `${places.length - FIRST_ROWS} more, the last ends ${timeText(places.at(-1)?.endMin ?? 0)}`}
        </Button>
      )}
    </section>
  );
}

/** What is said to those who hear a task being moved. */
function announcementsOf(places: readonly ShownPlace[]): Announcements {
  const name = (id: string | number | undefined): string =>
    places.find(({ jobId }) => jobId === id)?.title ?? 'the empty list';
  const takenUp = (id: string | number): string =>
    `${name(id)} is taken up: move it with the arrow keys, put it down with space.`;
  return {
    onDragStart: ({ active }) => takenUp(active.id),
    onDragOver: ({ active, over }) => {
      if (!over || over.id === active.id) return takenUp(active.id);
      return `${name(active.id)} stands at ${name(over.id)}.`;
    },
    onDragEnd: ({ active, over }) => (over ? `${name(active.id)} is put down at ${name(over.id)}.` : ''),
    onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
  };
}

/** The day's tasks, machine by machine. A task that is moved is pinned where it is put, and the rest is ordered about it. */
export function Queue({ result, jobs, pieces, machines }: Props) {
  const change = useChangeTask();
  const toast = useToast();
  const [open, setOpen] = useState<string>();
  const pieceOf = (jobId: string): string | undefined => {
    const id = jobs.find((job) => job.id === jobId)?.task.pieceId;
    return pieces.find((piece) => piece.id === id)?.name;
  };
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const lines = result.lines.map(({ machineId, places }) => ({
    machineId,
    name: machines.find(({ id }) => id === machineId)?.name ?? '',
    places,
  }));
  const all: readonly ShownPlace[] = lines.flatMap(({ places }) => places);
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    if (!over || over.id === active.id) return;
    const order = lines.map(({ machineId, places }) => ({
      machineId,
      ids: places.map(({ jobId }) => jobId),
    }));
    for (const { id, change: pin } of pinsFor(order, jobs, String(active.id), String(over.id))) {
      const job = jobs.find((one) => one.id === id);
      if (!job) continue;
      change.mutate(
        { job, change: pin },
        {
          onSuccess: (_kept, undo) => {
            if (id === active.id) toast('Pinned there; the rest is put in order about it', undo);
          },
          onError: (error) => toast(`Not moved. ${error.message}`),
        },
      );
    }
  };
  const opened = jobs.find(({ id }) => id === open);
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={onDragEnd}
      accessibility={{ announcements: announcementsOf(all) }}
    >
      <div className="grid grid-cols-1 gap-4">
        {lines.map((line) => (
          <MachineQueue key={line.machineId} line={line} pieceOf={pieceOf} onOpen={setOpen} />
        ))}
      </div>
      {opened && (
        <TaskDialog
          key={opened.id}
          job={opened}
          place={all.find(({ jobId }) => jobId === opened.id)}
          machines={machines.map(({ id, name }) => [id, name] as const)}
          others={all.flatMap(({ jobId, title }) => (jobId === opened.id ? [] : [[jobId, title] as const]))}
          onClose={() => setOpen(undefined)}
        />
      )}
    </DndContext>
  );
}
