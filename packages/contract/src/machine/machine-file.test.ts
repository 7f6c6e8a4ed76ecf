import { readsAsWork } from '@hot-bead/core/line';
import {
  MACHINE_FEATURES,
  SCALE_UNITS,
  SETTING_IDS,
  MACHINE_KINDS,
  POLARITY_CHANGES,
} from '@hot-bead/core/machine';
import {
  type GasId,
  type PlannedMode,
  POLARITIES,
  WIRE_CLASSES,
  WIRE_DIAMETERS_MM,
} from '@hot-bead/core/trade';
import fc from 'fast-check';
import { guarded, joined, machineCsv, parted, unguarded } from './machine-csv.ts';
import { CSV_CHARACTERS_MOST, CSV_LINES_MOST, readMachineCsv } from './machine-csv-read.ts';
import { type MachineFile, machineFileSchema } from './machine-file.ts';
import { plainLine } from '../base/plain-text.ts';
import { ContractError, validated } from '../base/validation.ts';

const TOM: MachineFile = {
  format: 'hot-bead-machine',
  version: 2,
  id: '0b8f2f0e-6a1c-4a53-9d3e-0d3b8a1f7c55',
  machine: {
    name: 'Tom, the "old" one',
    kind: 'transformer',
    loadedWireClass: 'ER70S-6',
    loadedWireDiameterMm: 1.0,
    loadedGas: 'ar-co2-18',
    standingPolarity: 'DCEP',
    polarityChange: 'links',
    currentRangeA: [30, 170],
    wireFeedSpeedRangeMPerMin: [1.5, 14],
    features: ['burnback'],
    wireControl: { kind: 'knob', min: 0, max: 10 },
    voltsControl: {
      kind: 'positions',
      positions: [{ name: '1', openV: 17.5, loaded: [{ volts: 16.2, currentA: 60 }] }, { name: 'hot' }],
    },
    feedFollowsPosition: true,
    oneEntry: {
      unit: 'mm',
      trimStepV: 0.5,
      lines: [
        {
          wireClass: 'ER70S-6',
          diameterMm: 0.8,
          gas: 'co2',
          points: [
            { entry: 1, wireFeedSpeedMPerMin: 3.2, volts: 16 },
            { entry: 2, wireFeedSpeedMPerMin: 5.4, volts: 17.5 },
          ],
        },
      ],
    },
    duty: [{ currentA: 150, percent: 20 }],
    mains: { volts: 230, breakerA: 16 },
    wires: [{ wireClass: 'E71T-11', diameterMm: 0.9 }],
    rolls: [],
  },
  voltsReadAt: '2026-10-02T08:00:00.000Z',
  entryReadAt: null,
  dialReadings: [
    {
      knob: 2.5,
      run: { lengthMm: 400.25, timeS: 10 },
      at: '2026-10-01T08:00:00.000Z',
      counts: false,
    },
    {
      knob: 5,
      run: { lengthMm: 900, timeS: 9 },
      shortRun: { lengthMm: 300, timeS: 3 },
      position: 'hot',
      underArc: true,
      at: '2026-10-02T08:00:00.000Z',
      counts: true,
    },
  ],
};

