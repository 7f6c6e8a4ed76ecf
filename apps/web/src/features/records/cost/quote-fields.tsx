import type { ShopRates } from '@hot-bead/contract/shop';
import { Link } from 'react-router';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { KIND_CHOICES } from './rates-form.tsx';
import type { QuoteState } from './use-quote.ts';

interface Props {
  readonly state: QuoteState;
  readonly rates: ShopRates;
  /** Where the minutes of setting up come from. */
  readonly setUpFrom: string;
}

/** How the work is done: what a quote hangs on most. */
export function QuoteFields({ state, rates, setUpFrom }: Props) {
  const { fields, faults, set } = state;
  return (
    <Section id="work" title="How it is done" className="grid content-start gap-3">
      <SelectField
        label="Kind of work"
        options={KIND_CHOICES}
        value={fields.kind}
        onChange={(event) => set({ kind: event.target.value as typeof fields.kind })}
      />
      <Field
        label="Setting up (min)"
        inputMode="decimal"
        hint={setUpFrom}
        value={fields.setUp}
        error={faults.setUp}
        onChange={(event) => set({ setUp: event.target.value })}
      />
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="Parts to fit up"
          inputMode="decimal"
          value={fields.parts}
          error={faults.parts}
          onChange={(event) => set({ parts: event.target.value })}
        />
        <Field
          label="Minutes for each"
          inputMode="decimal"
          hint="A tee of two: 3 to 5"
          value={fields.fitUp}
          error={faults.fitUp}
          onChange={(event) => set({ fitUp: event.target.value })}
        />
      </div>
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
