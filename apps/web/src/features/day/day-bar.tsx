import type { Job } from '@hot-bead/contract/plan';
import { compareValues, type DayValue } from '@hot-bead/core/day';
import { Button } from '../../ui/button.tsx';
import { MIND_BOX } from '../../ui/page/notices.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useChangeTask } from './day.queries.ts';
import type { DayResult } from './day-result.ts';
import { spanText, timeText } from './day-time.ts';
import { TakeDayAway } from './take-day-away.tsx';
import type { DayOnPage } from './use-day-order.ts';

/** How the order was found, honestly. */
function methodText({ method, because, boundMin, value }: DayResult, isStopped: boolean): string {
  if (method === 'exact') return 'Every order was weighed: none is better.';
  if (isStopped) return 'Stopped: the best found so far; a better one may exist.';
  const bound =
    boundMin === undefined
      ? ''
      : ` No order changes over in less than ${boundMin} min; this takes ${value.changeoverMin}.`;
  const why =
    because === 'too-many-orders'
      ? 'There are too many orders to weigh them all'
      : 'With more than 16 tasks or 3 machines not every order is weighed';
  return `${why}: the best of a search; a better one may exist.${bound}`;
}

function differenceText(theirs: DayValue, ours: DayValue): string {
  const difference = compareValues(theirs, ours);
  if (difference <= 0) return 'Your pins cost nothing.';
  const late = theirs.lateness - ours.lateness;
  const change = theirs.changeoverMin - ours.changeoverMin;
  const end = theirs.endMin - ours.endMin;
  if (late > 0) return `Your pins cost ${spanText(late)} of being late (weighted) against our order.`;
  if (change > 0) return `Your pins cost ${spanText(change)} more of changing over than our order.`;
  return `With your pins the last task ends ${spanText(end)} later than in our order.`;
}

function Figure({
  name,
  value,
  isBad = false,
}: {
  readonly name: string;
  readonly value: string;
  readonly isBad?: boolean;
}) {
  return (
    <div>
      <dt className="label-text">{name}</dt>
      <dd className={`figure-text text-3xl ${isBad ? 'text-hot' : ''}`}>{value}</dd>
    </div>
  );
}

interface Props {
  readonly day: DayOnPage;
  readonly result: DayResult;
  readonly jobs: readonly Job[];
}

/** What the order is worth, how it was found, and what the user's pins cost. */
export function DayBar({ day, result, jobs }: Props) {
  const change = useChangeTask();
  const toast = useToast();
  const { value, ours, pinFaults } = result;
  const pinned = jobs.filter(({ task }) => task.pinMachineId !== undefined);
  const titleOf = (id: string): string => jobs.find((job) => job.id === id)?.title ?? '';
  const lateMin = result.lines.flatMap(({ places }) => places).reduce((sum, place) => sum + place.lateMin, 0);
  return (
    <div className="grid grid-cols-1 gap-3">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <dl className="flex flex-wrap gap-x-8 gap-y-2">
          <Figure name="late" value={lateMin === 0 ? 'nothing' : spanText(lateMin)} isBad={lateMin > 0} />
          <Figure name="changing over" value={spanText(value.changeoverMin)} />
          <Figure name="last ends" value={value.endMin === 0 ? '–' : timeText(value.endMin)} />
        </dl>
        <div className="flex flex-wrap gap-2">
          {day.isWorking && (
            <Button onClick={day.stop}>Stop searching ({Math.floor(result.done * 100)} %)</Button>
          )}
          <TakeDayAway day={day} result={result} jobs={jobs} />
        </div>
      </div>
      <p className="text-[15px] text-ink-soft" role="status">
        {day.isWorking ? 'Still looking; the best so far is shown.' : methodText(result, day.isStopped)}
      </p>
      {ours && pinned.length > 0 && (
        <div className={`${MIND_BOX} flex flex-wrap items-center justify-between gap-3`}>
          <span>{differenceText(value, ours)}</span>
          <Button
            onClick={() => {
              for (const job of pinned) {
                change.mutate(
                  { job, change: { pinMachineId: null, pinAfter: null } },
                  { onError: (error) => toast(`Still pinned. ${error.message}`) },
                );
              }
            }}
          >
            Take all pins off
          </Button>
        </div>
      )}
      {pinFaults.map(({ taskId, text }) => (
        <p key={taskId} className={MIND_BOX}>
          ◆ The pin of {titleOf(taskId)} does not hold: {text}
        </p>
      ))}
    </div>
  );
}
