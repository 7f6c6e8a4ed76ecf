import { amount, type Amount } from '../words/amount.ts';
import { words, type Words } from '../words/words.ts';
import { figureText } from '../numeric/figure-text.ts';
import { type GaugeTable, gaugeRows, gaugeThickness, imperialGaugeMm } from './gauge.ts';
import { type WrittenLength, mmOfWritten, writtenLength } from './length-text.ts';
import { MM_PER_INCH, mmFromInches } from './units.ts';

/** Base-metal thickness that Hot Bead plans for, mm. Source: our model's range. */
export const THICKNESS_RANGE_MM = [0.5, 25.4] as const;

/** The unit a bare number means for this user. */
export type LengthUnit = 'mm' | 'in';

export interface ThicknessContext {
  /** What a bare number means. */
  readonly unit: LengthUnit;
  /** Which table a gauge number is read in. */
  readonly gaugeTable: GaugeTable;
}

/** A choice between two readings of the same text; `text` is unambiguous when parsed again. */
export interface ThicknessChoice {
  readonly text: string;
  readonly label: Words;
  readonly thicknessMm: number;
}

export type ThicknessReading =
  | {
      readonly status: 'read';
      readonly thicknessMm: number;
      readonly gauge?: { readonly number: number; readonly table: GaugeTable };
    }
  | {
      readonly status: 'ask';
      readonly code: 'thickness-ambiguous';
      readonly message: Words;
      readonly choices: readonly ThicknessChoice[];
    }
  | {
      readonly status: 'refused';
      readonly code: 'thickness-unreadable' | 'thickness-out-of-range' | 'gauge-unknown';
      readonly message: Words;
    };

export const THICKNESS_FORMS = '3, 3mm, 1/8, 3/16 in, 1-1/2 in, .080, 80 thou, 14 ga, 14ga tube or #10';

const GAUGE_TABLE_NAME: Readonly<Record<GaugeTable, string>> = {
  'steel-sheet': 'steel sheet',
  'galvanised-sheet': 'galvanised sheet',
  'stainless-sheet': 'stainless sheet',
  'aluminium-sheet': 'aluminium sheet',
  'tube-wall': 'tube wall',
};

/** The gauge table's name in words. */
export function gaugeTableName(table: GaugeTable): string {
  return GAUGE_TABLE_NAME[table];
}

const given = (mm: number): Amount => amount.distance(Number(mm.toFixed(3)), 'as-given');

function gaugeLabel(
  { gauge, mm }: { readonly gauge: number; readonly mm: number },
  table: GaugeTable,
): Words {
  return words`${gauge} gauge ${GAUGE_TABLE_NAME[table]} (${amount.distance(mm, 2)})`;
}

function inRange(mm: number): boolean {
  return mm >= THICKNESS_RANGE_MM[0] && mm <= THICKNESS_RANGE_MM[1];
}

function ask(message: string, choices: readonly ThicknessChoice[]): ThicknessReading {
  return { status: 'ask', code: 'thickness-ambiguous', message, choices };
}

function outOfRange(mm: number): ThicknessReading {
  return {
    status: 'refused',
    code: 'thickness-out-of-range',
    message: words`${given(mm)} is outside ${amount.thickness(THICKNESS_RANGE_MM)}`,
  };
}

function read(mm: number, gauge?: { number: number; table: GaugeTable }): ThicknessReading {
  if (!inRange(mm)) return outOfRange(mm);
  return gauge ? { status: 'read', thicknessMm: mm, gauge } : { status: 'read', thicknessMm: mm };
}

function gaugeReading(gauge: number, table: GaugeTable): ThicknessReading {
  if (!gaugeRows(table).some((row) => row.gauge === gauge)) {
    const known = gaugeRows(table).map((row) => row.gauge);
    return {
      status: 'refused',
      code: 'gauge-unknown',
      message: words`${GAUGE_TABLE_NAME[table]} gauge ${gauge} is not in the table (${Math.min(...known)} to ${Math.max(...known)})`,
    };
  }
  return read(gaugeThickness(gauge, table).mm, { number: gauge, table });
}

/** The imperial wire gauge: asked, because the same number in the metal's own table is another thickness. */
function imperialGaugeReading(gauge: number, table: GaugeTable): ThicknessReading {
  const imperialMm = imperialGaugeMm(gauge);
  const own = gaugeRows(table).find((row) => row.gauge === gauge);
  const choices = [
    ...(imperialMm === undefined
      ? []
      : [mmChoice(imperialMm, words`${gauge} SWG, imperial (${amount.distance(imperialMm, 2)})`)]),
    ...(own
      ? [
          {
            text: `${gauge} ga`,
            label: gaugeLabel(own, table),
            thicknessMm: own.mm,
          },
        ]
      : []),
  ];
  if (choices.length > 0) return ask(`${gauge} SWG: the imperial gauge?`, choices);
  return {
    status: 'refused',
    code: 'gauge-unknown',
    message: words`SWG ${gauge} is not in the table (8 to 24)`,
  };
}

