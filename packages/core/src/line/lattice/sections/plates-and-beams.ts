import type { Profile } from '../../../trade/material/work.ts';
import type { WrittenLength } from '../../../base/quantity/length-text.ts';
import type { Edge, LineText } from '../edge.ts';
import { END, lengthOf, mmLength } from '../figures.ts';
import { foundAt, pattern } from '../pattern.ts';
import { edge, productOf } from './readings.ts';
import type { Shape } from './shapes.ts';
import { ITEM } from './sizes.ts';

const PLATE_THICKNESS = new RegExp(
  String.raw`${ITEM}(?:\s*(?:thk|thick))?(?![\p{L}\d]|[.,]\d|\/\d|\s?[x×*]\s?\d|\s*["″]?\s*(?:wide|long|od))`,
  'iuy',
);

/** `PL12`, `PL 3/8`: a plate by its thickness. */
export function gluedThickness(
  line: LineText,
  at: number,
  { shape, end }: { readonly shape: Shape; readonly end: number },
): Edge[] {
  if (shape.product !== 'plate' || !/^pl/i.test(line.text.slice(at)) || /^plat/i.test(line.text.slice(at)))
    return [];
  // `12mm pl 1.2`: the plate has its thickness
  if (/[\dm"″]\s*$/i.test(line.text.slice(0, at))) return [];
  PLATE_THICKNESS.lastIndex = end;
  const match = PLATE_THICKNESS.exec(line.text);
  const length = match && lengthOf(match[1] ?? '', match[2]);
  if (!match || !length) return [];
  const drawn: WrittenLength =
    length.form === 'bare' && Number.isInteger(length.value)
      ? { ...length, form: line.unit === 'in' ? 'bare' : 'mm' }
      : length;
  return [
    edge(
      end + match[0].length,
      ['plateThickness'],
      { kind: 'length', length: drawn, wireCode: false, fixed: 'thickness', section: 'plate' },
      productOf(shape),
    ),
  ];
}
const PLATE_BEHIND = pattern(String.raw`(\d{1,2}(?:\.\d)?)\s?(?:thk\s+|thick\s+)?(pl|plt)(?![\p{L}\d])`);
const ROLLED = pattern(
  String.raw`(?:(?:w|s|hp|mc|wt|st|mt|c)\s*\d{1,2}\s*x\s*\d+(?:\.\d+)?|\d{2,3}(?:\s*x\s*\d{2,3}){0,2}\s*(?:ub|uc|pfc|ubp|rsj)(?:\s*\d+(?:\.\d+)?)?|(?:ipe|ipn|hea|heb|hem|upn|upe|inp|ismc|ismb|isa|he)\s*\d{2,3}\s*[abm]?|(?:ub|uc|pfc|rsj)\s*\d{2,3}(?:\s*x\s*\d{2,3}){0,2}(?:\s*x?\s*\d+)?)${END}`,
);

/** `8PL` and rolled beams: a beam's web and flange are in a table we do not keep, so that they are asked for. */
export function rolledEdges(line: LineText, at: number): Edge[] {
  const edges: Edge[] = [];
  const plate = foundAt(PLATE_BEHIND, line, at);
  if (plate) {
    const length = mmLength(Number(plate[1]));
    edges.push(
      edge(
        at + plate[0].length,
        ['plateThickness'],
        { kind: 'length', length, wireCode: false, fixed: 'thickness', section: 'plate' },
        { kind: 'product', product: 'plate' },
      ),
    );
  }
  const rolled = foundAt(ROLLED, line, at);
  if (rolled) {
    const profile: Profile = /^(?:mc|c|pfc|upn|upe|ismc)|pfc/i.test(rolled[0]) ? 'channel' : 'beam';
    edges.push(
      edge(
        at + rolled[0].length,
        ['rolledBeam'],
        { kind: 'product', product: 'section', profile },
        { kind: 'wall-open', beam: true },
      ),
    );
  }
  return edges;
}
