import { gasOf } from '../trade/gas/gas.ts';
import { MODE_NAME } from '../trade/transfer/transfer-mode.ts';
import type { MachineProgram, ProgramDifference, ProgramFor } from './program.ts';

/** "1.0 mm ER70S-6, Ar + 18 % CO₂, short-circuit". */
export function programForText({ wireClass, diameterMm, gas, mode }: ProgramFor): string {
  return `${diameterMm.toFixed(1)} mm ${wireClass}, ${gasOf(gas).name}, ${MODE_NAME[mode]}`;
}

/** Only what a program differs in: "for Ar + 8 % CO₂, pulsed spray". */
export function differenceText(program: MachineProgram, differs: readonly ProgramDifference[]): string {
  const parts: Readonly<Record<ProgramDifference, string>> = {
    wire: program.wireClass,
    size: `${program.diameterMm.toFixed(1)} mm`,
    gas: gasOf(program.gas).name,
    transfer: MODE_NAME[program.mode],
  };
  return `for ${differs.map((one) => parts[one]).join(', ')}`;
}
