import type { PlannedSetup } from '@hot-bead/core/plan';
import { useQuery } from '@tanstack/react-query';
import { NOTHING_CHOSEN, shopQuery } from '../../shop/index.ts';
import { QuoteFields } from './quote-fields.tsx';
import { QuoteView } from './quote-view.tsx';
import { useQuote } from './use-quote.ts';

/** Minutes to set up once, and for each other wire or gas after it. Source: common practice, from memory. */
const FIRST_SET_UP_MIN = 20;
const OTHER_SET_UP_MIN = 12;

interface Props {
  /** Plans of its welds; one that has none is counted beside. */
  readonly plans: readonly PlannedSetup[];
  readonly unplanned: number;
  readonly pieces: number;
}

/** What a piece, or all of them, costs. */
export function PieceCost({ plans, unplanned, pieces }: Props) {
  const { data: shop = NOTHING_CHOSEN } = useQuery(shopQuery);
  const quoted = plans.filter(({ totals }) => totals !== undefined);
  const feeds = new Set(quoted.map(({ wire, gas }) => `${wire.wireClass} ${wire.diameterMm} ${gas.gas.id}`))
    .size;
  const setUpMin = FIRST_SET_UP_MIN + Math.max(0, feeds - 1) * OTHER_SET_UP_MIN;
  const state = useQuote(quoted, shop.rates, {
    setUpMin,
    setUpFrom: `${feeds} ${feeds === 1 ? 'wire' : 'wires or gases'}: assumed`,
    parts: quoted.length * pieces,
    times: pieces,
  });
  const missing = plans.length - quoted.length + unplanned;
  if (!state.quote && Object.keys(state.problems).length === 0) return null;
  return (
    <details className="rounded-md border border-line bg-plate p-4">
      <summary className="min-h-11 cursor-pointer py-2 text-lg font-semibold">What it costs</summary>
      {missing > 0 && (
        <p className="mb-2">
          ◆ {missing === 1 ? 'One weld is' : `${missing} welds are`} not in it: without a length or a plan
          there is nothing to reckon with.
        </p>
      )}
      <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
        {state.quote && (
          <QuoteView
            quote={state.quote}
            rates={shop.rates}
            number={pieces}
            title={pieces === 1 ? 'The piece' : `All ${pieces} pieces`}
          />
        )}
        <QuoteFields state={state} rates={shop.rates} />
      </div>
    </details>
  );
}
