import { words } from '../../base/words/words.ts';
import { programDiffers, type ProgramFor, programFor } from '../../machine/program.ts';
import { differenceText, programForText } from '../../machine/program-text.ts';
import { PRACTICE } from '../../base/source.ts';
import type { Caution } from './caution.ts';
import type { SetupFacts } from './setup-facts.ts';

const SPOILS = 'A wrong program spoils every number after it.';

function noProgram({ context }: SetupFacts, wanted: ProgramFor): Caution[] {
  const { machine } = context.resources;
  const term = programFor(machine?.programs ?? [], wanted);
  if (term.status === 'program') return [];
  const near = term.nearest
    ? words` The nearest is program ${term.nearest.program.name}: ${differenceText(term.nearest.program, term.nearest.differs)}.`
    : '';
  const text = words`${machine?.name ?? 'The machine'} has no program for ${programForText(wanted)} in its table.${near} Set it by hand where the machine lets you, or take a wire and gas that it has a program for.`;
  return [{ code: 'no-program', level: 'warn', text, source: PRACTICE }];
}

function standsWrong({ context }: SetupFacts, wanted: ProgramFor): Caution[] {
  const { machine } = context.resources;
  const standing = machine?.programs?.find(({ name }) => name === machine.standingProgram);
  const differs = standing ? programDiffers(standing, wanted) : [];
  if (!standing || differs.length === 0) return [];
  const text = words`${machine?.name ?? 'The machine'} stands on program ${standing.name}, ${differenceText(standing, differs)}: change it first. ${SPOILS}`;
  return [{ code: 'program-stands-wrong', level: 'warn', text, source: PRACTICE }];
}

/** What a machine's table of programs says against a setup; nothing where it keeps none. */
export function programCautions(facts: SetupFacts): readonly Caution[] {
  if ((facts.context.resources.machine?.programs ?? []).length === 0) return [];
  const { wireClass, diameterMm, gas, family } = facts;
  const wanted: ProgramFor = { wireClass, diameterMm, gas: gas.id, mode: family.mode };
  return [...noProgram(facts, wanted), ...standsWrong(facts, wanted)];
}
