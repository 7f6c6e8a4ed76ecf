import { useWords } from '../../units/index.ts';
import type { KeptFaultCase } from '@hot-bead/contract/faults';
import { FAULT_PROCESS_NAME, symptomText } from '@hot-bead/core/faults';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/page/notices.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { Section } from '../../ui/page/section.tsx';
import { machineListQuery } from '../machine/index.ts';
import { minutesText } from '../plan/index.ts';
import { faultCasesQuery } from './faults.queries.ts';
import { caseTitle } from './fault-words.ts';
import { WhatGoesWrong } from './what-goes-wrong.tsx';

function CaseRow({ one, machine }: { readonly one: KeptFaultCase; readonly machine: string | undefined }) {
  const say = useWords();
  const { id, present, beganAt, endedAt, end, minutes, process, looks } = one;
  const state = end === undefined ? 'open' : end === 'mended' ? 'mended' : 'left as it is';
  const facts = [
    machine ?? FAULT_PROCESS_NAME[process],
    format(new Date(endedAt ?? beganAt), 'd MMM'),
    minutes === undefined ? undefined : minutesText(minutes),
    end === undefined && looks.length > 0 ? `${looks.length} looked at` : undefined,
  ];
  const isNamed = looks.some(({ answer }) => answer === 'was');
  return (
    <li className="border-b border-line last:border-b-0">
      <Link
        to={`/faults/${id}`}
        className="grid min-h-14 grid-cols-[1fr_auto] items-center gap-x-4 px-1 py-2 hover:text-action"
      >
        <span>
          <span className="font-semibold">{say(caseTitle(one))}</span>
          {isNamed && present[0] && (
            <span className="block text-[15px]">Seen: {present.slice(0, 2).map(symptomText).join('; ')}</span>
          )}
          <span className="block text-sm text-ink-soft">{facts.filter(Boolean).join(' · ')}</span>
        </span>
        <span className={end === undefined ? 'font-semibold text-action' : 'text-[15px]'}>{state}</span>
      </Link>
    </li>
  );
}

/** Faults that were looked into, what goes wrong here, and the way to look into another. */
export function FaultsPage() {
  const cases = useInfiniteQuery(faultCasesQuery);
  const { data: machines = [] } = useQuery(machineListQuery);
  if (cases.error) return <ErrorNotice error={cases.error} onRetry={() => void cases.refetch()} />;
  if (cases.isPending) return <PageSkeleton />;
  const all = cases.data.pages.flatMap(({ items }) => items);
  const nameOf = (id: string | undefined): string | undefined => machines.find((one) => one.id === id)?.name;
  const open = all.filter(({ end }) => end === undefined);
  const ended = all.filter(({ end }) => end !== undefined);
  const list = (rows: readonly KeptFaultCase[]) => (
    <ul className="mt-1">
      {rows.map((one) => (
        <CaseRow key={one.id} one={one} machine={nameOf(one.machineId)} />
      ))}
    </ul>
  );
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle actions={<ButtonLink to="/faults/tables">How it reckons</ButtonLink>}>Faults</PageTitle>
      <div className="flex flex-wrap items-center gap-4">
        <ButtonLink to="/faults/new" tone="main" className="min-h-14 px-6 text-xl">
          Find a fault
        </ButtonLink>
        <p className="max-w-prose text-[15px]">
          Press what you see and hear. It names the one thing to look at next, and why.
        </p>
      </div>
      {all.length === 0 ? (
        <Notice title="Nothing has been looked into yet">
          Every fault that you find here is kept: what was seen, what it was and what mended it. After some of
          them this page shows what goes wrong in this shop.
        </Notice>
      ) : (
        <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-2">
          <div className="grid grid-cols-1 gap-4">
            {open.length > 0 && (
              <Section id="open-cases" title="Open">
                {list(open)}
              </Section>
            )}
            <Section id="ended-cases" title="Ended">
              {ended.length === 0 ? <p className="mt-1 text-[15px]">None yet.</p> : list(ended)}
              {cases.hasNextPage && (
                <Button
                  className="mt-3"
                  disabled={cases.isFetchingNextPage}
                  onClick={() => void cases.fetchNextPage()}
                >
                  Older cases
                </Button>
              )}
            </Section>
          </div>
          <WhatGoesWrong machines={machines} />
        </div>
      )}
    </div>
  );
}
