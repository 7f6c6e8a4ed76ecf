import { figureOf, shownAs, useWords } from '../../units/index.ts';
import { sourceText, wordsOfMetricText } from '@hot-bead/core/base';
import { type CheckValue, dialledInChecks, residuals, startingRowChecks } from '@hot-bead/core/truth';
import { useMemo } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { Table } from '../../ui/page/table.tsx';

const NAME = { wireFeedSpeed: 'wire speed', volts: 'volts', current: 'current' } as const;

function Row({ check }: { readonly check: CheckValue }) {
  const say = useWords();
  const { units } = usePreferences();
  const { quantity, outside, planner, difference } = check;
  const [low, high] = outside;
  const figure = (value: number): string => figureOf(quantity, value, units);
  const sign = quantity === 'volts' ? 'V' : '%';
  return (
    <tr className="border-b border-line align-baseline last:border-b-0">
      <th scope="row" className="py-1.5 pr-3 text-left font-normal">
        {say(wordsOfMetricText(check.case))}
      </th>
      <td className="pr-3">{NAME[quantity]}</td>
      <td className="figure-text pr-3 text-right text-lg whitespace-nowrap">
        {low === high ? figure(low) : `${figure(low)}–${figure(high)}`} {shownAs(quantity, units).unit}
      </td>
      <td className="figure-text pr-3 text-right text-lg">{figure(planner)}</td>
      <td className="figure-text pr-3 text-right whitespace-nowrap">
        {difference > 0 ? '+' : ''}
        {difference.toFixed(1)} {sign}
      </td>
      <td className="pr-3 text-center">{check.confidence}</td>
      <td className="text-sm text-ink-soft">{sourceText(check.source)}</td>
    </tr>
  );
}

function Checks({ title, checks }: { readonly title: string; readonly checks: readonly CheckValue[] }) {
  const speed = residuals(checks.filter(({ quantity }) => quantity === 'wireFeedSpeed'));
  const volts = residuals(checks.filter(({ quantity }) => quantity === 'volts'));
  return (
    <section className="rounded-md border border-line bg-plate p-4">
      <h2 className="text-lg font-semibold">{title}</h2>
      <p className="text-ink-soft">
        Wire speed: at most {speed.largest.toFixed(0)} % off, {speed.rms.toFixed(0)} % root mean square.
        Volts: at most {volts.largest.toFixed(1)} V, {volts.rms.toFixed(1)} V.
      </p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={title}>
        <Table
          className="mt-2 min-w-[760px] text-[15px]"
          columns={[
            'case',
            'quantity',
            { head: 'outside', className: 'pr-3 text-right' },
            { head: 'ours', className: 'pr-3 text-right' },
            { head: 'difference', className: 'pr-3 text-right' },
            'sure',
            'source',
          ]}
        >
          {checks.map((check) => (
            <Row key={`${check.case} ${check.quantity}`} check={check} />
          ))}
        </Table>
      </div>
    </section>
  );
}

/** Each outside figure beside what the planner gives, with source, confidence and difference. */
export function TruthPage() {
  const dialledIn = useMemo(() => dialledInChecks(), []);
  const rows = useMemo(() => startingRowChecks(), []);
  return (
    <div className="grid grid-cols-1 gap-4">
      <div>
        <PageTitle>How true are the numbers?</PageTitle>
        <p className="mt-1 max-w-prose">
          Every figure from outside that the planner is held against, computed here and now. All of them are
          recalled from memory; none is a measurement of ours. Sure: H ±10 %, M ±15 to 20 %, L ±30 %.
        </p>
      </div>
      <Checks title="Settings dialled in or written down by others" checks={dialledIn} />
      <Checks title="Starting rows" checks={rows} />
    </div>
  );
}
