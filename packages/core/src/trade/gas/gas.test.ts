import {
  argonCo2,
  COMMON_GASES,
  GAS_WORDS,
  type GasId,
  gasNamed,
  gasOf,
  gasOfShares,
  isInert,
  isPureArgon,
} from './gas.ts';

// Source: ISO 14175 main groups, recalled: CO₂ up to 5, 15, 25 and 50 % in argon; O₂ up to 3 and 10 %.
describe('a gas is known by what is in it', () => {
  it.each<[GasId, string, readonly [co2: readonly [number, number], he: number, o2: number]]>([
    ['argon', 'I1', [[0, 0], 0, 0]],
    ['co2', 'C1', [[100, 100], 0, 0]],
    ['tri-mix', 'M12', [[2.5, 2.5], 90, 0]],
    ['ar-o2-2', 'M13', [[0, 0], 0, 2]],
    ['ar-o2-5', 'M22', [[0, 0], 0, 5]],
    ['ar-he-25', 'I3', [[0, 0], 25, 0]],
    ['ar-he-50', 'I3', [[0, 0], 50, 0]],
    ['ar-he-75', 'I3', [[0, 0], 75, 0]],
    ['ar-co2-18-25', 'M21', [[18, 25], 0, 0]],
    ['ar-co2-2', 'M12', [[2, 2], 0, 0]],
    ['ar-co2-5', 'M12', [[5, 5], 0, 0]],
    ['ar-co2-5.5', 'M20', [[5.5, 5.5], 0, 0]],
    ['ar-co2-15', 'M20', [[15, 15], 0, 0]],
    ['ar-co2-16', 'M21', [[16, 16], 0, 0]],
    ['ar-co2-25', 'M21', [[25, 25], 0, 0]],
    ['ar-co2-26', 'M31', [[26, 26], 0, 0]],
  ])('%s is %s', (id, group, [co2Percent, heliumPercent, oxygenPercent]) => {
    expect(gasOf(id)).toMatchObject({ id, group, co2Percent, heliumPercent, oxygenPercent, shields: true });
    if (co2Percent[0] === co2Percent[1]) {
      expect(gasOfShares({ co2Percent: co2Percent[0], heliumPercent, oxygenPercent })).toBe(id);
    }
  });

  it('no gas holds nothing and shields nothing', () => {
    expect(gasOf('none')).toMatchObject({
      group: undefined,
      co2Percent: [0, 0],
      heliumPercent: 0,
      oxygenPercent: 0,
      shields: false,
    });
    expect(isInert(gasOf('none'))).toBe(false);
  });

  it('mixes of argon and CO₂ run from 1 to 50 %', () => {
    expect(gasNamed('ar-co2-1')).toMatchObject({ name: 'Ar + 1 % CO₂', shields: true });
    expect(gasNamed('ar-co2-50')).toMatchObject({ co2Percent: [50, 50] });
    for (const id of ['ar-co2-0.5', 'ar-co2-50.5', 'ar-co2-', 'ar-co2-x', 'laughing']) {
      expect(gasNamed(id)).toBeUndefined();
    }
    expect(() => argonCo2(51)).toThrow(expect.objectContaining({ code: 'gas-unknown' }));
    expect(() => gasOf('ar-co2-60')).toThrow('no gas ar-co2-60');
  });

  it('is one object however often it is asked for, and carries nothing of the list it is offered in', () => {
    expect(gasOf('ar-co2-20')).toBe(gasOf('ar-co2-20'));
    expect(Object.keys(gasOf('argon'))).not.toContain('place');
    expect(Object.keys(gasOf('argon'))).not.toContain('typedAs');
  });

  it('shares that no cylinder has are no gas', () => {
    const none = [
      {},
      { co2Percent: 0.5 },
      { co2Percent: 51 },
      { co2Percent: 20, oxygenPercent: 2 },
      { co2Percent: 20, heliumPercent: 25 },
      { co2Percent: 2.5, heliumPercent: 90, oxygenPercent: 1 },
      { oxygenPercent: 3 },
      { heliumPercent: 30 },
      { heliumPercent: 50, oxygenPercent: 2 },
    ];
    expect(none.map((shares) => gasOfShares(shares))).toEqual([
      'argon',
      ...none.slice(1).map(() => undefined),
    ]);
    expect(gasOfShares({ co2Percent: 1 })).toBe('ar-co2-1');
    expect(gasOfShares({ co2Percent: 50 })).toBe('ar-co2-50');
  });

  it('argon and helium leave the metal as it is', () => {
    const inert = COMMON_GASES.filter((id) => isInert(gasOf(id)));
    expect(inert).toEqual(['argon', 'ar-he-25', 'ar-he-50']);
    expect(COMMON_GASES.filter((id) => isPureArgon(gasOf(id)))).toEqual(['argon']);
  });
});

describe('the list of gases', () => {
  it('begins with the commonest, and leaves out what has no place in it', () => {
    expect(COMMON_GASES).toEqual([
      'ar-co2-25',
      'ar-co2-20',
      'ar-co2-18',
      'ar-co2-15',
      'ar-co2-10',
      'ar-co2-8',
      'ar-co2-2',
      'co2',
      'argon',
      'ar-o2-2',
      'ar-he-25',
      'ar-he-50',
      'tri-mix',
      'none',
    ]);
  });

  it('knows each gas by the words it is typed by', () => {
    const words = new Map(GAS_WORDS.map(([phrases, gas]) => [gas, phrases.split('|')]));
    expect([...words.keys()].toSorted()).toEqual(
      ['argon', 'co2', 'none', 'tri-mix', 'ar-o2-2', 'ar-o2-5', 'ar-co2-18-25'].toSorted(),
    );
    expect(words.get('argon')).toContain('pure argon');
  });
});
