import { familyOf } from './families.ts';
import { isSizeForPosition, positionCeilingA } from './ceilings.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';
import type { WayMode } from '../transfer/way-mode.ts';
import type { WeldMetal } from '../material/metal-pair.ts';
import type { WireClass } from '../wire/wire-class.ts';

function ceilings(metal: WeldMetal, option: WayMode, wireClass?: WireClass) {
  const family = familyOf(metal, option, wireClass);
  if (!family) throw new Error('no family');
  return family.ceilings;
}
const DIP = { way: 'solid-gas', mode: 'short-circuit' } as const;
const PULSE = { way: 'solid-gas', mode: 'pulse' } as const;
const SLAG = { way: 'gas-shielded-flux-core', mode: 'own' } as const;
const GASLESS = { way: 'self-shielded', mode: 'own' } as const;
const ALUMINIUM = { way: 'aluminium-gun', mode: 'spray' } as const;

// Source: ceilings of the handbook's page on planning, common practice, from memory.
describe('the highest current a hand holds', () => {
  it.each<[string, WeldMetal, WayMode, WireClass | undefined, WireDiameterMm, number, number]>([
    ['dip', 'steel', DIP, undefined, 0.6, 80, 88],
    ['dip', 'steel', DIP, undefined, 0.8, 115, 126.5],
    ['dip', 'steel', DIP, undefined, 1.2, 165, 181.5],
    ['stainless dip', 'stainless', DIP, undefined, 0.9, 122, 134.2],
    ['pulse', 'steel', PULSE, undefined, 0.9, 170, 187],
    ['pulse', 'stainless', PULSE, undefined, 1.2, 210, 231],
    ['flux core', 'steel', SLAG, 'E71T-1M', 1.2, 210, 210],
    ['flux core', 'steel', SLAG, 'E71T-1C', 1.6, 250, 250],
    ['T-11', 'steel', GASLESS, 'E71T-11', 1.7, 200, 200],
    ['T-8', 'steel', GASLESS, 'E71T-8', 2.0, 240, 240],
    ['aluminium', 'aluminium', ALUMINIUM, undefined, 1.2, 210, 220.5],
  ])('%s of %s: up and overhead %#', (_name, metal, option, wireClass, size, upA, overheadA) => {
    const of = ceilings(metal, option, wireClass);
    expect(positionCeilingA(of, size, 'vertical-up')).toBe(upA);
    expect(positionCeilingA(of, size, 'overhead')).toBeCloseTo(overheadA, 6);
    expect(positionCeilingA(of, size, 'flat')).toBeUndefined();
    expect(positionCeilingA(of, size, 'vertical-down')).toBeUndefined();
  });

  it.each<[WeldMetal, WayMode, WireClass | undefined, WireDiameterMm]>([
    ['steel', PULSE, undefined, 1.6],
    ['steel', SLAG, 'E71T-1M', 2.0],
    ['steel', GASLESS, 'E71T-11', 2.4],
    ['aluminium', ALUMINIUM, undefined, 1.6],
  ])('%s with %o: %s %s mm stays flat and horizontal', (metal, option, wireClass, size) => {
    const of = ceilings(metal, option, wireClass);
    expect(isSizeForPosition(of, size, 'vertical-up')).toBe(false);
    expect(isSizeForPosition(of, size, 'overhead')).toBe(false);
    expect(isSizeForPosition(of, size, 'horizontal')).toBe(true);
  });
});
