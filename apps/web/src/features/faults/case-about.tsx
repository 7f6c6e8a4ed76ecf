import { useTitle } from '../../units/index.ts';
import type { FaultCase } from '@hot-bead/contract/faults';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { FAULT_PROCESS_NAME, FAULT_PROCESSES } from '@hot-bead/core/faults';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Pick } from '../../ui/pick.tsx';
import { firstJobsQuery } from '../plan/jobs/index.ts';
import { machineListQuery } from '../machine/index.ts';

/** Most jobs that are offered by name: those touched last. */
const JOBS_OFFERED = 30;

interface Props {
  readonly faultCase: Pick<FaultCase, 'process' | 'machineId' | 'jobId'>;
  readonly onChange: (change: {
    readonly process?: FaultCase['process'];
    readonly machineId?: string | null;
    readonly jobId?: string | null;
  }) => void;
  readonly jobTitle: string | undefined;
}

/** What is welded with what, on which machine, and for which job: what is known of them counts. */
export function CaseAbout({ faultCase, onChange, jobTitle }: Props) {
  const { process, machineId, jobId } = faultCase;
  const { data: machines = [] } = useQuery(machineListQuery);
  const [open, setOpen] = useState(machineId === undefined);
  const machine = machines.find(({ id }) => id === machineId);
  return (
    <div>
      <div className="flex flex-wrap items-center gap-x-4">
        <p>
          {FAULT_PROCESS_NAME[process]} · {machine?.name ?? 'no machine named'} ·{' '}
          {jobId === undefined ? (
            'no job named'
          ) : (
            <Link to={`/jobs/${jobId}`} className="text-action underline">
              {jobTitle ?? 'its job'}
            </Link>
          )}
        </p>
        <button
          type="button"
          aria-expanded={open}
          className="min-h-11 font-medium text-action underline"
          onClick={() => setOpen(!open)}
        >
          {open ? 'Hide' : 'Change'}
        </button>
      </div>
      {open && (
        <AboutFields faultCase={faultCase} machines={machines} jobTitle={jobTitle} onChange={onChange} />
      )}
    </div>
  );
}

function AboutFields({
  faultCase: { process, machineId, jobId },
  machines,
  jobTitle,
  onChange,
}: Props & { readonly machines: readonly KeptMachine[] }) {
  const titled = useTitle();
  const { data: jobs } = useQuery(firstJobsQuery(JOBS_OFFERED));
  const listed = (jobs ?? []).map(({ id, title }) => [id, titled(title)] as const);
  const isAmong = jobId === undefined || listed.some(([id]) => id === jobId);
  return (
    <div className="grid grid-cols-1 gap-3 md:grid-cols-3">
      <Pick
        label="Welded with"
        value={process}
        options={FAULT_PROCESSES.map((one) => [one, FAULT_PROCESS_NAME[one]] as const)}
        onPick={(next) => onChange({ process: next })}
      />
      <Pick
        label="Machine"
        value={machineId ?? ''}
        options={[['', 'not named'], ...machines.map(({ id, name }) => [id, name] as const)]}
        onPick={(id) => onChange({ machineId: id === '' ? null : id })}
      />
      <Pick
        label="Job"
        value={jobId ?? ''}
        options={[
          ['', 'not named'],
          ...(isAmong ? [] : [[jobId, jobTitle ?? 'this job'] as const]),
          ...listed,
        ]}
        onPick={(id) => onChange({ jobId: id === '' ? null : id })}
      />
    </div>
  );
}
