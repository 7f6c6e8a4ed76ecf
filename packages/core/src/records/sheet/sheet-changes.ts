import { amount } from '../../base/words/amount.ts';
import { isSameWords, words, type Words } from '../../base/words/words.ts';
import type { SheetEssentials } from './procedure-sheet.ts';

/** Something by which a sheet no longer describes the weld. */
export interface SheetChange {
  readonly what: string;
  readonly was: Words;
  readonly is: Words;
}

/** How far a thickness may lie off the one of the sheet, as shares: one run, thin, thick. Source: ISO 15614-1, recalled, less sure. */
function thicknessRange({ thicknessMm: t, runs }: SheetEssentials): readonly [number, number] {
  if (t <= 3) return [0.7 * t, 1.3 * t];
  if (runs === 1) return [0.5 * t, 1.3 * t];
  return t <= 12 ? [3, 2 * t] : [0.5 * t, 2 * t];
}

/** Throat of one run, as shares of the sheet's. Source: ISO 15614-1, recalled, less sure. */
const THROAT_SHARE = [0.75, 1.5] as const;
/** CO₂ may shift by so much of its value. Source: ISO 15614-1, recalled, unsure. */
const CO2_SHARE = 0.1;
/** Heat input may move by so much where impact or hardness is asked for. Source: ISO 15614-1, recalled, less sure. */
const HEAT_SHARE = 0.25;

const DIP: ReadonlySet<string> = new Set(['short-circuit']);
const mm = (value: number | undefined): Words =>
  value === undefined ? 'none' : words`${amount.distance(value, 1)}`;
const celsius = (value: number | undefined): Words =>
  value === undefined ? 'none' : words`${amount.temperature(value)}`;

/**
 * What of a weld no longer lies within what its sheet describes.
 *
 * @param sheet as it was kept
 * @param now the plan as it stands
 * @source ISO 15614-1 in words, recalled; heat input is named in every case: it counts where impact or hardness is asked
 */
export function sheetChanges(sheet: SheetEssentials, now: SheetEssentials): readonly SheetChange[] {
  const changes: SheetChange[] = [];
  const unlike = (what: string, was: Words, is: Words): void => {
    if (!isSameWords(was, is)) changes.push({ what, was, is });
  };
  unlike('Process', sheet.process, now.process);
  if (DIP.has(sheet.mode) !== DIP.has(now.mode)) unlike('Transfer', sheet.mode, now.mode);
  unlike('Metal', sheet.group ?? sheet.metal, now.group ?? now.metal);
  const [thin, thick] = thicknessRange(sheet);
  if (now.thicknessMm < thin || now.thicknessMm > thick)
    changes.push({
      what: 'Thickness',
      was: words`${amount.thickness([thin, thick], 1)}`,
      is: mm(now.thicknessMm),
    });
  if (sheet.throatMm !== undefined && now.throatMm !== undefined && sheet.runs === 1) {
    const [least, most] = THROAT_SHARE.map((share) => share * (sheet.throatMm ?? 0)) as [number, number];
    if (now.throatMm < least || now.throatMm > most)
      changes.push({
        what: 'Throat',
        was: words`${amount.distance([least, most], 1)}`,
        is: mm(now.throatMm),
      });
  }
  unlike('Gas', sheet.gas, now.gas);
  if (
    sheet.gas === now.gas &&
    Math.abs(now.co2Percent - sheet.co2Percent) > CO2_SHARE * sheet.co2Percent + 1e-9
  )
    unlike('CO₂ in the gas', words`${sheet.co2Percent} %`, words`${now.co2Percent} %`);
  unlike('Filler', sheet.filler, now.filler);
  unlike('Polarity', sheet.polarity, now.polarity);
  if ((sheet.runs === 1) !== (now.runs === 1)) unlike('Runs', String(sheet.runs), String(now.runs));
  if (sheet.backing && !now.backing) unlike('Backing', 'bar', 'none');
  if ((now.preheatC ?? 0) < (sheet.preheatC ?? 0))
    unlike('Preheat', celsius(sheet.preheatC), celsius(now.preheatC));
  if ((now.interpassMostC ?? Infinity) > (sheet.interpassMostC ?? Infinity))
    unlike('Between runs', celsius(sheet.interpassMostC), celsius(now.interpassMostC));
  if (Math.abs(now.heatInputKJPerMm / sheet.heatInputKJPerMm - 1) > HEAT_SHARE + 1e-9) {
    const text = (value: number): Words => words`${amount.heatInput(value, 2)}`;
    unlike(
      'Heat input, where impact or hardness is asked',
      text(sheet.heatInputKJPerMm),
      text(now.heatInputKJPerMm),
    );
  }
  return changes;
}
