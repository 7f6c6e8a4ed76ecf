import { words } from '../../base/words/words.ts';
import { type Edge, endsAt, type LineText } from './edge.ts';
import { gluedThickness } from './sections/plates-and-beams.ts';
import { edge, fourSizes, type Named, threeSizes, twoSizes } from './sections/readings.ts';
import { familyAt, shapeBefore, shapeBehind } from './sections/shapes.ts';
import { areInches, crossed, LONE_GAUGE } from './sections/sizes.ts';

const BACKING_NEXT = /^\s*(?:flat\s+|steel\s+|copper\s+|ceramic\s+)?back(?:ing|er)/i;

/** Sections, plates and bars written as sizes with crosses between them, with the letters or words that name them. */
export function sectionEdges(line: LineText, at: number): Edge[] {
  const family = /[\d.½¼¾⅛⅜⅝⅞]/.test(line.text[at] ?? '') ? undefined : familyAt(line, at);
  const start = family?.end ?? at;
  const sizes = crossed(line, start);
  if (!sizes) return family ? gluedThickness(line, at, family) : [];
  if (BACKING_NEXT.test(line.text.slice(sizes.end, sizes.end + 24)))
    return [
      edge(sizes.end, ['sectionNamed'], {
        kind: 'measure',
        label: words`${line.text.slice(at, sizes.end)}: the size of the backing`,
        slots: [],
      }),
    ];
  const behind = family ? undefined : shapeBehind(line, sizes.end);
  const before = family || behind?.next === true ? undefined : shapeBefore(line, at);
  const shape = family?.shape ?? before ?? behind?.shape;
  LONE_GAUGE.lastIndex = sizes.end;
  const lone = LONE_GAUGE.test(line.text);
  const inches = areInches(line, sizes, lone);
  const about: Named = { shape, close: family !== undefined || behind?.next === true };
  const end =
    behind?.next === true &&
    behind.end - sizes.end <= 5 &&
    /^\s*(?:ea|ua|fb|fl|pl|shs|chs|rhs|hss)/i.test(line.text.slice(sizes.end))
      ? behind.end
      : sizes.end;
  if (!endsAt(line.text, end)) return [];
  switch (sizes.items.length) {
    case 2:
      return twoSizes(line, sizes, inches, end, about);
    case 3:
      return threeSizes(sizes, inches, end, about);
    default:
      return fourSizes(sizes, inches, end, about);
  }
}
