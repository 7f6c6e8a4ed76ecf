import { words } from '../../base/words/words.ts';
import { type LengthUnit, THICKNESS_RANGE_MM } from '../../base/quantity/thickness.ts';
import { MM_PER_INCH } from '../../base/quantity/units.ts';
import { type Draft, type Line, lineWith, noteVerdict } from '../draft.ts';
import { meaningOf, type Token } from '../meaning.ts';
import type { WorkSlot } from '../../plan/work/stated-work.ts';
import { isJoined, thicknessesOf } from '../roles/joint-terms.ts';
import { headOf, type Scene } from '../roles/scene.ts';
import { type Placed, placedAt } from './placed.ts';
import { readOne } from './read-thickness.ts';
import { askWall, isClosedBy, openWalls } from './read-walls.ts';

function isBeyond({ length }: Placed, unit: LengthUnit): boolean {
  const mm = unit === 'in' ? length.value * MM_PER_INCH : length.value;
  return length.form === 'bare' && mm > THICKNESS_RANGE_MM[1];
}
/** The two thicknesses in the order they are kept in: as said where they are tied, else the thinner first. */
function setPair(draft: Draft, first: number | undefined, second: number | undefined, tied: boolean): void {
  const swap = !tied && first !== undefined && second !== undefined && first > second;
  const [one, two] = swap ? [second, first] : [first, second];
  if (one !== undefined) draft.stated.thicknessMm = one;
  if (two !== undefined && two !== one) draft.stated.otherThicknessMm = two;
}

export function readSizes(draft: Draft, line: Line): void {
  const { scene, roles, asked } = line;
  const thick = thicknessesOf(scene, roles).filter(({ index }) => !asked.has(index));
  const unclosed = openWalls(scene, roles).filter(
    (at) => !thick.some(({ index }) => isClosedBy(scene, at, index)),
  );
  // the same section said again has the wall that was said before
  const open = unclosed.filter(
    (at) =>
      !openWalls(scene, roles).some(
        (other) =>
          other < at && !unclosed.includes(other) && scene.tokens[other]?.text === scene.tokens[at]?.text,
      ),
  );
  const placed = thick.map(({ index }) => placedAt(draft, index));
  const tied =
    thick[0] !== undefined &&
    thick[1] !== undefined &&
    (isJoined(scene, thick[0].index, thick[1].index) ||
      thick[0].part !== undefined ||
      hasOwnParts(scene, thick[0].index, thick[1].index) ||
      thick[0].section !== undefined ||
      thick[1].section !== undefined);
  // `114 3 mm`: a bare figure that no part can be does not take the place of one that can
  const ordered = tied
    ? placed
    : placed.toSorted((a, b) => Number(isBeyond(a, line.unit)) - Number(isBeyond(b, line.unit)));
  const byPart =
    thick.some(({ part }) => part === 2) && thick.length > 1 && thick[0]?.part === 2
      ? ordered.toReversed()
      : ordered;
  const [first, second, ...more] = byPart;
  for (const extra of more) {
    if (
      placed
        .slice(0, 2)
        .some((p) => p.length.form === extra.length.form && p.length.value === extra.length.value)
    ) {
      noteVerdict(draft, extra.index, ['thicknessMm'], words`${extra.token.text}, as before`);
      continue;
    }
    const label = 'Two thicknesses at most.';
    draft.verdicts.set(extra.index, {
      status: 'not-understood',
      label,
      slots: [],
      code: 'too-many-thicknesses',
    });
  }
  const pushed =
    first !== undefined &&
    second === undefined &&
    (open.some((at) => at < first.index) ||
      [...asked.keys()].some((index) => index < first.index && isJoined(scene, index, first.index)));
  const slots: readonly [WorkSlot, WorkSlot] = pushed
    ? ['otherThicknessMm', 'thicknessMm']
    : ['thicknessMm', 'otherThicknessMm'];
  const one = first && readOne(draft, line, first, slots[0], placed);
  const two = second && readOne(draft, line, second, slots[1], placed);
  if (pushed) {
    if (one !== undefined) draft.stated.otherThicknessMm = one;
  } else setPair(draft, one, two, tied);
  askBeside(
    draft,
    line,
    thick.map(({ index }) => index),
    tied,
  );
  for (const at of open) {
    const slot = first === undefined || at < first.index ? 'thicknessMm' : 'otherThicknessMm';
    if (second === undefined) askWall(draft, line.unit, at, slot);
  }
}

/** `1 mm 3 mm tee`: two parts with nothing between them stand, and are asked about. */
function askBeside(draft: Draft, line: Line, thick: readonly number[], tied: boolean): void {
  const [a, b] = thick;
  if (tied || a === undefined || b !== a + 1 || line.tokens[b]?.pause === true) return;
  const [one, two] = [draft.tokens[a], draft.tokens[b]] as [Token, Token];
  if (meaningOf(one, 'length')?.length.form !== 'mm' || meaningOf(two, 'length')?.length.form !== 'mm')
    return;
  const message = `${one.text} and ${two.text}: two parts?`;
  const span = { start: one.start, end: two.end };
  draft.questions.push({
    slot: 'otherThicknessMm',
    message,
    ...span,
    choices: [
      { label: words`${one.text} on ${two.text}`, line: lineWith(draft, span, `${one.text} to ${two.text}`) },
      { label: one.text, line: lineWith(draft, span, one.text) },
      { label: two.text, line: lineWith(draft, span, two.text) },
    ],
  });
}

/** Whether two figures stand before nouns of their own: `10 web to …`, `5 mm plate, 3 mm box`. */
function hasOwnParts(scene: Scene, a: number, b: number): boolean {
  const [one, two] = [headOf(scene, a), headOf(scene, b)];
  const isProduct = (head: typeof one): boolean => head?.kind === 'hollow' || head?.kind === 'flat-product';
  return one !== undefined && one.index < b && isProduct(one) && isProduct(two);
}
