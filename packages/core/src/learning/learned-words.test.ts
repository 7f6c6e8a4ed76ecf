import { learnedClaim, offsetWords } from './learned-words.ts';

const learned = (start: number, settings = 1) => ({
  offsetV: { start, low: start - 0.9, high: start + 0.9 },
  settings,
});

describe('what a machine taught, in words', () => {
  it.each([
    [-0.52, 1, 'Tom wanted 0.5 V (± 0.9 V) less than the book, from 1 proven setting'],
    [1.26, 3, 'Tom wanted 1.3 V (± 0.9 V) more than the book, from 3 proven settings'],
  ])('%s V from %s', (offset, settings, claim) => {
    expect(learnedClaim(learned(offset, settings), 'Tom')).toBe(claim);
  });

  it('is not worth a word under a fifth of a volt', () => {
    expect([-0.19, 0, 0.19].map((v) => offsetWords(learned(v)).isByTheBook)).toEqual([true, true, true]);
    expect([-0.2, 0.2].map((v) => offsetWords(learned(v)).isByTheBook)).toEqual([false, false]);
  });
});
