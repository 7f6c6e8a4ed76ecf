import type { ShopRates } from '@hot-bead/contract/shop';
import { Link } from 'react-router';
import { FormFieldsGrid } from '../../../form/form-fields-grid.tsx';
import { Section } from '../../../ui/page/section.tsx';
import type { QuoteState } from './use-quote.ts';

interface Props {
  readonly state: QuoteState;
  readonly rates: ShopRates;
}

/** How the work is done: what a quote hangs on most. */
export function QuoteFields({ state, rates }: Props) {
  return (
    <Section id="work" title="How it is done" className="grid content-start gap-3">
      <FormFieldsGrid {...state.bound} columns="grid-cols-2" />
      <p className="text-sm text-ink-soft">
        {rates.perHour === undefined
          ? 'The shop has not said what an hour costs: it is assumed, and widens the range.'
          : 'By the shop’s own rate for an hour.'}{' '}
        <Link to="/settings#rates" className="inline-block py-2.5 font-medium text-action hover:underline">
          Rates in Settings
        </Link>
      </p>
    </Section>
  );
}
