import type { Machine } from '../../machine/machine.ts';
import type { MachineLearning } from '../../window/learning/learned-offset.ts';
import { jobInShop, resourcesOf, shopOf } from './shop.ts';

const TOM: Machine & { readonly id: string } = {
  id: 'm-1',
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
};
const TAUGHT: MachineLearning = [];
const WORK = { thicknessMm: 3, metal: 'carbon-steel', joint: 'tee', position: 'flat' } as const;

describe('the shop as plans need it', () => {
  it('has what beads taught by the names of its machines, and nothing of those that are gone', () => {
    const { learning, machines } = shopOf({ machines: [TOM], learning: { 'm-1': TAUGHT, 'm-2': TAUGHT } });
    expect(learning).toEqual({ Tom: TAUGHT });
    expect(machines).toEqual([TOM]);
    expect(shopOf({ machines: [TOM] }).learning).toBeUndefined();
  });

  it('holds nothing against a way for what Stores lack while they hold nothing', () => {
    expect(shopOf({ machines: [], shelf: null }).shelf).toBeUndefined();
    const shelf = { wires: [], gases: ['argon' as const] };
    expect(shopOf({ machines: [], shelf }).shelf).toBe(shelf);
  });

  it('hands a job what its own machine was taught', () => {
    const shop = shopOf({ machines: [TOM], learning: { 'm-1': TAUGHT } });
    expect(resourcesOf({ machineName: 'Tom' }, shop)).toMatchObject({ machine: TOM, learning: TAUGHT });
    expect(resourcesOf({}, shop)).toMatchObject({ machine: undefined, learning: undefined });
  });
});

describe('a job in a shop', () => {
  const shop = shopOf({ machines: [TOM] });
  const answer = (work: object, machine?: { name: string; away: boolean }) =>
    jobInShop({ work, own: {}, machine }, shop);

  it('is not planned without a thickness', () => {
    expect(answer({ joint: 'tee' })).toEqual({ status: 'no-thickness' });
  });

  it('is planned on the machine that it names, or on none where it names none', () => {
    for (const machineName of ['Tom', undefined]) {
      expect(answer({ ...WORK, machineName })).toMatchObject({
        status: 'answered',
        setup: { status: 'planned' },
      });
    }
  });

  it.each([
    ['one that is not there', 'Ann', undefined],
    ['one that was retired', 'Ann', { name: 'Ann', away: true }],
    ['one that was retired, though another has its name now', 'Tom', { name: 'Tom', away: true }],
  ])('is not planned on %s, as if nothing were known of it', (_what, machineName, machine) => {
    expect(answer({ ...WORK, machineName }, machine)).toMatchObject({
      status: 'machine-not-in-use',
      name: machineName,
      complete: { work: { thicknessMm: 3 } },
    });
  });

  it('is planned where it was tied to a retired machine and names another by now', () => {
    const { status } = answer({ ...WORK, machineName: 'Tom' }, { name: 'Ann', away: true });
    expect(status).toBe('answered');
  });
});
