import type { CsvVerdict, MachineFile } from '@hot-bead/contract/machine';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { Field } from '../../ui/form/field.tsx';
import { MIND_BOX, Notice } from '../../ui/page/notices.tsx';
import { useToast } from '../../ui/toasts.tsx';
import type { FileProgress, FileReadOut } from './machine-file-text.ts';
import { useTakeMachineFile } from './machines.queries.ts';
import { readFileAway } from './read-file-away.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';

/** Most lines that are told of at once. */
const VERDICTS_MOST = 50;

/** What was wrong with a file, line by line; how much of it was right. */
function Refused({ verdicts }: { readonly verdicts: readonly CsvVerdict[] }) {
  const taken = verdicts.filter((verdict) => verdict.taken).length;
  const wrong = verdicts.filter((verdict) => !verdict.taken);
  return (
    <Notice tone="hot" title="Nothing was taken from this file">
      {taken > 0 && (
        <p>
          {taken} {taken === 1 ? 'line' : 'lines'} could be read; a file is taken whole or not at all.
        </p>
      )}
      <ul className="mt-2 grid gap-1">
        {wrong.slice(0, VERDICTS_MOST).map(({ line, record, message }) => (
          <li key={`${line} ${record} ${message}`} className="break-words">
            <span className="font-semibold">{line === undefined ? record : `Line ${line}, ${record}`}:</span>{' '}
            {message}
          </li>
        ))}
      </ul>
      {wrong.length > VERDICTS_MOST && (
        <p className="mt-2">and {wrong.length - VERDICTS_MOST} more, of the same kind or another.</p>
      )}
    </Notice>
  );
}

function Take({ file, verdicts }: { readonly file: MachineFile; readonly verdicts: readonly CsvVerdict[] }) {
  const take = useTakeMachineFile();
  const navigate = useNavigate();
  const toast = useToast();
  const [name, setName] = useState(file.machine.name);
  const counting = file.dialReadings.filter(({ counts }) => counts).length;
  const onTake = (): void =>
    take.mutate(
      { ...file, machine: { ...file.machine, name } },
      {
        onSuccess: (machine, undo) => {
          void navigate(`/machines/${machine.id}`);
          toast(`${machine.name} taken from the file`, () => {
            undo();
            void navigate('/machines');
          });
        },
      },
    );
  return (
    <form
      noValidate
      aria-label="Take the machine"
      className="grid max-w-xl gap-3 rounded-md border border-line bg-plate p-4"
      onSubmit={(event) => {
        event.preventDefault();
        onTake();
      }}
    >
      <h2 className="text-lg font-semibold">{file.machine.name}</h2>
      <p>
        {counting} {counting === 1 ? 'reading' : 'readings'} of its knob that count,{' '}
        {file.dialReadings.length - counting} kept as history
        {verdicts.length > 0 ? `; all ${verdicts.length} lines can be taken` : ''}.
      </p>
      <Field
        label="Its name here"
        value={name}
        error={take.error?.message}
        onChange={(event) => setName(event.target.value)}
      />
      <Button type="submit" tone="main" disabled={take.isPending} className="min-h-14">
        {take.isPending ? 'Taking…' : 'Add this machine'}
      </Button>
    </form>
  );
}

/** A machine with its calibrations from a file: says what is in it before anything is taken. */
export function FromFilePage() {
  const [read, setRead] = useState<(FileReadOut & { readonly key: number }) | undefined>();
  const [progress, setProgress] = useState<FileProgress | undefined>();
  const [error, setError] = useState<string | undefined>();
  const onFile = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setRead(undefined);
    setError(undefined);
    try {
      setRead({ ...(await readFileAway(file, setProgress)), key: Date.now() });
    } catch (failure) {
      setError(failure instanceof Error ? failure.message : 'The file could not be read.');
    } finally {
      setProgress(undefined);
    }
  };
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={
          <>
            <ButtonLink to="/machines">All machines</ButtonLink>
          </>
        }
      >
        A machine from a file
      </PageTitle>
      <div className="rounded-md border border-dashed border-line-strong p-4">
        <label htmlFor="machine-file" className="label-text block">
          JSON or CSV of a machine, as its page gives it
        </label>
        <input
          id="machine-file"
          type="file"
          accept=".json,.csv,application/json,text/csv"
          onChange={(event) => void onFile(event.target.files?.[0])}
          className="mt-2 block min-h-11 w-full file:mr-4 file:min-h-11 file:rounded-md file:border file:border-solid file:border-line-strong file:bg-plate file:px-4 file:font-medium file:text-ink hover:file:border-action"
        />
      </div>
      {progress && (
        <label className="label-text">
          Reading line {progress.line} of {progress.of}
          <progress value={progress.line} max={progress.of} className="block w-full" />
        </label>
      )}
      {error !== undefined && <Wrong>{error}</Wrong>}
      {read?.encoding !== undefined && <p className={MIND_BOX}>The file is in {read.encoding}.</p>}
      {read?.file && <Take key={read.key} file={read.file} verdicts={read.verdicts} />}
      {read && !read.file && <Refused verdicts={read.verdicts} />}
    </div>
  );
}
