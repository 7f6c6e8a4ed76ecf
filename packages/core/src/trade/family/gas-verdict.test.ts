import { gasOf, type GasId } from '../gas/gas.ts';
import { gasVerdict } from './gas-verdict.ts';

describe('which gas serves what', () => {
  const verdict = (
    id: GasId,
    family: Parameters<typeof gasVerdict>[1]['family'],
    wireClass: Parameters<typeof gasVerdict>[1]['wireClass'] = 'ER70S-6',
  ): string => {
    const verdict = gasVerdict(gasOf(id), { family, wireClass, leanMix: 'allow' });
    return verdict.status === 'fits' ? 'fits' : verdict.code;
  };

  // Source: handbook gas table, from memory.
  it.each([
    ['ar-co2-25', 'steel-dip', 'fits'],
    ['ar-co2-25', 'steel-spray', 'gas-too-much-co2'],
    ['ar-co2-20', 'steel-spray', 'fits'],
    ['ar-co2-8', 'steel-dip', 'fits'],
    ['ar-co2-2', 'steel-dip', 'gas-too-little-co2'],
    ['ar-co2-2', 'steel-spray', 'fits'],
    ['ar-o2-2', 'steel-pulse', 'fits'],
    ['co2', 'steel-dip', 'fits'],
    ['co2', 'steel-pulse', 'gas-too-much-co2'],
    ['argon', 'steel-spray', 'gas-wrong-for-metal'],
    ['tri-mix', 'stainless-dip', 'fits'],
    ['tri-mix', 'stainless-spray', 'gas-wrong-for-metal'],
    ['ar-co2-2', 'stainless-dip', 'fits'],
    ['ar-co2-8', 'stainless-dip', 'gas-wrong-for-metal'],
    ['ar-o2-2', 'stainless-spray', 'fits'],
    ['argon', 'aluminium-spray', 'fits'],
    ['ar-he-50', 'aluminium-pulse', 'fits'],
    ['ar-co2-2', 'aluminium-spray', 'gas-wrong-for-metal'],
    ['ar-o2-2', 'aluminium-spray', 'gas-wrong-for-metal'],
    ['argon', 'bronze-braze', 'fits'],
    ['none', 'steel-dip', 'gas-wrong-for-metal'],
    ['none', 'self-shielded', 'fits'],
  ] as const)('%s in %s: %s', (gas, family, code) => {
    expect(verdict(gas, family)).toBe(code);
  });

  it.each([
    ['co2', 'E71T-1C', 'fits'],
    ['ar-co2-25', 'E71T-1C', 'gas-wrong-for-wire'],
    ['ar-co2-25', 'E71T-1M', 'fits'],
    ['ar-co2-18-25', 'E71T-1M', 'fits'],
    ['ar-co2-8', 'E71T-1M', 'gas-wrong-for-wire'],
    ['argon', 'E71T-1M', 'gas-wrong-for-wire'],
    ['co2', 'E71T-1M', 'gas-wrong-for-wire'],
  ] as const)('%s with %s: %s', (gas, wire, code) => {
    expect(verdict(gas, 'gas-shielded-flux-core', wire)).toBe(code);
  });
});
