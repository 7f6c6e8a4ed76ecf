import { dayJobs, type DayTasks } from '@hot-bead/contract/day';
import type { DayInput } from '@hot-bead/core/day';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useNow } from '../../ui/use-now.ts';
import { useShop } from '../plan/index.ts';
import { dayTasksQuery } from './day.queries.ts';
import type { DayResult } from './day-result.ts';
import { dateAt, dayText, minuteOfDay } from './day-time.ts';

/** What comes in together is put in order once, ms. */
const SETTLES_IN_MS = 40;

/** The day in order on this page. */
export interface DayOnPage {
  readonly tasks: DayTasks | undefined;
  readonly result: DayResult | undefined;
  /** The day that times are counted from, and the time of it. */
  readonly today: string;
  readonly nowMin: number;
  readonly isWorking: boolean;
  /** Whether the search was stopped by hand: the best so far stands. */
  readonly isStopped: boolean;
  readonly stop: () => void;
  readonly error: Error | undefined;
}

function useDayInput(): {
  readonly input: DayInput | undefined;
  readonly tasks: DayTasks | undefined;
  readonly error: Error | null;
} {
  const tasks = useQuery(dayTasksQuery);
  const { shop, machines, settings, isWhole } = useShop();
  const now = useNow();
  const date = new Date(now);
  const [today, nowMin] = [dayText(date), minuteOfDay(date)];
  const input = useMemo((): DayInput | undefined => {
    if (!tasks.data || !settings || !isWhole) return undefined;
    return {
      jobs: dayJobs(tasks.data),
      machines: machines.map((machine) => ({ id: machine.id, machine })),
      shop,
      day: settings.day,
      today,
      nowMin,
      now: dateAt(today, nowMin).toISOString(),
    };
  }, [tasks.data, machines, settings, shop, isWhole, today, nowMin]);
  return { input, tasks: tasks.data, error: tasks.error };
}

/** Puts the day in order in a worker: begun anew when anything it hangs on changes, the order shown until the new one is there. */
export function useDayOrder(): DayOnPage {
  const { input, tasks, error } = useDayInput();
  const [result, setResult] = useState<DayResult>();
  const [failure, setFailure] = useState<Error>();
  const [stopped, setStopped] = useState<DayInput>();
  const worker = useRef<Worker>(undefined);
  useEffect(() => {
    if (!input) return undefined;
    let own: Worker | undefined;
    const timer = setTimeout(() => {
      own = new Worker(new URL('./day.worker.ts', import.meta.url), { type: 'module' });
      worker.current = own;
      own.onmessage = (event: MessageEvent<DayResult>) => {
        setFailure(undefined);
        setResult(event.data);
        if (event.data.done === 1) own?.terminate();
      };
      own.onerror = (event) => setFailure(new Error(event.message || 'The day could not be put in order.'));
      own.postMessage(input);
    }, SETTLES_IN_MS);
    return () => {
      clearTimeout(timer);
      own?.terminate();
    };
  }, [input]);
  const isStopped = stopped !== undefined && stopped === input;
  return {
    tasks,
    result,
    today: input?.today ?? '',
    nowMin: input?.nowMin ?? 0,
    isWorking: !isStopped && result !== undefined && result.done < 1,
    isStopped: isStopped && result !== undefined && result.done < 1,
    stop: () => {
      worker.current?.terminate();
      setStopped(input);
    },
    error: error ?? failure,
  };
}
