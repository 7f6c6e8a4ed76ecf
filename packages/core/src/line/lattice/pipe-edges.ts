import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import type { Meaning } from '../meaning.ts';
import type { Edge, LineText } from './edge.ts';
import { END, mmLength, NUMBER, numberOf } from './figures.ts';
import { foundAt, pattern, type Pattern } from './pattern.ts';
import { pipeRow, type PipeRow, pipeSizeMm } from './pipe-table.ts';

const SCHEDULE = String.raw`(?:sch(?:edule|ed)?\.?\s*-?\s*(\d{1,3}s?|std|xs|xxs)|(std|xs|xxs)(?:\s+wt)?)`;
const TAIL = String.raw`(?:\s*(?:nps|nb|nom(?:inal)?(?:\s+bore)?|bore))?`;
const INCH = String.raw`\s*-?\s*(?:in(?:ch(?:es)?)?\b|"|″|”)?`;
const BETWEEN = String.raw`(?:[\s,]+(?:pipe|tube|of|304l?|316l?|ss|stainless|black|galv|steel|seamless|erw|a106|a53|nb))*[\s,]*`;

interface Rule {
  readonly pattern: Pattern;
  readonly read: (match: RegExpExecArray) => {
    readonly pipe: PipeRow | undefined;
    readonly schedule: string;
  };
}

const inches = (digits: string | undefined): PipeRow | undefined =>
  pipeRow({ nps: numberOf(digits ?? '')?.value ?? 0 });
const metric = (digits: string | undefined): PipeRow | undefined => pipeRow({ dn: Number(digits) });

function rule(source: string, read: Rule['read']): Rule {
  return { pattern: pattern(source + END), read };
}

/** A nominal bore in figures above 12 is metric; below, inches: `40 NB`, `4 NB`, `1" NB`. */
function nominal(digits: string | undefined, mark: string): PipeRow | undefined {
  const value = numberOf(digits ?? '')?.value ?? 0;
  return value > 12 && mark === '' ? pipeRow({ dn: value }) : pipeRow({ nps: value });
}

const RULES: readonly Rule[] = [
  rule(String.raw`(${NUMBER})${INCH}${TAIL}${BETWEEN}${SCHEDULE}`, (m) => ({
    pipe: /nb|nom|bore/i.test(m[0]) ? nominal(m[1], /["″”]|in/i.exec(m[0])?.[0] ?? '') : inches(m[1]),
    schedule: m[2] ?? m[3] ?? '',
  })),
  rule(String.raw`dn\s*(\d{1,3})${BETWEEN}${SCHEDULE}`, (m) => ({
    pipe: metric(m[1]),
    schedule: m[2] ?? m[3] ?? '',
  })),
  rule(String.raw`${SCHEDULE}[\s,]+(${NUMBER})${INCH}${TAIL}`, (m) => ({
    pipe: inches(m[3]),
    schedule: m[1] ?? m[2] ?? '',
  })),
];

const ROUND: Meaning = { kind: 'product', product: 'tube', profile: 'pipe' };

function outside(mm: number): Meaning {
  const value = Number(mm.toFixed(4));
  return {
    kind: 'measure',
    label: words`${amount.distance(Number(mm.toFixed(1)), 'as-given')} outside`,
    slots: [{ slot: 'outsideMm', value: [value] }],
  };
}

/** Pipes by nominal size and schedule, with outside and wall from the table; a nominal size alone asks for the wall. */
export function pipeEdges(line: LineText, at: number): Edge[] {
  const scheduled = RULES.flatMap(({ pattern: one, read }): Edge[] => {
    const match = foundAt(one, line, at);
    if (!match) return [];
    const { pipe, schedule } = read(match);
    const size = pipe && pipeSizeMm(pipe, schedule);
    if (!size) return [];
    const wall = mmLength(Number(size.wallMm.toFixed(4)));
    return [
      {
        end: at + match[0].length,
        meanings: [
          { kind: 'length', length: wall, wireCode: false, fixed: 'thickness', section: 'pipe' },
          outside(size.outsideMm),
          ROUND,
        ],
        terms: ['pipeSchedule'],
      },
    ];
  });
  return [...scheduled, ...nominalEdges(line, at)];
}

const NOMINAL = pattern(
  String.raw`(?:dn\s*(\d{1,3})|(${NUMBER})${INCH}\s*(?:nps|nb|nominal(?:\s+bore)?))${END}`,
);

function nominalEdges(line: LineText, at: number): Edge[] {
  const match = foundAt(NOMINAL, line, at);
  if (!match) return [];
  const pipe =
    match[1] === undefined ? nominal(match[2], /["″”]|in/i.exec(match[0])?.[0] ?? '') : metric(match[1]);
  if (!pipe) return [];
  const { outsideIn } = pipe;
  return [
    {
      end: at + match[0].length,
      meanings: [outside(outsideIn * 25.4), ROUND, { kind: 'wall-open', nominal: true }],
      terms: ['pipeNominal'],
    },
  ];
}
