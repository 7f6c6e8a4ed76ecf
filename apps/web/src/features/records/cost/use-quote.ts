import { type QuoteTerms, quoteTermsSchema } from '@hot-bead/contract/records';
import type { ShopRates } from '@hot-bead/contract/shop';
import type { PlannedSetup } from '@hot-bead/core/plan';
import {
  type CostRates,
  type Quote,
  quote,
  quoteWelds,
  USUAL_FIT_UP_MIN,
  USUAL_RATES,
  USUAL_TIP_LIFE_H,
} from '@hot-bead/core/records';
import { checkedNow } from '../../../form/checked-now.ts';
import type { FormField, Typed } from '../../../form/form-fields.ts';
import { numberIn } from '../../../form/typings.ts';
import { useForm } from '../../../form/use-form.ts';
import type { Problems } from '../../../ui/form/use-problems.ts';
import { KIND_CHOICES } from './rates-form.tsx';

const FIELDS: readonly FormField[] = [
  { name: 'kind', label: 'Kind of work', options: KIND_CHOICES, wide: true },
  { name: 'setUpMin', label: 'Setting up (min)', typing: numberIn('min'), wide: true },
  { name: 'parts', label: 'Parts to fit up' },
  {
    name: 'fitUpMinEach',
    label: 'Minutes for each',
    typing: numberIn('min'),
    hint: () => 'A tee of two: 3 to 5',
  },
];

export interface QuoteState {
  /** What its fields take and show. */
  readonly bound: ReturnType<typeof useForm>['bound'];
  readonly problems: Problems;
  /** undefined while something typed cannot be, or a length is missing. */
  readonly quote: Quote | undefined;
}

interface UsualTerms {
  readonly setUpMin: number;
  /** Where the minutes of setting up come from. */
  readonly setUpFrom: string;
  readonly parts: number;
  readonly times?: number;
  readonly dutyPercent?: number | undefined;
}

/** The shop's rates with what it has not said taken as usual. */
function wholeRates(rates: ShopRates): CostRates {
  const { perHour, perWireKg, perGasM3, perKWh, perTip } = USUAL_RATES;
  return {
    perHour: rates.perHour ?? perHour,
    perWireKg: rates.perWireKg ?? perWireKg,
    perGasM3: rates.perGasM3 ?? perGasM3,
    perKWh: rates.perKWh ?? perKWh,
    perTip: rates.perTip ?? perTip,
  };
}

function usualTerms({ setUpMin, parts }: UsualTerms, rates: ShopRates): Typed {
  const terms: QuoteTerms = {
    kind: rates.kind ?? 'bench',
    setUpMin: Math.round(setUpMin),
    parts,
    fitUpMinEach: USUAL_FIT_UP_MIN,
  };
  return Object.fromEntries(Object.entries(terms).map(([name, value]) => [name, String(value)]));
}

/** A quote for welds, by how the work is said to be done. */
export function useQuote(plans: readonly PlannedSetup[], rates: ShopRates, usual: UsualTerms): QuoteState {
  const fields = FIELDS.map((field) =>
    field.name === 'setUpMin' ? { ...field, hint: () => usual.setUpFrom } : field,
  );
  const { bound, entered } = useForm(fields, { start: usualTerms(usual, rates) });
  const { checked, problems } = checkedNow(quoteTermsSchema, entered());
  const welds = quoteWelds(plans, usual.times);
  return {
    bound: { ...bound, problems },
    problems,
    quote:
      welds && checked
        ? quote(welds, {
            ...checked,
            rates: wholeRates(rates),
            tipLifeH: rates.tipLifeH ?? USUAL_TIP_LIFE_H,
            isRateOwn: rates.perHour !== undefined,
            dutyPercent: usual.dutyPercent,
          })
        : undefined,
  };
}
