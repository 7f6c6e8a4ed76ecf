import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { KeptShop } from '@hot-bead/contract/shop';
import type { ShopLearning } from '@hot-bead/contract/window';
import { type CompletedWork, jobInShop, type Setup, type Shop, shopOf } from '@hot-bead/core/plan';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { learningQuery, machineListQuery } from '../machine/index.ts';
import { shopQuery } from '../shop/index.ts';

const NO_MACHINES: readonly KeptMachine[] = [];

/** The shop as a page has it. */
export interface ShopOnPage {
  /** As plans need it. */
  readonly shop: Shop;
  /** Its machines in use, as they are kept. */
  readonly machines: readonly KeptMachine[];
  /** Its settings; undefined until they are read. */
  readonly settings: KeptShop | undefined;
  /** What beads taught, by the machine's id; undefined until it is read. */
  readonly learning: ShopLearning | undefined;
  /** Whether all of it was read: until then a plan may still move. */
  readonly isWhole: boolean;
}

/** The shop: machines with what beads taught, settings, and what Stores hold. */
export function useShop(): ShopOnPage {
  const { data: machines = NO_MACHINES, isPending: machinesPending } = useQuery(machineListQuery);
  const { data: settings, isPending: settingsPending } = useQuery(shopQuery);
  const { data: learning, isPending: learningPending } = useQuery(learningQuery);
  const isWhole = !machinesPending && !settingsPending && !learningPending;
  return useMemo(
    () => ({
      shop: shopOf({ machines, schools: settings?.schools, shelf: settings?.shelf, learning }),
      machines,
      settings,
      learning,
      isWhole,
    }),
    [machines, settings, learning, isWhole],
  );
}

export interface JobSetup {
  /** The complete work, and what of it is assumed; undefined while the job has no thickness. */
  readonly complete: CompletedWork | undefined;
  /** Undefined while the job has no thickness, and where its machine is not in use. */
  readonly setup: Setup | undefined;
  readonly machines: readonly KeptMachine[];
  /** The machine the job names, as it stands. */
  readonly machine: KeptMachine | undefined;
  /** Whether everything that it rests on was read: until then it may still move. */
  readonly isWhole: boolean;
}

/** The job's plan, computed here and now: a change repaints at once, without waiting for the server. */
export function useSetup(job: Pick<Job, 'work' | 'own' | 'machine'>): JobSetup {
  const { shop, machines, isWhole } = useShop();
  return useMemo(() => {
    const answer = jobInShop(job, shop);
    return {
      complete: answer.status === 'no-thickness' ? undefined : answer.complete,
      setup: answer.status === 'answered' ? answer.setup : undefined,
      machines,
      machine: machines.find(({ name }) => name === job.work.machineName),
      isWhole,
    };
  }, [job, shop, machines, isWhole]);
}
