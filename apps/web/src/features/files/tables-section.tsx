import { contract } from '../../api/contract.ts';
import type { TableName, TableReport } from '@hot-bead/contract/files';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, readBy } from '../../api/client.ts';
import { useCommand } from '../../commands/use-command.ts';
import { Button } from '../../ui/button.tsx';
import { FileField } from '../../ui/form/file-field.tsx';
import { SelectField } from '../../ui/form/field.tsx';
import { Section } from '../../ui/page/section.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { DOWNLOAD } from './download.ts';

const readReport = readBy<TableReport>(async () => (await contract.files()).tableReportSchema);
const TABLES: readonly (readonly [TableName, string])[] = [
  ['log', 'Log'],
  ['stores', 'Stores'],
  ['pieces', 'Pieces'],
];
const DELIMITER: Readonly<Record<string, string>> = { ',': 'commas', ';': 'semicolons', '\t': 'tabs' };

/** What became of a table, line by line where it was refused. */
function Report({ report, onTakeOut }: { readonly report: TableReport; readonly onTakeOut: () => void }) {
  const { taken, lines, refusedLines, refused, encoding, delimiter, decimal, batch } = report;
  return (
    <div role="status" className="rounded-md border border-line p-3">
      <p className="font-semibold">
        {taken
          ? `● All ${lines} lines were taken.`
          : `■ Nothing was taken: ${refusedLines} of ${lines} lines cannot be.`}
      </p>
      {delimiter !== null && (
        <p className="text-sm text-ink-soft">
          Read as {encoding}, parted by {DELIMITER[delimiter]}, decimal {decimal === ',' ? 'comma' : 'point'}.
        </p>
      )}
      {refused.length > 0 && (
        <ol className="mt-2 max-h-72 overflow-y-auto" tabIndex={0} aria-label="Lines that were refused">
          {refused.map(({ line, message }, i) => (
            <li key={i} className="border-b border-line py-1 text-[15px] last:border-b-0">
              <span className="font-medium">{line === null ? 'The file' : `Line ${line}`}:</span> {message}
            </li>
          ))}
        </ol>
      )}
      {refusedLines > refused.length && <p className="text-sm">And {refusedLines - refused.length} more.</p>}
      {taken && batch !== null && (
        <Button tone="quiet" className="-ml-4" onClick={onTakeOut}>
          Take these lines out again
        </Button>
      )}
    </div>
  );
}

/** Tables in and out: all or nothing, with a report. */
export function TablesSection() {
  const client = useQueryClient();
  const toast = useToast();
  const [name, setName] = useState<TableName>('log');
  const [report, setReport] = useState<TableReport>();
  const take = useCommand({
    send: (file: File, command) =>
      api('POST', `/tables/${name}`, readReport, { body: file.slice(0, file.size, 'text/csv'), command }),
    onDone: (told) => {
      setReport(told);
      if (told.taken) void client.invalidateQueries();
    },
  });
  const takeOut = useCommand({
    send: (batch: string, command) => api('DELETE', `/tables/log/${batch}`, () => undefined, { command }),
    onDone: () => {
      setReport(undefined);
      void client.invalidateQueries();
    },
  });
  return (
    <Section id="tables" title="Tables, CSV" className="grid content-start gap-4">
      <div className="grid grid-cols-3 gap-2">
        {TABLES.map(([id, word]) => (
          <a key={id} href={`/api/tables/${id}`} download={`hot-bead-${id}.csv`} className={DOWNLOAD}>
            {word}
          </a>
        ))}
      </div>
      <p className="text-sm text-ink-soft">
        UTF-8, commas, decimal points. A machine’s calibrations go out and in on its own page.
      </p>
      <div className="grid gap-3 sm:grid-cols-[1fr_2fr]">
        <SelectField
          label="Take in"
          options={TABLES}
          value={name}
          onChange={(event) => {
            setName(event.target.value as TableName);
            setReport(undefined);
          }}
        />
        <FileField
          label="From a CSV with these columns"
          accept=".csv,.txt,.tsv,text/csv"
          error={take.error?.message}
          onPick={(file) => {
            setReport(undefined);
            if (file) take.mutate(file);
          }}
        />
      </div>
      <p className="text-sm text-ink-soft">
        All of it or nothing. Take a table out first to see its columns; semicolons, tabs, decimal commas,
        UTF-16 and Latin-1 are read too.
      </p>
      {take.isPending && <p role="status">Reading it line by line…</p>}
      {report && (
        <Report
          report={report}
          onTakeOut={() =>
            report.batch !== null &&
            takeOut.mutate(report.batch, {
              onSuccess: () => toast('Taken out again'),
              onError: (error) => toast(error.message),
            })
          }
        />
      )}
    </Section>
  );
}
