import type { LidCell, LidRow, ShelfWire } from '@hot-bead/core';
import Papa from 'papaparse';
import type { Units } from '../../app/units.ts';
import { figureOf, shownAs, wireSizeText } from '../units/index.ts';

/** A cell's two settings in words: the wire control's and the volts control's. */
export interface CellText {
  readonly wire: string;
  readonly volts: string;
}

/** "between 6 and 6½" as a chart has room for it: "6–6½". */
function shortWords(words: string): string {
  return words.replace(/^between (\S+) and (\S+)$/, '$1–$2');
}

/** What a cell says in the machine's own terms; undefined where it is out of reach. */
export function cellText(cell: LidCell, units: Units): CellText | undefined {
  if (cell.status === 'out-of-reach') return undefined;
  const speed = `${figureOf('wireFeedSpeed', cell.wireFeedSpeedMPerMin, units)} ${shownAs('wireFeedSpeed', units).unit}`;
  const volts = `${cell.voltsV.toFixed(1)} V`;
  return {
    wire: cell.wire.status === 'knob' ? `knob ${shortWords(cell.wire.words)}` : speed,
    volts: cell.volts.status === 'position' ? `tap ${cell.volts.choice.position.name}` : volts,
  };
}

export function wireName({ wireClass, diameterMm }: ShelfWire): string {
  return `${wireSizeText(diameterMm)} ${wireClass}`;
}

/** The chart as CSV, one line a thickness, two columns a wire. */
export function chartCsv(rows: readonly LidRow[], wires: readonly ShelfWire[], units: Units): string {
  const head = [
    'thickness mm',
    ...wires.flatMap((wire) => [`${wireName(wire)} wire`, `${wireName(wire)} volts`]),
  ];
  const body = rows.map((row) => [
    String(row.thicknessMm),
    ...row.cells.flatMap((cell) => {
      const text = cellText(cell, units);
      return text ? [text.wire, text.volts] : ['out of reach', ''];
    }),
  ]);
  return Papa.unparse([head, ...body]);
}
