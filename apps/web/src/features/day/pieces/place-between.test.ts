import { placeBetween } from './place-between.ts';

const LIST = ['a', 'b', 'c', 'd'].map((id, i) => ({ id, place: i + 1 }));
const moved = (id: string, over: string): string =>
  LIST.map((one) => (one.id === id ? { id, place: placeBetween(LIST, id, over) } : one))
    .toSorted((a, b) => a.place - b.place)
    .map((one) => one.id)
    .join('');

it.each([
  ['a', 'c', 'bcad'],
  ['d', 'b', 'adbc'],
  ['d', 'a', 'dabc'],
  ['a', 'd', 'bcda'],
  ['b', 'c', 'acbd'],
])('%s moved onto %s: %s', (id, over, order) => {
  expect(moved(id, over)).toBe(order);
});
