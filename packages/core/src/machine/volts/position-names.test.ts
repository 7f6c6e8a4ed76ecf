import { positionNames } from './position-names.ts';

describe('names of taps typed in one line', () => {
  it.each([
    ['1-10', '1 2 3 4 5 6 7 8 9 10'],
    ['1 – 4', '1 2 3 4'],
    ['1..6', '1 2 3 4 5 6'],
    ['1 to 3', '1 2 3'],
    ['A-F', 'A B C D E F'],
    ['a - c', 'a b c'],
    ['0-3', '0 1 2 3'],
    ['min 1-3 max', 'min 1 2 3 max'],
    ['1, 2; 3  4', '1 2 3 4'],
    ['min max', 'min max'],
    ['tom', 'tom'],
    ['', ''],
    // a coarse and a fine switch: these are names
    ['1-1 1-2 2-1 2-2', '1-1 1-2 2-1 2-2'],
    // no range: backwards, of one, of unlike kinds, or past what a switch has
    ['10-1', '10-1'],
    ['1-1', '1-1'],
    ['1-C', '1-C'],
    ['1-400', '1-400'],
    ['low-high', 'low-high'],
  ])('%j is %j', (text, names) => {
    expect(positionNames(text).join(' ')).toBe(names);
  });
});
