import { dutyClockMin } from '../../machine/duty.ts';
import type { FamilyId } from '../../trade/family/family.ts';
import { within } from '../../base/quantity/out-of-range-error.ts';
import type { PlannedSetup } from '../../plan/setup/setup.ts';
import {
  type CostRates,
  OPERATING_FACTORS,
  type QuoteRange,
  quoteRange,
  type WeldCost,
  weldCost,
  type WorkKind,
} from './weld-cost.ts';

/** What an hour, wire, gas, power and a tip cost where the shop has not said. Source: our assumption, in any money. */
export const USUAL_RATES: CostRates = { perHour: 45, perWireKg: 3.5, perGasM3: 9, perKWh: 0.3, perTip: 1.5 };
/** Arc hours that a tip lasts. Source: common practice, from memory: 2 to 8. */
export const USUAL_TIP_LIFE_H = 4;
/** Share of the mains power that the arc gets. Source: handbook, 0.75 to 0.85. */
const EFFICIENCY = 0.77;
/** Minutes to fit up a part. Source: common practice, from memory: 3 to 5 for a tee of two. */
export const USUAL_FIT_UP_MIN = 4;
/** Minutes to make a metre clean before and after, by what is welded. Source: common practice, from memory. */
const CLEAN_MIN_PER_M = { steel: 0.5, stainless: 1, aluminium: 2.2 } as const;
/** Slag to be chipped off a metre of each run, min. Source: common practice, from memory. */
const SLAG_MIN_PER_M = 0.75;
const WITH_SLAG: ReadonlySet<FamilyId> = new Set([
  'self-shielded',
  'self-shielded-t8',
  'gas-shielded-flux-core',
]);

/** What the welds of a quote take, taken together. */
export interface QuoteWelds {
  readonly arcMin: number;
  readonly wireKg: number;
  readonly gasL: number;
  readonly volts: number;
  readonly amps: number;
  readonly weldMm: number;
  /** By what arc, wire and gas change where it comes out larger or smaller than it was meant. */
  readonly sizeWorse: number;
  readonly sizeBetter: number;
  readonly cleanMin: number;
}

/** A fillet that comes out a millimetre larger is common; smaller it is only by a little. Source: our model. */
const LEG_OVER_MM = 1;
const LEG_UNDER_SHARE = 0.06;
/** Share by which other welds take more or less. Source: our model. */
const OTHER_SWING = { worse: 1.25, better: 0.92 } as const;

function sizeSwing({ bead }: PlannedSetup): { readonly worse: number; readonly better: number } {
  if (bead.legMm === undefined) return OTHER_SWING;
  return {
    worse: ((bead.legMm + LEG_OVER_MM) / bead.legMm) ** 2,
    better: (1 - LEG_UNDER_SHARE) ** 2,
  };
}

function cleanMinOf({ weldMetal, family, runs, totals }: PlannedSetup): number {
  const metres = (totals?.weldLengthMm ?? 0) / 1000;
  const slag = WITH_SLAG.has(family) ? SLAG_MIN_PER_M : 0;
  return metres * (CLEAN_MIN_PER_M[weldMetal] + slag * runs.length);
}

/**
 * What welds take together: arc, wire, gas and cleaning summed, volts and amps by their arc time.
 *
 * @param times how many times all of them are welded, 1 or more
 * @returns undefined where the length of one of them is not known
 */
export function quoteWelds(plans: readonly PlannedSetup[], times = 1): QuoteWelds | undefined {
  const welds: QuoteWelds = {
    arcMin: 0,
    wireKg: 0,
    gasL: 0,
    volts: 0,
    amps: 0,
    weldMm: 0,
    sizeWorse: 0,
    sizeBetter: 0,
    cleanMin: 0,
  };
  const sum: { -readonly [K in keyof QuoteWelds]: number } = { ...welds };
  for (const plan of plans) {
    const { totals } = plan;
    if (!totals) return undefined;
    const swing = sizeSwing(plan);
    sum.arcMin += totals.arcTimeMin;
    sum.wireKg += totals.wireKg;
    sum.gasL += totals.gasL;
    sum.weldMm += totals.weldLengthMm;
    sum.volts += plan.volts.start * totals.arcTimeMin;
    sum.amps += plan.currentA.start * totals.arcTimeMin;
    sum.sizeWorse += swing.worse * totals.arcTimeMin;
    sum.sizeBetter += swing.better * totals.arcTimeMin;
    sum.cleanMin += cleanMinOf(plan);
  }
  if (sum.arcMin === 0) return undefined;
  const mean = (value: number): number => value / sum.arcMin;
  return {
    arcMin: sum.arcMin * times,
    wireKg: sum.wireKg * times,
    gasL: sum.gasL * times,
    weldMm: sum.weldMm * times,
    cleanMin: sum.cleanMin * times,
    volts: mean(sum.volts),
    amps: mean(sum.amps),
    sizeWorse: mean(sum.sizeWorse),
    sizeBetter: mean(sum.sizeBetter),
  };
}

