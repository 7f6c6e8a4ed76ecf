import {
  ContractError,
  CSV_CHARACTERS_MOST,
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

interface Decoded {
  readonly text: string;
  readonly encoding: string | undefined;
}

/** UTF-16 without its mark: every other byte of plain text is nought. */
function utf16Order(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | undefined {
  const head = bytes.subarray(0, 200);
  const noughts = (odd: 0 | 1): number => head.filter((byte, i) => i % 2 === odd && byte === 0).length;
  const most = head.length / 2;
  if (most < 4) return undefined;
  if (noughts(1) > 0.8 * most) return 'utf-16le';
  return noughts(0) > 0.8 * most ? 'utf-16be' : undefined;
}

function marked(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | undefined {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  return bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : undefined;
}

/** The text of a file: UTF-8 as we write it, UTF-16 or Latin-1 as table programs do, and which it was. */
export function decodedText(bytes: Uint8Array): Decoded {
  const wide = marked(bytes) ?? utf16Order(bytes);
  if (wide) return { text: new TextDecoder(wide).decode(bytes), encoding: 'UTF-16' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: undefined };
  } catch {
    return {
      text: new TextDecoder('windows-1252').decode(bytes),
      encoding: 'Latin-1: look whether letters with accents are right',
    };
  }
}

/** Reads a machine's file from its bytes. */
export function readMachineBytes(
  bytes: Uint8Array,
  onProgress?: (progress: FileProgress) => void,
): FileReadOut {
  const { text, encoding } = decodedText(bytes);
  return { ...readMachineFile(text, onProgress), encoding };
}

/** Why a file is not even opened. */
export function tooLarge(bytes: number): FileReadOut | undefined {
  if (bytes <= FILE_BYTES_MOST) return undefined;
  const message = `That is ${(bytes / 1_000_000).toFixed(1)} MB: a machine’s file has ${FILE_BYTES_MOST / 1_000_000} MB at most.`;
  return { file: undefined, verdicts: [refused(message, 'file')] };
}
