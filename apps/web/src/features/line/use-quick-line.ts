import { bareLengthUnit } from '@hot-bead/core/base';
import type { PastedList, LineReading } from '@hot-bead/core/line';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { usePreferences } from '../../preferences/preferences.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useCreateJob } from '../plan/jobs/index.ts';
import { machineListQuery } from '../machine/index.ts';
import { shopQuery } from '../shop/index.ts';
import { remember } from './history.ts';
import { loadReader, useReader } from './use-reader.ts';
import { useSaveWelds } from './use-save-welds.ts';

export interface QuickLineState {
  readonly text: string;
  /** Undefined until the reader is there. */
  readonly reading: LineReading | undefined;
  readonly error: string | undefined;
  readonly saving: boolean;
  /** A list that was pasted, in place of the line. */
  readonly pasted: PastedList | undefined;
  setText(text: string): void;
  setPasted(list: PastedList | undefined): void;
  /** Takes a list of lines that was pasted. */
  paste(text: string): void;
  /** The field is being used: what reads it is wanted. */
  wake(): void;
  readLine(text: string): LineReading | undefined;
  submit(): void;
  saveAsPiece(lines: readonly string[]): void;
  saveAsJobs(lines: readonly string[]): void;
}

/** The line being typed: read as it grows, saved as a draft job on Enter. */
export function useQuickLine(onSaved: () => void): QuickLineState {
  const [text, setTextState] = useState('');
  const [error, setError] = useState<string | undefined>();
  const { units } = usePreferences();
  const [pasted, setPasted] = useState<PastedList | undefined>();
  const { data: machines } = useQuery(machineListQuery);
  const { data: shop } = useQuery(shopQuery);
  const create = useCreateJob();
  const navigate = useNavigate();
  const toast = useToast();
  const { reader, wake } = useReader();
  const unit = bareLengthUnit(units);
  const read = useMemo(() => {
    const machineNames = (machines ?? []).map((machine) => machine.name);
    const shopWords = reader?.readShopWords(shop?.words ?? {});
    return { reader, context: { unit, machineNames, ...(shopWords && { shopWords }) } };
  }, [reader, unit, machines, shop]);
  const readLine = useCallback(
    (line: string): LineReading | undefined => read.reader?.parseLine(line, read.context),
    [read],
  );
  const reading = useMemo(() => readLine(text), [readLine, text]);
  // while the reader is not there the server says it
  const obstacle = (of: LineReading | undefined): string | undefined => of && reader?.lineObstacle(of, units);
  const welds = useSaveWelds({
    onSaved: () => {
      setText('');
      setPasted(undefined);
      onSaved();
    },
    onError: (message, rest) => {
      setError(message);
      setPasted((list) => (list ? { ...list, lines: rest } : list));
    },
  });
  const saveAll =
    (save: typeof welds.asPiece) =>
    (lines: readonly string[]): void => {
      const bad = lines.find((line) => obstacle(readLine(line)) !== undefined);
      if (bad !== undefined) return setError(`“${bad}”: ${obstacle(readLine(bad)) ?? ''}`);
      save(lines, unit);
    };

  const setText = (next: string): void => {
    setTextState(next);
    setError(undefined);
  };
  const submit = (): void => {
    if (text.trim() === '' || create.isPending) return;
    const problem = obstacle(reading);
    if (problem !== undefined) return setError(problem);
    create.mutate(
      { line: text.trim(), unit },
      {
        onError: (failure) => setError(failure.message),
        onSuccess: (job, undo) => {
          remember(text.trim());
          setText('');
          onSaved();
          void navigate(`/jobs/${job.id}`);
          toast('Draft job saved', () => {
            undo();
            setText(job.line);
            void navigate('/');
          });
        },
      },
    );
  };
  const paste = (text: string): void => {
    void loadReader().then(({ readPastedList }) => {
      const list = readPastedList(text);
      if (list.lines.length < 2) setText(list.lines[0] ?? '');
      else setPasted(list);
      setError(undefined);
      wake();
    });
  };
  return {
    text,
    reading,
    error,
    pasted,
    saving: create.isPending || welds.saving,
    setText,
    setPasted,
    paste,
    wake,
    readLine,
    submit,
    saveAsPiece: saveAll(welds.asPiece),
    saveAsJobs: saveAll(welds.asJobs),
  };
}
