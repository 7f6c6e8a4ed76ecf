import { nearestIndex, nearestOf } from './nearest.ts';

it('the nearest of some figures is the first of those that are as near', () => {
  expect(nearestIndex([1, 2, 4], 2.9)).toBe(1);
  expect(nearestIndex([1, 2, 4], 3)).toBe(1);
  expect(nearestIndex([4, 2, 1], 3)).toBe(0);
  expect(nearestIndex([5], -7)).toBe(0);
  expect(nearestOf([0.3, 0.1 + 0.2], 0.3 + 1e-12)).toBe(0.3);
  expect(nearestOf([15, 17, 19], 40)).toBe(19);
});
