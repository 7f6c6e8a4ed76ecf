import { allInWords, METRIC } from '@hot-bead/core/base';
import { useReader, useWords } from '../../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { KeptSheet } from '@hot-bead/contract/records';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { type SheetChange, sheetChanges } from '@hot-bead/core/records';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useState } from 'react';
import { CARDS, type Card, type Paper, PAPERS } from '../../../print/page.ts';
import { Button, ButtonLink } from '../../../ui/button.tsx';
import { Field } from '../../../ui/form/field.tsx';
import { Menu } from '../../../ui/menu.tsx';
import { ErrorNotice, MIND_BOX, Notice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { saveFile } from '../../../ui/save-file.ts';
import { useToast } from '../../../ui/toasts.tsx';
import { useJob } from '../../plan/jobs/index.ts';
import { useSetup } from '../../plan/index.ts';
import { inUse, stockQuery } from '../../stores/index.ts';
import { cardOf, drawingOf, sheetOf } from './printed.ts';
import type { PrintedSheet } from './sheet-layout.ts';
import { sheetListQuery, useKeepSheet } from './sheets.queries.ts';
import { SheetView } from './sheet-view.tsx';

const PDF = 'application/pdf';
const MENU =
  'inline-flex min-h-11 items-center justify-center gap-2 rounded-md border border-line-strong bg-plate px-4 font-medium hover:border-action';

/** Why a kept sheet no longer describes the weld. */
function Changed({
  revision,
  changes,
}: {
  readonly revision: number;
  readonly changes: readonly SheetChange[];
}) {
  const say = useWords();
  return (
    <div className={MIND_BOX} role="status">
      <p className="font-semibold">◆ Changed: revision {revision} no longer describes this weld</p>
      <ul>
        {changes.map(({ what, was, is }) => (
          <li key={what}>
            {what}: {say(was)} → {say(is)}
          </li>
        ))}
      </ul>
      <p className="text-sm">
        [ISO 15614-1 in words, recalled.] Keep a new revision; the old one stays as it is.
      </p>
    </div>
  );
}

interface ReadyProps {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
  readonly kept: readonly KeptSheet[];
  readonly wireBatch: string | undefined;
}

function Sheet({ job, plan, machine, kept, wireBatch }: ReadyProps) {
  const reader = useReader();
  const [by, setBy] = useState('');
  const [shown, setShown] = useState<string>();
  const [wrong, setWrong] = useState<string>();
  const keep = useKeepSheet(job.id);
  const toast = useToast();
  const now = { sheet: sheetOf(plan, machine, wireBatch), drawing: drawingOf(plan) };
  const last = kept[0];
  const old = kept.find(({ id }) => id === shown);
  const changes = last ? sheetChanges(last.sheet.essentials, now.sheet.essentials) : [];
  const printed: PrintedSheet = old
    ? {
        ...old,
        number: `Revision ${old.revision}`,
        date: format(old.createdAt, 'd MMM yyyy'),
        by: old.by ?? '',
        reader,
      }
    : { ...now, number: 'Not kept', date: format(new Date(), 'd MMM yyyy'), by, reader };
  const save = async (name: string, make: () => Promise<Uint8Array>): Promise<void> => {
    setWrong(undefined);
    try {
      saveFile(name, new Blob([(await make()) as Uint8Array<ArrayBuffer>], { type: PDF }));
    } catch (error) {
      setWrong(`It could not be printed: ${error instanceof Error ? error.message : 'unknown'}`);
    }
  };
  const sheetItems = (Object.keys(PAPERS) as Paper[]).map(
    (paper) =>
      [
        paper,
        () =>
          void save('procedure-sheet.pdf', async () =>
            (await import('./sheet-pdf.ts')).sheetPdf(printed, paper),
          ),
      ] as const,
  );
  const cardItems = (Object.keys(CARDS) as Card[]).map(
    (paper) =>
      [
        paper,
        () =>
          void save('setup-card.pdf', async () =>
            (await import('./sheet-pdf.ts')).cardPdf(cardOf(plan, machine, reader.units), paper),
          ),
      ] as const,
  );
  return (
    <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_280px]">
      <div className="grid grid-cols-1 gap-4">
        {last && !old && changes.length > 0 && <Changed revision={last.revision} changes={changes} />}
        {old && (
          <p className={MIND_BOX}>
            This is revision {old.revision} of {format(old.createdAt, 'd MMM yyyy')}, as it was kept.{' '}
            <Button tone="quiet" onClick={() => setShown(undefined)}>
              Show it as the plan stands now
            </Button>
          </p>
        )}
        <SheetView sheet={printed.sheet} drawing={printed.drawing} />
      </div>
      <div className="grid grid-cols-1 gap-4">
        <Section id="print" title="On paper" className="grid gap-3">
          <Menu className={MENU} items={cardItems}>
            Setup card, PDF
          </Menu>
          <Menu className={MENU} items={sheetItems}>
            This sheet, PDF
          </Menu>
          {wrong !== undefined && <p role="alert">{wrong}</p>}
        </Section>
        <Section id="revisions" title="Revisions" className="grid gap-3">
          {kept.length === 0 && (
            <p className="text-[15px]">
              None kept yet. A revision stays as it was, whatever becomes of the plan.
            </p>
          )}
          <ul>
            {kept.map((one) => (
              <li key={one.id}>
                <button
                  type="button"
                  aria-pressed={one.id === shown}
                  className="min-h-11 w-full text-left font-medium text-action hover:underline"
                  onClick={() => setShown(one.id)}
                >
                  Revision {one.revision}, {format(one.createdAt, 'd MMM yyyy')}
                  {one.by === undefined ? '' : `, by ${one.by}`}
                </button>
              </li>
            ))}
          </ul>
          <Field label="By (optional)" value={by} onChange={(event) => setBy(event.target.value)} />
          <Button
            tone="main"
            disabled={keep.isPending}
            onClick={() =>
              keep.mutate(
                { ...allInWords(now, { units: METRIC }), ...(by.trim() === '' ? {} : { by: by.trim() }) },
                {
                  onSuccess: ({ revision }, undo) => toast(`Revision ${revision} kept`, undo),
                  onError: (error) => setWrong(error.message),
                },
              )
            }
          >
            Keep as revision {(last?.revision ?? 0) + 1}
          </Button>
        </Section>
        <ButtonLink to={`/jobs/${job.id}/record`} tone="quiet">
          Back to the record
        </ButtonLink>
      </div>
    </div>
  );
}

/** A job's preliminary procedure sheet, its revisions, and the card that hangs on the machine. */
export function SheetPage() {
  const job = useJob();
  const { setup, machine, isWhole } = useSetup(job);
  const kept = useQuery(sheetListQuery(job.id));
  const { data: stock = [], isPending } = useQuery(stockQuery);
  if (kept.error) return <ErrorNotice error={kept.error} onRetry={() => void kept.refetch()} />;
  if (kept.isPending || isPending || !isWhole) return <PageSkeleton />;
  if (setup?.status !== 'planned') {
    return (
      <Notice title="No sheet yet" action={<ButtonLink to={`/jobs/${job.id}`}>Open the plan</ButtonLink>}>
        A sheet describes a plan, and this job has none.
      </Notice>
    );
  }
  const { batch } = inUse(machine, stock).spool ?? {};
  return <Sheet job={job} plan={setup} machine={machine} kept={kept.data} wireBatch={batch} />;
}
