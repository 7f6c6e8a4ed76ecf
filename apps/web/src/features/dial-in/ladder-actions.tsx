import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { Job, JobSummary } from '@hot-bead/contract/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';
import { saveFile } from '../../ui/save-file.ts';
import { useToast } from '../../ui/toasts.tsx';
import { jobListQuery, jobQuery, NO_FILTER, useTakeSetting } from '../plan/jobs/index.ts';
import { testBeadListQuery } from '../window/test-beads/index.ts';
import { withUnit, useTitle } from '../../units/index.ts';
import { LadderStrip } from './ladder-strip.tsx';

interface Props {
  readonly job: Job;
  readonly ladder: readonly KeptTestBead[];
  /** What would be taken now. */
  readonly setting: BeadSetting;
}

interface PickJobProps {
  readonly job: Job;
  readonly which: (one: JobSummary) => boolean;
  readonly none: string;
  readonly onPick: (id: string) => void;
}

/** Other jobs on the same machine, to pick one from. */
function PickJob({ job, which, none, onPick }: PickJobProps) {
  const titled = useTitle();
  const jobs = useInfiniteQuery(jobListQuery({ ...NO_FILTER, machine: job.machine?.id ?? '' }));
  if (jobs.error) return <Wrong>This could not be loaded. {jobs.error.message}</Wrong>;
  const others = (jobs.data?.pages.flatMap(({ items }) => items) ?? []).filter(
    (one) => one.id !== job.id && which(one),
  );
  return (
    <>
      {jobs.data && others.length === 0 && <p>{none}</p>}
      <ul>
        {others.map((one) => (
          <li key={one.id} className="border-b border-line last:border-b-0">
            <button
              type="button"
              className="min-h-14 w-full px-2 text-left hover:text-action hover:underline"
              onClick={() => onPick(one.id)}
            >
              {titled(one.title)}
            </button>
          </li>
        ))}
      </ul>
      {jobs.hasNextPage && <Button onClick={() => void jobs.fetchNextPage()}>Show more</Button>}
    </>
  );
}

/** Sets another job's plan to what this ladder came to. */
function SetOther({ id, setting, onDone }: { id: string; setting: BeadSetting; onDone: () => void }) {
  const other = useQuery(jobQuery(id));
  if (other.error) return <Wrong>This could not be loaded. {other.error.message}</Wrong>;
  if (!other.data) return null;
  return <SetLoaded other={other.data} setting={setting} onDone={onDone} />;
}

function SetLoaded({ other, setting, onDone }: { other: Job; setting: BeadSetting; onDone: () => void }) {
  const titled = useTitle();
  const { units } = usePreferences();
  const { take, taking } = useTakeSetting(other);
  return (
    <div className="mt-2">
      <p>
        {titled(other.title)} is set to {withUnit('volts', setting.volts, units)} and{' '}
        {withUnit('wireFeedSpeed', setting.wireFeedSpeedMPerMin, units)}, as numbers of your own. Its beads
        stay its own.
      </p>
      <Button tone="main" className="mt-3 min-h-14" disabled={taking} onClick={() => take(setting, onDone)}>
        Set it so
      </Button>
    </div>
  );
}

/** Two ladders beside one another, over the book's volts. */
function Compared({ job, ladder, id }: { job: Job; ladder: readonly KeptTestBead[]; id: string }) {
  const other = useQuery(testBeadListQuery(id));
  const title = useQuery(jobQuery(id));
  if (other.error) return <Wrong>This could not be loaded. {other.error.message}</Wrong>;
  if (!other.data || !title.data) return null;
  return (
    <LadderStrip
      rows={[
        { name: job.title, beads: ladder },
        { name: title.data.title, beads: other.data },
      ]}
    />
  );
}

type Open = 'copy' | 'compare' | undefined;

/** What can be done with a ladder: taken to another job, held against another ladder, saved as a table. */
export function LadderActions({ job, ladder, setting }: Props) {
  const titled = useTitle();
  const toast = useToast();
  const [open, setOpen] = useState<Open>();
  const [id, setId] = useState<string>();
  const close = (): void => {
    setOpen(undefined);
    setId(undefined);
  };
  const save = async (): Promise<void> => {
    try {
      const { ladderCsv } = await import('./ladder-csv.ts');
      saveFile(`ladder ${titled(job.title)}.csv`, new Blob([ladderCsv(ladder)], { type: 'text/csv' }));
    } catch {
      toast('The table could not be made. Try again.');
    }
  };
  if (ladder.length === 0) return null;
  const last = ladder.at(-1);
  return (
    <section aria-label="This ladder" className="flex flex-wrap gap-2">
      {last && last.verdict !== 'right' && (
        <ButtonLink to={`/faults/new?job=${job.id}&bead=${last.id}`}>
          Something is wrong: find the fault
        </ButtonLink>
      )}
      <Button onClick={() => setOpen('compare')}>Compare ladders</Button>
      <Button onClick={() => setOpen('copy')}>Use on another job</Button>
      <Button onClick={() => void save()}>Save as CSV</Button>
      {open === 'copy' && (
        <Dialog
          title="Use on another job"
          text="What this ladder came to, as the numbers of another job on this machine."
          onClose={close}
        >
          {id === undefined ? (
            <PickJob
              job={job}
              which={() => true}
              none="There is no other job on this machine."
              onPick={setId}
            />
          ) : (
            <SetOther id={id} setting={setting} onDone={close} />
          )}
        </Dialog>
      )}
      {open === 'compare' && (
        <Dialog
          title="Compare with another ladder"
          text="Each bead where it lies over or under the book’s volts at its wire speed."
          onClose={close}
        >
          {id === undefined ? (
            <PickJob
              job={job}
              which={({ beadCount }) => beadCount > 0}
              none="No other job on this machine has beads yet."
              onPick={setId}
            />
          ) : (
            <Compared job={job} ladder={ladder} id={id} />
          )}
        </Dialog>
      )}
    </section>
  );
}
