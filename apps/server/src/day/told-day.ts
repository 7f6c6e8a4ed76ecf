import type { ToldDay } from '@hot-bead/contract/day';
import { inMetric } from '@hot-bead/core/base';
import { type DayInput, dayOrder, placedDay, planDay, settled } from '@hot-bead/core/day';

/** A day that is to be put in order: all that it is made of. */
export type AskedDay = DayInput;

/** The day in order, searched to the end. */
export function toldDay(asked: AskedDay): ToldDay {
  const planned = planDay(asked);
  const order = settled(dayOrder(planned.problem));
  const { lines, value } = placedDay(planned, order);
  return {
    method: order.method,
    because: order.because ?? null,
    ...value,
    places: lines.flatMap((line, m) =>
      line.map(({ task, setupMin, setupStartMin, startMin, endMin, lateMin, why }) => ({
        jobId: task.job.id,
        title: task.job.title,
        machineId: planned.machines[m]?.id ?? '',
        setupMin,
        setupStartMin,
        startMin,
        endMin,
        lateMin,
        why: inMetric(why),
      })),
    ),
    leftOut: planned.leftOut.map(({ job: { id, title }, reason }) => ({
      jobId: id,
      title,
      reason: inMetric(reason),
    })),
    pinFaults: planned.pinFaults,
  };
}
