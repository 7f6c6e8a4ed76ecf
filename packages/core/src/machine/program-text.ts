import { amount } from '../base/words/amount.ts';
import { joined, words, type Words } from '../base/words/words.ts';
import { gasOf } from '../trade/gas/gas.ts';
import { MODE_NAME } from '../trade/transfer/transfer-mode.ts';
import type { MachineProgram, ProgramDifference, ProgramFor } from './program.ts';

/** "1.0 mm ER70S-6, Ar + 18 % CO₂, short-circuit". */
export function programForText({ wireClass, diameterMm, gas, mode }: ProgramFor): Words {
  return words`${amount.wireSize(diameterMm, 1)} ${wireClass}, ${gasOf(gas).name}, ${MODE_NAME[mode]}`;
}

/** Only what a program differs in: "for Ar + 8 % CO₂, pulsed spray". */
export function differenceText(program: MachineProgram, differs: readonly ProgramDifference[]): Words {
  const parts: Readonly<Record<ProgramDifference, Words>> = {
    wire: program.wireClass,
    size: words`${amount.wireSize(program.diameterMm, 1)}`,
    gas: gasOf(program.gas).name,
    transfer: MODE_NAME[program.mode],
  };
  return words`for ${joined(
    differs.map((one) => parts[one]),
    ', ',
  )}`;
}
