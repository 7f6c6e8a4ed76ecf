import type { StatedWork } from '@hot-bead/core/plan';
import {
  withCircumstances,
  withGas,
  withLoaded,
  withMachine,
  withMetal,
  withOtherMetal,
  withPlace,
  withPriorities,
  withWayMode,
  withWire,
} from './work-changes.ts';

const WORK: StatedWork = {
  thicknessMm: 3,
  metal: 'carbon-steel',
  alloy: 'S235',
  joint: 'tee',
  gas: 'co2',
  wireDiameterMm: 0.8,
};

describe('changes a chip makes', () => {
  it('changes the metal and drops the old alloy', () => {
    expect(withMetal(WORK, 'stainless/304')).toMatchObject({
      metal: 'stainless',
      alloy: '304',
      thicknessMm: 3,
    });
    expect(withMetal(WORK, 'coated-steel/')).not.toHaveProperty('alloy');
  });

  it('says wind as outdoors in wind, and takes it back', () => {
    const windy = withPlace(WORK, 'wind');
    expect(windy).toMatchObject({ place: 'outdoors', windy: true });
    expect(withPlace(windy, 'indoors')).toMatchObject({ place: 'indoors', windy: false });
  });

  it('leaves wire and gas open when the way changes', () => {
    const rest = { thicknessMm: 3, metal: 'carbon-steel', alloy: 'S235', joint: 'tee' };
    expect(withWayMode({ ...WORK, wireClass: 'ER70S-6' }, 'self-shielded', 'own')).toEqual({
      ...rest,
      way: 'self-shielded',
    });
    expect(withWayMode(WORK, 'solid-gas', 'pulse')).toEqual({ ...rest, way: 'solid-gas', mode: 'pulse' });
  });

  it('takes the wire and gas that stand on a machine', () => {
    const machine = {
      name: 'Suitcase',
      loadedWireClass: 'E71T-11',
      loadedWireDiameterMm: 0.9,
      loadedGas: 'none',
    } as const;
    expect(withLoaded({ ...WORK, mode: 'spray' }, machine)).toEqual({
      thicknessMm: 3,
      metal: 'carbon-steel',
      alloy: 'S235',
      joint: 'tee',
      wireClass: 'E71T-11',
      wireDiameterMm: 0.9,
      gas: 'none',
      machineName: 'Suitcase',
    });
  });

  it('sets and clears the second metal and the lists', () => {
    const pair = withOtherMetal(WORK, 'stainless/304');
    expect(pair).toMatchObject({ otherMetal: 'stainless', otherAlloy: '304' });
    expect(withOtherMetal(pair, '')).toEqual(WORK);
    expect(withPriorities(withPriorities(WORK, ['strength']), [])).toEqual(WORK);
    expect(withCircumstances(WORK, ['damp'])).toMatchObject({ circumstances: ['damp'] });
  });

  it('opens wire, gas and machine again', () => {
    expect(withWire(WORK, 'open')).not.toHaveProperty('wireDiameterMm');
    expect(withWire(WORK, '0.9').wireDiameterMm).toBe(0.9);
    expect(withGas(WORK, 'open')).not.toHaveProperty('gas');
    expect(withMachine(withMachine(WORK, 'Old Tom'), '')).toEqual(WORK);
  });
});
