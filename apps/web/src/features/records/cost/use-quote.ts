import type { ShopRates } from '@hot-bead/contract/shop';
import type { PlannedSetup } from '@hot-bead/core/plan';
import {
  type CostRates,
  type Quote,
  quote,
  QUOTE_MINUTES_RANGE,
  QUOTE_PARTS_RANGE,
  quoteWelds,
  USUAL_FIT_UP_MIN,
  USUAL_RATES,
  USUAL_TIP_LIFE_H,
  type WorkKind,
} from '@hot-bead/core/records';
import { useState } from 'react';
import { numberOrText } from '../../../units/index.ts';

/** How the work is done, as it is typed. */
export interface QuoteFields {
  readonly kind: WorkKind;
  readonly setUp: string;
  readonly parts: string;
  readonly fitUp: string;
}

export interface QuoteState {
  readonly fields: QuoteFields;
  readonly set: (change: Partial<QuoteFields>) => void;
  readonly faults: Readonly<Partial<Record<keyof QuoteFields, string>>>;
  /** undefined while something typed cannot be, or a length is missing. */
  readonly quote: Quote | undefined;
}

function faultOf(text: string, [least, most]: readonly [number, number], what: string): string | undefined {
  const value = numberOrText(text);
  return typeof value === 'number' && value >= least && value <= most
    ? undefined
    : `${what} are a number from ${least} to ${most}.`;
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

/** A quote for welds, by how the work is said to be done. */
export function useQuote(
  plans: readonly PlannedSetup[],
  rates: ShopRates,
  usual: {
    readonly setUpMin: number;
    readonly parts: number;
    readonly times?: number;
    readonly dutyPercent?: number | undefined;
  },
): QuoteState {
  const [typed, setTyped] = useState<Partial<QuoteFields>>({});
  const fields: QuoteFields = {
    kind: rates.kind ?? 'bench',
    setUp: String(Math.round(usual.setUpMin)),
    parts: String(usual.parts),
    fitUp: String(USUAL_FIT_UP_MIN),
    ...typed,
  };
  const found = {
    setUp: faultOf(fields.setUp, QUOTE_MINUTES_RANGE, 'Minutes'),
    parts: faultOf(fields.parts, QUOTE_PARTS_RANGE, 'Parts'),
    fitUp: faultOf(fields.fitUp, QUOTE_MINUTES_RANGE, 'Minutes'),
  };
  const faults = Object.fromEntries(Object.entries(found).filter(([, fault]) => fault !== undefined));
  const welds = quoteWelds(plans, usual.times);
  const number = (text: string): number => Number(numberOrText(text));
  return {
    fields,
    set: (change) => setTyped((before) => ({ ...before, ...change })),
    faults,
    quote:
      welds && Object.keys(faults).length === 0
        ? quote(welds, {
            kind: fields.kind,
            setUpMin: number(fields.setUp),
            parts: number(fields.parts),
            fitUpMinEach: number(fields.fitUp),
            rates: wholeRates(rates),
            tipLifeH: rates.tipLifeH ?? USUAL_TIP_LIFE_H,
            isRateOwn: rates.perHour !== undefined,
            dutyPercent: usual.dutyPercent,
          })
        : undefined,
  };
}
