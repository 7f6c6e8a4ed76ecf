import { words, type Words } from '@hot-bead/core/base';
import { useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { differenceText, programForText, type ProgramTerm } from '@hot-bead/core/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';

/** Which program to take, in a few words. */
export function programText(term: ProgramTerm): Words {
  if (term.status === 'program') return words`${term.program.name}, ${programForText(term.program)}`;
  const { nearest } = term;
  return nearest
    ? words`none for this; nearest ${nearest.program.name}, ${differenceText(nearest.program, nearest.differs)}`
    : 'none for this';
}

/** The machine's program, before every number: a wrong one spoils them all. */
export function ProgramLine({
  plan,
  machine,
}: {
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}) {
  const say = useWords();
  const { program } = plan;
  // that it has none is minded in the title line
  if (program?.status !== 'program' || !machine) return null;
  const { name } = program.program;
  const stands = machine.standingProgram === name;
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 border-b border-line px-3 py-2">
      <span className="label-text">First, the program</span>
      <span className="figure-text text-3xl">{name}</span>
      <span>
        {say(programForText(program.program))}
        {stands
          ? ' ● it stands on it'
          : machine.standingProgram
            ? ` ⇄ it stands on ${machine.standingProgram}`
            : ''}
      </span>
    </p>
  );
}
