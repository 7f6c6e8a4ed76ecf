import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { FaultCase, FaultCount } from '@hot-bead/contract/faults';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { KeptRun } from '@hot-bead/contract/records';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import { settledSchools } from '@hot-bead/core/base';
import {
  type CauseCounts,
  type FaultEvidence,
  faultEvidence,
  type FaultFact,
  faultJob,
  type FaultReport,
  knownTogether,
  machineLacks,
  shopSteps,
} from '@hot-bead/core/faults';
import { TEST_BEAD_ARC_MIN } from '@hot-bead/core/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { recentArcMinutes } from '@hot-bead/core/records';
import { driftOf } from '@hot-bead/core/window';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useNow } from '../../ui/use-now.ts';
import { jobQuery } from '../plan/jobs/index.ts';
import { calibratedAt } from '../machine/index.ts';
import { useSetup, useShop } from '../plan/index.ts';
import { lastRunsQuery } from '../records/run/index.ts';
import { inUse, stockQuery } from '../stores/index.ts';
import { testBeadListQuery } from '../window/test-beads/index.ts';
import { faultCountsQuery } from './faults.queries.ts';
import { byCause, evidenceKey, foundIn } from './fault-words.ts';

/** What is known of a case besides what was ticked, and the report that it makes. */
export interface FaultKnown {
  readonly report: FaultReport;
  readonly evidence: readonly FaultEvidence[];
  readonly machine: KeptMachine | undefined;
  readonly job: Job | undefined;
  readonly plan: PlannedSetup | undefined;
  /** How often each cause was it in this shop; nothing where that does not count. */
  readonly foundHere: CauseCounts;
  readonly machines: readonly KeptMachine[];
}

const NO_RUNS: readonly KeptRun[] = [];
const NO_STOCK: readonly KeptStockItem[] = [];
const NO_COUNTS: readonly FaultCount[] = [];
/** Stands in where no job is named: nothing is planned for it. */
export const NO_JOB: Pick<Job, 'work' | 'own' | 'machine'> = { work: {}, own: {}, machine: null };

/** How often each cause was it in this process. */
function countsOf(counts: readonly FaultCount[], process: FaultCase['process']): CauseCounts {
  const sums = byCause(counts.filter((one) => one.process === process));
  return Object.fromEntries(sums.map(({ cause, count }) => [cause, count]));
}

/** What somebody said of facts, as evidence. */
function saidIn({ said, beganAt }: Pick<FaultCase, 'said' | 'beganAt'>): readonly FaultEvidence[] {
  return Object.entries(said).map(([of, value]) => ({
    from: 'said',
    fact: { of: of as FaultFact, value },
    at: beganAt,
  }));
}

/** Arc time of the beads of the last ten minutes, min. */
function arcMinSince(beads: readonly KeptTestBead[], now: string): number {
  const from = Date.parse(now) - 10 * 60_000;
  return beads.filter(({ createdAt }) => Date.parse(createdAt) >= from).length * TEST_BEAD_ARC_MIN;
}

/** Everything that the app knows of a case: how its machine stands, its plan, Stores, its last bead, the shop's cases. */
export function useFaultKnown(faultCase: FaultCase): FaultKnown {
  const now = useNow();
  const { jobId, machineId } = faultCase;
  const { data: job } = useQuery({ ...jobQuery(jobId ?? ''), enabled: jobId !== undefined });
  const { data: beads } = useQuery({ ...testBeadListQuery(jobId ?? ''), enabled: jobId !== undefined });
  const { machines, settings, learning } = useShop();
  const { data: stock = NO_STOCK } = useQuery(stockQuery);
  const { data: counts = NO_COUNTS } = useQuery(faultCountsQuery);
  const { setup, machine: ofJob } = useSetup(job ?? NO_JOB);
  const plan = setup?.status === 'planned' ? setup : undefined;
  const machine = machines.find(({ id }) => id === machineId) ?? ofJob;
  const { data: runs = NO_RUNS } = useQuery({
    ...lastRunsQuery(machine?.id ?? ''),
    enabled: machine !== undefined,
  });
  // what records say is reckoned anew when one of them changes, not at every press
  const recorded = useMemo(() => {
    const last = beads?.at(-1);
    const dial = machine && calibratedAt(machine).dial;
    const groups = (machine && learning?.[machine.id]) ?? [];
    return faultEvidence({
      machine,
      plan,
      ...inUse(machine, stock),
      lastBead: last && { ...last, at: last.createdAt },
      dialAt: machine && (machine.wireControl?.kind === 'units' ? undefined : (dial?.toISOString() ?? null)),
      recentArcMin: arcMinSince(beads ?? [], now) + recentArcMinutes(runs, now),
      drifted: groups.some((group) => driftOf(group) !== undefined),
      now,
    });
  }, [beads, runs, machine, learning, plan, stock, now]);
  const { process, present, absent, looks, said, beganAt, denied } = faultCase;
  const evidence = useMemo(
    () => [
      ...saidIn({ said, beganAt }),
      ...recorded.filter((one) => !(denied?.includes(evidenceKey(one)) ?? false)),
    ],
    [recorded, said, beganAt, denied],
  );
  const foundHere = useMemo(
    () => (settledSchools(settings?.schools).ownFaults === 'count' ? countsOf(counts, process) : {}),
    [counts, settings, process],
  );
  const report = useMemo(
    (): FaultReport => ({
      process,
      present,
      absent,
      ...knownTogether(evidence, now),
      ...(plan ? { job: faultJob(plan) } : {}),
      lacks: machineLacks(machine),
      lookedAt: looks.flatMap(({ answer, causes }) => (answer === 'was-not' ? causes : [])),
      found: foundIn({ looks }),
      shopSteps: shopSteps(process, foundHere),
    }),
    [process, present, absent, looks, evidence, plan, machine, foundHere, now],
  );
  return { report, evidence, machine, job, plan, foundHere, machines };
}
