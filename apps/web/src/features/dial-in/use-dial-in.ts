import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { settledSchools } from '@hot-bead/core/base';
import { type DialIn, dialIn, type DialledPlan, dialWayFor, jobLadders } from '@hot-bead/core/dial-in';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { DialWay } from '@hot-bead/core/window';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { dialsOf } from '../terms/index.ts';
import { shopQuery } from '../shop/index.ts';

/** A job's dial-in as it stands. */
export interface DialInState {
  readonly dialled: DialledPlan;
  readonly current: readonly KeptTestBead[];
  readonly earlier: readonly (readonly KeptTestBead[])[];
  readonly state: DialIn;
  readonly way: DialWay;
}

/** Works out where a job's dial-in stands, from its beads; again with every bead and every correction. */
export function useDialIn(
  job: Job,
  plan: PlannedSetup,
  machine: KeptMachine | undefined,
  beads: readonly KeptTestBead[],
): DialInState {
  const shop = useQuery(shopQuery);
  const chosen = job.dialIn.way ?? settledSchools(shop.data?.schools).dialIn;
  const isLowStart = job.dialIn.lowStart === true;
  return useMemo(() => {
    const dialled = { plan, machine, dials: machine && dialsOf(machine) };
    const { current, earlier } = jobLadders(plan, machine?.id, beads);
    const way = dialWayFor(dialled, chosen);
    return { dialled, current, earlier, way, state: dialIn(dialled, current, { way, isLowStart }) };
  }, [plan, machine, beads, chosen, isLowStart]);
}
