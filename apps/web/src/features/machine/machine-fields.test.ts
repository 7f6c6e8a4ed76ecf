import { METRIC, US } from '@hot-bead/core/base';
import { ContractError } from '@hot-bead/contract/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { fieldOfProblem, fieldsOf, machineChange, machineOf } from './machine-fields.ts';

const TOM: KeptMachine = {
  id: 'tom',
  version: 1,
  away: false,
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

/** A machine without what is not entered of it. */
function enteredOf(machine: KeptMachine): object {
  const {
    id: _i,
    version: _n,
    away: _r,
    dialReadings: _d,
    voltsReadAt: _v,
    entryReadAt: _e,
    ...entered
  } = machine;
  return entered;
}

describe('the machine form', () => {
  it('gives back the machine it was filled from, loaded readings and all', () => {
    const machine = enteredOf(TOM);
    expect(machineOf(fieldsOf(TOM, METRIC), TOM, METRIC)).toEqual(machine);
  });

  it('takes wire speeds in the user’s unit, and leaves one that was not touched as it was', () => {
    const ranged: KeptMachine = { ...TOM, wireFeedSpeedRangeMPerMin: [2, 14] };
    const fields = fieldsOf(ranged, US);
    expect([fields.slowestWire, fields.fastestWire]).toEqual(['78.7', '551.2']);
    expect(machineOf(fields, ranged, US).wireFeedSpeedRangeMPerMin).toEqual([2, 14]);
    const faster = machineOf({ ...fields, fastestWire: '600' }, ranged, US).wireFeedSpeedRangeMPerMin;
    expect(faster?.[0]).toBe(2);
    expect(faster?.[1]).toBeCloseTo(15.24, 9);
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
    const machine = enteredOf(full);
    expect(machineOf(fieldsOf(full, METRIC), full, METRIC)).toEqual(machine);
    const lettered: KeptMachine = { ...full, wireControl: { kind: 'letters', names: ['L', 'M', 'H'] } };
    expect(machineOf(fieldsOf(lettered, METRIC), lettered, METRIC).wireControl).toEqual(lettered.wireControl);
    const metered: KeptMachine = {
      ...full,
      voltsControl: { kind: 'displayed', meter: [{ shownV: 19, meterV: 18.5 }] },
    };
    expect(machineOf(fieldsOf(metered, METRIC), metered, METRIC).voltsControl).toEqual(metered.voltsControl);
  });

  it('forgets a range that was emptied, and points recorded in another unit', () => {
    const ranged = machineOf({ ...fieldsOf(TOM, METRIC), lowestA: '', highestA: '' }, TOM, METRIC);
    expect(ranged).not.toHaveProperty('currentRangeA');
    const one = machineOf({ ...fieldsOf(TOM, METRIC), wireControl: 'entry', entryUnit: 'A' }, TOM, METRIC);
    expect(one).toMatchObject({
      wireControl: { kind: 'entry' },
      voltsControl: { kind: 'entry' },
      oneEntry: { unit: 'A', lines: [] },
    });
  });

  it('reads taps a line each, a comma for a point, and leaves out what is empty', () => {
    const fields = {
      ...fieldsOf(undefined, METRIC),
      name: 'New',
      voltsControl: 'positions' as const,
      positions: 'A\nB 19,5\n',
    };
    const machine = machineOf(fields, undefined, METRIC);
    expect(machine.voltsControl).toEqual({
      kind: 'positions',
      positions: [{ name: 'A' }, { name: 'B', openV: 19.5 }],
    });
    expect(machine).not.toHaveProperty('currentRangeA');
  });

  it.each([
    ['1-4', ['1', '2', '3', '4']],
    ['A to C', ['A', 'B', 'C']],
    ['min\n1-2\nmax', ['min', '1', '2', 'max']],
    // of a coarse and a fine switch: names
    ['1-1\n1-2\n2-1', ['1-1', '1-2', '2-1']],
  ])('takes %j as so many taps', (positions, names) => {
    const fields = {
      ...fieldsOf(undefined, METRIC),
      name: 'New',
      voltsControl: 'positions' as const,
      positions,
    };
    const { voltsControl } = machineOf(fields, undefined, METRIC);
    expect(voltsControl?.kind === 'positions' && voltsControl.positions.map(({ name }) => name)).toEqual(
      names,
    );
  });

  it.each([
    [{ name: ' ' }, 'name'],
    [{ lowestA: '170', highestA: '30' }, 'lowestA'],
    [{ lowestA: '30', highestA: 'lots' }, 'highestA'],
    [{ voltsControl: 'positions' as const, positions: '' }, 'positions'],
    [{ duty: [{ currentA: '150', percent: '900' }] }, 'duty'],
    [{ mainsV: '12', breakerA: '16' }, 'mainsV'],
    [{ mainsV: '230', breakerA: '' }, 'breakerA'],
    [{ slowestWire: '14', fastestWire: '2' }, 'slowestWire'],
    [{ wireControl: 'letters' as const, letters: 'A' }, 'letters'],
  ])('%o is wrong at %s', (over, field) => {
    try {
      machineOf({ ...fieldsOf(TOM, METRIC), ...over }, TOM, METRIC);
      throw new Error('taken');
    } catch (error) {
      if (!(error instanceof ContractError)) throw error;
      expect(error.problems.map((problem) => fieldOfProblem(problem.field))).toContain(field);
    }
  });
});

describe('what a form changes of a machine', () => {
  it('is what it says, and null where a field was emptied', () => {
    const next = machineOf(
      { ...fieldsOf(TOM, METRIC), lowestA: '', highestA: '', loadedGas: 'co2' },
      TOM,
      METRIC,
    );
    expect(machineChange(TOM, next)).toMatchObject({ currentRangeA: null, loadedGas: 'co2', name: TOM.name });
    for (const own of ['id', 'version', 'away', 'dialReadings', 'voltsReadAt']) {
      expect(machineChange(TOM, next)).not.toHaveProperty(own);
    }
    // how it stands, and what is told elsewhere, is left as it is
    const form = {
      rig: {},
      rollPressures: [],
      spoolGunPort: 'own',
      purgeButton: true,
      gasStand: 'two',
    } as const;
    for (const name of Object.keys(form)) {
      expect(machineChange({ ...TOM, ...form }, next)).not.toHaveProperty(name);
    }
  });
});
