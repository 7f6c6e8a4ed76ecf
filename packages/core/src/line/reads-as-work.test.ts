import { readsAsWork } from './reads-as-work.ts';

it.each(['3 mm', 'steel', 'tee', '3 mm mild steel tee, flat', '14 ga', 'argon', '0.8 wire', '3', 'a'])(
  '"%s" is no name: a line could not say it otherwise',
  (name) => expect(readsAsWork(name)).toBe(true),
);

it.each([
  'Old Tom',
  'Marigold',
  'Suitcase',
  'Blue 250',
  'Steel Horse',
  'The red one',
  'B2',
  'Käthe',
  'Packed',
  '',
])('"%s" is a name', (name) => expect(readsAsWork(name)).toBe(false));
