import { correctionOf, isTypingSlip } from './corrections.ts';
import { effectiveWork, parseLine } from '../parse.ts';
import type { WorkSlot } from '../../plan/work/stated-work.ts';
import type { LineReading } from '../line-reading.ts';
import { SINGLE_WORDS } from './vocabulary.ts';

function read(line: string): LineReading {
  return parseLine(line, { unit: 'mm', machineNames: ['Marigold', 'Old Tom', 'Suitcase'] });
}

describe('a slip of the fingers', () => {
  it.each([
    ['stainles', 'stainless', true],
    ['horizonal', 'horizontal', true],
    ['stianless', 'stainless', true],
    ['fillett', 'fillet', true],
    ['brake', 'braze', false],
    ['wing', 'wind', false],
    ['plated', 'plate', false],
    ['stainless', 'stainless', false],
  ])('%s for %s: %s', (typed, known, slip) => {
    expect(isTypingSlip(typed, known)).toBe(slip);
  });

  it('is put right in a long metal or position, in a joint or a product, and nowhere else', () => {
    expect(correctionOf('stainles', SINGLE_WORDS)).toEqual({ status: 'corrected', known: 'stainless' });
    expect(correctionOf('cornr', SINGLE_WORDS)).toEqual({ status: 'corrected', known: 'corner' });
    expect(correctionOf('outdors', SINGLE_WORDS)?.status).toBe('asked');
    expect(correctionOf('galvinisd', SINGLE_WORDS)).toMatchObject({ status: 'asked', slot: 'metal' });
    expect(correctionOf('bananas', SINGLE_WORDS)).toBeUndefined();
  });
});

// Source: words of the trade that a sweep of typed lines found corrected into something else.
describe('a word of the trade near one that changes the plan', () => {
  it.each<[string, WorkSlot]>([
    ['brake', 'way'],
    ['tack', 'circumstances'],
    ['hopper', 'metal'],
    ['deep', 'polarity'],
    ['hard', 'place'],
    ['wing', 'windy'],
    ['rail', 'circumstances'],
    ['farm', 'surface'],
    ['track', 'circumstances'],
    ['shoe', 'place'],
    ['seam', 'product'],
    ['bead', 'product'],
    ['round', 'surface'],
    ['plated', 'product'],
    ['strap', 'product'],
    ['cert', 'position'],
    ['overlay', 'joint'],
  ])('%s sets no %s, and is seen', (word, slot) => {
    const reading = read(`3mm ${word}`);
    expect(effectiveWork(reading)).toEqual({ thicknessMm: 3 });
    expect(reading.work[slot]).toBeUndefined();
    const fragment = reading.fragments.find(({ text }) => text === word);
    expect(fragment?.corrected).toBeUndefined();
    expect(['noted', 'questioned']).toContain(fragment?.status);
  });
});

describe('a correction', () => {
  it('is shown on its fragment, and a near word is asked about with a way to leave it out', () => {
    expect(read('3mm stainles lap').fragments.find(({ corrected }) => corrected)?.corrected).toBe(
      'stainless',
    );
    const reading = read('3mm galvinisd lap');
    expect(reading.work.metal).toBeUndefined();
    expect(reading.questions[0]?.choices.map(({ line }) => line)).toEqual(['3mm galvanised lap', '3mm lap']);
  });
});
