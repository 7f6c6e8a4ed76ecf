import { machineCsv, type MachineFile } from '@hot-bead/contract';
import { readMachineFile } from './machine-file-text.ts';

const FILE: MachineFile = {
  format: 'hot-bead-machine',
  version: 1,
  machine: { name: 'Tom', loadedWireClass: 'ER70S-6', loadedWireDiameterMm: 0.8, loadedGas: 'co2' },
  voltsReadAt: null,
  entryReadAt: null,
  dialReadings: [
    { knob: 5, run: { lengthMm: 760, timeS: 6 }, at: '2026-10-01T08:00:00.000Z', supersededAt: null },
  ],
};

describe('a machine’s file', () => {
  it('is read as JSON or as CSV, whichever it is', () => {
    expect(readMachineFile(JSON.stringify(FILE)).file).toEqual(FILE);
    expect(readMachineFile(machineCsv(FILE)).file).toEqual(FILE);
  });

  it.each([
    ['{ broken', 'file', 'neither the JSON nor the CSV'],
    [JSON.stringify({ ...FILE, version: 7 }), 'version', 'Only version 1'],
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
