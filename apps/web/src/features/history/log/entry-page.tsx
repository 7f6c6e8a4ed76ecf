import { useTitle, withUnit } from '../../../units/index.ts';
import { amount, inWords, words } from '@hot-bead/core/base';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useParams } from 'react-router';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { ButtonLink } from '../../../ui/button.tsx';
import { ErrorNotice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { PageTitle } from '../../../ui/page/page-title.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { machineListQuery } from '../../machine/index.ts';
import { figuresText, withText } from './log-facts.ts';
import { KIND_WORD, placeOf, VERDICT_WORD } from './log-words.ts';
import { logEntryQuery } from './log.queries.ts';

/** One line of the log with all that it tells, and the way to what it tells of. */
export function EntryPage() {
  const titled = useTitle();
  const { entryId = '' } = useParams();
  const { units } = usePreferences();
  const query = useQuery(logEntryQuery(entryId));
  const { data: machines = [] } = useQuery(machineListQuery);
  if (query.error) return <ErrorNotice error={query.error} onRetry={() => void query.refetch()} />;
  if (query.isPending) return <PageSkeleton />;
  const entry = query.data;
  const { verdict, machineId, wireKg, gasL, minutes, bookVolts, volts, count, jobId } = entry;
  const facts: readonly (readonly [string, string | undefined])[] = [
    ['When', format(entry.at, 'd MMMM yyyy, HH:mm')],
    ['What', KIND_WORD[entry.kind]],
    ['How it came out', verdict && VERDICT_WORD[verdict]],
    ['Machine', machines.find(({ id }) => id === machineId)?.name],
    ['Welded with', withText(entry, units) || undefined],
    [
      'Against the book',
      bookVolts !== undefined && volts !== undefined ? `${(volts - bookVolts).toFixed(1)} V` : undefined,
    ],
    ['How many', count === undefined ? undefined : String(count)],
    ['Wire', wireKg === undefined ? undefined : inWords(words`${amount.weight(wireKg, 3)}`, { units })],
    ['Gas', gasL === undefined ? undefined : withUnit('gasVolume', gasL, units)],
    ['Minutes', minutes === undefined ? undefined : minutes.toFixed(1)],
    ['Said', entry.text || undefined],
  ];
  const figures = figuresText(entry, units);
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle>{titled(entry.title)}</PageTitle>
      <Section id="entry" title="What was told" quiet>
        {figures !== '' && <p className="figure-text mt-1 text-4xl">{figures}</p>}
        <dl className="mt-2">
          {facts.map(
            ([name, value]) =>
              value !== undefined && (
                <div
                  key={name}
                  className="grid grid-cols-[140px_1fr] gap-3 border-b border-line py-1.5 last:border-b-0"
                >
                  <dt className="text-ink-soft">{name}</dt>
                  <dd>{value}</dd>
                </div>
              ),
          )}
        </dl>
      </Section>
      <div className="flex flex-wrap gap-3">
        <ButtonLink to={placeOf(entry)} tone="main">
          Open it where it was told
        </ButtonLink>
        <ButtonLink to={`/history?of=${encodeURIComponent(jobId ?? machineId ?? entry.subjectId)}`}>
          What was changed about it
        </ButtonLink>
        <ButtonLink to="/log" tone="quiet">
          Back to the log
        </ButtonLink>
      </div>
    </div>
  );
}
