import type { QuickWork } from '@hot-bead/core';
import { withGas, withMachine, withMetal, withPlace, withWay, withWire } from './work-changes.ts';

const WORK: QuickWork = {
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

  it('leaves gas and wire class open when the way changes', () => {
    const other = withWay({ ...WORK, wireClass: 'ER70S-6' }, 'self-shielded');
    expect(other).toEqual({
      thicknessMm: 3,
      metal: 'carbon-steel',
      alloy: 'S235',
      joint: 'tee',
      wireDiameterMm: 0.8,
      way: 'self-shielded',
    });
  });

  it('opens wire, gas and machine again', () => {
    expect(withWire(WORK, 'open')).not.toHaveProperty('wireDiameterMm');
    expect(withWire(WORK, '0.9').wireDiameterMm).toBe(0.9);
    expect(withGas(WORK, 'open')).not.toHaveProperty('gas');
    expect(withMachine(withMachine(WORK, 'Old Tom'), '')).toEqual(WORK);
  });
});
