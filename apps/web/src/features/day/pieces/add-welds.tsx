import { exampleLine, exampleSeam } from '../../../units/index.ts';
import { bareLengthUnit } from '@hot-bead/core/base';
import { WELD_LINES_MOST } from '@hot-bead/contract/day';
import { useRef, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { ApiFailure } from '../../../api/client.ts';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button } from '../../../ui/button.tsx';
import { TextArea } from '../../../ui/form/text-area.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { useAddWelds } from './pieces.queries.ts';
import { typedLines, weldTable } from './weld-lines.ts';

/** What is wrong, each at its line. */
function faultsOf(error: Error, lines: readonly string[]): readonly string[] {
  if (!(error instanceof ApiFailure)) return [error.message];
  const atWelds = error.problems.flatMap(({ field, message }) => {
    const i = /^welds\.(\d+)\./.exec(field)?.[1];
    return i === undefined ? [] : [`Line ${Number(i) + 1}, “${lines[Number(i)] ?? ''}”: ${message}`];
  });
  return atWelds.length === 0 ? [error.message] : atWelds;
}

/** Several welds at once: typed, pasted, or from a file. Nothing is added while a line is wrong, and nothing is lost. */
export function AddWelds({ pieceId }: { readonly pieceId: string }) {
  const [text, setText] = useState('');
  const [faults, setFaults] = useState<readonly string[]>([]);
  const file = useRef<HTMLInputElement>(null);
  const add = useAddWelds(pieceId);
  const toast = useToast();
  const { units } = usePreferences();
  const lines = typedLines(text);
  const send = (): void => {
    if (lines.length === 0)
      return setFaults([`Type at least one weld: ${exampleLine(units)} ${exampleSeam(units)}.`]);
    if (lines.length > WELD_LINES_MOST) {
      return setFaults([
        `${lines.length} lines: at most ${WELD_LINES_MOST} welds are added at once. Take the rest after.`,
      ]);
    }
    add.mutate(
      { welds: lines.map((line) => ({ id: uuid(), line })), unit: bareLengthUnit(units) },
      {
        onSuccess: (welds) => {
          setText('');
          setFaults([]);
          toast(welds.length === 1 ? 'One weld added' : `${welds.length} welds added`);
        },
        onError: (error) => setFaults(faultsOf(error, lines)),
      },
    );
  };
  const readFile = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return;
    const table = weldTable(await chosen.text());
    if (table.status === 'refused') return setFaults([`${chosen.name}: ${table.reason}`]);
    setFaults([]);
    setText([...lines, ...table.lines].join('\n'));
  };
  return (
    <form
      className="grid grid-cols-1 gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
    >
      <TextArea
        label="Welds, one a line"
        rows={Math.min(12, Math.max(3, lines.length + 1))}
        value={text}
        errors={faults}
        hint={`${exampleLine(units)} ${exampleSeam(units)} 4 off: work, length, how many on one piece`}
        onChange={(event) => setText(event.target.value)}
      />
      <div className="flex flex-wrap gap-3">
        <Button type="submit" tone="main" disabled={add.isPending}>
          {lines.length > 1 ? `Add ${lines.length} welds` : 'Add'}
        </Button>
        <Button onClick={() => file.current?.click()}>From a table (CSV)</Button>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv,text/plain"
          aria-label="A table of welds"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            void readFile(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </div>
    </form>
  );
}
