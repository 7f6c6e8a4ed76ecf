import { mutantsOf, mutated, sampleOf, shuffled } from '../scripts/mutate/mutants.mjs';

const wrongs = (source: string): readonly string[] =>
  mutantsOf('a.ts', source).map((mutant) => mutated(source, mutant));

describe('small wrongs in a source', () => {
  it.each([
    ['const a = 4;', ['const a = 5;']],
    ['const a = 0;', ['const a = 1;']],
    ['const a = b + c;', ['const a = b - c;']],
    ['const a = b >= c;', ['const a = b > c;']],
    ['if (a) b();', ['if (true) b();', 'if (false) b();']],
    ['const a = !b;', ['const a = (b);']],
    ['const a = Math.min(b, c);', ['const a = Math.max(b, c);']],
    ['const a = b ? c : d;', ['const a = true ? c : d;', 'const a = false ? c : d;']],
  ])('%s', (source, expected) => {
    expect(wrongs(source)).toEqual(expected);
  });

  it.each([
    "const a = 'b' + c;",
    "import a from './b.ts';",
    'type A = 1 | 2;',
    'interface A { readonly b: 3 }',
    'const a = b.toFixed(1);',
    'const a = `${b} mm`;',
  ])('are not in words and types: %s', (source) => {
    expect(wrongs(source)).toEqual([]);
  });

  it('are sampled the same for one seed, in their order, and otherwise for another', () => {
    const list = Array.from({ length: 100 }, (_, i) => i);
    const sample = sampleOf(list, 20, 1);
    expect(sample).toHaveLength(20);
    expect(sample).toEqual(sampleOf(list, 20, 1));
    expect(sample).toEqual(sample.toSorted((a, b) => a - b));
    expect(sample).not.toEqual(sampleOf(list, 20, 2));
    expect(sampleOf(list, 200, 1)).toEqual(list);
  });

  it('are tried in an order of the seed, each once', () => {
    const list = Array.from({ length: 100 }, (_, i) => i);
    expect(shuffled(list, 1)).toEqual(shuffled(list, 1));
    expect(shuffled(list, 1)).not.toEqual(shuffled(list, 2));
    expect(shuffled(list, 1)).not.toEqual(list);
    expect(shuffled(list, 1).toSorted((a, b) => a - b)).toEqual(list);
  });
});
