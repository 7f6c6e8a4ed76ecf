import { usePreferences } from '../../preferences/preferences.tsx';
import { useWords } from '../../units/index.ts';
import { wireSizeText } from '@hot-bead/core/base';
import { validated } from '@hot-bead/contract/base';
import { type KeptMachine, programListSchema } from '@hot-bead/contract/machine';
import { readProgramLines } from '@hot-bead/core/line';
import type { MachineProgram } from '@hot-bead/core/machine';
import { gasOf, MODE_NAME, PLANNED_MODES } from '@hot-bead/core/trade';
import { X } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { sendChecked } from '../../ui/form/problems.ts';
import { TextArea } from '../../ui/form/text-area.tsx';
import { Section } from '../../ui/page/section.tsx';
import { Table } from '../../ui/page/table.tsx';
import { wireSizes } from './machine-choices.ts';
import { CLASSES, GASES } from './machine-choices.ts';
import { useChangeWithUndo } from './use-change-with-undo.ts';

const MODES = PLANNED_MODES.map((id) => [id, MODE_NAME[id]] as const);

interface PartProps {
  readonly machine: KeptMachine;
  readonly programs: readonly MachineProgram[];
  readonly saving: boolean;
  readonly onKeep: (next: readonly MachineProgram[], settle: (error?: Error) => void) => void;
}

/** One program by hand, beginning with what is on the machine. */
function AddProgram({ machine, programs, saving, onKeep }: PartProps) {
  const { units } = usePreferences();
  const blank = {
    name: '',
    wireClass: machine.loadedWireClass as string,
    diameterMm: String(machine.loadedWireDiameterMm),
    gas: machine.loadedGas as string,
    mode: 'short-circuit',
  };
  const [texts, setTexts] = useState(blank);
  const [wrong, setWrong] = useState<string | undefined>();
  const field = (key: keyof typeof blank) => ({
    value: texts[key],
    onChange: (event: { readonly target: { readonly value: string } }) =>
      setTexts({ ...texts, [key]: event.target.value }),
  });
  return (
    <form
      noValidate
      aria-label="Add a program"
      className="flex flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        setWrong(undefined);
        sendChecked({
          check: () =>
            validated(programListSchema, [...programs, { ...texts, diameterMm: Number(texts.diameterMm) }]),
          send: (next, onError) =>
            onKeep(next, (error) => (error ? onError(error) : setTexts({ ...texts, name: '' }))),
          place: ([first]) => setWrong(first?.message),
        });
      }}
    >
      <Field label="Number or name" className="w-36" error={wrong} {...field('name')} />
      <SelectField label="Wire" options={CLASSES} {...field('wireClass')} />
      <SelectField label="Size" options={wireSizes(units)} {...field('diameterMm')} />
      <SelectField label="Gas" className="w-44" options={GASES} {...field('gas')} />
      <SelectField label="Transfer" className="w-44" options={MODES} {...field('mode')} />
      <Button type="submit" disabled={saving} className="mt-6">
        {saving ? 'Adding…' : 'Add it'}
      </Button>
    </form>
  );
}

/** A whole table, one program a line: what is wrong is said by its line, and then nothing is taken. */
function PastePrograms({ programs, saving, onKeep }: Omit<PartProps, 'machine'>) {
  const say = useWords();
  const [text, setText] = useState('');
  const [wrongs, setWrongs] = useState<readonly string[]>([]);
  const readings = readProgramLines(text);
  const take = (): void => {
    const faults = readings.flatMap((one) => ('wrong' in one ? [`Line ${one.line}: ${say(one.wrong)}`] : []));
    setWrongs(faults.length === 0 && readings.length === 0 ? ['Paste a line first.'] : faults);
    if (faults.length > 0 || readings.length === 0) return;
    sendChecked({
      check: () =>
        validated(programListSchema, [
          ...programs,
          ...readings.flatMap((one) => ('program' in one ? [one.program] : [])),
        ]),
      send: (next, onError) => onKeep(next, (error) => (error ? onError(error) : setText(''))),
      place: (problems) => setWrongs(problems.map(({ message }) => message)),
    });
  };
  return (
    <div className="grid max-w-2xl gap-2">
      <TextArea
        label="Or paste its table, one program a line"
        hint="Number or name, then wire, size, gas and transfer: “14 ER70S-6 1.0 Ar+18 pulse”."
        rows={4}
        value={text}
        errors={wrongs}
        onChange={(event) => setText(event.target.value)}
      />
      <div>
        <Button onClick={take} disabled={saving}>
          {readings.length === 0
            ? 'Take the lines'
            : `Take ${readings.length} ${readings.length === 1 ? 'line' : 'lines'}`}
        </Button>
      </div>
    </div>
  );
}

/** The machine's table of programs: a plan then names the one to take before any number. */
export function ProgramsSection({ machine }: { readonly machine: KeptMachine }) {
  const { units } = usePreferences();
  const { set, saving } = useChangeWithUndo(machine);
  const { programs = [], standingProgram } = machine;
  const keep = (next: readonly MachineProgram[], done: string, settle?: (error?: Error) => void): void => {
    const stands = next.some(({ name }) => name === standingProgram);
    set(
      {
        programs: next.length === 0 ? null : next,
        ...(standingProgram !== undefined && !stands ? { standingProgram: null } : {}),
      },
      done,
      settle,
    );
  };
  return (
    <Section id="programs" title="Its programs" className="grid grid-cols-1 gap-3">
      {programs.length === 0 ? (
        <p className="text-ink-soft">
          None in its table. Where a machine keeps programs for wire, gas and transfer, a wrong one spoils
          every number after it: with the table here, plans name the program first.
        </p>
      ) : (
        <Table
          columns={[
            'program',
            'wire',
            'gas',
            'transfer',
            { head: <span className="sr-only">Take out</span> },
          ]}
        >
          {programs.map((program) => (
            <tr key={program.name} className="border-b border-line last:border-b-0">
              <th scope="row" className="figure-text py-1 text-left text-xl">
                {program.name}
              </th>
              <td>
                {wireSizeText(program.diameterMm, units)} {program.wireClass}
              </td>
              <td>{gasOf(program.gas).name}</td>
              <td>{MODE_NAME[program.mode]}</td>
              <td className="text-right">
                <button
                  type="button"
                  aria-label={`Take program ${program.name} out`}
                  className="inline-grid size-11 place-items-center text-ink-soft hover:text-hot"
                  onClick={() =>
                    keep(
                      programs.filter(({ name }) => name !== program.name),
                      'Program taken out',
                    )
                  }
                >
                  <X size={18} aria-hidden="true" />
                </button>
              </td>
            </tr>
          ))}
        </Table>
      )}
      <AddProgram
        machine={machine}
        programs={programs}
        saving={saving}
        onKeep={(next, settle) => keep(next, 'Program added', settle)}
      />
      <PastePrograms
        programs={programs}
        saving={saving}
        onKeep={(next, settle) => keep(next, 'Programs added', settle)}
      />
    </Section>
  );
}
