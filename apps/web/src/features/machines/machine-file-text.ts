import {
  ContractError,
  type CsvVerdict,
  type MachineFile,
  machineFileSchema,
  readMachineCsv,
  validated,
} from '@hot-bead/contract';

/** What a file says: a machine to take, or why not, line by line where it has lines. */
export interface FileReadOut {
  readonly file: MachineFile | undefined;
  readonly verdicts: readonly CsvVerdict[];
}

function readJson(text: string): FileReadOut {
  const refused = (message: string, record: string): CsvVerdict => ({
    line: undefined,
    record,
    taken: false,
    message,
  });
  try {
    return { file: validated(machineFileSchema, JSON.parse(text) as unknown), verdicts: [] };
  } catch (error) {
    if (error instanceof ContractError) {
      return { file: undefined, verdicts: error.problems.map((p) => refused(p.message, p.field)) };
    }
    return {
      file: undefined,
      verdicts: [refused('This is neither the JSON nor the CSV of a machine.', 'file')],
    };
  }
}

/** Reads a machine's file, JSON or CSV. */
export function readMachineFile(text: string): FileReadOut {
  return text.trimStart().startsWith('{') ? readJson(text) : readMachineCsv(text);
}
