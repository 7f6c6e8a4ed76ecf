import { decodedText } from '@hot-bead/contract/base';
import { machineCsv, type MachineFile } from '@hot-bead/contract/machine';
import { FILE_BYTES_MOST, readMachineBytes, readMachineFile, tooLarge } from './machine-file-text.ts';

const FILE: MachineFile = {
  format: 'hot-bead-machine',
  version: 2,
  machine: { name: 'Tom', loadedWireClass: 'ER70S-6', loadedWireDiameterMm: 0.8, loadedGas: 'co2' },
  voltsReadAt: null,
  entryReadAt: null,
  dialReadings: [{ knob: 5, run: { lengthMm: 760, timeS: 6 }, at: '2026-10-01T08:00:00.000Z', counts: true }],
};

describe('a machine’s file', () => {
  it('is read as JSON or as CSV, whichever it is', () => {
    expect(readMachineFile(JSON.stringify(FILE)).file).toEqual(FILE);
    expect(readMachineFile(machineCsv(FILE)).file).toEqual(FILE);
  });

  it.each([
    ['{ broken', 'file', 'neither the JSON nor the CSV'],
    [JSON.stringify({ ...FILE, version: 7 }), 'version', 'Versions 1 to 2 of the file can be read.'],
    [
      JSON.stringify({ ...FILE, machine: { ...FILE.machine, name: '' } }),
      'machine.name',
      'Give the machine a name.',
    ],
    ['hello', 'file', 'must name the columns'],
  ])('%s says at %s what is wrong', (text, record, message) => {
    const { file, verdicts } = readMachineFile(text);
    expect(file).toBeUndefined();
    const refused = verdicts.find((verdict) => !verdict.taken);
    expect(refused?.record).toBe(record);
    expect(refused?.message).toContain(message);
  });
});

describe('the letters of a file', () => {
  const csv = machineCsv({ ...FILE, machine: { ...FILE.machine, name: 'Käthe' } });
  const utf16 = (text: string, mark: boolean, littleEndian: boolean): Uint8Array => {
    const units = [...(mark ? ['\ufeff'] : []), ...text].map((letter) => letter.charCodeAt(0));
    const view = new DataView(new ArrayBuffer(units.length * 2));
    units.forEach((unit, i) => view.setUint16(i * 2, unit, littleEndian));
    return new Uint8Array(view.buffer);
  };
  const latin1 = Uint8Array.from([...csv].map((letter) => letter.charCodeAt(0)));

  it.each<[string, Uint8Array, string | undefined]>([
    ['UTF-8', new TextEncoder().encode(csv), undefined],
    ['UTF-8 with its mark', new TextEncoder().encode(`\ufeff${csv}`), undefined],
    ['UTF-16, little end first', utf16(csv, true, true), 'UTF-16'],
    ['UTF-16, big end first', utf16(csv, true, false), 'UTF-16'],
    ['UTF-16 without its mark', utf16(csv, false, true), 'UTF-16'],
    ['UTF-16 without its mark, big end first', utf16(csv, false, false), 'UTF-16'],
    ['Latin-1', latin1, 'Latin-1'],
  ])('in %s are read, and it is said where that is not usual', (_, bytes, encoding) => {
    const read = readMachineBytes(bytes);
    expect(read.file?.machine.name).toBe('Käthe');
    if (encoding === undefined) expect(read.encoding).toBeUndefined();
    else expect(read.encoding).toContain(encoding);
  });

  it('are not asked of a file that is too large', () => {
    expect(tooLarge(FILE_BYTES_MOST)).toBeUndefined();
    expect(tooLarge(FILE_BYTES_MOST + 1)?.verdicts[0]?.message).toContain('2 MB at most');
    expect(decodedText(new Uint8Array(), TextDecoder).text).toBe('');
  });
});
