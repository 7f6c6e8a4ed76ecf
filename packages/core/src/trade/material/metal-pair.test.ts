import { inMetric } from '../../base/words/in-words.ts';
import { metalPair } from './metal-pair.ts';
import type { BaseMetal } from './base-metal.ts';

// Source: handbook page on base metals and fillers, from memory.
describe('two parts', () => {
  it.each<[BaseMetal, BaseMetal, string]>([
    ['carbon-steel', 'coated-steel', 'steel'],
    ['coated-steel', 'coated-steel', 'steel'],
    ['stainless', 'carbon-steel', 'stainless'],
    ['carbon-steel', 'stainless', 'stainless'],
    ['stainless', 'stainless', 'stainless'],
    ['aluminium', 'cast-aluminium', 'aluminium'],
  ])('%s to %s are welded as %s', (metal, otherMetal, as) => {
    expect(metalPair({ metal, otherMetal })).toMatchObject({ status: 'weldable', weldMetal: as });
  });

  it.each<[BaseMetal, BaseMetal, string]>([
    ['carbon-steel', 'aluminium', 'no-filler-for-pair'],
    ['cast-aluminium', 'stainless', 'no-filler-for-pair'],
    ['aluminium', 'unweldable-aluminium', 'metal-not-weldable'],
    ['other', 'carbon-steel', 'metal-not-weldable'],
  ])('%s to %s are hopeless: %s', (metal, otherMetal, code) => {
    const pair = metalPair({ metal, otherMetal });
    expect(pair).toMatchObject({ status: 'hopeless', code });
    expect(pair.status === 'hopeless' && inMetric(pair.instead).length).toBeGreaterThan(10);
  });

  it('is coated when either part is, and stainless to steel only when exactly one is', () => {
    expect(metalPair({ metal: 'carbon-steel', otherMetal: 'coated-steel' })).toMatchObject({ coated: true });
    expect(metalPair({ metal: 'carbon-steel' })).toMatchObject({ coated: false, stainlessToSteel: false });
    expect(metalPair({ metal: 'stainless', otherMetal: 'coated-steel' })).toMatchObject({
      coated: true,
      stainlessToSteel: true,
    });
    expect(metalPair({ metal: 'stainless' })).toMatchObject({ stainlessToSteel: false });
  });

  it('is one part twice where only one is said', () => {
    const pair = metalPair({ metal: 'aluminium', alloy: '6061' });
    expect(pair.status === 'weldable' && pair.parts).toEqual([
      { metal: 'aluminium', alloy: '6061' },
      { metal: 'aluminium', alloy: '6061' },
    ]);
  });
});
