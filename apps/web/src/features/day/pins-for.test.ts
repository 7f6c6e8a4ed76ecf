import { jobOf } from '../../../test/jobs.ts';
import { pinsFor } from './pins-for.ts';

const LINES = [
  { machineId: 'tom', ids: ['a', 'b', 'c'] },
  { machineId: 'ann', ids: ['d'] },
];
const jobs = (pins: Readonly<Record<string, readonly [machine: string, after: string]>> = {}) =>
  ['a', 'b', 'c', 'd'].map((id) => {
    const [pinMachineId, pinAfter] = pins[id] ?? [];
    return jobOf({ id, task: pinMachineId === undefined ? {} : { pinMachineId, pinAfter: pinAfter ?? '' } });
  });
const pinsOf = (moved: string, over: string, pins = {}) =>
  pinsFor(LINES, jobs(pins), moved, over).map(
    ({ id, change: { pinMachineId, pinAfter } }) => `${id} ${pinMachineId ?? '='} ${pinAfter}`,
  );

describe('a task that is moved', () => {
  it.each([
    ['c', 'a', ['c tom first']],
    ['c', 'b', ['c tom a']],
    ['a', 'b', ['a tom b']],
    ['a', 'c', ['a tom c']],
    ['d', 'b', ['d tom a']],
    ['d', 'a', ['d tom first']],
    ['a', 'd', ['a ann first']],
    ['a', 'lane ann', ['a ann d']],
    ['d', 'lane tom', ['d tom c']],
  ])('%s put onto %s', (moved, over, pins) => {
    expect(pinsOf(moved, over)).toEqual(pins);
  });

  it('gives its old place to whoever was pinned after it, and stands before whoever was pinned there', () => {
    expect(pinsOf('a', 'd', { a: ['tom', 'first'], b: ['tom', 'a'] })).toEqual(['b = first', 'a ann first']);
    expect(pinsOf('c', 'b', { b: ['tom', 'a'] })).toEqual(['b tom c', 'c tom a']);
    expect(pinsOf('c', 'a', { a: ['tom', 'first'], d: ['ann', 'first'] })).toEqual([
      'a tom c',
      'c tom first',
    ]);
  });

  it('onto nothing is not moved', () => {
    expect(pinsOf('a', 'gone')).toEqual([]);
  });
});
