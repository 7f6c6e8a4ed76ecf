import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import { gaugeTableFor, type Product } from '../../trade/material/work.ts';
import { gaugeTableName, type LengthUnit, thicknessOfWritten } from '../../base/quantity/thickness.ts';
import { ask, type Draft, type Line, noteVerdict } from '../draft.ts';
import { meaningOf } from '../meaning.ts';
import { isMetricLine } from '../metric-line.ts';
import type { WorkSlot } from '../../plan/work/stated-work.ts';
import { headOf, type Scene } from '../roles/scene.ts';
import { type Placed } from './placed.ts';

/** A partner in a pair that states its unit lends it: `3 to 5 mm`. */
function unitFor(placed: Placed, all: readonly Placed[], line: Line): LengthUnit {
  const partner = all.find((other) => other !== placed && other.length.form !== 'bare');
  if (partner?.length.form === 'mm') return 'mm';
  return partner?.length.form === 'inch' ? 'in' : line.unit;
}

/** A bare figure beside a gauge is a gauge: `16 to 14 ga`. In a line that is metric it is millimetres. */
function settledForm(placed: Placed, all: readonly Placed[], line: Line): Placed {
  const { length } = placed;
  if (length.form !== 'bare' || !Number.isInteger(length.value) || length.value <= 6) return placed;
  if (all.some((other) => other !== placed && other.length.form === 'gauge'))
    return { ...placed, length: { ...length, form: 'gauge' } };
  // `5 to 10`: beside a figure that no gauge is it is none either
  const small = all.some(
    (other) => other !== placed && other.length.form === 'bare' && other.length.value <= 6,
  );
  if (small && line.unit === 'mm') return { ...placed, length: { ...length, form: 'mm' } };
  if (all.some((other) => other !== placed && other.length.form === 'mm') || isMetricLine(line))
    return { ...placed, length: { ...length, form: 'mm' } };
  return placed;
}

/** The product that a figure is said of: its own noun's, or the line's where it has only one. */
function productFor(draft: Draft, scene: Scene, { index, token }: Placed): Product | undefined {
  const own = meaningOf(token, 'product')?.product;
  if (own !== undefined) return own;
  const head = headOf(scene, index);
  const product = head && meaningOf(draft.tokens[head.index], 'product')?.product;
  if (product !== undefined) return product;
  const before =
    meaningOf(draft.tokens[index - 1], 'product')?.product ??
    meaningOf(draft.tokens[index - 2], 'product')?.product;
  if (before !== undefined && token.pause !== true) return before;
  return draft.stated.otherProduct === undefined ? draft.stated.product : undefined;
}

export function readOne(
  draft: Draft,
  line: Line,
  placed: Placed,
  slot: WorkSlot,
  all: readonly Placed[],
): number | undefined {
  const metal = draft.stated.metal ?? draft.assumed.metal ?? 'carbon-steel';
  const { length } = settledForm(placed, all, line);
  const reading = thicknessOfWritten(length, {
    unit: unitFor(placed, all, line),
    gaugeTable: gaugeTableFor(metal, productFor(draft, line.scene, placed)),
  });
  if (reading.status === 'ask') {
    ask(
      draft,
      placed.index,
      slot,
      reading.message,
      reading.choices.map(({ label, text }) => [label, text] as const),
    );
    return undefined;
  }
  if (reading.status === 'refused') {
    draft.verdicts.set(placed.index, {
      status: 'not-understood',
      label: reading.message,
      slots: [],
      code: reading.code,
    });
    return undefined;
  }
  const table = reading.gauge ? `, ${gaugeTableName(reading.gauge.table)} gauge` : '';
  noteVerdict(
    draft,
    placed.index,
    [slot],
    words`${amount.thickness(Number(reading.thicknessMm.toFixed(3)), 'as-given')}${table}`,
  );
  return reading.thicknessMm;
}
