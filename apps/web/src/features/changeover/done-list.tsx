import type { ShopEvent } from '@hot-bead/contract/history';
import { rigVerb } from '@hot-bead/core/changeover';
import { isBooking } from '@hot-bead/core/history';
import { useInfiniteQuery } from '@tanstack/react-query';
import { Button } from '../../ui/button.tsx';
import { Section } from '../../ui/page/section.tsx';
import { photoAddress } from '../photos/index.ts';
import { agoText } from '../../ui/ago-text.ts';
import { eventsQuery, useUndoEvent } from '../history/index.ts';

function verbOf({ about }: ShopEvent): string {
  return rigVerb(String(about?.['step'])) ?? 'Told by hand';
}

const SHOWN_MOST = 12;

/** What was done at the machine, newest first, each with its way back. */
export function DoneList({
  machineId,
  jobId,
  now,
}: {
  readonly machineId: string;
  readonly jobId: string | undefined;
  readonly now: string;
}) {
  const { data } = useInfiniteQuery(eventsQuery(machineId));
  const undo = useUndoEvent();
  const events = (data?.pages.flatMap(({ items }) => items) ?? [])
    .filter(({ kind, about }) => kind === 'rigged' && (jobId === undefined || about?.['jobId'] === jobId))
    .slice(0, SHOWN_MOST);
  if (events.length === 0) return null;
  return (
    <Section id="done" title="Done at it">
      <ul className="mt-1">
        {events.map((event) => (
          <li
            key={event.id}
            className="flex min-h-14 items-center gap-3 border-b border-line last:border-b-0"
          >
            <span aria-hidden="true">{event.undoneBy === null ? '●' : '↶'}</span>
            <span className="min-w-0 flex-1 leading-snug">
              {verbOf(event)}
              <span className="block text-[13px] text-ink-soft">
                {agoText(new Date(event.at), new Date(now))}
                {typeof event.about?.['note'] === 'string' && `: ${event.about['note']}`}
                {event.undoneBy !== null && ', taken back'}
              </span>
            </span>
            {typeof event.about?.['photoId'] === 'string' && (
              <a href={photoAddress(event.about['photoId'])} target="_blank" rel="noreferrer">
                <img
                  src={photoAddress(event.about['photoId'])}
                  alt={`Photo: ${verbOf(event)}`}
                  className="h-14 rounded-md"
                  loading="lazy"
                />
              </a>
            )}
            {event.undoneBy === null && !isBooking(event.about) && (
              <Button tone="quiet" className="min-h-14" onClick={() => undo.mutate(event.id)}>
                Undo
              </Button>
            )}
          </li>
        ))}
      </ul>
      {undo.error && <p className="text-hot">Not undone. {undo.error.message}</p>}
    </Section>
  );
}
