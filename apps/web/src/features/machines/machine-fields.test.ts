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
};

describe('the machine form', () => {
  it('gives back the machine it was filled from, loaded readings and all', () => {
    const { id: _id, dialReadings: _readings, ...machine } = TOM;
    expect(machineOf(fieldsOf(TOM), TOM)).toEqual(machine);
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
    [{ dutyA: '150', dutyPercent: '900' }, 'dutyPercent'],
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