describe('a machine as a file', () => {
  it('is the same machine through JSON', () => {
    expect(validated(machineFileSchema, JSON.parse(JSON.stringify(TOM)) as unknown)).toEqual(TOM);
  });

  it('is the same machine through CSV, readings, dates and all', () => {
    const { file, verdicts } = readMachineCsv(machineCsv(TOM));
    expect(verdicts.filter((verdict) => !verdict.taken)).toEqual([]);
    expect(file).toEqual(TOM);
  });

  it('is read from version 1, which said when a reading stopped counting', () => {
    const { id, dialReadings, ...rest } = TOM;
    const readings = dialReadings.map(({ counts, ...reading }) => ({
      ...reading,
      supersededAt: counts ? null : '2026-10-02T08:00:00.000Z',
    }));
    const old = { ...rest, version: 1, dialReadings: readings };
    expect(validated(machineFileSchema, old)).toEqual({ ...rest, version: 2, dialReadings });
    const csv = machineCsv({ ...TOM, dialReadings: [] }).replace(',counts,', ',ignored,');
    expect(readMachineCsv(csv).verdicts[0]?.message).toBe('No column is called ignored.');
    const [heading = ''] = machineCsv(TOM).split('\r\n');
    const dial = { record: 'dial', knob: '1', length_mm: '900', time_s: '9', at: TOM.dialReadings[0]?.at };
    const row = heading
      .split(',')
      .map((column) => ({ ...dial, superseded_at: '2026-10-02' })[column] ?? '')
      .join(',');
    const { file } = readMachineCsv(`${machineCsv({ ...TOM, dialReadings: [] })}\r\n${row}`);
    expect(file?.dialReadings).toMatchObject([{ knob: 1, counts: false }]);
    expect(id).toBeDefined();
  });

  it('keeps strokes in names, and cells that a table program would run', () => {
    fc.assert(
      fc.property(
        fc.array(fc.string({ unit: fc.constantFrom('|', '\\', 'a', ' ') }), { minLength: 1 }),
        (parts) => {
          if (parts.length > 1 || parts[0] !== '') expect(parted(joined(parts) ?? '')).toEqual(parts);
        },
      ),
    );
    const cell = fc.string({ unit: fc.constantFrom("'", '=', '+', '-', '@', '\t', 'a', '1') });
    fc.assert(
      fc.property(cell, (text) => {
        const kept = String(guarded(text));
        expect(unguarded(kept)).toBe(text);
        expect(kept).not.toMatch(/^[=+\-@\t\r]/);
      }),
    );
    expect(guarded(-5)).toBe(-5);
  });

  it('is the same machine through CSV whatever it is', () => {
    const gas = fc.constantFrom<GasId>('argon', 'co2', 'ar-co2-18');
    const name = fc
      .stringMatching(/^[A-Za-z0-9 "',;é|\\=+@-]{1,12}$/)
      .filter((text) => plainLine(text) === text && text !== '' && !readsAsWork(text));
    const machine = fc.record(
      {
        name,
        loadedWireClass: fc.constantFrom(...WIRE_CLASSES),
        loadedWireDiameterMm: fc.constantFrom(...WIRE_DIAMETERS_MM),
        loadedGas: gas,
        kind: fc.constantFrom(...MACHINE_KINDS),
        features: fc.subarray([...MACHINE_FEATURES]),
        standingPolarity: fc.constantFrom(...POLARITIES),
        polarityChange: fc.constantFrom(...POLARITY_CHANGES),
        feedFollowsPosition: fc.boolean(),
        wireControl: fc.oneof(
          fc.constant({ kind: 'units' } as const),
          fc.record({
            kind: fc.constant('knob' as const),
            min: fc.constant(0),
            max: fc.integer({ min: 1, max: 100 }),
          }),
          fc.record({
            kind: fc.constant('letters' as const),
            names: fc.uniqueArray(name, { minLength: 2, maxLength: 6 }),
          }),
        ),
        settings: fc.uniqueArray(
          fc.record(
            {
              setting: fc.constantFrom(...SETTING_IDS),
              name,
              scale: fc.record(
                {
                  least: fc.integer({ min: -99, max: 0 }),
                  most: fc.integer({ min: 1, max: 99 }),
                  unit: fc.constantFrom(...SCALE_UNITS),
                  middle: fc.constant(0),
                  step: fc.constant(0.5),
                },
                { requiredKeys: ['least', 'most', 'unit'] },
              ),
            },
            { requiredKeys: ['setting'] },
          ),
          { selector: ({ setting }) => setting },
        ),
        programs: fc.uniqueArray(
          fc.record({
            name,
            wireClass: fc.constantFrom(...WIRE_CLASSES),
            diameterMm: fc.constantFrom(...WIRE_DIAMETERS_MM),
            gas,
            mode: fc.constantFrom<PlannedMode>('short-circuit', 'spray', 'pulse', 'own'),
          }),
          { selector: (program) => program.name.toLowerCase() },
        ),
        voltsControl: fc.oneof(
          fc.record({
            kind: fc.constant('displayed' as const),
            meter: fc.array(
              fc.record({ shownV: fc.double({ min: 5, max: 60, noNaN: true }), meterV: fc.constant(18) }),
            ),
          }),
          fc.record({
            kind: fc.constant('knob' as const),
            min: fc.constant(0),
            max: fc.constant(10),
            places: fc
              .uniqueArray(
                fc.integer({ min: 0, max: 20 }).map((half) => half / 2),
                { maxLength: 4 },
              )
              .map((knobs) => knobs.map((knob) => ({ knob, openV: 14 + knob }))),
          }),
          fc.record({
            kind: fc.constant('positions' as const),
            positions: fc
              .uniqueArray(name, { minLength: 1, maxLength: 5 })
              .map((names) => names.map((n) => ({ name: n }))),
          }),
        ),
      },
      { requiredKeys: ['name', 'loadedWireClass', 'loadedWireDiameterMm', 'loadedGas'] },
    );
    fc.assert(
      fc.property(machine, (made) => {
        const file: MachineFile = { ...TOM, machine: made, dialReadings: [] };
        expect(readMachineCsv(machineCsv(file)).file).toEqual(file);
      }),
      { numRuns: 60 },
    );
  });

  it.each([
    [{ format: 'other' }, 'format'],
    [{ version: 3 }, 'version'],
    [{ machine: { ...TOM.machine, loadedGas: 'laughing' } }, 'machine.loadedGas'],
    [
      { dialReadings: [{ ...TOM.dialReadings[0], run: { lengthMm: -1, timeS: 6 } }] },
      'dialReadings.0.run.lengthMm',
    ],
    [{ dialReadings: [{ ...TOM.dialReadings[0], at: 'last week' }] }, 'dialReadings.0.at'],
  ])('%o is refused at %s', (over, field) => {
    try {
      validated(machineFileSchema, { ...TOM, ...over });
      throw new Error('taken');
    } catch (error) {
      if (!(error instanceof ContractError)) throw error;
      expect(error.problems.map((problem) => problem.field)).toContain(field);
    }
  });
});

describe('a machine as CSV that is not right', () => {
  const lines = machineCsv(TOM).split('\r\n');
  const changed = (find: RegExp, to: string): string =>
    lines.map((line) => line.replace(find, to)).join('\n');

  it.each([
    [changed(/^dial(.*)400\.25/, 'dial$1-5'), 'The length is 20 mm to 60 m.'],
    [changed(/^loaded,,,1,/, 'loaded,,,9,'), 'Position “9” must stand above'],
    [changed(/^fact,kind/, 'fact,colour'), 'No fact is called “colour”.'],
    [changed(/^duty/, 'tariff'), 'No record is called “tariff”.'],
    [changed(/^entry(.*)5\.4/, 'entry$1fast'), 'The wire speed is a number.'],
  ])('says at the line what is wrong, and takes nothing', (csv, message) => {
    const { file, verdicts } = readMachineCsv(csv);
    expect(file).toBeUndefined();
    const refused = verdicts.filter((verdict) => !verdict.taken);
    expect(refused).toHaveLength(1);
    expect(refused[0]?.line).toBeGreaterThan(1);
    expect(refused[0]?.message).toContain(message);
    expect(verdicts.length).toBe(lines.length - 1);
  });

  it('says of the whole what no single line tells', () => {
    const { file, verdicts } = readMachineCsv(changed(/^fact,loaded_gas,.*$/, 'fact,loaded_gas,laughing'));
    expect(file).toBeUndefined();
    expect(verdicts.filter(({ taken }) => !taken)).toMatchObject([
      { line: undefined, message: expect.stringContaining('laughing is not a gas we know') as unknown },
    ]);
  });

  it.each([
    ['', 'must name the columns'],
    ['knob,length\n1,2', 'must name the columns'],
    ['record,colour\nfact,red', 'No column is called colour.'],
  ])('“%s” is no machine', (csv, message) => {
    expect(readMachineCsv(csv).verdicts[0]?.message).toContain(message);
  });

  it('is refused before it is parsed where it is too much', () => {
    const lines = 'record\n'.repeat(CSV_LINES_MOST);
    expect(readMachineCsv(lines).verdicts).toMatchObject([
      { line: undefined, message: expect.stringMatching(/3001 lines: .* 3000 at most/) as unknown },
    ]);
    expect(readMachineCsv('x'.repeat(CSV_CHARACTERS_MOST + 1)).verdicts[0]?.message).toContain('1 million');
  });

  it('tells how far it has come', () => {
    const linesRead: number[] = [];
    readMachineCsv(`record,name\n${'fact,colour\n'.repeat(250)}`, (line) => linesRead.push(line));
    expect(linesRead).toEqual([0, 100, 200]);
  });
});
