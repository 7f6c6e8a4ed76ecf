import { amount, joined, type Words, words } from '@hot-bead/core/base';
import { useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import { changeoverMinutesText, jobChangeover } from '@hot-bead/core/changeover';
import { type PlannedSetup, planSetup, resourcesOf, type Shop } from '@hot-bead/core/plan';
import { partsNeeded } from '@hot-bead/core/stores';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Section } from '../../ui/page/section.tsx';
import { Table } from '../../ui/page/table.tsx';
import { stockQuery } from '../stores/index.ts';

const NO_STOCK: readonly KeptStockItem[] = [];

/** What a gun does to where one can weld. Source: common practice. */
const REACH = {
  'spool-gun': words`${amount.length([5, 15])} of lead, heavier in the hand, awkward in corners`,
  standard: words`${amount.length([3, 5])} of lead`,
  aluminium: words`${amount.length([3, 4])} of lead, held straight`,
} as const;

interface Props {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine;
  readonly shop: Shop;
  readonly now: string;
}

function reachOf({ feedPath }: PlannedSetup): Words {
  if (feedPath.gun === 'spool-gun') return REACH['spool-gun'];
  return feedPath.liner.neckLiner ? REACH.aluminium : REACH.standard;
}

/** Every way that is open for the job, with the minutes from how this machine stands and the parts that are lacking. */
export function WaysFromHere({ job, plan, machine, shop, now }: Props) {
  const say = useWords();
  const { data: stock = NO_STOCK } = useQuery(stockQuery);
  const rows = useMemo(() => {
    const resources = resourcesOf(job.work, shop);
    const items = stock.map(({ item }) => item);
    return plan.ways
      .filter(({ status }) => status !== 'closed')
      .flatMap(({ way, mode, name, status }) => {
        const asked =
          status === 'chosen'
            ? plan
            : planSetup(plan.work, {
                ...resources,
                way,
                mode: mode === 'own' ? undefined : mode,
                wireClass: undefined,
                wireDiameterMm: undefined,
                gas: undefined,
              });
        if (asked.status !== 'planned') return [];
        const to = jobChangeover(asked, machine, { now, schools: shop.schools });
        const ids = to.steps.map(({ row }) => row.id);
        const lacking = partsNeeded(ids, to.need, machine, items).filter(({ atHand }) => atHand === false);
        const stopped = ids.includes('stop-cannot');
        return [
          {
            key: `${way} ${mode}`,
            name,
            chosen: status === 'chosen',
            to,
            lacking,
            stopped,
            reach: reachOf(asked),
          },
        ];
      })
      .toSorted((a, b) => a.to.leastMin - b.to.leastMin);
  }, [job, plan, machine, shop, now, stock]);
  if (rows.length < 2) return null;
  return (
    <Section id="ways-from-here" title="Other ways, from how it stands now">
      <Table columns={['Way', 'Minutes', 'Lacks', 'Reach']} quiet>
        {rows.map(({ key, name, chosen, to, lacking, stopped, reach }) => (
          <tr key={key} className="border-b border-line align-top last:border-b-0">
            <th scope="row" className="py-1.5 pr-3 text-left font-medium">
              {chosen && <span aria-hidden="true">● </span>}
              {name}
              {chosen && <span className="block text-[13px] font-normal text-ink-soft">this plan</span>}
            </th>
            <td className="figure-text py-1.5 pr-3 text-lg whitespace-nowrap">
              {stopped ? 'not here' : changeoverMinutesText(to)}
            </td>
            <td className="py-1.5 pr-3 text-[15px]">
              {say(
                joined(
                  lacking.map(({ what }) => what),
                  '; ',
                ),
              ) || '–'}
            </td>
            <td className="py-1.5 text-[15px] text-ink-soft">{say(reach)}</td>
          </tr>
        ))}
      </Table>
    </Section>
  );
}
