import { ARC_SHARE_RANGE_PERCENT, clockMinutes, type ShopDay } from '@hot-bead/core/day';
import Joi from 'joi';
import { figure } from '../base/figure.ts';
import { exactly } from '../base/validation.ts';

const clock = Joi.string()
  .custom((value: string, helpers) => (Number.isFinite(clockMinutes(value)) ? value : helpers.error('clock')))
  .messages({ '*': 'A time of day is written like 07:00.' });

/** Hours that close before they open are said at the closing. */
function open<T extends { readonly opens?: string | undefined; readonly closes?: string | undefined }>(
  hours: T,
  helpers: Joi.CustomHelpers,
): T | Joi.ErrorReport {
  const { opens, closes } = hours;
  const isShut = opens !== undefined && closes !== undefined && clockMinutes(closes) <= clockMinutes(opens);
  return isShut ? helpers.error('shut') : hours;
}
const SHUT = { shut: 'The day closes after it opens.' };

/** How the shop's day goes. */
export const shopDaySchema = exactly<ShopDay>({
  opens: clock,
  closes: clock,
  arcSharePercent: figure('The share of arc time', ARC_SHARE_RANGE_PERCENT, '%'),
  machines: Joi.object().pattern(
    Joi.string().max(60),
    Joi.object({ opens: clock.required(), closes: clock.required() }).custom(open).messages(SHUT),
  ),
})
  .custom(open)
  .messages(SHUT);
