import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { ShopLearning } from '@hot-bead/contract/window';
import type { Machine } from '@hot-bead/core/machine';
import {
  completeWork,
  type CompletedWork,
  planSetup,
  resourcesOf,
  type Setup,
  type Shop,
} from '@hot-bead/core/plan';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { learningQuery, machineListQuery } from '../machine/index.ts';
import { shopQuery } from '../shop/index.ts';

const NO_MACHINES: readonly KeptMachine[] = [];

export interface JobSetup {
  /** The complete work, and what of it is assumed; undefined while the job has no thickness. */
  readonly complete: CompletedWork | undefined;
  /** Undefined while the job has no thickness, and while its machine is retired. */
  readonly setup: Setup | undefined;
  readonly machines: readonly Machine[];
  /** The machine the job names, as it stands. */
  readonly machine: KeptMachine | undefined;
  /** Whether everything that it rests on was read: until then it may still move. */
  readonly isWhole: boolean;
}

function learningByName(machines: readonly KeptMachine[], learning: ShopLearning): Shop['learning'] {
  return Object.fromEntries(
    machines.flatMap(({ id, name }) => {
      const learned = learning[id];
      return learned ? [[name, learned] as const] : [];
    }),
  );
}

/** The shop as the planner takes it: machines, schools, shelf, and what beads proved. */
export function useShop(): Shop {
  const { data: machines = NO_MACHINES } = useQuery(machineListQuery);
  const { data: shop } = useQuery(shopQuery);
  const { data: learning } = useQuery(learningQuery);
  return useMemo(
    () => ({
      machines,
      schools: shop?.schools,
      shelf: shop?.shelf ?? undefined,
      learning: learning && learningByName(machines, learning),
    }),
    [machines, shop, learning],
  );
}

/** The job's plan, computed here and now: a change repaints at once, without waiting for the server. */
export function useSetup(job: Pick<Job, 'work' | 'own' | 'machine'>): JobSetup {
  const shop = useShop();
  const { data: kept, isPending: machinesPending } = useQuery(machineListQuery);
  const { isPending: shopPending } = useQuery(shopQuery);
  const { isPending: learningPending } = useQuery(learningQuery);
  const isWhole = !machinesPending && !shopPending && !learningPending;
  return useMemo(() => {
    const complete = completeWork(job.work);
    const resources = resourcesOf(job.work, shop);
    const isRetired = job.machine?.retired === true && job.machine.name === job.work.machineName;
    const setup = isRetired ? undefined : complete && planSetup(complete.work, resources, job.own);
    return {
      complete,
      setup,
      machines: shop.machines,
      machine: kept?.find(({ name }) => name === job.work.machineName),
      isWhole,
    };
  }, [job, shop, kept, isWhole]);
}
