import { OPERATING_FACTORS, type WorkKind } from '@hot-bead/core/records';
import Joi from 'joi';
import { figure } from '../base/figure.ts';
import { lineSchema, textSchema } from '../base/plain-text.ts';
import { exactly } from '../base/validation.ts';

/** What things cost in this shop; what it has not said is assumed, and said to be. */
export interface ShopRates {
  /** How its money is written: a sign or a few letters. */
  readonly currency?: string | undefined;
  readonly perHour?: number | undefined;
  readonly perWireKg?: number | undefined;
  readonly perGasM3?: number | undefined;
  readonly perKWh?: number | undefined;
  readonly perTip?: number | undefined;
  readonly tipLifeH?: number | undefined;
  /** Kind of work that is usual here. */
  readonly kind?: WorkKind | undefined;
  /** The least that is charged. */
  readonly minimum?: number | undefined;
  /** What a quote leaves out, in the shop's words. */
  readonly leftOut?: string | undefined;
}

/** Prices that are taken, in any money. */
export const RATE_RANGE = [0, 1_000_000] as const;
const rate = (what: string) => figure(what, RATE_RANGE, '');

export const WORK_KINDS = Object.keys(OPERATING_FACTORS) as readonly WorkKind[];

export const shopRatesSchema = exactly<ShopRates>({
  currency: lineSchema().min(1).max(6).messages({ '*': 'Money is written with at most 6 letters.' }),
  perHour: rate('An hour'),
  perWireKg: rate('A kilogram of wire'),
  perGasM3: rate('A cubic metre of gas'),
  perKWh: rate('A kilowatt-hour'),
  perTip: rate('A tip'),
  tipLifeH: figure('What a tip lasts', [0.1, 100], 'hours of arc'),
  kind: Joi.valid(...WORK_KINDS),
  minimum: rate('The least that is charged'),
  leftOut: textSchema().max(300).messages({ 'string.max': 'What is left out has at most 300 letters.' }),
});
