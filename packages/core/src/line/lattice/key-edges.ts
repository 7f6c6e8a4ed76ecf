import type { Meaning } from '../meaning.ts';
import { usualClass } from '../../trade/wire/wire-class.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { Edge, LineText } from './edge.ts';
import { END, lengthOf, mmLength, NUMBER, SIZE_UNIT } from './figures.ts';
import { foundAt, pattern, type Pattern } from './pattern.ts';

const LENGTH = String.raw`(${NUMBER})(?:[\s-]?(${SIZE_UNIT}))?`;
const SIGN = String.raw`\s*[=:]\s*`;

interface Key {
  readonly pattern: Pattern;
  readonly fixed: 'thickness' | 'wire';
  /** Which part, where the key says so. */
  readonly part?: 1 | 2;
}

function key(words: string, sign: string, fixed: Key['fixed'], part?: Key['part']): Key {
  // a stroke may follow: `t=5/5`
  return {
    pattern: pattern(`(?:${words})${sign}${LENGTH}(?![\\p{L}\\d]|[.,]\\d)`),
    fixed,
    ...(part === undefined ? {} : { part }),
  };
}

/** `t=6`, `Thk: 15`, `t1 4`, `plate 2: 10 mm`, `wire=0.8`: what a figure is stands before it with a sign. */
const KEYS: readonly Key[] = [
  key('t1|plate\\s*1|part\\s*1|pl1|th1|thickness\\s*1|t₁', String.raw`(?:\s*[=:]\s*|\s+)`, 'thickness', 1),
  key('t2|plate\\s*2|part\\s*2|pl2|th2|thickness\\s*2|t₂', String.raw`(?:\s*[=:]\s*|\s+)`, 'thickness', 2),
  key(
    't|th|thk|thk\\.|thick|thickness|wall|wt|s|plate|sheet|dicke|espesor|mat(?:erial)?\\s*thickness',
    SIGN,
    'thickness',
  ),
  key('wire|wire\\s*(?:size|dia(?:meter)?)|ø\\s*wire|draht|filler', SIGN, 'wire'),
];

/** `t8` on a drawing: a thickness where its letter is glued to the figure. */
const GLUED_THICKNESS = pattern(String.raw`t(\d{1,2}(?:[.,]\d)?)${END}`);

/** Words that name a slot in a list and say nothing by themselves: `pos: PB`, `mat=S235`, `gas: M21`. */
const LABEL = pattern(
  String.raw`(?:mat(?:erial|l)?|pos(?:ition)?|joint|gas|process|proc|weld|method|metal|grade|alloy|mode|transfer|machine|surface|place|class|type|qty|no|size|legs?|notes?)\s*[=:](?=\s*\S)`,
);

const CALLED_THICK = pattern(`${LENGTH}[\\s-]*(?:thick|thk\\.?)${END}`);

/** `10 mm thick`: a figure that is called so is a thickness, whatever it stands before. */
export function thickEdges(line: LineText, at: number): Edge[] {
  const match = foundAt(CALLED_THICK, line, at);
  const length = match && lengthOf(match[1] ?? '', match[2]);
  if (!match || !length) return [];
  return [
    {
      end: at + match[0].length,
      meanings: [{ kind: 'length', length, wireCode: false, fixed: 'thickness' }],
      terms: ['figureCalledThick'],
    },
  ];
}

export function keyEdges(line: LineText, at: number): Edge[] {
  const edges: Edge[] = [];
  for (const { pattern: words, fixed, part } of KEYS) {
    const match = foundAt(words, line, at);
    const length = match && lengthOf(match[1] ?? '', match[2]);
    if (!match || !length) continue;
    const meaning: Meaning = {
      kind: 'length',
      length:
        length.form === 'bare' && fixed === 'thickness' && line.unit === 'mm'
          ? { ...length, form: 'mm' }
          : length,
      wireCode: false,
      fixed,
      ...(part === undefined ? {} : { part }),
    };
    edges.push({ end: at + match[0].length, meanings: [meaning], terms: ['figureByKey'] });
  }
  const glued = foundAt(GLUED_THICKNESS, line, at);
  if (glued) {
    const length = mmLength(Number((glued[1] ?? '').replace(',', '.')));
    edges.push({
      end: at + glued[0].length,
      meanings: [{ kind: 'length', length, wireCode: false, fixed: 'thickness' }],
      terms: ['figureGluedT'],
    });
  }
  const label = foundAt(LABEL, line, at);
  if (label) edges.push({ end: at + label[0].length, meanings: [{ kind: 'filler-word' }], terms: ['label'] });
  return edges;
}

/** ISO 4063 numbers of the processes that are planned, and of some that are not. */
const PROCESSES: Readonly<Record<string, Way | undefined>> = {
  '131': undefined,
  '135': 'solid-gas',
  '136': 'gas-shielded-flux-core',
  '138': 'metal-cored',
  '114': 'self-shielded',
  '132': 'gas-shielded-flux-core',
  '133': 'metal-cored',
};
const OTHER_PROCESSES: Readonly<Record<string, string>> = {
  '111': 'stick welding',
  '141': 'TIG',
  '121': 'submerged arc',
  '311': 'oxy-fuel welding',
};
const PROCESS = pattern(
  String.raw`(process(?:\s+no\.?)?\s*[=:]?\s*|proc\.?\s*[=:]?\s*|iso\s*4063[\s-]+)?(1[1-4]\d|311)(?:-[a-z])?(?:\s*/\s*(1[1-4]\d|311))?(?![\p{L}\d]|[.,]\d|\s*(?:mm|"|in\b|x|×|a\b|amps?|v\b|ga))`,
);

export function processEdges(line: LineText, at: number): Edge[] {
  const match = foundAt(PROCESS, line, at);
  if (!match) return [];
  const [whole, said, number = '', second] = match;
  const end = at + whole.length;
  const terms = [said === undefined ? 'processBare' : 'processSaid'] as const;
  const other = OTHER_PROCESSES[number];
  if (other !== undefined)
    return [
      { end, meanings: [{ kind: 'noted', as: `${other}, another process: planned as wire feed` }], terms },
    ];
  if (!(number in PROCESSES))
    return said === undefined
      ? []
      : [{ end, meanings: [{ kind: 'noted', as: 'a process that is not planned' }], terms }];
  if (second !== undefined && second !== number) {
    const names = [number, second];
    const answers = names.map((name) => [name, `process ${name}`] as const);
    const asks = { slot: 'way', message: `process ${names.join(' or ')}?`, answers } as const;
    return [{ end, meanings: [{ kind: 'noted', as: 'two processes', asks }], terms }];
  }
  const way = PROCESSES[number];
  if (way === undefined) return [{ end, meanings: [{ kind: 'noted', as: 'inert gas: aluminium' }], terms }];
  const usual = way === 'metal-cored' ? { wireClass: usualClass(way).id } : {};
  return [{ end, meanings: [{ kind: 'way', way, namesWire: true, ...usual }], terms }];
}
