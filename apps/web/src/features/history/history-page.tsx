import { useTitle, useWords } from '../../units/index.ts';
import type { ShopEvent } from '@hot-bead/contract/history';
import { useInfiniteQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { Undo2 } from 'lucide-react';
import { Link, useSearchParams } from 'react-router';
import { deviceId } from '../../api/device.ts';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/page/notices.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { changedFields, eventWord, isUndoable } from './event-text.ts';
import { eventsQuery, useUndoEvent } from './events.queries.ts';
import { RECORD_PAGE } from './record-pages.ts';
import { PageTitle } from '../../ui/page/page-title.tsx';

/** A browser has an id that says nothing; a program says what it is. */
function deviceWord(device: string): string {
  return /^[0-9a-f-]{36}$/.test(device) ? 'on another device' : `by ${device}`;
}

function whoText({ device, actor }: ShopEvent): string {
  const from = device === null ? '' : device === deviceId() ? 'here' : deviceWord(device);
  return [actor, from].filter(Boolean).join(', ');
}

function Row({ event }: { readonly event: ShopEvent }) {
  const titled = useTitle();
  const say = useWords();
  const undo = useUndoEvent();
  const toast = useToast();
  const onUndo = (): void =>
    undo.mutate(event.id, {
      onSuccess: () => toast('Undone'),
      onError: (error) => toast(`Not undone. ${error.message}`),
    });
  const { kind, id, of } = event.subject;
  const fields = changedFields(event);
  const title = titled(event.subject.title) || 'a record';
  return (
    <li className="flex items-start gap-4 border-b border-line px-4 py-2 last:border-b-0">
      <div className="min-w-0 flex-1">
        <p className={event.undoneBy === null ? '' : 'text-ink-soft line-through'}>
          <Link to={RECORD_PAGE[kind](id, of)} className="font-medium hover:text-action hover:underline">
            {title}
          </Link>
          : {say(eventWord(event))}
        </p>
        {fields.map(({ field, from, to }) => (
          <p key={field} className="truncate text-[15px]" title={`${say(from)} → ${say(to)}`}>
            <span className="text-ink-soft">{field}:</span> {say(from)} → {say(to)}
          </p>
        ))}
        <p className="text-sm text-ink-soft">
          {[format(new Date(event.at), 'd MMM yyyy, HH:mm'), whoText(event)].filter(Boolean).join(', ')}
          {event.undoneBy !== null && ', undone since'}
        </p>
      </div>
      {isUndoable(event) && (
        <Button
          disabled={undo.isPending}
          onClick={onUndo}
          aria-label={`Undo: ${title} ${say(eventWord(event))}`}
          className="shrink-0"
        >
          <Undo2 size={18} aria-hidden="true" />
          Undo
        </Button>
      )}
    </li>
  );
}

/** Everything that happened in the shop, newest first, each with its way back. */
export function HistoryPage() {
  const [params] = useSearchParams();
  const of = params.get('of') ?? undefined;
  const events = useInfiniteQuery(eventsQuery(of));
  if (events.error) return <ErrorNotice error={events.error} onRetry={() => void events.refetch()} />;
  if (events.isPending) return <PageSkeleton />;
  const shown = events.data.pages.flatMap(({ items }) => items);
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={<>{of !== undefined && <ButtonLink to="/history">In the whole shop</ButtonLink>}</>}
      >
        What happened
      </PageTitle>
      {shown.length === 0 ? (
        <Notice title="Nothing yet">
          Whatever is saved, changed or put away is written down here, and can be undone from here.
        </Notice>
      ) : (
        <ul className="rounded-md border border-line bg-plate">
          {shown.map((event) => (
            <Row key={event.id} event={event} />
          ))}
        </ul>
      )}
      {events.hasNextPage && (
        <Button disabled={events.isFetchingNextPage} onClick={() => void events.fetchNextPage()}>
          {events.isFetchingNextPage ? 'Loading…' : 'Show more'}
        </Button>
      )}
    </div>
  );
}
