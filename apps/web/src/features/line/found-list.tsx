import { useWords } from '../../units/index.ts';
import { CAUSES } from '@hot-bead/core/faults';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { Link } from 'react-router';
import { firstJobsQuery } from '../plan/jobs/index.ts';
import { foundLogQuery } from '../history/log/index.ts';
import { machineListQuery } from '../machine/index.ts';
import { pieceListQuery } from '../day/pieces/index.ts';
import { stockName, stockQuery } from '../stores/index.ts';
import { PAGES } from './pages.ts';

/** Something that was found, and where it is. */
interface Found {
  readonly key: string;
  readonly name: string;
  readonly to: string;
}

/** Most of a kind that are shown. */
const FOUND_MOST = 4;
/** Fewest letters that are looked for among everything. */
const LEAST_LETTERS = 2;

/** Whether every word that was typed begins a word of a text. */
function matches(text: string, typed: readonly string[]): boolean {
  const words = text.toLowerCase().split(/[^\p{L}\p{N}.]+/u);
  return typed.every((word) => words.some((one) => one.startsWith(word)));
}

function Group({
  title,
  names,
  onDone,
}: {
  readonly title: string;
  readonly names: readonly Found[];
  readonly onDone: () => void;
}) {
  if (names.length === 0) return null;
  return (
    <div>
      <h3 className="label-text">{title}</h3>
      <ul>
        {names.slice(0, FOUND_MOST).map(({ key, name, to }) => (
          <li key={key}>
            <Link to={to} onClick={onDone} className="flex min-h-11 items-center text-action hover:underline">
              <span className="truncate">{name}</span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What there is of that name or with those words: jobs, pieces, machines, Stores, causes, the log, pages. */
export function FoundList({ text, onDone }: { readonly text: string; readonly onDone: () => void }) {
  const say = useWords();
  const find = useDeferredValue(text.trim());
  const isLong = find.length >= LEAST_LETTERS;
  const typed = find.toLowerCase().split(/\s+/).filter(Boolean);
  const jobs = useQuery({ ...firstJobsQuery(FOUND_MOST, find), placeholderData: keepPreviousData });
  const log = useQuery({
    ...foundLogQuery(find, FOUND_MOST),
    enabled: isLong,
    placeholderData: keepPreviousData,
  });
  const { data: pieces = [] } = useQuery({ ...pieceListQuery, enabled: isLong });
  const { data: machines = [] } = useQuery(machineListQuery);
  const { data: stock = [] } = useQuery({ ...stockQuery, enabled: isLong });
  const named = <T,>(list: readonly T[], of: (one: T) => Found): readonly Found[] =>
    isLong ? list.map(of).filter(({ name }) => matches(name, typed)) : [];
  const groups: readonly (readonly [string, readonly Found[]])[] = [
    [
      'Jobs like this',
      (jobs.data ?? []).map(({ id, title }) => ({ key: id, name: title, to: `/jobs/${id}` })),
    ],
    ['Pieces', named(pieces, ({ id, name }) => ({ key: id, name, to: `/pieces/${id}` }))],
    ['Machines', named(machines, ({ id, name }) => ({ key: id, name, to: `/machines/${id}` }))],
    ['Stores', named(stock, ({ id, item }) => ({ key: id, name: say(stockName(item)), to: '/stores' }))],
    [
      'Causes of faults',
      named(CAUSES, ({ id, text: name }) => ({ key: id, name, to: `/faults/tables?cause=${id}` })),
    ],
    [
      'In the log',
      isLong
        ? (log.data ?? []).map(({ id, title }) => ({
            key: id,
            name: title,
            to: `/log/${encodeURIComponent(id)}`,
          }))
        : [],
    ],
    [
      'Pages',
      isLong
        ? PAGES.filter(({ name, words }) => matches(`${name} ${words}`, typed)).map((page) => ({
            ...page,
            key: page.to,
          }))
        : [],
    ],
  ];
  const isNothing = groups.every(([, found]) => found.length === 0);
  return (
    <div className="grid min-w-0 grid-cols-1 content-start gap-2" aria-live="polite">
      <h2 className="font-semibold">Found</h2>
      {isNothing && <p className="text-[15px] text-ink-soft">Nothing that is here already.</p>}
      {groups.map(([title, found]) => (
        <Group key={title} title={title} names={found} onDone={onDone} />
      ))}
    </div>
  );
}
