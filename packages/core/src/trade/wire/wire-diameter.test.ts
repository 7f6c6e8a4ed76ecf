import { isSameWire } from './shelf-wire.ts';
import { trueDiameterMm } from './true-diameter.ts';
import { isCoredWay, isMadeFor, isOfWay, isSinglePass, usualClass, wireClassRow } from './wire-class.ts';
import { nominalWireMm, WIRE_DIAMETER_TABLE, WIRE_DIAMETERS_MM, wireSectionMm2 } from './wire-diameter.ts';

// Source: common practice; the inch sizes are those on the spools, an inch 25.4 mm.
describe('wire sizes', () => {
  it.each([
    [0.6, 0.6, [0.023, 0.024, 0.025]],
    [0.8, 0.03 * 25.4, [0.03]],
    [0.9, 0.035 * 25.4, [0.035]],
    [1.0, 0.04 * 25.4, [0.039, 0.04]],
    [1.2, 0.045 * 25.4, [0.045, 0.046875, 0.047]],
    [1.4, 0.052 * 25.4, [0.052]],
    [1.6, 0.0625 * 25.4, [0.0625, 0.062, 0.063]],
    [1.7, 0.068 * 25.4, [0.068, 0.07, 0.072]],
    [2.0, (5 / 64) * 25.4, [0.078125, 0.078]],
    [2.4, (3 / 32) * 25.4, [0.09375, 0.094]],
  ] as const)('%s mm is truly %s mm, and is asked for as %j in', (nominalMm, trueMm, inches) => {
    const row = WIRE_DIAMETER_TABLE.find((one) => one.nominalMm === nominalMm);
    expect(row?.trueMm).toBeCloseTo(trueMm, 6);
    expect(row?.inchNames).toEqual(inches);
    for (const inch of inches) expect(nominalWireMm(inch * 25.4)).toBe(nominalMm);
    expect(nominalWireMm(nominalMm)).toBe(nominalMm);
  });

  it('are no more than these, and one has a second metric name', () => {
    expect(WIRE_DIAMETERS_MM).toEqual(WIRE_DIAMETER_TABLE.map(({ nominalMm }) => nominalMm));
    expect(nominalWireMm(1.3)).toBe(1.4);
    for (const mm of [0, 0.7, 1.1, 1.5, 3, 0.79]) expect(nominalWireMm(mm)).toBeUndefined();
  });

  it('of aluminium are true but for 1.2 mm, which is 3/64 in', () => {
    expect(trueDiameterMm('ER5356', 1.2)).toBeCloseTo(1.190625, 6);
    expect(trueDiameterMm('ER70S-6', 1.2)).toBeCloseTo(1.143, 6);
    expect(trueDiameterMm('ER5356', 1.6)).toBeCloseTo(1.5875, 6);
  });

  it('have the section of a circle', () => {
    expect(wireSectionMm2(1)).toBeCloseTo(0.7854, 4);
    expect(wireSectionMm2(2)).toBeCloseTo(Math.PI, 6);
    expect(wireSectionMm2(2.5)).toBeCloseTo(4.9087, 4);
    for (const mm of [0.49, 2.51]) expect(() => wireSectionMm2(mm)).toThrow();
  });

  it('and class together make a wire', () => {
    const wire = { wireClass: 'ER70S-6', diameterMm: 0.8 } as const;
    expect(isSameWire(wire, { ...wire })).toBe(true);
    expect(isSameWire(wire, { ...wire, diameterMm: 0.9 })).toBe(false);
    expect(isSameWire(wire, { ...wire, wireClass: 'ER70S-3' })).toBe(false);
  });
});

// Source: AWS A5.18, A5.20 and A5.36, recalled.
describe('wire classes', () => {
  const co2 = (low: number, high = low, heliumPercent = 0) =>
    ({ co2Percent: [low, high], heliumPercent }) as const;

  it('are made for a gas, or for any', () => {
    const fits = (id: Parameters<typeof wireClassRow>[0], gas: ReturnType<typeof co2>) =>
      isMadeFor(wireClassRow(id), gas);
    expect([100, 99, 25].map((share) => fits('E71T-1C', co2(share)))).toEqual([true, false, false]);
    expect([9, 10, 25, 26].map((share) => fits('E70C-6M', co2(share)))).toEqual([false, true, true, false]);
    expect(fits('E70C-6M', co2(18, 26))).toBe(false);
    expect(fits('E70C-6M', co2(20, 20, 10))).toBe(false);
    expect(fits('ER70S-6', co2(0))).toBe(true);
  });

  it('are chosen by the gas where a way has one for each', () => {
    expect(usualClass('solid-gas').id).toBe('ER70S-6');
    expect(usualClass('self-shielded').id).toBe('E71T-11');
    expect(usualClass('metal-cored', co2(100)).id).toBe('E70C-6M');
    expect(usualClass('gas-shielded-flux-core').id).toBe('E71T-1M');
    expect(usualClass('gas-shielded-flux-core', co2(25)).id).toBe('E71T-1M');
    expect(usualClass('gas-shielded-flux-core', co2(100)).id).toBe('E71T-1C');
    expect(usualClass('gas-shielded-flux-core', co2(2)).id).toBe('E71T-1M');
    expect(() => usualClass('aluminium-gun')).toThrow('no usual wire for aluminium-gun');
    expect(() => wireClassRow('E0' as never)).toThrow('no wire class E0');
  });

  it('belong to ways, and some are laid once only', () => {
    expect(isOfWay('ER5356', 'aluminium-gun')).toBe(true);
    expect(isOfWay('ER5356', 'aluminium-spool-gun')).toBe(true);
    expect(isOfWay('ER70S-6', 'aluminium-spool-gun')).toBe(false);
    expect(isOfWay('E71T-11', 'self-shielded')).toBe(true);
    expect(['E71T-GS', 'E71T-11', 'ER70S-6'].map((id) => isSinglePass(id as 'ER70S-6'))).toEqual([
      true,
      false,
      false,
    ]);
    const cored = [
      'solid-gas',
      'self-shielded',
      'gas-shielded-flux-core',
      'metal-cored',
      'aluminium-gun',
    ] as const;
    expect(cored.map(isCoredWay)).toEqual([false, true, true, true, false]);
  });
});
