import { contextOf } from '../../../test/context.ts';
import type { Work } from '../material/work.ts';
import { fillerVerdict, stainlessFiller } from './filler-verdict.ts';
import type { WireClass } from './wire-class.ts';

const verdict = (wireClass: WireClass, over: Partial<Work>) => {
  const { work, pair } = contextOf(over);
  return fillerVerdict(wireClass, work, pair);
};
const word = (wireClass: WireClass, over: Partial<Work>): string => {
  const result = verdict(wireClass, over);
  if (result.status === 'refused') return `${result.code}: ${result.instead}`;
  return result.caution === undefined ? 'fits' : 'second choice';
};
const named = (alloy: string): Partial<Work> => ({ metal: 'stainless', alloy });
const TO_STEEL: Partial<Work> = { ...named('304'), otherMetal: 'carbon-steel' };
const aluminium = (alloy: string): Partial<Work> => ({ metal: 'aluminium', alloy });

// Source: handbook filler tables, from memory.
describe('whether a wire may join two parts', () => {
  it.each<[WireClass, string, Partial<Work>, string]>([
    ['ER70S-6', 'steel', {}, 'fits'],
    ['ER308LSi', 'steel', {}, 'filler-wrong-for-metal: Take ER70S-6.'],
    ['ER70S-6', '304', named('304'), 'filler-wrong-for-metal: Take ER308LSi.'],
    ['ER70S-6', '316', named('316L'), 'filler-wrong-for-metal: Take ER316LSi.'],
    ['ER70S-6', '304 to steel', TO_STEEL, 'filler-wrong-for-metal: Take ER309LSi.'],
    ['ER308LSi', '304', named('304'), 'fits'],
    ['ER308LSi', 'stainless of no known grade', { metal: 'stainless' }, 'fits'],
    ['ER316LSi', '304', named('304'), 'fits'],
    ['ER308LSi', '316', named('316'), 'filler-wrong-for-metal: Take ER316LSi.'],
    ['ER309LSi', '316', named('316'), 'fits'],
    ['ER308LSi', '316 to 304', { ...named('316'), otherMetal: 'stainless', otherAlloy: '304' }, 'fits'],
    ['ER308LSi', '304 to steel', TO_STEEL, 'filler-wrong-for-metal: Take ER309LSi.'],
    ['ER309LSi', '304 to steel', TO_STEEL, 'fits'],
    ['ER308LSi', '430', named('430'), 'second choice'],
    ['ER309LSi', '430', named('430'), 'fits'],
    ['ER70S-6', '5083', aluminium('5083'), 'filler-wrong-for-metal: Take ER5183 or ER5556.'],
    ['ER4043', '5083', aluminium('5083'), 'filler-wrong-for-metal: Take ER5183 or ER5556.'],
    ['ER4043', '6061', aluminium('6061'), 'fits'],
    ['ER5356', '5454', aluminium('5454'), 'second choice'],
    [
      'ER5356',
      '6061 in warm service',
      { ...aluminium('6061'), priorities: ['warm-service'] },
      'filler-wrong-for-service: Take ER4043 or ER4943.',
    ],
    ['ER4043', '6061 in warm service', { ...aluminium('6061'), priorities: ['warm-service'] }, 'fits'],
    [
      'ER5356',
      'a casting to 5083',
      { ...aluminium('5083'), otherMetal: 'cast-aluminium' },
      'filler-wrong-for-metal: No filler suits both parts.',
    ],
  ])('%s on %s', (wireClass, _name, work, expected) => {
    expect(word(wireClass, work)).toBe(expected);
  });

  it('names what makes it brittle', () => {
    const reason = (wireClass: WireClass, work: Partial<Work>) => {
      const result = verdict(wireClass, work);
      return result.status === 'refused' ? result.reason : '';
    };
    expect(reason('ER5356', { metal: 'cast-aluminium' })).toContain('silicon of the casting');
    expect(reason('ER4043', aluminium('5083'))).toContain('makes a brittle Mg–Si weld');
    expect(reason('ER70S-6', aluminium('5083'))).toContain('is not a filler for aluminium');
  });

  it.each<[Partial<Work>, WireClass]>([
    [named('304'), 'ER308LSi'],
    [{ metal: 'stainless' }, 'ER308LSi'],
    [named('316'), 'ER316LSi'],
    [{ ...named('304'), otherMetal: 'stainless', otherAlloy: '316' }, 'ER316LSi'],
    [named('430'), 'ER309LSi'],
    [TO_STEEL, 'ER309LSi'],
  ])('on %j the filler to take is %s', (work, expected) => {
    expect(stainlessFiller(contextOf(work).pair)).toBe(expected);
  });
});
