import type { Machine } from '@hot-bead/core/machine';
import type { LidColumn, LidRow } from '@hot-bead/core/terms';
import { useState } from 'react';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { saveFile } from '../../../ui/save-file.ts';
import { Button } from '../../../ui/button.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { withUnit } from '../../../units/index.ts';
import type { Paper } from '../../../print/page.ts';
import type { PrintedChart } from './chart-layout.ts';
import { cellText, chartCsv, columnName } from './chart-text.ts';

interface Props {
  readonly rows: readonly LidRow[];
  readonly columns: readonly LidColumn[];
  readonly machine: Machine;
  readonly caption: string;
  /** Name of the file, without its ending. */
  readonly fileName: string;
  readonly notes: readonly string[];
}

/** The chart to take away: one page of PDF on either paper, or CSV. */
export function TakeAway({ rows, columns, machine, caption, fileName, notes }: Props) {
  const { units } = usePreferences();
  const toast = useToast();
  const [making, setMaking] = useState<Paper | undefined>();
  const printed = (): PrintedChart => ({
    title: caption,
    wires: columns.map((column) => columnName(column, units)),
    rows: rows.map((row) => ({
      thickness: withUnit('thickness', row.thicknessMm, units),
      cells: row.cells.map((cell) => {
        const text = cellText(cell, machine, units);
        if (cell.status === 'out-of-reach' || !text)
          return { wire: undefined, beneath: '', basis: undefined, stop: false };
        const beneath = [text.volts, text.more].filter((t) => t !== '').join(', ');
        return { wire: text.wire, beneath, basis: cell.basis, stop: cell.stop };
      }),
    })),
    notes,
  });
  const onPdf = async (paper: Paper): Promise<void> => {
    setMaking(paper);
    try {
      const { chartPdf } = await import('./chart-pdf.ts');
      const bytes = await chartPdf(printed(), paper);
      saveFile(`${fileName}-${paper}.pdf`, new Blob([new Uint8Array(bytes)], { type: 'application/pdf' }));
    } catch (error) {
      toast(`The PDF was not made. ${error instanceof Error ? error.message : ''}`);
    } finally {
      setMaking(undefined);
    }
  };
  return (
    <>
      {(['A4', 'Letter'] as const).map((paper) => (
        <Button
          key={paper}
          disabled={making !== undefined || rows.length === 0}
          onClick={() => void onPdf(paper)}
        >
          {making === paper ? 'Making…' : `PDF ${paper}`}
        </Button>
      ))}
      <Button
        disabled={rows.length === 0}
        onClick={() =>
          saveFile(
            `${fileName}.csv`,
            new Blob([chartCsv(rows, columns, machine, units)], { type: 'text/csv' }),
          )
        }
      >
        CSV
      </Button>
    </>
  );
}