function mmChoice(mm: number, label: Words = `${figureText(mm, 3)} mm`): ThicknessChoice {
  return { text: `${figureText(mm, 3)} mm`, label, thicknessMm: mm };
}

function bareReading(value: number, context: ThicknessContext): ThicknessReading {
  const gauge = gaugeRows(context.gaugeTable).find((row) => row.gauge === value);
  if (Number.isInteger(value) && value > 7 && gauge) {
    const byGauge: ThicknessChoice = {
      text: `${value} ga`,
      label: gaugeLabel(gauge, context.gaugeTable),
      thicknessMm: gauge.mm,
    };
    return ask(`${value}: gauge or mm?`, [byGauge, mmChoice(value)]);
  }
  if (Number.isInteger(value) && value > 7) {
    if (!inRange(value)) return outOfRange(value);
    return ask(`${value}: did you mean ${value} mm? Add the unit.`, [mmChoice(value)]);
  }
  const mm = context.unit === 'mm' ? value : mmFromInches(value);
  if (!inRange(mm) && context.unit === 'in' && inRange(value)) {
    return ask(`${value} in is out of range: ${value} mm?`, [mmChoice(value)]);
  }
  return read(mm);
}

/**
 * Base-metal thickness from a written length whose place in the text is already known.
 *
 * A bare number is in the user's own unit; a bare whole number above 7 is a question (gauge or mm), and so
 * is `mil` (mm or thousandths of an inch): neither is guessed.
 */
export function thicknessOfWritten(length: WrittenLength, context: ThicknessContext): ThicknessReading {
  if (length.form === 'gauge') return gaugeReading(length.value, context.gaugeTable);
  if (length.form === 'swg') return imperialGaugeReading(length.value, context.gaugeTable);
  if (length.form === 'mil') {
    const thouMm = (length.value * MM_PER_INCH) / 1000;
    const choices = [
      mmChoice(length.value),
      {
        text: `${length.value} thou`,
        label: words`${length.value} thousandths (${given(thouMm)})`,
        thicknessMm: thouMm,
      },
    ];
    return ask(
      `${length.value} mil: millimetres or thousandths of an inch?`,
      choices.filter((c) => c.thicknessMm > 0),
    );
  }
  const mm = mmOfWritten(length);
  return mm === undefined ? bareReading(length.value, context) : read(mm);
}

const TRAILING_PRODUCT =
  /\s*(tube|pipe|wall|galv(?:anised|anized)?|sheet|plate|stainless|alumini?um|thick)\s*$/i;

function tableOfProduct(word: string, fallback: GaugeTable): GaugeTable {
  const product = word.toLowerCase();
  if (/^(tube|pipe|wall)$/.test(product)) return 'tube-wall';
  if (product.startsWith('galv')) return 'galvanised-sheet';
  if (product === 'stainless') return 'stainless-sheet';
  if (product.startsWith('alumin')) return 'aluminium-sheet';
  return fallback;
}

/**
 * Base-metal thickness from what a person typed in a thickness field.
 *
 * @param text what was typed, for example `1/8`, `3 mm`, `14ga tube`
 * @returns the thickness in mm, a question with its choices, or a refusal with code and message
 * @example
 * parseThickness('1/8 in', { unit: 'mm', gaugeTable: 'steel-sheet' }).thicknessMm // 3.175
 * parseThickness('14', { unit: 'in', gaugeTable: 'steel-sheet' }).status // 'ask'
 */
export function parseThickness(text: string, context: ThicknessContext): ThicknessReading {
  const product = TRAILING_PRODUCT.exec(text);
  const length = writtenLength(product ? text.slice(0, product.index) : text);
  if (!length) {
    const shown = text.length > 40 ? `${text.slice(0, 40)}…` : text;
    return {
      status: 'refused',
      code: 'thickness-unreadable',
      message: words`“${shown}” is not a thickness. Write it like ${THICKNESS_FORMS}.`,
    };
  }
  const gaugeTable = tableOfProduct(product?.[1] ?? '', context.gaugeTable);
  return thicknessOfWritten(length, { ...context, gaugeTable });
}
