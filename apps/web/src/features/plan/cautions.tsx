import { inMetric, sourceText } from '@hot-bead/core/base';
import { useWords } from '../../units/index.ts';
import type { Acknowledgement, Job } from '@hot-bead/contract/plan';
import type { Caution, CautionLevel } from '@hot-bead/core/plan';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { Button } from '../../ui/button.tsx';
import { useAcknowledge } from './jobs/index.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { Section } from '../../ui/page/section.tsx';

const LEVEL: Readonly<
  Record<CautionLevel, { readonly sign: string; readonly word: string; readonly box: string }>
> = {
  stop: { sign: '■', word: 'Stop', box: 'border-hot bg-hot-tint' },
  warn: { sign: '◆', word: 'Mind', box: 'border-straw bg-straw-tint' },
  note: { sign: '○', word: 'Note', box: 'border-line' },
};

function CautionText({ caution }: { readonly caution: Caution }) {
  const say = useWords();
  const level = LEVEL[caution.level];
  return (
    <p>
      <span className="font-semibold">
        <span aria-hidden="true">{level.sign}</span> {level.word}.
      </span>{' '}
      {say(caution.text)} <span className="text-sm text-ink-soft">[{sourceText(caution.source)}]</span>
    </p>
  );
}

/** When a stop caution was read, as it stands now; a changed text must be read again. */
export function readAt(caution: Caution, acknowledged: readonly Acknowledgement[]): string | undefined {
  const kept = inMetric(caution.text);
  return acknowledged.findLast(({ code, text }) => code === caution.code && text === kept)?.at;
}

/** Stop cautions of a plan that have not been read yet. */
export function unreadStops(cautions: readonly Caution[], job: Job): readonly Caution[] {
  return cautions.filter((c) => c.level === 'stop' && readAt(c, job.acknowledged) === undefined);
}

function StopCaution({ caution, job }: { readonly caution: Caution; readonly job: Job }) {
  const acknowledge = useAcknowledge(job.id);
  const at = readAt(caution, job.acknowledged);
  return (
    <li
      className={`flex flex-wrap items-center justify-between gap-3 rounded-md border px-3 py-2 ${LEVEL.stop.box}`}
    >
      <div className="min-w-0 flex-1 basis-80">
        <CautionText caution={caution} />
        {acknowledge.error && <Wrong>{acknowledge.error.message}</Wrong>}
      </div>
      {at === undefined ? (
        <Button
          tone="main"
          disabled={acknowledge.isPending}
          onClick={() => acknowledge.mutate({ code: caution.code, text: inMetric(caution.text) })}
        >
          I have read this
        </Button>
      ) : (
        <span className="text-sm">read {format(new Date(at), 'd MMM, HH:mm')}</span>
      )}
    </li>
  );
}

/** Cautions that come before anything else is read; each is confirmed, and that is logged. */
export function StopCautions({
  cautions,
  job,
}: {
  readonly cautions: readonly Caution[];
  readonly job: Job;
}) {
  const stops = cautions.filter((caution) => caution.level === 'stop');
  if (stops.length === 0) return null;
  return (
    <ul aria-label="Stop and read" className="grid gap-2">
      {stops.map((caution) => (
        <StopCaution key={caution.code} caution={caution} job={job} />
      ))}
    </ul>
  );
}

/** The plan's part that its cautions stand in. */
export const CAUTIONS_PART = 'cautions';

/** What a caution begins with: enough to know it by. */
function firstWords(text: string): string {
  return text.split(/(?<=[.:;]) /)[0]?.replace(/[.:;]$/, '') ?? text;
}

/** What is to be minded, in one line beside the title; all of it stands in its part. */
export function WarnLine({ cautions }: { readonly cautions: readonly Caution[] }) {
  const say = useWords();
  const warns = cautions.filter(({ level }) => level === 'warn');
  if (warns.length === 0) return null;
  return (
    <Link
      to={{ search: `?part=${CAUTIONS_PART}` }}
      preventScrollReset
      replace
      onClick={() =>
        requestAnimationFrame(() =>
          document.getElementById(CAUTIONS_PART)?.scrollIntoView({ block: 'center' }),
        )
      }
      className={`flex min-h-11 flex-wrap items-center gap-x-4 rounded-md border px-3 py-1.5 text-[15px] hover:border-action ${LEVEL.warn.box}`}
    >
      <span className="sr-only">Mind:</span>
      {warns.map(({ code, text }) => (
        <span key={code}>
          <span aria-hidden="true">{LEVEL.warn.sign}</span> {firstWords(say(text))}
        </span>
      ))}
    </Link>
  );
}

/** All other cautions of the plan, gravest first. */
export function Cautions({ cautions }: { readonly cautions: readonly Caution[] }) {
  return (
    <Section id="cautions" title="Cautions" className="[&>h2]:mb-2">
      <ul className="grid gap-2">
        {cautions
          .filter((caution) => caution.level !== 'stop')
          .map((caution) => (
            <li key={caution.code} className={`rounded-md border px-3 py-2 ${LEVEL[caution.level].box}`}>
              <CautionText caution={caution} />
            </li>
          ))}
      </ul>
    </Section>
  );
}
