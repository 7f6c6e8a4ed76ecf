import type { Job } from '@hot-bead/contract/plan';
import type { KeptInspection } from '@hot-bead/contract/records';
import { completeWork, type PlannedSetup } from '@hot-bead/core/plan';
import { type Inspection, offeredStandard } from '@hot-bead/core/records';
import { isFilletJoint } from '@hot-bead/core/trade';
import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { useJob } from '../../plan/jobs/index.ts';
import { useSetup } from '../../plan/index.ts';
import { inspectionChange } from './inspection-fields.ts';
import { InspectionForm, WholeVerdict } from './inspection-form.tsx';
import {
  inspectionListQuery,
  useChangeInspection,
  useKeepInspection,
  useTakeInspectionAway,
} from './inspections.queries.ts';
import { useInspectionEntry } from './use-inspection.ts';

/** A weld of a job before anybody looked at it: its joint, its plate and its size from the plan. */
function startOf(job: Job, plan: PlannedSetup | undefined): Partial<Inspection> {
  const work = plan?.work ?? completeWork(job.work)?.work;
  const plates = [work?.thicknessMm, work?.otherThicknessMm].filter((one) => one !== undefined);
  return {
    joint: work === undefined || isFilletJoint(work.joint) ? 'fillet' : 'butt',
    standard: offeredStandard(plan?.weldMetal === 'aluminium'),
    ...(plates.length === 0 ? {} : { thicknessMm: Number(Math.min(...plates).toFixed(2)) }),
    nominalMm: work?.throatMm ?? work?.legMm,
    nominalIs: work?.throatMm !== undefined ? 'throat' : work?.legMm !== undefined ? 'leg' : undefined,
    weldMm: work?.seamMm,
  };
}

interface EditProps {
  readonly job: Job;
  /** What is known of it before anybody looked. */
  readonly start: Partial<Inspection>;
  readonly kept: KeptInspection | undefined;
}

function Inspect({ job, start, kept }: EditProps) {
  const entry = useInspectionEntry(kept, start);
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
      const changes = inspectionChange(kept, inspection);
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
  return <Inspect key={kept?.id ?? 'new'} job={job} kept={kept} start={startOf(job, plan)} />;
}
