import type { NewTestBead } from '@hot-bead/contract/dial-in';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { weldedWith } from '@hot-bead/core/dial-in';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { useState } from 'react';
import { useToast } from '../../ui/toasts.tsx';
import { useReportBead } from '../window/test-beads/index.ts';
import type { ReportFields } from './report-fields.ts';

/** A report that was refused: what was typed, and why. */
export interface RefusedReport {
  readonly fields: ReportFields;
  readonly error: Error;
}

export interface Reporting {
  readonly log: (bead: NewTestBead, fields: ReportFields) => void;
  readonly isPending: boolean;
  readonly refused: RefusedReport | undefined;
}

/** Logs beads of a job. It outlives the form, which is made anew for the next bead at once; a refusal brings it back as it was. */
export function useReporting(job: Job, plan: PlannedSetup, machine: KeptMachine | undefined): Reporting {
  const report = useReportBead(job.id);
  const toast = useToast();
  const [refused, setRefused] = useState<RefusedReport>();
  return {
    isPending: report.isPending,
    refused,
    log: (bead, fields) => {
      setRefused(undefined);
      report.mutate(
        { bead, weldedWith: weldedWith(plan, { machineId: machine?.id, at: bead, terms: undefined }) },
        {
          onSuccess: (kept, undo) => toast(`Bead ${kept.number} logged`, undo),
          onError: (error) => setRefused({ fields, error }),
        },
      );
    },
  };
}
