import { useWords, useTitle } from '../../units/index.ts';
import { type Job, TASK_MINUTES_RANGE } from '@hot-bead/contract/plan';
import type { TaskWeight } from '@hot-bead/core/day';
import { useState } from 'react';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { type TaskChange, useChangeTask } from './day.queries.ts';
import type { ShownPlace } from './day-result.ts';
import { WEIGHT_OPTIONS } from './weight-options.ts';

interface Props {
  readonly job: Job;
  readonly place: ShownPlace | undefined;
  readonly machines: readonly (readonly [id: string, name: string])[];
  /** Other tasks that it can be pinned after. */
  readonly others: readonly (readonly [id: string, title: string])[];
  readonly onClose: () => void;
}

interface Typed {
  readonly minutes: string;
  readonly due: string;
  readonly notBefore: string;
  readonly weight: string;
  readonly pinMachineId: string;
  readonly pinAfter: string;
}

function minutesFault(text: string): string | undefined {
  if (text.trim() === '') return undefined;
  const minutes = Number(text.replace(',', '.'));
  const [least, most] = TASK_MINUTES_RANGE;
  return Number.isFinite(minutes) && minutes >= least && minutes <= most
    ? undefined
    : `Minutes are a number from ${least} to ${most}.`;
}

function dueFault({ due, notBefore }: Typed): string | undefined {
  return due !== '' && notBefore !== '' && due <= notBefore ? 'It is due before it may begin.' : undefined;
}

function changeOf({ minutes, due, notBefore, weight, pinMachineId, pinAfter }: Typed): TaskChange {
  return {
    minutes: minutes.trim() === '' ? null : Number(minutes.replace(',', '.')),
    due: due || null,
    notBefore: notBefore || null,
    weight: weight === '' ? null : (Number(weight) as TaskWeight),
    pinMachineId: pinMachineId || null,
    pinAfter: pinMachineId === '' || pinAfter === '' ? null : pinAfter,
  };
}

/** What a task says of itself: minutes, times, how much it hurts to be late, and where it is pinned. */
export function TaskDialog({ job, place, machines, others, onClose }: Props) {
  const titled = useTitle();
  const say = useWords();
  const { task } = job;
  const change = useChangeTask();
  const toast = useToast();
  const [typed, setTyped] = useState<Typed>({
    minutes: task.minutes === undefined ? '' : String(task.minutes),
    due: task.due ?? '',
    notBefore: task.notBefore ?? '',
    weight: task.weight === undefined ? '' : String(task.weight),
    pinMachineId: task.pinMachineId ?? '',
    pinAfter: task.pinAfter ?? '',
  });
  const [failure, setFailure] = useState<string>();
  const faults = { minutes: minutesFault(typed.minutes), due: dueFault(typed) };
  const isWrong = faults.minutes !== undefined || faults.due !== undefined;
  const set =
    (name: keyof Typed) =>
    (event: { readonly target: { readonly value: string } }): void =>
      setTyped({ ...typed, [name]: event.target.value });
  const send = (what: TaskChange, done: string): void =>
    change.mutate(
      { job, change: what },
      {
        onSuccess: (_job, undo) => {
          toast(done, undo);
          onClose();
        },
        onError: (error) => setFailure(error.message),
      },
    );
  return (
    <Dialog
      title={titled(job.title)}
      text={say(place?.why ?? 'Its place in the day, and when it must be done.')}
      onClose={onClose}
    >
      <form
        className="grid grid-cols-1 gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!isWrong) send(changeOf(typed), 'The day is put in order about it');
        }}
      >
        <div className="grid grid-cols-2 gap-3 max-md:grid-cols-1">
          <Field
            label="Due"
            type="datetime-local"
            value={typed.due}
            onChange={set('due')}
            error={faults.due}
          />
          <Field
            label="Not before"
            type="datetime-local"
            value={typed.notBefore}
            onChange={set('notBefore')}
          />
          <Field
            label="Minutes at the machine"
            inputMode="decimal"
            value={typed.minutes}
            onChange={set('minutes')}
            error={faults.minutes}
            hint={
              place === undefined || place.minutesFrom === 'typed'
                ? 'Empty: from the arc time'
                : place.minutesFrom === 'assumed'
                  ? `${place.workMin} assumed: its length is not known`
                  : `${place.workMin} from the arc time`
            }
          />
          <SelectField
            label="If it is late"
            value={typed.weight}
            onChange={set('weight')}
            options={WEIGHT_OPTIONS}
          />
          <SelectField
            label="Pinned to"
            value={typed.pinMachineId}
            onChange={set('pinMachineId')}
            options={[['', 'no machine'], ...machines]}
          />
          {typed.pinMachineId !== '' && (
            <SelectField
              label="There"
              value={typed.pinAfter}
              onChange={set('pinAfter')}
              options={[
                ['', 'anywhere'],
                ['first', 'first'],
                ...others.map(([id, title]) => [id, `right after ${titled(title)}`] as const),
              ]}
            />
          )}
        </div>
        <Wrong>{failure}</Wrong>
        <div className="flex flex-wrap gap-3">
          <Button type="submit" tone="main" disabled={isWrong}>
            Keep
          </Button>
          <Button
            onClick={() => send({ weldedAt: new Date().toISOString() }, `Welded: ${titled(job.title)}`)}
          >
            It is welded
          </Button>
          {task.queued === true && (
            <Button onClick={() => send({ queued: null }, `Off the Bench: ${titled(job.title)}`)}>
              Off the Bench
            </Button>
          )}
          <ButtonLink to={`/jobs/${job.id}`} tone="quiet">
            Open its plan
          </ButtonLink>
        </div>
      </form>
    </Dialog>
  );
}
