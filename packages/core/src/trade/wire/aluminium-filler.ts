import type { PartMetal } from '../material/metal-pair.ts';
import type { Priority } from '../material/work.ts';
import type { FillerServes } from './wire-class-table.ts';
import { HANDBOOK, type Source } from '../../base/source.ts';
import { WIRE_CLASS_ROWS, type WireClass, wireClassRow } from './wire-class.ts';

/** Every aluminium wire. */
const FILLERS = WIRE_CLASS_ROWS.filter(({ metals }) => metals.includes('aluminium'));

/** How a filler suits a base, best to never. */
export type FillerGrade = 'best' | 'good' | 'usable' | 'caution' | 'no';

interface BaseRow {
  readonly alloys: readonly string[];
  readonly grades: Readonly<Partial<Record<WireClass, FillerGrade>>>;
  readonly source: Source;
}

function row(alloys: readonly string[], grades: BaseRow['grades']): BaseRow {
  return { alloys, grades, source: HANDBOOK };
}

/** Fillers by base alloy. Source: handbook filler chart, from memory; ER4943 graded as 4043 or one less. */
export const ALUMINIUM_FILLER_TABLE: readonly BaseRow[] = [
  row(['1100', '1050', '3003'], {
    ER4043: 'best',
    ER4943: 'good',
    ER5356: 'good',
    ER5183: 'caution',
    ER5554: 'caution',
    ER5556: 'caution',
  }),
  row(['5052'], {
    ER4043: 'usable',
    ER4943: 'usable',
    ER5356: 'best',
    ER5183: 'good',
    ER5554: 'good',
    ER5556: 'good',
  }),
  row(['5083', '5086'], {
    ER4043: 'no',
    ER4943: 'no',
    ER5356: 'usable',
    ER5183: 'best',
    ER5554: 'caution',
    ER5556: 'good',
  }),
  row(['5754'], {
    ER4043: 'no',
    ER4943: 'no',
    ER5356: 'best',
    ER5183: 'good',
    ER5554: 'good',
    ER5556: 'good',
  }),
  row(['5454'], {
    ER4043: 'no',
    ER4943: 'no',
    ER5356: 'caution',
    ER5183: 'caution',
    ER5554: 'best',
    ER5556: 'caution',
  }),
  row(['6061', '6063', '6082'], {
    ER4043: 'good',
    ER4943: 'good',
    ER5356: 'good',
    ER5183: 'good',
    ER5554: 'usable',
    ER5556: 'good',
  }),
  row(['356', 'A356'], {
    ER4043: 'best',
    ER4943: 'good',
    ER5356: 'no',
    ER5183: 'no',
    ER5554: 'no',
    ER5556: 'no',
  }),
];

const SERVES_NOTHING: FillerServes = {
  'crack-resistance': 0,
  strength: 0,
  ductility: 0,
  corrosion: 0,
  colour: 0,
  'warm-service': 0,
  feedability: 0,
};

/** Filler taken where the alloy is not named. Source: common practice. */
const UNNAMED_ALLOY_FILLER: WireClass = 'ER5356';

const GRADE_WORTH: Readonly<Record<FillerGrade, number>> = {
  best: 3,
  good: 2,
  usable: 1,
  caution: 0,
  no: -9,
};
const ORDER: readonly FillerGrade[] = ['best', 'good', 'usable', 'caution', 'no'];

/** Whether a wire class is one of the aluminium fillers. */
export function isAluminiumFiller(wireClass: WireClass): boolean {
  return FILLERS.some(({ id }) => id === wireClass);
}

/** The filler's grade on one base; an alloy that is not named takes what any common alloy allows. */
export function gradeOn(filler: WireClass, { metal, alloy }: PartMetal): FillerGrade {
  if (metal === 'cast-aluminium') return gradeOf(filler, '356');
  return alloy === undefined
    ? filler === UNNAMED_ALLOY_FILLER
      ? 'usable'
      : 'caution'
    : gradeOf(filler, alloy);
}

/** A filler that the chart does not hold is graded as the worst of its kind, and as a second choice at best. */
function gradeOf(filler: WireClass, alloy: string): FillerGrade {
  const base = ALUMINIUM_FILLER_TABLE.find(({ alloys }) => alloys.includes(alloy));
  if (!base) return 'caution';
  const own = base.grades[filler];
  if (own !== undefined) return own;
  const { silicon } = wireClassRow(filler);
  const kin = FILLERS.filter((row) => row.silicon === silicon).flatMap(({ id }) => base.grades[id] ?? []);
  return kin.includes('no') ? 'no' : 'caution';
}

/** The worse of the filler's grades on the two parts. */
export function gradeOnBoth(filler: WireClass, parts: readonly [PartMetal, PartMetal]): FillerGrade {
  const grades = parts.map((part) => gradeOn(filler, part));
  return ORDER.findLast((grade) => grades.includes(grade)) ?? 'no';
}

/** How well a filler serves each priority; of one that nothing is known of, nothing is promised. */
function servesOf(filler: WireClass): FillerServes {
  return wireClassRow(filler).serves ?? SERVES_NOTHING;
}

/** Whether the filler must stay out of service above 65 °C: more than 3 % magnesium. */
export function coldServiceOnly(filler: WireClass): boolean {
  return servesOf(filler)['warm-service'] === 0;
}

export interface RankedFiller {
  readonly filler: WireClass;
  readonly grade: FillerGrade;
  readonly score: number;
  /** The priorities it serves best, in words of the list. */
  readonly serves: readonly Priority[];
}

/**
 * Fillers for two parts, best first: how the chart grades them, then the user's priorities, the first counting
 * most. Those the chart forbids, or that warm service forbids, are left out.
 */
export function rankedFillers(
  parts: readonly [PartMetal, PartMetal],
  priorities: readonly Priority[],
): readonly RankedFiller[] {
  const warm = priorities.includes('warm-service');
  return FILLERS.map(({ id: filler }) => {
    const worth = servesOf(filler);
    const grade = gradeOnBoth(filler, parts);
    const wished = priorities.reduce((sum, p, i) => sum + (worth[p] * 1.5) / (i + 1), 0);
    const serves = priorities.filter((p) => worth[p] >= 2);
    return { filler, grade, score: GRADE_WORTH[grade] + wished, serves };
  })
    .filter(({ filler, grade }) => grade !== 'no' && !(warm && coldServiceOnly(filler)))
    .toSorted((a, b) => b.score - a.score);
}
