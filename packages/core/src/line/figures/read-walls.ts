import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import { mmOfWritten } from '../../base/quantity/length-text.ts';
import { MM_PER_INCH } from '../../base/quantity/units.ts';
import { ask, type Draft, type Line } from '../draft.ts';
import { meaningOf, type Token } from '../meaning.ts';
import type { LengthUnit } from '../../base/quantity/thickness.ts';
import type { WorkSlot } from '../../plan/work/stated-work.ts';
import type { Role } from '../roles/candidates.ts';
import { isJoined } from '../roles/joint-terms.ts';
import { has, type Scene } from '../roles/scene.ts';
import { type Placed } from './placed.ts';

/** Common walls, offered where a section's wall is not said, as they are written and in mm. Source: common practice. */
const USUAL_WALLS: Readonly<Record<LengthUnit, readonly (readonly [text: string, mm: number])[]>> = {
  mm: [2, 3, 4, 5].map((mm) => [`${mm} mm`, mm] as const),
  in: [1, 2, 3, 4].map((parts) => [`${parts}/16 in`, (parts * MM_PER_INCH) / 16] as const),
};

/** Common flanges and webs of rolled beams. Source: common practice. */
const USUAL_FLANGES: typeof USUAL_WALLS = {
  mm: [6, 7, 8, 9].map((mm) => [`${mm} mm`, mm] as const),
  in: [4, 5, 6, 8].map((parts) => [`${parts}/16 in`, (parts * MM_PER_INCH) / 16] as const),
};

export function readOutside(draft: Draft, line: Line, { index, length }: Placed): void {
  const mm =
    mmOfWritten(length) ??
    (line.unit === 'in' || length.value < 5 ? length.value * MM_PER_INCH : length.value);
  draft.stated.outsideMm ??= [Number(mm.toFixed(4))];
  draft.verdicts.set(index, {
    status: 'understood',
    label: words`${amount.distance(Number(mm.toFixed(3)), 'as-given')} outside`,
    slots: ['outsideMm'],
  });
}

/** Sections whose wall is not said: the outside of a tube, two sizes of one, a rolled beam, a nominal pipe. */
export function openWalls(scene: Scene, roles: ReadonlyMap<number, Role>): number[] {
  return scene.tokens.flatMap((token, index) => {
    if (scene.noted.has(index)) return [];
    return has(token, 'wall-open') || roles.get(index) === 'outside' ? [index] : [];
  });
}

/** Whether the wall of an open section is said beside it: a thickness that no connector parts from it. */
export function isClosedBy(scene: Scene, open: number, thick: number): boolean {
  const [from, to] = open < thick ? [open, thick] : [thick, open];
  if (isJoined(scene, from, to)) return false;
  // what stands between is part of the same thing, unless another product is named there
  return !scene.tokens
    .slice(from + 1, to)
    .some(
      (token) =>
        has(token, 'product') &&
        has(scene.tokens[open], 'wall-open') &&
        to === thick &&
        has(token, 'connector'),
    );
}

export function askWall(draft: Draft, unit: LengthUnit, index: number, slot: WorkSlot): void {
  const token = draft.tokens[index] as Token;
  const beam = meaningOf(token, 'wall-open')?.beam === true;
  const message = beam
    ? `${token.text}: which part is welded, and how thick is it, flange or web?`
    : `${token.text} is its outside: how thick is the wall?`;
  ask(
    draft,
    index,
    slot,
    message,
    (beam ? USUAL_FLANGES : USUAL_WALLS)[unit].map(([text, mm]) => [
      words`${amount.thickness(mm, 'as-given')}`,
      beam ? `${token.text} flange ${text} thick` : `${text} wall ${token.text}`,
    ]),
    'keep',
  );
}
