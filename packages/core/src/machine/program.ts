import type { GasId } from '../trade/gas/gas.ts';
import type { PlannedMode } from '../trade/transfer/transfer-mode.ts';
import type { ShelfWire } from '../trade/wire/shelf-wire.ts';

/** What a program is for: a wire, a gas, and the transfer it runs in. */
export interface ProgramFor extends ShelfWire {
  readonly gas: GasId;
  readonly mode: PlannedMode;
}

/** One row of a machine's table of programs. */
export interface MachineProgram extends ProgramFor {
  /** The number or the name that the machine shows. */
  readonly name: string;
}

/** In what a program can differ from a plan. */
export type ProgramDifference = 'wire' | 'size' | 'gas' | 'transfer';

/** Which program a plan wants of a machine. */
export type ProgramTerm =
  | { readonly status: 'program'; readonly program: MachineProgram }
  /** None is for this; the one that comes nearest, where one has the wire's class. */
  | {
      readonly status: 'none';
      readonly nearest?:
        { readonly program: MachineProgram; readonly differs: readonly ProgramDifference[] } | undefined;
    };

/** How ill a program fits that differs so, the worst first: it decides which comes nearest. Source: our model. */
const WEIGHT: Readonly<Record<ProgramDifference, number>> = { wire: 8, transfer: 3, size: 2, gas: 1 };

/** In what a program differs from what a plan wants. */
export function programDiffers(program: ProgramFor, wanted: ProgramFor): readonly ProgramDifference[] {
  return [
    ...(program.wireClass === wanted.wireClass ? [] : ['wire' as const]),
    ...(program.diameterMm === wanted.diameterMm ? [] : ['size' as const]),
    ...(program.gas === wanted.gas ? [] : ['gas' as const]),
    ...(program.mode === wanted.mode ? [] : ['transfer' as const]),
  ];
}

/**
 * The program for a plan.
 *
 * @param programs the machine's table, one or more
 */
export function programFor(programs: readonly MachineProgram[], wanted: ProgramFor): ProgramTerm {
  const judged = programs
    .map((program) => ({ program, differs: programDiffers(program, wanted) }))
    .toSorted((a, b) => gravity(a.differs) - gravity(b.differs));
  const [nearest] = judged;
  if (nearest?.differs.length === 0) return { status: 'program', program: nearest.program };
  return nearest?.differs.includes('wire') === false ? { status: 'none', nearest } : { status: 'none' };
}

function gravity(differs: readonly ProgramDifference[]): number {
  return differs.reduce((sum, one) => sum + WEIGHT[one], 0);
}

/** What is wrong with a table of programs, and in which row; undefined when nothing is. */
export function programsFault(
  programs: readonly MachineProgram[],
): { readonly row: number; readonly message: string } | undefined {
  for (const [row, program] of programs.entries()) {
    const before = programs.slice(0, row);
    const same = (name: string): boolean => name.toLowerCase() === program.name.toLowerCase();
    if (before.some(({ name }) => same(name))) {
      return { row, message: `Program ${program.name} stands there twice.` };
    }
  }
  return undefined;
}
