import fc from 'fast-check';
import type { PartMetal } from '../material/metal-pair.ts';
import { PRIORITIES } from '../material/work.ts';
import {
  ALUMINIUM_FILLER_TABLE,
  gradeOn,
  gradeOnBoth,
  isAluminiumFiller,
  rankedFillers,
} from './aluminium-filler.ts';
import { WIRE_CLASS_ROWS } from './wire-class.ts';

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
    ['6061', 'ER5356'], // as good as ER4043, and it feeds better [practice]
    ['6063', 'ER5356'],
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

// Source: handbook filler chart, from memory: each filler's marks for each wish, 0 to 3, and what they weigh beside the grade.
describe('what a filler serves', () => {
  it('stands in its row', () => {
    const marks = WIRE_CLASS_ROWS.flatMap(({ id, serves }) =>
      serves ? [[id, PRIORITIES.map((priority) => serves[priority]).join(' ')]] : [],
    );
    expect(PRIORITIES.join(' ')).toBe(
      'crack-resistance strength ductility corrosion colour warm-service feedability',
    );
    expect(Object.fromEntries(marks)).toEqual({
      ER5356: '1 3 3 2 3 0 3',
      ER4043: '3 0 0 2 0 3 0',
      ER5183: '1 3 3 3 3 0 3',
      ER4943: '3 2 0 2 0 3 1',
      ER5556: '1 3 2 2 3 0 3',
      ER5554: '1 1 3 3 3 3 2',
    });
  });

  it('weighs one and a half times its marks, the second wish half of that', () => {
    const score = (filler: string, priorities: Parameters<typeof rankedFillers>[1]) =>
      rankedFillers([part('6061'), part('6061')], priorities).find((one) => one.filler === filler);
    expect(score('ER4043', [])).toMatchObject({ grade: 'good', score: 2, serves: [] });
    expect(score('ER4943', ['strength'])).toMatchObject({ score: 2 + 3, serves: ['strength'] });
    expect(score('ER4943', ['crack-resistance', 'feedability'])).toMatchObject({
      score: 2 + 4.5 + 0.75,
      serves: ['crack-resistance'],
    });
    expect(score('ER5554', [])?.score).toBe(1);
    expect(rankedFillers([part('356'), part('356')], [])[0]).toMatchObject({ filler: 'ER4043', score: 3 });
  });

  it('is taken of the worse part', () => {
    expect(gradeOnBoth('ER5356', [part('6061'), part('5454')])).toBe('caution');
    expect(gradeOnBoth('ER5554', [part('6061'), part('5454')])).toBe('usable');
  });
});

describe('the grade of a filler', () => {
  const unnamed: PartMetal = { metal: 'aluminium', alloy: undefined };
  it('on an alloy that is not named is a caution but for the one that most alloys take', () => {
    expect(gradeOn('ER5356', unnamed)).toBe('usable');
    expect(gradeOn('ER4043', unnamed)).toBe('caution');
    expect(gradeOn('ER5356', part('9999'))).toBe('caution');
    expect(gradeOn('ER4043', { metal: 'cast-aluminium', alloy: undefined })).toBe('best');
  });

  it('of one that the chart does not hold is the worst of its kind', () => {
    const without = ALUMINIUM_FILLER_TABLE.flatMap(({ alloys, grades }) =>
      WIRE_CLASS_ROWS.filter(({ id, serves }) => serves && grades[id] === undefined).map(
        ({ id }) => [id, alloys[0] ?? ''] as const,
      ),
    );
    for (const [id, alloy] of without) expect(['caution', 'no']).toContain(gradeOn(id, part(alloy)));
    expect(isAluminiumFiller('ER4943')).toBe(true);
    expect(isAluminiumFiller('ER70S-6')).toBe(false);
  });
});
