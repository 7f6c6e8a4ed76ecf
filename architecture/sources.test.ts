import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, sourcesIn } from './imports.ts';

/** What says where a figure comes from. */
const SAID = /source|our model|our tuning|recalled|definition/i;
/** A constant of the module that is a figure, or figures. */
const FIGURE = /^(?:export )?const ([A-Z][A-Z0-9_]+)(?:: [^=]+)? = (?:-?[\d.]|\[ ?-?[\d.](?!\.))/;
/** Figures that are no judgement: physics, arithmetic, places in a table, lists of sizes, a seed. */
const PLAIN = new Set([
  'MU_0',
  'GRAVITY',
  'POOL_RAD_PER_S',
  'M_PER_MIN_PER_MM_PER_S',
  'MINUTES_A_DAY',
  'DAY_MIN',
  'SHIFT_MIN',
  'TWO_SIDED_95',
  'INCH_DENOMINATORS',
  'WIRE_DIAMETERS_MM',
  'ARC_WIRES_MM',
  'MIX_PERCENT',
  'TASK_WEIGHTS',
  'SEED',
  'NOT_KEPT',
  'CLOCK',
  'LATE',
  'CHANGE',
  'RIG',
  'PARENT',
  'UNIT',
  'NEXT',
  'WIDTH',
  'FIRST_ROOM',
]);

/** Figures without a word of where they come from, in the lines straight above them or beside them. */
function unsourced(file: string): readonly string[] {
  const lines = readFileSync(join(ROOT, file), 'utf8').split('\n');
  return lines.flatMap((line, i) => {
    const [, name] = FIGURE.exec(line) ?? [];
    if (name === undefined || PLAIN.has(name)) return [];
    const from = lines.slice(0, i).lastIndexOf('') + 1;
    return SAID.test(lines.slice(from, i + 1).join('\n')) ? [] : [`${file}: ${name}`];
  });
}

it('every figure of the trade says where it comes from, and what tunes a search that it does', () => {
  const files = sourcesIn('packages/core/src').filter((file) => !file.endsWith('.test.ts'));
  expect(files.flatMap(unsourced)).toEqual([]);
});
