import { amount } from '../base/words/amount.ts';
import { words, type Words } from '../base/words/words.ts';
import type { MachineProgram } from '../machine/program.ts';
import { wireClassRow } from '../trade/wire/wire-class.ts';
import { parseLine } from './parse.ts';

/** What became of one pasted line, counted from 1. */
export type ProgramLineReading =
  | { readonly line: number; readonly program: MachineProgram }
  | { readonly line: number; readonly wrong: Words };

/** Most characters of a line that is read. Source: our tuning. */
const LINE_MOST = 300;
/** A number or a name, then what it is for: "14; ER70S-6 1.0 mm; Ar+18; pulse", "S3 0.8 ER5356 argon pulse". */
const NAMED = /^([^\s;,]{1,24})[\s;,]+(\S.*)$/;

function readLine(line: number, text: string): ProgramLineReading {
  const [, name, rest] = NAMED.exec(text.slice(0, LINE_MOST)) ?? [];
  if (name === undefined || rest === undefined) {
    return { line, wrong: 'Begin with the program’s number or name; then wire, size, gas and transfer.' };
  }
  const { work, fragments, questions } = parseLine(rest.replace(/[;,]\s|[;\t]/g, ' '), {
    unit: 'mm',
    machineNames: [],
    about: 'wire',
  });
  const strange = fragments.find(({ status }) => status === 'not-understood');
  if (strange) return { line, wrong: words`“${strange.text}” is not understood.` };
  const [question] = questions;
  if (question) return { line, wrong: question.message };
  const { wireClass, wireDiameterMm: diameterMm } = work;
  if (wireClass === undefined) return { line, wrong: 'Which wire is it for? Write its class: ER70S-6.' };
  if (diameterMm === undefined)
    return { line, wrong: words`Which size is the wire? Write it: ${amount.wireSize(1)}.` };
  const { way, tubular } = wireClassRow(wireClass);
  const gas = work.gas ?? (way === 'self-shielded' ? 'none' : undefined);
  if (gas === undefined) return { line, wrong: 'Which gas is it for? Write it: Ar+18.' };
  const mode = work.mode ?? (tubular ? 'own' : undefined);
  if (mode === undefined)
    return { line, wrong: 'In which transfer does it run: short circuit, spray or pulse?' };
  if (mode === 'globular') return { line, wrong: 'No plan runs globular: short circuit, spray or pulse.' };
  return { line, program: { name, wireClass, diameterMm, gas, mode } };
}

/**
 * A table of programs as it is pasted or typed, one program a line, in the words of the quick line.
 *
 * @param text any length; blank lines are left out
 */
export function readProgramLines(text: string): readonly ProgramLineReading[] {
  return text.split(/\r?\n/).flatMap((raw, i) => (raw.trim() === '' ? [] : [readLine(i + 1, raw.trim())]));
}
