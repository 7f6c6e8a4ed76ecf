import { amount, type AmountQuantity } from './amount.ts';
import { joined, type Words, type WordsValue } from './words.ts';

const QUANTITY_OF: Readonly<Record<string, AmountQuantity>> = {
  'mm/min': 'travel',
  'm/min': 'wireFeedSpeed',
  'L/min': 'gasFlow',
  'kJ/mm': 'heatInput',
  '°C': 'temperature',
  kg: 'weight',
  bar: 'pressure',
  mm: 'distance',
};

/** A figure, a range or two sizes, with a unit of the core's own behind it; not the end of a word or of a number. */
const FIGURES =
  /(?<![\w.,])(\d+(?:\.\d+)?)(?:( to |–|-| on | ?[×x] ?)(\d+(?:\.\d+)?))? (mm\/min|m\/min|L\/min|kJ\/mm|°C|kg|bar|mm)(?![\w/²³])/g;

/** What stands behind the size of a wire: its class, or a part that is told by it. */
const BEHIND_WIRE = /^ (?:E\d|ER|EC\d|wire\b|tip\b|solid\b)/;

function quantityOf(unit: string, isTitle: boolean, behind: string): AmountQuantity {
  if (unit === 'mm' && BEHIND_WIRE.test(behind)) return 'wireSize';
  return unit === 'mm' && isTitle ? 'thickness' : (QUANTITY_OF[unit] ?? 'distance');
}

/**
 * A text that was kept as plain text in the core's own units, with its quantities told apart again: titles, the state
 * of a rig, sheets, answers of the server.
 *
 * @example
 * inWords(wordsOfMetricText('7.3 m/min, 18.7 V'), { units: US }) // '287 in/min, 18.7 V'
 */
export function wordsOfMetricText(text: string): Words {
  const parts: WordsValue[] = [];
  let end = 0;
  for (const match of text.matchAll(FIGURES)) {
    const [whole, first = '', between = ' to ', second, unit = ''] = match;
    const behind = text.slice(match.index + whole.length);
    const isTitle =
      match.index === 0 && (second === undefined || between === ' on ') && /^(?:$| [a-z])/.test(behind);
    const places = isTitle ? 'as-given' : (first.split('.')[1]?.length ?? 0);
    const value = second === undefined ? Number(first) : [Number(first), Number(second)];
    const quantity = quantityOf(unit, isTitle, behind);
    parts.push(text.slice(end, match.index), amount[quantity](value, places, { between }));
    end = match.index + whole.length;
  }
  return joined([...parts, text.slice(end)], '');
}
