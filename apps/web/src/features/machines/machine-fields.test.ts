import { ContractError, type KeptMachine } from '@hot-bead/contract';
import { fieldOfProblem, fieldsOf, machineOf } from './machine-fields.ts';

const TOM: KeptMachine = {
  id: 'tom',
  name: 'Tom',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 1.0,
  loadedGas: 'co2',
  standingPolarity: 'DCEP',
  currentRangeA: [30, 170],
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: {
    kind: 'positions',
    positions: [{ name: '1', openV: 17.5, loaded: [{ volts: 16, currentA: 60 }] }, { name: '2' }],
  },
  duty: [{ currentA: 150, percent: 20 }],
  features: ['burnback'],
  dialReadings: [],
  voltsReadAt: null,
  entryReadAt: null,
};

describe('the machine form', () => {
  it('gives back the machine it was filled from, loaded readings and all', () => {
    const { id: _id, dialReadings: _readings, voltsReadAt: _v, entryReadAt: _e, ...machine } = TOM;
    expect(machineOf(fieldsOf(TOM), TOM)).toEqual(machine);
  });

  it('gives back every control, plate and list of a machine', () => {
    const full: KeptMachine = {
      ...TOM,
      polarityChange: 'links',
      wireFeedSpeedRangeMPerMin: [2, 14],
      feedFollowsPosition: true,
      oneEntry: {
        unit: 'A',
        trimStepV: 0.5,
        lines: [
          {
            wireClass: 'ER70S-6',
            diameterMm: 0.8,
            gas: 'co2',
            points: [{ entry: 60, wireFeedSpeedMPerMin: 3, volts: 17 }],
          },
        ],
      },
      mains: { volts: 230, breakerA: 16 },
      wires: [{ wireClass: 'ER70S-6', diameterMm: 0.8 }],
      rolls: [],
      duty: [
        { currentA: 150, percent: 20 },
        { currentA: 90, percent: 60 },
      ],
    };
    const { id: _id, dialReadings: _readings, voltsReadAt: _v, entryReadAt: _e, ...machine } = full;
    expect(machineOf(fieldsOf(full), full)).toEqual(machine);
    const lettered: KeptMachine = { ...full, wireControl: { kind: 'letters', names: ['L', 'M', 'H'] } };
    expect(machineOf(fieldsOf(lettered), lettered).wireControl).toEqual(lettered.wireControl);
    const metered: KeptMachine = {
      ...full,
      voltsControl: { kind: 'displayed', meter: [{ shownV: 19, meterV: 18.5 }] },
    };
    expect(machineOf(fieldsOf(metered), metered).voltsControl).toEqual(metered.voltsControl);
  });

  it('forgets a range that was emptied, and points recorded in another unit', () => {
    const ranged = machineOf({ ...fieldsOf(TOM), lowestA: '', highestA: '' }, TOM);
    expect(ranged).not.toHaveProperty('currentRangeA');
    const one = machineOf({ ...fieldsOf(TOM), wireControl: 'entry', entryUnit: 'A' }, TOM);
    expect(one).toMatchObject({
      wireControl: { kind: 'entry' },
      voltsControl: { kind: 'entry' },
      oneEntry: { unit: 'A', lines: [] },
    });
  });

  it('reads taps a line each, a comma for a point, and leaves out what is empty', () => {
    const fields = {
      ...fieldsOf(undefined),
      name: 'New',
      voltsControl: 'positions' as const,
      positions: 'A\nB 19,5\n',
    };
    const machine = machineOf(fields, undefined);
    expect(machine.voltsControl).toEqual({
      kind: 'positions',
      positions: [{ name: 'A' }, { name: 'B', openV: 19.5 }],
    });
    expect(machine).not.toHaveProperty('currentRangeA');
  });

  it.each([
    [{ name: ' ' }, 'name'],
    [{ lowestA: '170', highestA: '30' }, 'lowestA'],
    [{ lowestA: '30', highestA: 'lots' }, 'highestA'],
    [{ voltsControl: 'positions' as const, positions: '' }, 'positions'],
    [{ duty: [{ currentA: '150', percent: '900' }] }, 'duty'],
    [{ mainsV: '12', breakerA: '16' }, 'mainsV'],
    [{ mainsV: '230', breakerA: '' }, 'breakerA'],
    [{ slowestMPerMin: '14', fastestMPerMin: '2' }, 'slowestMPerMin'],
    [{ wireControl: 'letters' as const, letters: 'A' }, 'letters'],
  ])('%o is wrong at %s', (over, field) => {
    try {
      machineOf({ ...fieldsOf(TOM), ...over }, TOM);
      throw new Error('taken');
    } catch (error) {
      if (!(error instanceof ContractError)) throw error;
      expect(error.problems.map((problem) => fieldOfProblem(problem.field))).toContain(field);
    }
  });
});
