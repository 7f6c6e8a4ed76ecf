import { type Machine, machineHas, machineHasRoll } from './machine.ts';

const BARE: Machine = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
};

describe('a machine', () => {
  it('has a feature or a roll, has it not, or is not known to', () => {
    expect(machineHas(undefined, 'pulse')).toBeUndefined();
    expect(machineHas(BARE, 'pulse')).toBeUndefined();
    expect(machineHas({ ...BARE, features: [] }, 'pulse')).toBe(false);
    expect(machineHas({ ...BARE, features: ['pulse'] }, 'pulse')).toBe(true);
    const roll = { form: 'v-smooth', grooveMm: 0.8 } as const;
    expect(machineHasRoll(BARE, roll)).toBeUndefined();
    expect(machineHasRoll({ ...BARE, rolls: [{ ...roll, grooveMm: 1.0 }] }, roll)).toBe(false);
    expect(machineHasRoll({ ...BARE, rolls: [roll] }, roll)).toBe(true);
  });
});
