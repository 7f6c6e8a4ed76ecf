import type { Machine } from '@hot-bead/core/machine';
import type { LidCell, LidColumn, LidRow } from '@hot-bead/core/terms';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { figureOf, shownAs } from '../../../units/index.ts';
import { BASIS, cellText, columnName, whyText } from './chart-text.ts';

type Owner = Pick<Machine, 'oneEntry'>;

function Cell({ cell, machine }: { readonly cell: LidCell; readonly machine: Owner }) {
  const { units } = usePreferences();
  const text = cellText(cell, machine, units);
  if (cell.status === 'out-of-reach') {
    return (
      <td className="px-3 py-2 text-sm leading-snug text-ink-soft">
        <details>
          <summary className="min-h-11 cursor-pointer content-center">× out of reach</summary>
          {whyText(cell, units)}
        </details>
      </td>
    );
  }
  const basis = BASIS[cell.basis];
  return (
    <td className="px-3 py-2">
      <span className="flex items-baseline gap-1.5">
        <span title={basis.means}>
          <span aria-hidden="true">{basis.sign}</span>
          <span className="sr-only">{basis.word}:</span>
        </span>
        <span className="figure-text text-xl">{text?.wire}</span>
      </span>
      <span className="block">
        {text?.volts}
        <span className="text-sm text-ink-soft">
          {' '}
          {text?.more}
          {cell.stop ? ' ■' : ''}
        </span>
      </span>
    </td>
  );
}

interface Props {
  readonly rows: readonly LidRow[];
  readonly columns: readonly LidColumn[];
  readonly machine: Owner;
  readonly caption: string;
}

/** The chart itself: a row each thickness, a column each wire. */
export function ChartTable({ rows, columns, machine, caption }: Props) {
  const { units } = usePreferences();
  return (
    <div
      className="relative overflow-x-auto rounded-md border border-line bg-plate"
      tabIndex={0}
      role="region"
      aria-label={caption}
    >
      <table className="w-full">
        <caption className="p-3 text-left font-semibold">{caption}</caption>
        <thead>
          <tr className="border-y border-line text-left">
            <th scope="col" className="label-text sticky left-0 bg-plate px-3 py-2">
              {shownAs('thickness', units).unit}
            </th>
            {columns.map((column) => (
              <th key={columnName(column, units)} scope="col" className="min-w-38 px-3 py-2 max-md:min-w-44">
                {columnName(column, units)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.thicknessMm} className="border-b border-line align-top last:border-b-0">
              <th scope="row" className="figure-text sticky left-0 bg-plate px-3 py-2 text-left text-xl">
                {figureOf('thickness', row.thicknessMm, units)}
              </th>
              {row.cells.map((cell, i) => (
                <Cell key={columns[i] ? columnName(columns[i], units) : i} cell={cell} machine={machine} />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
