import { QUOTE_MINUTES_RANGE, QUOTE_PARTS_RANGE, type WorkKind } from '@hot-bead/core/records';
import { figure } from '../base/figure.ts';
import { exactly } from '../base/validation.ts';
import { WORK_KINDS } from '../shop/rates.ts';
import Joi from 'joi';

/** How work that is quoted is done. */
export interface QuoteTerms {
  readonly kind: WorkKind;
  readonly setUpMin: number;
  readonly parts: number;
  readonly fitUpMinEach: number;
}

const minutes = (what: string) =>
  figure(what, QUOTE_MINUTES_RANGE, 'minutes', { kind: 'a number of minutes' }).required();

export const quoteTermsSchema = exactly<QuoteTerms>({
  kind: Joi.valid(...WORK_KINDS).required(),
  setUpMin: minutes('Setting up'),
  parts: figure('The number of parts', QUOTE_PARTS_RANGE).required(),
  fitUpMinEach: minutes('Fitting one up'),
});
