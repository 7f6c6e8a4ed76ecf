import type { CsvVerdict, MachineFile } from '@hot-bead/contract';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { Field } from '../../ui/field.tsx';
import { Notice } from '../../ui/notices.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { type FileReadOut, readMachineFile } from './machine-file-text.ts';
import { useRetireMachine, useTakeMachineFile } from './machines.queries.ts';

/** What was wrong with a file, line by line; how much of it was right. */
function Refused({ verdicts }: { readonly verdicts: readonly CsvVerdict[] }) {
  const taken = verdicts.filter((verdict) => verdict.taken).length;
  return (
    <Notice tone="hot" title="Nothing was taken from this file">
      {taken > 0 && (
        <p>
          {taken} {taken === 1 ? 'line' : 'lines'} could be read; a file is taken whole or not at all.
        </p>
      )}
      <ul className="mt-2 grid gap-1">
        {verdicts
          .filter((verdict) => !verdict.taken)
          .map(({ line, record, message }) => (
            <li key={`${line} ${record} ${message}`}>
              <span className="font-semibold">
                {line === undefined ? record : `Line ${line}, ${record}`}:
              </span>{' '}
              {message}
            </li>
          ))}
      </ul>
    </Notice>
  );
}

function Take({ file, verdicts }: { readonly file: MachineFile; readonly verdicts: readonly CsvVerdict[] }) {
  const take = useTakeMachineFile();
  const retire = useRetireMachine();
  const navigate = useNavigate();
  const toast = useToast();
  const [name, setName] = useState(file.machine.name);
  const counting = file.dialReadings.filter(({ supersededAt }) => supersededAt === null).length;
  const onTake = (): void =>
    take.mutate(
      { ...file, machine: { ...file.machine, name } },
      {
        onSuccess: (machine) => {
          void navigate(`/machines/${machine.id}`);
          toast(`${machine.name} taken from the file`, () => {
            retire.mutate(machine.id);
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
  const onFile = async (file: File | undefined): Promise<void> => {
    if (file) setRead({ ...readMachineFile(await file.text()), key: Date.now() });
  };
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1 className="text-2xl font-semibold">A machine from a file</h1>
        <ButtonLink to="/machines">All machines</ButtonLink>
      </div>
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
      {read?.file && <Take key={read.key} file={read.file} verdicts={read.verdicts} />}
      {read && !read.file && <Refused verdicts={read.verdicts} />}
    </div>
  );
}
