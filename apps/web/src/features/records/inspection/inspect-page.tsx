import { useState } from 'react';
import { lengthText, typedSize, useReader } from '../../../units/index.ts';
import type { Units } from '@hot-bead/core/base';
import type { Job } from '@hot-bead/contract/plan';
import type { KeptInspection } from '@hot-bead/contract/records';
import { completeWork, type PlannedSetup } from '@hot-bead/core/plan';
import { offeredStandard } from '@hot-bead/core/records';
import { isFilletJoint } from '@hot-bead/core/trade';
import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { useJob } from '../../plan/jobs/index.ts';
import { useSetup } from '../../plan/index.ts';
import {
  fieldsOfInspection,
  inspectionChange,
  type InspectionFields,
  newFields,
} from './inspection-fields.ts';
import { InspectionForm, WholeVerdict } from './inspection-form.tsx';
import {
  inspectionListQuery,
  useChangeInspection,
  useKeepInspection,
  useTakeInspectionAway,
} from './inspections.queries.ts';
import { useInspectionEntry } from './use-inspection.ts';

/** A weld of a job before anybody looked at it: its joint, its plate and its size from the plan. */
function startOf(job: Job, plan: PlannedSetup | undefined, units: Units): InspectionFields {
  const work = plan?.work ?? completeWork(job.work)?.work;
  const plates = [work?.thicknessMm, work?.otherThicknessMm].filter((one) => one !== undefined);
  const isFillet = work === undefined || isFilletJoint(work.joint);
  const nominalMm = work?.throatMm ?? work?.legMm;
  return newFields({
    joint: isFillet ? 'fillet' : 'butt',
    standard: offeredStandard(plan?.weldMetal === 'aluminium'),
    thickness: plates.length === 0 ? '' : typedSize(Number(Math.min(...plates).toFixed(2)), units),
    nominal: nominalMm === undefined ? '' : typedSize(nominalMm, units),
    nominalIs: work?.throatMm !== undefined ? 'throat' : work?.legMm !== undefined ? 'leg' : '',
    weld: work?.seamMm === undefined ? '' : lengthText(work.seamMm, units),
  });
}

interface EditProps {
  readonly job: Job;
  readonly initial: InspectionFields;
  readonly kept: KeptInspection | undefined;
  readonly units: Units;
}

function Inspect({ job, initial, kept, units }: EditProps) {
  const entry = useInspectionEntry(initial, kept?.at, units);
  const keep = useKeepInspection(job.id);
  const change = useChangeInspection();
  const away = useTakeInspectionAway();
  const toast = useToast();
  const navigate = useNavigate();
  const back = `/jobs/${job.id}/record`;
  const isSaving = keep.isPending || change.isPending;
  const save = (): void =>
    entry.submit((inspection, onError) => {
      const done = (what: string) => (_kept: KeptInspection, undo: () => void) => {
        toast(what, undo);
        void navigate(back);
      };
      if (!kept) return keep.mutate(inspection, { onSuccess: done('Inspection kept'), onError });
      const changes = inspectionChange(kept, inspection, entry.units);
      if (Object.keys(changes).length === 0) return void navigate(back);
      change.mutate({ kept, change: changes }, { onSuccess: done('Inspection changed'), onError });
    });
  return (
    <form
      noValidate
      aria-label="Inspection"
      className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_300px]"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <InspectionForm entry={entry} />
      <div className="grid grid-cols-1 gap-3 lg:sticky lg:top-4">
        <WholeVerdict judged={entry.judged} />
        <div className="grid max-md:sticky max-md:bottom-14 max-md:z-10 max-md:-mx-4 max-md:border-t max-md:border-line max-md:bg-plate max-md:px-4 max-md:py-2">
          <Button type="submit" tone="main" className="min-h-14 text-lg" disabled={isSaving}>
            {isSaving ? 'Keeping…' : 'Keep this inspection'}
          </Button>
        </div>
        <ButtonLink to={back} tone="quiet">
          Back to the record
        </ButtonLink>
        {kept && (
          <Button
            tone="quiet"
            disabled={away.isPending}
            onClick={() =>
              away.mutate(kept, {
                onSuccess: (_done, undo) => {
                  toast('Inspection taken away', undo);
                  void navigate(back);
                },
                onError: (error) => toast(error.message),
              })
            }
          >
            Take this inspection away
          </Button>
        )}
      </div>
    </form>
  );
}

/** A weld that is looked at: what is held against which limits, with a verdict for each and for the whole. */
export function InspectPage() {
  // as it was opened: a size is read in the unit that its label names
  const [units] = useState(useReader().units);
  const job = useJob();
  const { inspectionId } = useParams();
  const { setup, isWhole } = useSetup(job);
  const list = useQuery(inspectionListQuery(job.id));
  if (list.error) return <ErrorNotice error={list.error} onRetry={() => void list.refetch()} />;
  if (list.isPending || !isWhole) return <PageSkeleton />;
  const kept = list.data.find(({ id }) => id === inspectionId);
  if (inspectionId !== undefined && !kept) {
    return (
      <Notice
        title="There is no such inspection"
        action={<ButtonLink to={`/jobs/${job.id}/record`}>Back to the record</ButtonLink>}
      >
        It was taken away, or belongs to another job.
      </Notice>
    );
  }
  const plan = setup?.status === 'planned' ? setup : undefined;
  return (
    <Inspect
      key={kept?.id ?? 'new'}
      job={job}
      kept={kept}
      units={units}
      initial={kept ? fieldsOfInspection(kept, units) : startOf(job, plan, units)}
    />
  );
}
