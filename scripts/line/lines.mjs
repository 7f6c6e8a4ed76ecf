/** Lines for the reader to be tried with: those that were judged, changed at random, and sizes by a grammar. Seeded. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** A small generator of random numbers between 0 and 1 (mulberry32). */
export function randomFrom(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** Every judged line of a folder. */
export function judgedLines(folder) {
  return readdirSync(folder)
    .filter((name) => name.endsWith('.json'))
    .flatMap((name) => JSON.parse(readFileSync(join(folder, name), 'utf8')));
}

const NUMBERS = [
  '0',
  '0.5',
  '.030',
  '.035',
  '1',
  '1.2',
  '2',
  '3',
  '4.6',
  '5',
  '6',
  '8',
  '10',
  '12',
  '14',
  '16',
  '25',
  '40',
  '60',
  '76.1',
  '100',
  '250',
  '304',
  '1000',
  '99999',
  '1/8',
  '3/16',
  '1-1/2',
  '7/3',
  '-3',
  '3,2',
  '½',
];
const UNITS = ['', 'mm', ' mm', '"', ' in', ' ga', 'ga', ' thou', ' swg', 'cm', ' m', "'"];
const WORDS = [
  'box',
  'tube',
  'pipe',
  'angle',
  'plate',
  'sheet',
  'flat bar',
  'channel',
  'wall',
  'thick',
  'leg',
  'throat',
  'gap',
  'off',
  'OD',
  'long',
  'stitch',
  'passes',
  'wire',
  'tee',
  'lap',
  'butt',
  'fillet',
  'corner',
  'to',
  'on',
  'x',
  'or',
  'not',
  'no',
  'then',
  'flat',
  'overhead',
  'PB',
  'steel',
  '304',
  '6061',
  'C25',
  'argon',
  'pulse',
  'gasless',
  'ER70S-6',
  '71T-1',
  'bracket',
  'crane',
  'sch 40',
  'NB',
  'DN50',
  'every',
  'x',
  'backing',
  'both sides',
  'intermittent',
  'process 135',
  'qty',
  '(4)',
  'z6',
  'a4',
  'PL12',
  'SHS',
  'L50x50x5',
  'W8x31',
];

const pick = (random, list) => list[Math.floor(random() * list.length)];

function grammarLine(random) {
  const parts = Array.from({ length: 1 + Math.floor(random() * 6) }, () => {
    const size = () => `${pick(random, NUMBERS)}${pick(random, UNITS)}`;
    const kind = random();
    if (kind < 0.35) return size();
    if (kind < 0.5)
      return `${pick(random, NUMBERS)}x${pick(random, NUMBERS)}${random() < 0.6 ? `x${pick(random, NUMBERS)}` : ''} ${pick(random, WORDS)}`;
    if (kind < 0.65) return `${size()} ${pick(random, WORDS)}`;
    return pick(random, WORDS);
  });
  return parts.join(random() < 0.2 ? ', ' : ' ');
}

function changed(random, line, other) {
  const words = line.split(' ');
  const at = Math.floor(random() * words.length);
  switch (Math.floor(random() * 6)) {
    case 0:
      words.splice(at, 1);
      break;
    case 1:
      words.splice(at, 0, pick(random, other.split(' ')));
      break;
    case 2:
      words.splice(at, 0, `${pick(random, NUMBERS)}${pick(random, UNITS)}`);
      break;
    case 3:
      words[at] = [...(words[at] ?? '')].reverse().join('');
      break;
    case 4:
      words.push(...other.split(' ').slice(0, 3));
      break;
    default:
      words[at] = `${words[at] ?? ''}${pick(random, NUMBERS)}`;
  }
  return words.join(' ');
}

/** So many lines, the same for the same seed. */
export function* linesFrom(judged, count, seed) {
  const random = randomFrom(seed);
  const says = judged.map(({ say }) => say);
  for (let i = 0; i < count; i += 1) {
    if (i < says.length) yield says[i];
    else if (random() < 0.5) yield changed(random, pick(random, says), pick(random, says));
    else yield grammarLine(random);
  }
}

/** Where the judged lines are kept, from the project's own folder. */
export const JUDGED_LINES = join(process.cwd(), 'packages/core/test/judged-lines');
