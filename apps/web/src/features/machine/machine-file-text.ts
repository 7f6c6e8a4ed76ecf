import { ContractError, decodedText, validated } from '@hot-bead/contract/base';
import {
  CSV_CHARACTERS_MOST,
  type CsvVerdict,
  type MachineFile,
  machineFileSchema,
  readMachineCsv,
} from '@hot-bead/contract/machine';

/** What a file says: a machine to take, or why not, line by line where it has lines. */
export interface FileReadOut {
  readonly file: MachineFile | undefined;
  readonly verdicts: readonly CsvVerdict[];
  /** How its letters were read, where that had to be guessed or is not usual. */
  readonly encoding?: string | undefined;
}

/** How far a file has been read: lines so far, of how many. */
export interface FileProgress {
  readonly line: number;
  readonly of: number;
}

/** Largest file, bytes: UTF-16 takes two a letter. */
export const FILE_BYTES_MOST = 2 * CSV_CHARACTERS_MOST;

const refused = (message: string, record: string): CsvVerdict => ({
  line: undefined,
  record,
  taken: false,
  message,
});

function readJson(text: string): FileReadOut {
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

/** Reads the text of a machine's file, JSON or CSV. */
export function readMachineFile(text: string, onProgress?: (progress: FileProgress) => void): FileReadOut {
  if (text.trimStart().startsWith('{')) return readJson(text);
  return readMachineCsv(text, onProgress && ((line, of) => onProgress({ line, of })));
}

/** Reads a machine's file from its bytes. */
export function readMachineBytes(
  bytes: Uint8Array,
  onProgress?: (progress: FileProgress) => void,
): FileReadOut {
  const { text, encoding } = decodedText(bytes, TextDecoder);
  return { ...readMachineFile(text, onProgress), encoding };
}

/** Why a file is not even opened. */
export function tooLarge(bytes: number): FileReadOut | undefined {
  if (bytes <= FILE_BYTES_MOST) return undefined;
  const message = `That is ${(bytes / 1_000_000).toFixed(1)} MB: a machine’s file has ${FILE_BYTES_MOST / 1_000_000} MB at most.`;
  return { file: undefined, verdicts: [refused(message, 'file')] };
}
