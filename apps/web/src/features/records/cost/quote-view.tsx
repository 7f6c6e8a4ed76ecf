import type { ShopRates } from '@hot-bead/contract/shop';
import type { Quote, QuoteSwing, WeldCost } from '@hot-bead/core/records';
import { Section } from '../../../ui/page/section.tsx';
import { Table } from '../../../ui/page/table.tsx';
import { moneyText } from './money.ts';

const SWING_WORD: Readonly<Record<QuoteSwing, string>> = {
  factor: 'Share of the time that the arc burns',
  rate: 'The hour’s rate, assumed',
  size: 'Welds larger or smaller than meant',
  'fit-up': 'Fitting up',
  'set-up': 'Setting up',
  gas: 'The price of gas',
};

const PARTS: readonly (readonly [keyof WeldCost, string])[] = [
  ['labour', 'Work'],
  ['wire', 'Wire'],
  ['gas', 'Gas'],
  ['power', 'Power'],
  ['tips', 'Tips'],
];

interface Props {
  readonly quote: Quote;
  readonly rates: ShopRates;
  readonly title: string;
  /** How many it is for. */
  readonly number: number;
}

/** A quote as a range, what it is made of, and what moves it. */
export function QuoteView({ quote, rates, title, number }: Props) {
  const { cost, range, worst, best } = quote;
  const { currency, minimum, leftOut } = rates;
  const money = (amount: number): string => moneyText(amount, currency);
  const least = minimum ?? 0;
  const most = Math.max(...range.swings.map(({ up, down }) => Math.log(up / down)));
  return (
    <Section id="quote" title={title}>
      <p className="figure-text mt-1 text-[40px] leading-tight" aria-live="polite">
        {money(Math.max(range.low, least))} – {money(Math.max(range.high, least))}
      </p>
      <p>
        Likely <span className="font-semibold">{money(Math.max(range.likely, least))}</span>,{' '}
        {Math.round(cost.minutes)} min of work
        {number > 1 && `, ${money(range.low / number)} – ${money(range.high / number)} each`}
        {range.likely < least &&
          `; ${money(range.likely)} by itself, and ${money(least)} is the least charged`}
        .
      </p>
      <div className="mt-3 grid gap-x-8 gap-y-4 md:grid-cols-2">
        <div>
          <h3 className="label-text">What it is made of</h3>
          <Table columns={['Part', 'Amount']} quiet>
            {PARTS.map(([name, word]) => (
              <tr key={name} className="border-b border-line last:border-b-0">
                <td className="py-1">{word}</td>
                <td className="figure-text py-1 text-right text-lg">{money(cost[name])}</td>
                <td className="py-1 pl-3 text-right text-sm text-ink-soft">
                  {Math.round((100 * cost[name]) / cost.sum)} %
                </td>
              </tr>
            ))}
          </Table>
        </div>
        <div>
          <h3 className="label-text">What moves it, most first</h3>
          <ul>
            {range.swings
              .filter(({ up, down }) => up > 1.005 || down < 0.995)
              .map(({ id, up, down }) => (
                <li key={id} className="grid grid-cols-[1fr_112px] items-center gap-3 py-1">
                  <span className="text-[15px]">
                    {SWING_WORD[id as QuoteSwing]}{' '}
                    <span className="text-ink-soft">
                      {down < 0.995 ? `−${Math.round((1 - down) * 100)}` : ''}
                      {down < 0.995 && up > 1.005 ? ' / ' : ''}
                      {up > 1.005 ? `+${Math.round((up - 1) * 100)}` : ''} %
                    </span>
                  </span>
                  <span className="h-3 rounded-sm bg-line">
                    <span
                      className="block h-3 rounded-sm bg-ink"
                      style={{ width: `${(100 * Math.log(up / down)) / most}%` }}
                    />
                  </span>
                </li>
              ))}
          </ul>
        </div>
      </div>
      <p className="mt-3 text-sm text-ink-soft">
        One thing varied at a time, combined so that not all goes wrong at once [our model]. All of it at its
        worst would be {money(worst)}, at its best {money(best)}: neither is a quote.
        {leftOut !== undefined && ` Left out: ${leftOut}.`}
      </p>
    </Section>
  );
}