/** How the work is done that is quoted for. */
export interface QuoteWork {
  readonly kind: WorkKind;
  readonly setUpMin: number;
  /** Parts to fit up, and minutes for each. */
  readonly parts: number;
  readonly fitUpMinEach: number;
  readonly rates: CostRates;
  readonly tipLifeH: number;
  /** Whether the hour’s rate is the shop's own: then it does not vary. */
  readonly isRateOwn: boolean;
  /** Duty cycle of the machine at the current, per cent: its rests may take longer than the handling; undefined: not known. */
  readonly dutyPercent?: number | undefined;
}

export const QUOTE_SWINGS = ['factor', 'rate', 'size', 'fit-up', 'set-up', 'gas'] as const;
export type QuoteSwing = (typeof QUOTE_SWINGS)[number];

/** By what each may turn out worse and better. Source: our model, after the handbook's worked range. */
const SWING = {
  rate: [60 / 45, 35 / 45],
  'fit-up': [7 / 4, 2.5 / 4],
  'set-up': [40 / 20, 12 / 20],
  gas: [15 / 9, 6 / 9],
} as const;

/** A quote: the likely sum with its parts, the range about it, and what everything going wrong or right would come to. */
export interface Quote {
  readonly cost: WeldCost;
  readonly range: QuoteRange;
  readonly worst: number;
  readonly best: number;
}

/** What a quote is varied by, each as a factor. */
interface Varied {
  readonly factor: number;
  readonly rate: number;
  readonly size: number;
  readonly fitUp: number;
  readonly setUp: number;
  readonly gas: number;
}

function costOf(
  welds: QuoteWelds,
  work: QuoteWork,
  { factor, rate, size, fitUp, setUp, gas }: Varied,
): WeldCost {
  const { rates, dutyPercent } = work;
  const arcMin = welds.arcMin * size;
  // rests that fall into the handling cost nothing: only what the machine rests beyond it does
  const share = dutyPercent === undefined ? 1 : arcMin / dutyClockMin(arcMin, dutyPercent);
  return weldCost(
    {
      arcMin,
      operatingFactor: Math.min(factor, share),
      setUpMin: work.setUpMin * setUp,
      fitUpMin: work.parts * work.fitUpMinEach * fitUp,
      cleanMin: welds.cleanMin,
      wireKg: welds.wireKg * size,
      gasL: welds.gasL * size,
      volts: welds.volts,
      amps: welds.amps,
      efficiency: EFFICIENCY,
      tipLifeH: work.tipLifeH,
    },
    { ...rates, perHour: rates.perHour * rate, perGasM3: rates.perGasM3 * gas },
  );
}

/** Parts that can be fitted up, and minutes for one or for setting up. Source: our model. */
export const QUOTE_PARTS_RANGE = [0, 10_000] as const;
export const QUOTE_MINUTES_RANGE = [0, 10_000] as const;

/**
 * What welds cost, as a range: one thing varied at a time, combined in quadrature of logarithms.
 *
 * @throws {OutOfRangeError} `parts`, `fitUpMinEach`, `setUpMin` outside their ranges
 * @source arithmetic; factors and minutes common practice, from memory; the range our model
 */
export function quote(welds: QuoteWelds, work: QuoteWork): Quote {
  within('parts', work.parts, QUOTE_PARTS_RANGE);
  within('fitUpMinEach', work.fitUpMinEach, QUOTE_MINUTES_RANGE);
  within('setUpMin', work.setUpMin, QUOTE_MINUTES_RANGE);
  const [slow, usual, quick] = OPERATING_FACTORS[work.kind].factor;
  const likely: Varied = { factor: usual, rate: 1, size: 1, fitUp: 1, setUp: 1, gas: 1 };
  const [rateUp, rateDown] = work.isRateOwn ? [1, 1] : SWING.rate;
  const ends: readonly (readonly [QuoteSwing, Partial<Varied>, Partial<Varied>])[] = [
    ['factor', { factor: slow }, { factor: quick }],
    ['rate', { rate: rateUp }, { rate: rateDown }],
    ['size', { size: welds.sizeWorse }, { size: welds.sizeBetter }],
    ['fit-up', { fitUp: SWING['fit-up'][0] }, { fitUp: SWING['fit-up'][1] }],
    ['set-up', { setUp: SWING['set-up'][0] }, { setUp: SWING['set-up'][1] }],
    ['gas', { gas: SWING.gas[0] }, { gas: SWING.gas[1] }],
  ];
  const cost = costOf(welds, work, likely);
  const sumWith = (varied: Partial<Varied>): number => costOf(welds, work, { ...likely, ...varied }).sum;
  const swings = ends.map(([id, worse, better]) => ({ id, worse: sumWith(worse), better: sumWith(better) }));
  const all = (end: 1 | 2): Partial<Varied> =>
    Object.assign({}, ...ends.map((one) => one[end])) as Partial<Varied>;
  return { cost, range: quoteRange(cost.sum, swings), worst: sumWith(all(1)), best: sumWith(all(2)) };
}
