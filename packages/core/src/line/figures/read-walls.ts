import { figureText } from '../../base/numeric/figure-text.ts';
import { mmOfWritten } from '../../base/quantity/length-text.ts';
import { MM_PER_INCH } from '../../base/quantity/units.ts';
import { ask, type Draft, type Line } from '../draft.ts';
import { meaningOf, type Token } from '../meaning.ts';
import type { WorkSlot } from '../../plan/work/stated-work.ts';
import type { Role } from '../roles/candidates.ts';
import { isJoined } from '../roles/joint-terms.ts';
import { has, type Scene } from '../roles/scene.ts';
import { type Placed } from './placed.ts';

/** Thickness of common walls, offered where a section's wall is not said, mm. Source: common practice. */
const USUAL_WALLS_MM = [2, 3, 4, 5];

export function readOutside(draft: Draft, line: Line, { index, length }: Placed): void {
  const mm =
    mmOfWritten(length) ??
    (line.unit === 'in' || length.value < 5 ? length.value * MM_PER_INCH : length.value);
  draft.said.outsideMm ??= [Number(mm.toFixed(4))];
  draft.verdicts.set(index, {
    status: 'understood',
    label: `${figureText(mm, 3)} mm outside`,
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

export function askWall(draft: Draft, index: number, slot: WorkSlot): void {
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
    USUAL_WALLS_MM.map((wall) => {
      const mm = beam ? wall + 4 : wall;
      return [
        `${mm} mm`,
        beam ? `${token.text} flange ${mm} mm thick` : `${mm} mm wall ${token.text}`,
      ] as const;
    }),
    'keep',
  );
}
