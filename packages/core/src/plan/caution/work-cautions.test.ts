import { contextOf } from '../../../test/context.ts';
import { CIRCUMSTANCES, type Work } from '../../trade/material/work.ts';
import { gravestFirst } from './caution.ts';
import { workCautions } from './work-cautions.ts';

function raised(over: Partial<Work>, needsGas = true): readonly string[] {
  const { work, pair, thickness } = contextOf(over);
  return workCautions(work, pair, thickness, needsGas).map(({ level, code }) => `${level} ${code}`);
}

describe('what the work itself warns of', () => {
  it('is nothing on the bench, on clean steel of one thickness', () => {
    expect(raised({})).toEqual([]);
  });

  // Source: common practice; what can kill at once stops, what spoils the weld or the health in time warns.
  it('is each circumstance, at its own weight', () => {
    const levels = Object.fromEntries(
      CIRCUMSTANCES.map((one) => [one, raised({ circumstances: [one] }).map((text) => text.split(' ')[0])]),
    );
    expect(levels).toEqual({
      extraction: [],
      'closed-space': ['stop'],
      'closed-vessel': ['stop'],
      damp: ['stop'],
      painted: ['stop'],
      'powder-coated': ['warn'],
      primed: ['warn'],
      chromed: ['stop'],
      plated: ['stop'],
      rusty: ['warn'],
      vehicle: ['warn'],
      'load-bearing': ['stop'],
      solvent: ['stop'],
      flammables: ['warn'],
      implant: ['warn'],
    });
  });

  it.each<[string, Partial<Work>, readonly string[]]>([
    ['zinc', { metal: 'coated-steel' }, ['stop zinc-coating']],
    ['zinc on the other part', { otherMetal: 'coated-steel' }, ['stop zinc-coating']],
    ['stainless indoors', { metal: 'stainless' }, ['stop chromium-fume']],
    ['extracted', { metal: 'stainless', circumstances: ['extraction'] }, ['warn chromium-fume']],
    ['outdoors', { metal: 'stainless', place: 'outdoors' }, ['warn chromium-fume', 'note outdoors']],
    ['aluminium', { metal: 'aluminium' }, []],
  ])('is the fume of %s', (_name, work, expected) => {
    expect(raised(work)).toEqual(expected);
  });

  // Source: common practice: thin work may run down, above 3 mm with care, above 5 mm not at all.
  it.each([
    [3, []],
    [3.1, ['warn vertical-down-thick']],
    [5, ['warn vertical-down-thick']],
    [5.1, ['stop vertical-down-thick']],
  ])('is %s mm vertical down', (thicknessMm, expected) => {
    expect(raised({ thicknessMm, position: 'vertical-down' })).toEqual(expected);
    expect(raised({ thicknessMm, position: 'vertical-up' })).toEqual([]);
  });

  it('is wind where gas would be blown away, and the open air where not', () => {
    expect(raised({ windy: true, place: 'outdoors' })).toEqual(['warn wind']);
    expect(raised({ windy: true, place: 'outdoors' }, false)).toEqual(['note outdoors']);
    expect(raised({ windy: true })).toEqual(['warn wind']);
    expect(raised({ windy: true }, false)).toEqual([]);
  });

  it('is one part over three times as thick as the other', () => {
    expect(raised({ thicknessMm: 2, otherThicknessMm: 6 })).toEqual([]);
    expect(raised({ thicknessMm: 2, otherThicknessMm: 6.1 })).toEqual(['warn very-unequal']);
    expect(raised({ thicknessMm: 6.1, otherThicknessMm: 2 })).toEqual(['warn very-unequal']);
  });
});

describe('cautions in order', () => {
  it('stand gravest first, and as they were within a level', () => {
    const source = { kind: 'practice', text: 'common practice' } as never;
    const one = (code: string, level: 'stop' | 'warn' | 'note') => ({ code, level, text: code, source });
    const given = [one('a', 'note'), one('b', 'warn'), one('c', 'stop'), one('d', 'warn'), one('e', 'stop')];
    expect(gravestFirst(given).map(({ code }) => code)).toEqual(['c', 'e', 'b', 'd', 'a']);
    expect(gravestFirst(given.toReversed()).map(({ code }) => code)).toEqual(['e', 'c', 'd', 'b', 'a']);
  });
});
