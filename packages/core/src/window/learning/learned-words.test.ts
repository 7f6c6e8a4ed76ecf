import type { ProvenSetting } from './proven.ts';
import { learnedClaim as learnedClaimInWords, offsetWords } from './learned-words.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const learnedClaim = toldInMetric(learnedClaimInWords);

const learned = (start: number, settings = 1) => ({
  offsetV: { start, low: start - 0.9, high: start + 0.9 },
  sdV: 0.46,
  settings,
  elsewhere: 0,
});

describe('what a machine taught, in words', () => {
  it.each([
    [-0.52, 1, 'Tom wanted 0.5 V (± 0.9 V) less than the book, from 1 proven setting'],
    [1.26, 3, 'Tom wanted 1.3 V (± 0.9 V) more than the book, from 3 proven settings'],
  ])('%s V from %s', (offset, settings, claim) => {
    expect(learnedClaim(learned(offset, settings), 'Tom')).toBe(claim);
  });

  it('says where it was proven: with other wires, or for near work', () => {
    const elsewhere = { ...learned(-0.5, 0), elsewhere: 2 };
    expect(learnedClaim(elsewhere, 'Tom')).toContain('from 2 proven settings with other wires or gases');
    const setting = { thicknessMm: 2.5, joint: 'tee', position: 'flat' } as ProvenSetting;
    const near = (share: number) => learnedClaim({ ...learned(-0.5), near: { setting, share } }, 'Tom');
    expect(near(0.8)).toContain(', drawn towards one proven close to it: 2.5 mm tee, flat');
    expect(near(0.3)).toContain('some way from it');
    expect(near(1)).not.toContain('drawn');
  });

  it('is not worth a word under a fifth of a volt', () => {
    expect([-0.19, 0, 0.19].map((v) => offsetWords(learned(v)).isByTheBook)).toEqual([true, true, true]);
    expect([-0.2, 0.2].map((v) => offsetWords(learned(v)).isByTheBook)).toEqual([false, false]);
  });
});
