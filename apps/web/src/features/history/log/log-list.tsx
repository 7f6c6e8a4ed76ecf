import { useTitle } from '../../../units/index.ts';
import type { LogEntry } from '@hot-bead/contract/history';
import { useInfiniteQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button } from '../../../ui/button.tsx';
import { ErrorNotice, Notice, Skeleton } from '../../../ui/page/notices.tsx';
import { figuresText, withText } from './log-facts.ts';
import { KIND_WORD, VERDICT_WORD } from './log-words.ts';
import { logQuery } from './log.queries.ts';
import type { LogFilterState } from './use-log-filter.ts';

function Row({ entry }: { readonly entry: LogEntry }) {
  const titled = useTitle();
  const { units } = usePreferences();
  const figures = figuresText(entry, units);
  const welded = withText(entry, units);
  return (
    <li className="border-b border-line last:border-b-0">
      <Link
        to={`/log/${encodeURIComponent(entry.id)}`}
        className="grid min-h-14 items-center gap-x-4 py-1.5 hover:text-action md:grid-cols-[104px_104px_minmax(0,1fr)_auto]"
      >
        <span className="text-[15px] text-ink-soft">{format(entry.at, 'd MMM, HH:mm')}</span>
        <span className="label-text max-md:hidden">{KIND_WORD[entry.kind]}</span>
        <span className="min-w-0">
          <span className="block truncate font-medium">{titled(entry.title)}</span>
          <span className="block truncate text-sm text-ink-soft">
            {[welded, entry.text].filter(Boolean).join(' · ')}
          </span>
        </span>
        <span className="text-right max-md:text-left">
          {figures !== '' && <span className="figure-text block text-lg">{figures}</span>}
          {entry.verdict !== undefined && (
            <span className="block text-[15px]">{VERDICT_WORD[entry.verdict]}</span>
          )}
        </span>
      </Link>
    </li>
  );
}

/** Everything that happened, as far as the filter lets it through. */
export function LogList({ state }: { readonly state: LogFilterState }) {
  const log = useInfiniteQuery(logQuery(state.filter, state.sort));
  if (log.error) return <ErrorNotice error={log.error} onRetry={() => void log.refetch()} />;
  if (log.isPending) return <Skeleton className="h-72" />;
  const entries = log.data.pages.flatMap(({ items }) => items);
  if (entries.length === 0) {
    return state.count > 0 ? (
      <Notice title="Nothing like that" action={<Button onClick={state.clear}>Show everything</Button>}>
        No line of the log passes what is set above.
      </Notice>
    ) : (
      <Notice title="Nothing has happened yet">
        Test beads, runs, inspections, rigging, calibrations, faults and Stores are told here as they happen.
      </Notice>
    );
  }
  return (
    <>
      <ol className={log.isPlaceholderData ? 'opacity-60' : ''}>
        {entries.map((entry) => (
          <Row key={entry.id} entry={entry} />
        ))}
      </ol>
      {log.hasNextPage && (
        <Button className="mt-3" disabled={log.isFetchingNextPage} onClick={() => void log.fetchNextPage()}>
          {log.isFetchingNextPage ? 'Reading on…' : 'Show more'}
        </Button>
      )}
    </>
  );
}
