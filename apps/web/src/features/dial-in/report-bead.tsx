import type { KeptTestBead } from '@hot-bead/contract';
import type { BeadSetting } from '@hot-bead/core';
import { useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { sendChecked } from '../../ui/form/problems.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useReportBead } from '../test-beads/index.ts';
import { CoolQuestion, QuickTaps } from './quick-taps.tsx';
import { ReportDetails, type ReportFaults } from './report-details.tsx';
import { beadOf, reportAt, type ReportFields } from './report-fields.ts';

const PLACED = ['volts', 'wireFeedSpeedMPerMin', 'face', 'sound', 'flags', 'weldedAt'];

interface Props {
  readonly jobId: string;
  readonly number: number;
  readonly suggested: BeadSetting;
}

/** Reports a bead: in two taps, or with all that was seen and heard. Nothing typed is lost by a refusal. */
export function ReportBead({ jobId, number: beadNumber, suggested }: Props) {
  const { units } = usePreferences();
  const report = useReportBead(jobId);
  const toast = useToast();
  const [fields, setFields] = useState<ReportFields>(() => reportAt(suggested, units));
  const [faults, setFaults] = useState<ReportFaults>({});
  const [asking, setAsking] = useState<ReportFields>();
  const [isOpen, setOpen] = useState(false);

  const onLogged = (kept: KeptTestBead, undo: () => void): void => toast(`Bead ${kept.number} logged`, undo);
  /** Sends it once it is whole: what is wrong is said first, then whether the coupon was cool is asked. */
  const say = (asked: ReportFields): void => {
    setFaults({});
    sendChecked({
      check: () => beadOf(asked, suggested, units),
      send: (bead, onError) =>
        asked.cooled === undefined ? setAsking(asked) : report.mutate(bead, { onSuccess: onLogged, onError }),
      place: (problems) => {
        setAsking(undefined);
        setFaults(
          Object.fromEntries(
            problems.map(({ field, message }) => [PLACED.includes(field) ? field : '', message]),
          ),
        );
        if (problems.some(({ field }) => PLACED.includes(field))) setOpen(true);
      },
    });
  };
  return (
    <section aria-label={`Report bead ${beadNumber}`} className="rounded-md border border-line bg-plate p-4">
      <h2 className="text-lg font-semibold">How did bead {beadNumber} come out?</h2>
      <div className="mt-2 max-md:sticky max-md:bottom-14 max-md:z-10 max-md:-mx-4 max-md:border-t max-md:border-line max-md:bg-plate max-md:px-4 max-md:py-2">
        {asking ? (
          <CoolQuestion
            disabled={report.isPending}
            onSay={(cooled) => say({ ...asking, cooled })}
            onBack={() => setAsking(undefined)}
          />
        ) : (
          <QuickTaps disabled={report.isPending} onSay={(said) => say({ ...fields, said })} />
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
          disabled={report.isPending}
          onClick={() => say({ ...fields, said: undefined })}
        >
          {report.isPending ? 'Logging…' : `Log bead ${beadNumber} by sound and face`}
        </Button>
      </details>
    </section>
  );
}
