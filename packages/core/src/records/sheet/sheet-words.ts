import type { AmountQuantity } from '../../base/words/amount.ts';
import { inWords, type Reader } from '../../base/words/in-words.ts';
import { wordsOfMetricText } from '../../base/words/metric-text.ts';
import type { Words } from '../../base/words/words.ts';
import { writtenIn } from '../../base/words/written.ts';
import type { SheetRun } from './procedure-sheet.ts';

interface SheetColumn {
  readonly name: string;
  /** What its figures are, where the reader may choose their unit. */
  readonly quantity?: AmountQuantity;
}

/** The columns of a sheet's runs. */
const SHEET_COLUMNS: readonly SheetColumn[] = [
  { name: 'Run' },
  { name: 'Process' },
  { name: 'Wire', quantity: 'wireSize' },
  { name: 'WFS', quantity: 'wireFeedSpeed' },
  { name: 'A' },
  { name: 'V' },
  { name: 'Polarity' },
  { name: 'Travel', quantity: 'travel' },
  { name: 'Q', quantity: 'heatInput' },
];

/** The headings of a sheet's runs, each with its reader's unit. */
export function sheetRunHeadings({ units }: Reader): readonly string[] {
  return SHEET_COLUMNS.map(({ name, quantity }) =>
    quantity === undefined ? name : `${name} ${writtenIn(quantity, units).unit}`,
  );
}

/** A number of an earlier form: its range stood behind it without a unit. */
const NUMBER_WITH_RANGE = /^([\d.]+) (\S+) \(([\d.]+–[\d.]+)\)$/;

function wordsOfKept(text: string): Words {
  return wordsOfMetricText(text.replace(NUMBER_WITH_RANGE, '$1 $2 ($3 $2)'));
}

/** A line of a sheet as its reader reads it; those of an earlier form were kept as plain metric text. */
export function sheetText(text: Words, reader: Reader): string {
  return inWords(typeof text === 'string' ? wordsOfKept(text) : text, reader);
}

const FIGURES = /^(\d+(?:\.(\d+))?)(?:–(\d+(?:\.\d+)?))?$/;

/** A figure of an earlier form, which stood bare under a metric heading. */
function bareFigures(text: string, quantity: AmountQuantity): Words {
  const [, low, decimals = '', high] = FIGURES.exec(text) ?? [];
  if (low === undefined) return text;
  const value = high === undefined ? Number(low) : [Number(low), Number(high)];
  return {
    code: '{0}',
    values: [{ quantity, value, places: decimals.length, between: '–', isBare: true }],
  };
}

/** A run of a sheet as its reader reads it, under {@link sheetRunHeadings}. */
export function sheetRunTexts(run: SheetRun, reader: Reader): readonly string[] {
  return run.map((cell, i) => {
    const quantity = SHEET_COLUMNS[i]?.quantity;
    const isBare = typeof cell === 'string' && quantity !== undefined;
    return inWords(isBare ? bareFigures(cell, quantity) : cell, reader);
  });
}
