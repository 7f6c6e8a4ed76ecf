import fc from 'fast-check';
import type { PartMetal } from '../material/metal-pair.ts';
import { PRIORITIES } from '../material/work.ts';
import { ALUMINIUM_FILLER_TABLE, gradeOnBoth, rankedFillers } from './aluminium-filler.ts';

const part = (alloy: string): PartMetal => ({
  metal: /356/.test(alloy) ? 'cast-aluminium' : 'aluminium',
  alloy,
});
const best = (a: string, b = a, priorities: Parameters<typeof rankedFillers>[1] = []): string | undefined =>
  rankedFillers([part(a), part(b)], priorities)[0]?.filler;

// Source: handbook filler chart, from memory.
describe('the aluminium filler', () => {
  it.each([
    ['1100', 'ER4043'],
    ['3003', 'ER4043'],
    ['5052', 'ER5356'],
    ['5083', 'ER5183'],
    ['5086', 'ER5183'],
    ['5754', 'ER5356'],
    ['5454', 'ER5554'],
    ['356', 'ER4043'],
  ])('of %s is %s', (alloy, filler) => {
    expect(best(alloy)).toBe(filler);
  });

  it.each([
    [['crack-resistance'], 'ER4043'],
    [['strength'], 'ER5356'],
    [['colour'], 'ER5356'],
    [['feedability'], 'ER5356'],
    [['warm-service'], 'ER4043'],
  ] as const)('of 6061 follows what matters: %s', (priorities, filler) => {
    expect(best('6061', '6061', priorities)).toBe(filler);
  });

  it('between two alloys is one that both allow: 5083 to 6061 takes 5356 or 5183', () => {
    expect(['ER5356', 'ER5183', 'ER5556']).toContain(best('5083', '6061'));
    expect(gradeOnBoth('ER4043', [part('5083'), part('6061')])).toBe('no');
  });

  it('is none between a casting and 5083: silicon is forbidden on one, magnesium on the other', () => {
    expect(rankedFillers([part('356'), part('5083')], [])).toEqual([]);
  });

  it('never ranks one that the chart forbids on either part, nor 5xxx with over 3 % Mg for warm service', () => {
    const alloy = fc.constantFrom(...ALUMINIUM_FILLER_TABLE.flatMap((row) => [...row.alloys]));
    fc.assert(
      fc.property(alloy, alloy, fc.subarray([...PRIORITIES]), (a, b, priorities) => {
        for (const { filler } of rankedFillers([part(a), part(b)], priorities)) {
          expect(gradeOnBoth(filler, [part(a), part(b)])).not.toBe('no');
          if (priorities.includes('warm-service'))
            expect(['ER5356', 'ER5183', 'ER5556']).not.toContain(filler);
        }
      }),
    );
  });
});
