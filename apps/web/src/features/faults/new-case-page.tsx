import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { FaultCase } from '@hot-bead/contract/faults';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import {
  beadSymptoms,
  FAULT_PROCESSES,
  FAULT_STATIONS,
  faultProcess,
  isSymptomOf,
} from '@hot-bead/core/faults';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v4 as uuid } from 'uuid';
import { PageSkeleton } from '../../ui/page/notices.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { jobQuery } from '../plan/jobs/index.ts';
import { machineListQuery } from '../machine/index.ts';
import { useSetup } from '../plan/index.ts';
import { testBeadListQuery } from '../window/test-beads/index.ts';
import { caseAfter, type CaseChange, useBeginCase, useChangeCase } from './faults.queries.ts';
import { FaultWork } from './fault-work.tsx';
import { NO_JOB } from './use-fault-known.ts';

/** Whether there is anything to keep: naming a machine is not yet a fault. */
function isWorthKeeping({ present, absent, looks }: FaultCase): boolean {
  return present.length + absent.length + looks.length > 0;
}

interface ReadyProps {
  readonly job: Job | undefined;
  readonly machine: KeptMachine | undefined;
  readonly bead: KeptTestBead | undefined;
}

function NewCase({ job, machine, bead }: ReadyProps) {
  const navigate = useNavigate();
  const toast = useToast();
  const [search] = useSearchParams();
  const { setup, machine: ofJob } = useSetup(job ?? NO_JOB);
  const plan = setup?.status === 'planned' ? setup : undefined;
  const on = machine ?? ofJob;
  const [id] = useState(() => uuid());
  const begin = useBeginCase(id);
  const keep = useChangeCase(id);
  const [draft, setDraft] = useState<FaultCase>(() => {
    const asked = search.get('process');
    const process = FAULT_PROCESSES.find((one) => one === asked) ?? faultProcess(on, plan);
    const seen = bead ? beadSymptoms(bead) : { present: [], absent: [] };
    return {
      process,
      ...(on ? { machineId: on.id } : {}),
      ...(job ? { jobId: job.id } : {}),
      present: seen.present.filter((symptom) => isSymptomOf(symptom, process)),
      absent: seen.absent,
      said: {},
      looks: [],
      beganAt: new Date().toISOString(),
    };
  });
  const onChange = (change: CaseChange): void => {
    const next = caseAfter(draft, change);
    setDraft(next);
    const onError = (error: Error): void => toast(`Not kept. ${error.message}`);
    // what is pressed while the case is being begun goes after it
    if (begin.isPending) {
      keep.mutate(change, { onError });
      return;
    }
    if (!isWorthKeeping(next)) return;
    const asked = search.get('station');
    const station = asked === null ? '' : `?${new URLSearchParams({ station: asked })}`;
    begin.mutate(next, {
      onSuccess: () => void navigate(`/faults/${id}${station}`, { replace: true }),
      onError,
    });
  };
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle also={on?.name}>Find a fault</PageTitle>
      <FaultWork
        faultCase={draft}
        station={FAULT_STATIONS.find((one) => one === search.get('station'))}
        onChange={onChange}
      />
    </div>
  );
}

/** A new case, with what is known from where one comes: a machine, a job, a bead that was reported. Kept from the first press. */
export function NewCasePage() {
  const [search] = useSearchParams();
  const jobId = search.get('job') ?? '';
  const beadId = search.get('bead');
  const machineId = search.get('machine');
  const job = useQuery({ ...jobQuery(jobId), enabled: jobId !== '' });
  const beads = useQuery({ ...testBeadListQuery(jobId), enabled: jobId !== '' });
  const machines = useQuery(machineListQuery);
  // what cannot be read is left out: a fault is found without it too
  if (job.isLoading || beads.isLoading || machines.isLoading) return <PageSkeleton />;
  return (
    <NewCase
      job={job.data}
      machine={machines.data?.find(({ id }) => id === machineId)}
      bead={beads.data?.find(({ id }) => id === beadId)}
    />
  );
}
