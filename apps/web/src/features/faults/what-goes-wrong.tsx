import { useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { settledSchools } from '@hot-bead/core/base';
import { causeRow, FAULT_STATION_NAME } from '@hot-bead/core/faults';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useState } from 'react';
import { Link } from 'react-router';
import { Pick } from '../../ui/pick.tsx';
import { Section } from '../../ui/page/section.tsx';
import { shopQuery } from '../shop/index.ts';
import { minutesText } from '../plan/index.ts';
import { faultCountsQuery } from './faults.queries.ts';
import { byCause } from './fault-words.ts';

function monthText(month: string): string {
  return format(new Date(`${month}-15T12:00:00`), 'MMMM yyyy');
}

/** What was wrong in this shop, by cause; of one machine or one month where that is asked. */
export function WhatGoesWrong({ machines }: { readonly machines: readonly KeptMachine[] }) {
  const say = useWords();
  const { data: counts = [] } = useQuery(faultCountsQuery);
  const { data: shop } = useQuery(shopQuery);
  const [machine, setMachine] = useState('');
  const [month, setMonth] = useState('');
  const months = [...new Set(counts.map((one) => one.month))].toSorted().toReversed();
  const asked = counts.filter(
    (one) => (machine === '' || one.machineId === machine) && (month === '' || one.month === month),
  );
  const sums = byCause(asked);
  const most = sums[0]?.count ?? 1;
  const doCount = settledSchools(shop?.schools).ownFaults === 'count';
  return (
    <Section id="what-goes-wrong" title="What goes wrong here">
      {counts.length === 0 ? (
        <p className="mt-1 text-[15px]">
          Nothing yet: a case counts once it has ended mended and what it was is named.
        </p>
      ) : (
        <>
          <div className="mt-2 grid grid-cols-2 gap-3">
            <Pick
              label="Machine"
              value={machine}
              options={[['', 'all'], ...machines.map(({ id, name }) => [id, name] as const)]}
              onPick={setMachine}
            />
            <Pick
              label="Month"
              value={month}
              options={[['', 'all'], ...months.map((one) => [one, monthText(one)] as const)]}
              onPick={setMonth}
            />
          </div>
          {sums.length === 0 && <p className="mt-3 text-[15px]">Nothing was wrong there then.</p>}
          <ol className="mt-3 grid grid-cols-1 gap-3">
            {sums.map(({ cause, count, minutes }) => (
              <li key={cause} className="grid grid-cols-[1fr_auto] gap-x-3">
                <span>
                  {say(causeRow(cause).text)}
                  <span className="block text-sm text-ink-soft">
                    {FAULT_STATION_NAME[causeRow(cause).station]}
                    {minutes > 0 && ` · ${minutesText(Math.round(minutes))} in all`}
                  </span>
                </span>
                <span className="figure-text text-2xl">{count}</span>
                <span className="col-span-2 mt-1 block h-2 bg-sunk">
                  <span className="block h-2 bg-ink" style={{ width: `${(count / most) * 100}%` }} />
                </span>
              </li>
            ))}
          </ol>
        </>
      )}
      <p className="mt-3 text-sm text-ink-soft">
        {doCount
          ? 'What was wrong here before is suspected a little sooner, by one step of the scale at most.'
          : 'These counts move nothing: the shop goes by the tables only.'}{' '}
        <Link to="/settings#schools" className="text-action underline">
          Settings
        </Link>
      </p>
    </Section>
  );
}
