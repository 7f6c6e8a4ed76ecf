import { meaningOf } from './meaning.ts';
import type { Line } from './draft.ts';

/** Words that stand in metric drawings: symbols of size, positions by letters, gases and grades by their standards. */
const METRIC_WORD =
  /^(?:p[a-g]|m[12][0-9]|[az]\s?=?\s?\d.*|\d*\s?c?fw\s?\d*|thk|s\d{3}.*|g3si1|shs.*|rhs.*|chs.*|ea|ua|fb.*|pl\d.*|\d+pl|pfc|ub|uc|dn\d+|135|136|138)$/i;

/**
 * Whether a line speaks in millimetres: then a bare whole figure above 7 is millimetres and no gauge.
 *
 * @source our model, from how metric and inch drawings are written
 */
export function isMetricLine({ tokens, unit }: Line): boolean {
  if (unit === 'in') return false;
  const inches = tokens.some((token) => {
    const form = meaningOf(token, 'length')?.length.form;
    return form === 'inch' || form === 'gauge' || form === 'thou' || /["″”]|\bga\b/i.test(token.text);
  });
  if (inches) return false;
  return tokens.some(
    (token) =>
      METRIC_WORD.test(token.text) ||
      meaningOf(token, 'length')?.length.form === 'mm' ||
      meaningOf(token, 'length')?.section !== undefined ||
      /\d\s?mm\b|\bthk\b/i.test(token.text),
  );
}
