import { useTitle, useWords } from '../../units/index.ts';
import { amount, inMetric, words, type Words } from '@hot-bead/core/base';
import type { Job, JobSummary } from '@hot-bead/contract/plan';
import { type Shortage, shortages } from '@hot-bead/core/day';
import { gasOf } from '@hot-bead/core/trade';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Button } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { dayKey, type DayResult, spanText, timeText } from '../day/index.ts';
import { beadText, useAcknowledgeJobs } from '../plan/jobs/index.ts';
import { stockQuery } from '../stores/index.ts';

const BOX = 'rounded-md border p-3';

/** Half-done rigs and dial-ins, to go on with. */
export function Continue({ jobs }: { readonly jobs: readonly JobSummary[] }) {
  const titled = useTitle();
  const begun = jobs.filter(
    ({ state, beadCount }) => state === 'rigged' || (state === 'planned' && beadCount > 0),
  );
  if (begun.length === 0) return null;
  return (
    <section aria-labelledby="continue" className={`${BOX} border-action bg-action-tint`}>
      <h2 id="continue" className="font-semibold">
        Go on with
      </h2>
      <ul>
        {begun.slice(0, 4).map(({ id, title, state, beadCount }) => {
          const isRig = state === 'rigged' && beadCount === 0;
          return (
            <li key={id}>
              <Link
                to={`/jobs/${id}/${isRig ? 'rig' : 'dial-in'}`}
                className="flex min-h-14 flex-col justify-center hover:text-action"
              >
                <span className="truncate font-medium">{titled(title)}</span>
                <span className="text-[13px] text-ink-soft">
                  {isRig ? 'rigging begun' : beadText(beadCount)}
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function shortText(short: Shortage): Words {
  if (short.kind === 'wire') {
    const { wire, needsKg, hasKg } = short;
    return words`${amount.wireSize(wire.diameterMm)} ${wire.wireClass}: the day takes ${amount.weight(needsKg, 2)}, Stores hold ${amount.weight(hasKg, 2)}`;
  }
  return words`${gasOf(short.gas).name}: the day takes ${amount.gasVolume(short.needsL, 0)}, Stores hold ${amount.gasVolume(short.hasL, 0)}`;
}

/** What is late, what will not last today, and what nobody can weld. */
export function Trouble({ result }: { readonly result: DayResult }) {
  const titled = useTitle();
  const say = useWords();
  const { data: stock = [] } = useQuery(stockQuery);
  const places = result.lines.flatMap((line) => line.places);
  const late = places.filter(({ lateMin }) => lateMin > 0);
  const short = shortages(
    places.map(({ takes }) => takes),
    stock.map(({ item }) => item),
  );
  if (late.length + short.length + result.leftOut.length === 0) return null;
  return (
    <section aria-labelledby="trouble" className={`${BOX} border-straw bg-straw-tint`}>
      <h2 id="trouble" className="font-semibold">
        Mind
      </h2>
      <ul className="grid gap-2">
        {late.map(({ jobId, title, lateMin, dueMin }) => (
          <li key={jobId}>
            <span className="font-semibold text-hot">■ {spanText(lateMin)} late:</span> {titled(title)}
            {dueMin !== undefined && `, due ${timeText(dueMin)}`}
          </li>
        ))}
        {short.map((one) => (
          <li key={say(shortText(one))}>
            ◆ {say(shortText(one))}.{' '}
            <Link to="/stores" className="text-action underline">
              Stores
            </Link>
          </li>
        ))}
        {result.leftOut.map(({ jobId, title, reason }) => (
          <li key={jobId}>
            ◆ Not in the order:{' '}
            <Link to={`/jobs/${jobId}`} className="text-action underline">
              {titled(title)}
            </Link>
            . {say(reason)}
          </li>
        ))}
      </ul>
    </section>
  );
}

interface CautionOfDay {
  readonly code: string;
  readonly text: Words;
  readonly jobIds: readonly string[];
}

/** Stop cautions of the day's tasks that were not read yet: each text once, whatever it is for. */
function unreadCautions(result: DayResult, jobs: readonly Job[]): readonly CautionOfDay[] {
  const byWord = new Map<string, CautionOfDay>();
  for (const { jobId, stops } of result.lines.flatMap((line) => line.places)) {
    const read = jobs.find(({ id }) => id === jobId)?.acknowledged ?? [];
    for (const { code, text } of stops) {
      const keptText = inMetric(text);
      if (read.some((one) => one.code === code && one.text === keptText)) continue;
      const known = byWord.get(keptText);
      byWord.set(keptText, { code, text, jobIds: [...(known?.jobIds ?? []), jobId] });
    }
  }
  return [...byWord.values()];
}

/** Today's stop cautions, confirmed once for all tasks that have them. */
export function DayCautions({ result, jobs }: { readonly result: DayResult; readonly jobs: readonly Job[] }) {
  const say = useWords();
  const acknowledge = useAcknowledgeJobs();
  const client = useQueryClient();
  const toast = useToast();
  const cautions = unreadCautions(result, jobs);
  if (cautions.length === 0) return null;
  return (
    <section aria-labelledby="day-cautions" className={`${BOX} border-hot bg-hot-tint`}>
      <h2 id="day-cautions" className="font-semibold">
        Before anybody welds today
      </h2>
      <ul className="grid gap-3">
        {cautions.map(({ code, text, jobIds }) => (
          <li key={say(text)}>
            <p>■ {say(text)}</p>
            <p className="text-[13px] text-ink-soft">
              {jobIds.length === 1 ? 'for 1 task' : `for ${jobIds.length} tasks`}
            </p>
            <Button
              className="mt-1"
              disabled={acknowledge.isPending}
              onClick={() =>
                acknowledge.mutate(
                  { jobIds, caution: { code, text: inMetric(text) } },
                  {
                    onSuccess: () => void client.invalidateQueries({ queryKey: dayKey }),
                    onError: (error) => toast(`Not kept. ${error.message}`),
                  },
                )
              }
            >
              I have read this
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
