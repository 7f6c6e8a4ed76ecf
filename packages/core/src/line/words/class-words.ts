import { BASE_METAL_TABLE } from '../../trade/material/base-metal.ts';
import { WIRE_CLASS_ROWS } from '../../trade/wire/wire-class.ts';
import type { Meaning } from '../meaning.ts';
import { word, type WordRow } from './word-row.ts';

/** Wire classes by their names and by what they are called: each row of the wire table names its own. */
const CLASS_WORDS: readonly WordRow[] = WIRE_CLASS_ROWS.flatMap((row): WordRow[] => {
  const meaning: Meaning = { kind: 'wire-class', wireClass: row.id };
  const id = row.id.toLowerCase().replaceAll('-', ' ');
  // ER70S-6 is an electrode too: E70S-6
  const full = word(
    /^er\d+s /.test(id) ? `${id}|${id.replace(/^er/, 'e')}|${id.replace(/^er/, '')}` : id,
    meaning,
  );
  const typed = row.typedAs === undefined ? [] : [word(row.typedAs, meaning)];
  const open =
    row.typedOpenAs === undefined ? [] : [word(row.typedOpenAs, { ...meaning, gasSettlesIt: true })];
  return [full, ...typed, ...open];
});

/** Quality of a structural steel behind its grade, as EN 10025 writes it; it has no part in the plan. */
const STEEL_QUALITIES = ['jr', 'j0', 'j2', 'j2+n', 'k2', 'k2+n', 'n', 'nl', 'm', 'ml', 'mc'];

function gradeNames(alloy: string): string {
  const grade = alloy.toLowerCase();
  if (!/^s\d{3}$/.test(grade)) return grade;
  return [grade, ...STEEL_QUALITIES.flatMap((quality) => [`${grade}${quality}`, `${grade} ${quality}`])].join(
    '|',
  );
}

const ALLOY_WORDS: readonly WordRow[] = BASE_METAL_TABLE.filter((row) => row.id !== 'other').flatMap((row) =>
  row.alloys.map((alloy) => word(gradeNames(alloy), { kind: 'metal', metal: row.id, alloy })),
);

/** Names that stand in the tables of wires and metals: a row there is a word here. */
export const TABLE_WORDS: readonly WordRow[] = [...CLASS_WORDS, ...ALLOY_WORDS];
