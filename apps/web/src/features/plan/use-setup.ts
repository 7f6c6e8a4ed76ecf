import type { Job } from '@hot-bead/contract';
import {
  completeWork,
  type CompletedWork,
  type Machine,
  planSetup,
  resourcesOf,
  type Setup,
} from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { machineListQuery } from '../machines/index.ts';

const NO_MACHINES: readonly Machine[] = [];

export interface JobSetup {
  /** The complete work, and what of it is assumed; undefined while the job has no thickness. */
  readonly complete: CompletedWork | undefined;
  readonly setup: Setup | undefined;
  readonly machines: readonly Machine[];
}

/** The job's plan, computed here and now: a change repaints at once, without waiting for the server. */
export function useSetup(job: Job): JobSetup {
  const { data: machines = NO_MACHINES } = useQuery(machineListQuery);
  return useMemo(() => {
    const complete = completeWork(job.work);
    const setup = complete && planSetup(complete.work, resourcesOf(job.work, machines), job.own);
    return { complete, setup, machines };
  }, [job, machines]);
}
