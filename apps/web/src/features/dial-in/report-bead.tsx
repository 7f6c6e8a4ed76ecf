import type { ArcLevel } from '@hot-bead/core/arc-lab';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { useState } from 'react';
import { ApiFailure } from '../../api/client.ts';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { type Problem, sendChecked } from '../../ui/form/problems.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { ModelBeside } from '../arc-lab/index.ts';
import { RecordingReader } from '../arc-lab/reading/index.ts';
import { CoolQuestion, QuickTaps } from './quick-taps.tsx';
import { ReportDetails, type ReportFaults } from './report-details.tsx';
import { beadOf, reportAt, type ReportFields } from './report-fields.ts';
import type { RefusedReport, Reporting } from './use-reporting.ts';

const PLACED = ['volts', 'wireFeedSpeedMPerMin', 'face', 'sound', 'flags', 'weldedAt'];

/** A recording of the bead, where there is one: its answer is what is said. */
function FromRecording({
  onTake,
  plan,
  bead,
}: {
  readonly onTake: (level: ArcLevel) => void;
  readonly plan: PlannedSetup;
  readonly bead: BeadSetting;
}) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)} className="border-t border-line pt-1">
      <summary className="min-h-11 cursor-pointer py-2 font-medium text-action">
        Read it from a recording of its sound
      </summary>
      {isOpen && <RecordingReader onTake={onTake} beside={<ModelBeside plan={plan} bead={bead} />} />}
    </details>
  );
}

interface Props {
  readonly number: number;
  readonly suggested: BeadSetting;
  readonly plan: PlannedSetup;
  readonly reporting: Reporting;
}

function faultsOf(problems: readonly Problem[]): ReportFaults {
  return Object.fromEntries(
    problems.map(({ field, message }) => [PLACED.includes(field) ? field : '', message]),
  );
}

function problemOf({ error }: RefusedReport): Problem {
  return { field: error instanceof ApiFailure ? (error.field ?? '') : '', message: error.message };
}

/** Reports a bead: in two taps, or with all that was seen and heard. Nothing typed is lost by a refusal. */
export function ReportBead({ number: beadNumber, suggested, plan, reporting }: Props) {
  const { units } = usePreferences();
  const { refused, isPending, log } = reporting;
  const [fields, setFields] = useState<ReportFields>(() => refused?.fields ?? reportAt(suggested, units));
  const [faults, setFaults] = useState<ReportFaults>(() => (refused ? faultsOf([problemOf(refused)]) : {}));
  const [asking, setAsking] = useState<ReportFields>();
  const [isOpen, setOpen] = useState(
    () => refused !== undefined && PLACED.includes(problemOf(refused).field),
  );

  /** Sends it once it is whole: what is wrong is said first, then whether the coupon was cool is asked. */
  const say = (asked: ReportFields): void => {
    setFaults({});
    sendChecked({
      check: () => beadOf(asked, suggested, units),
      // what was said in one tap is said anew, should it be refused
      send: (bead) =>
        asked.cooled === undefined ? setAsking(asked) : log(bead, { ...fields, cooled: undefined }),
      place: (problems) => {
        setAsking(undefined);
        setFaults(faultsOf(problems));
        if (problems.some(({ field }) => PLACED.includes(field))) setOpen(true);
      },
    });
  };
  return (
    <section aria-label={`Report bead ${beadNumber}`} className="rounded-md border border-line bg-plate p-4">
      <h2 className={asking ? 'sr-only' : 'text-lg font-semibold'}>How did bead {beadNumber} come out?</h2>
      <div className="mt-2 max-md:sticky max-md:bottom-14 max-md:z-10 max-md:-mx-4 max-md:border-t max-md:border-line max-md:bg-plate max-md:px-4 max-md:py-2">
        {asking ? (
          <CoolQuestion
            disabled={isPending}
            onSay={(cooled) => say({ ...asking, cooled })}
            onBack={() => setAsking(undefined)}
          />
        ) : (
          <QuickTaps disabled={isPending} onSay={(verdict) => say({ ...fields, said: verdict })} />
        )}
        <Wrong>{faults['']}</Wrong>
      </div>
      <details
        open={isOpen}
        onToggle={(event) => setOpen(event.currentTarget.open)}
        className="mt-3 border-t border-line pt-1"
      >
        <summary className="min-h-11 cursor-pointer py-2 font-medium text-action">
          Say more: sound, face, spatter, other numbers
        </summary>
        <ReportDetails
          fields={fields}
          faults={faults}
          onChange={(change) => setFields((before) => ({ ...before, ...change }))}
        />
        <Button
          tone="main"
          className="mt-4 min-h-14 w-full text-lg"
          disabled={isPending}
          onClick={() => say({ ...fields, said: undefined })}
        >
          {isPending ? 'Logging…' : `Log bead ${beadNumber} by sound and face`}
        </Button>
      </details>
      {!asking && (
        <FromRecording onTake={(verdict) => say({ ...fields, said: verdict })} plan={plan} bead={suggested} />
      )}
    </section>
  );
}
