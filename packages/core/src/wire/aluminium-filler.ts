import type { PartMetal } from '../material/metal-pair.ts';
import type { Priority } from '../material/work.ts';
import { HANDBOOK, type Source } from '../provenance/source.ts';
import type { WireClass } from './wire-class.ts';

export const ALUMINIUM_FILLERS = ['ER5356', 'ER4043', 'ER5183', 'ER4943', 'ER5556', 'ER5554'] as const;
export type AluminiumFiller = (typeof ALUMINIUM_FILLERS)[number];

/** How a filler suits a base, best to never. */
export type FillerGrade = 'best' | 'good' | 'usable' | 'caution' | 'no';

interface BaseRow {
  readonly alloys: readonly string[];
  readonly grades: Readonly<Record<AluminiumFiller, FillerGrade>>;
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

/** How well a filler serves a priority, 0 to 3. Source: handbook, from memory; the scale is ours. */
const SERVES: Readonly<Record<AluminiumFiller, Readonly<Record<Priority, number>>>> = {
  ER4043: {
    'crack-resistance': 3,
    strength: 0,
    ductility: 0,
    corrosion: 2,
    colour: 0,
    'warm-service': 3,
    feedability: 0,
  },
  ER4943: {
    'crack-resistance': 3,
    strength: 2,
    ductility: 0,
    corrosion: 2,
    colour: 0,
    'warm-service': 3,
    feedability: 1,
  },
  ER5356: {
    'crack-resistance': 1,
    strength: 3,
    ductility: 3,
    corrosion: 2,
    colour: 3,
    'warm-service': 0,
    feedability: 3,
  },
  ER5183: {
    'crack-resistance': 1,
    strength: 3,
    ductility: 3,
    corrosion: 3,
    colour: 3,
    'warm-service': 0,
    feedability: 3,
  },
  ER5556: {
    'crack-resistance': 1,
    strength: 3,
    ductility: 2,
    corrosion: 2,
    colour: 3,
    'warm-service': 0,
    feedability: 3,
  },
  ER5554: {
    'crack-resistance': 1,
    strength: 1,
    ductility: 3,
    corrosion: 3,
    colour: 3,
    'warm-service': 3,
    feedability: 2,
  },
};

const GRADE_WORTH: Readonly<Record<FillerGrade, number>> = {
  best: 3,
  good: 2,
  usable: 1,
  caution: 0,
  no: -9,
};
const ORDER: readonly FillerGrade[] = ['best', 'good', 'usable', 'caution', 'no'];

/** Whether a wire class is one of the aluminium fillers. */
export function isAluminiumFiller(wireClass: WireClass): wireClass is AluminiumFiller {
  return (ALUMINIUM_FILLERS as readonly string[]).includes(wireClass);
}

/** The filler's grade on one base; an alloy that is not named takes what any common alloy allows. */
export function gradeOn(filler: AluminiumFiller, { metal, alloy }: PartMetal): FillerGrade {
  if (metal === 'cast-aluminium') return gradeOf(filler, '356');
  return alloy === undefined ? (filler === 'ER5356' ? 'usable' : 'caution') : gradeOf(filler, alloy);
}

function gradeOf(filler: AluminiumFiller, alloy: string): FillerGrade {
  return ALUMINIUM_FILLER_TABLE.find((base) => base.alloys.includes(alloy))?.grades[filler] ?? 'caution';
}

/** The worse of the filler's grades on the two parts. */
export function gradeOnBoth(filler: AluminiumFiller, parts: readonly [PartMetal, PartMetal]): FillerGrade {
  const grades = parts.map((part) => gradeOn(filler, part));
  return ORDER.findLast((grade) => grades.includes(grade)) ?? 'no';
}

/** Whether the filler must stay out of service above 65 °C: more than 3 % magnesium. */
export function coldServiceOnly(filler: AluminiumFiller): boolean {
  return SERVES[filler]['warm-service'] === 0;
}

export interface RankedFiller {
  readonly filler: AluminiumFiller;
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
  return ALUMINIUM_FILLERS.map((filler) => {
    const grade = gradeOnBoth(filler, parts);
    const wished = priorities.reduce((sum, p, i) => sum + (SERVES[filler][p] * 1.5) / (i + 1), 0);
    const serves = priorities.filter((p) => SERVES[filler][p] >= 2);
    return { filler, grade, score: GRADE_WORTH[grade] + wished, serves };
  })
    .filter(({ filler, grade }) => grade !== 'no' && !(warm && coldServiceOnly(filler)))
    .toSorted((a, b) => b.score - a.score);
}
