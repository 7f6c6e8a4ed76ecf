import { isLevel, type Joint, type Position, type Work } from '../../trade/material/work.ts';
import { curveValue } from '../../base/numeric/point-curve.ts';

/** A butt thicker than this is bevelled. Source: handbook figure, from memory. */
export const BEVEL_FROM_MM = 5;
/** Half the included angle of a bevel, radians (60° included). Source: handbook figure, from memory. */
export const BEVEL_HALF_ANGLE = Math.PI / 6;
/** Root face left on a bevel, mm: 1 to 1.6. Source: handbook figure, from memory. */
export const ROOT_FACE_MM = 1.3;
/** Largest gap of a closed butt, mm. Source: common practice. */
export const CLOSED_GAP_MOST_MM = 0.5;
/** Share of sheet, and most, that an open root is set to, mm. Source: common practice (2–2.5 mm on plate). */
const OPEN_GAP_SHARE = 0.6;
const OPEN_GAP_MOST_MM = 2.3;

/**
 * Root gap, mm: as it is said, else closed butts closed and an open root that follows the sheet.
 *
 * @param governingMm governing thickness, mm
 * @source common practice
 */
export function rootGapMm({ joint, gapMm }: Pick<Work, 'joint' | 'gapMm'>, governingMm: number): number {
  if (gapMm !== undefined) return gapMm;
  if (joint === 'open-butt') return Math.min(OPEN_GAP_SHARE * governingMm, OPEN_GAP_MOST_MM);
  return joint === 'butt' ? CLOSED_GAP_MOST_MM / 2 : 0;
}

/** Whether a joint is a butt, closed or open. */
export function isButt(joint: Joint): boolean {
  return joint === 'butt' || joint === 'open-butt';
}

/** The work as it is welded: a butt with more of a gap than a closed one has is an open root. */
export function asWelded(work: Work): Work {
  const opened = work.joint === 'butt' && (work.gapMm ?? 0) > CLOSED_GAP_MOST_MM;
  return opened ? { ...work, joint: 'open-butt' } : work;
}

/** Whether the edges of a joint are bevelled. @param governingMm governing thickness, mm */
export function isBevelled(joint: Joint, governingMm: number): boolean {
  return isButt(joint) && governingMm > BEVEL_FROM_MM;
}

/** What a weld is made of beside a fillet: its groove, and the reinforcement over it, mm². */
export interface GrooveSection {
  readonly grooveMm2: number;
  readonly capMm2: number;
  /** Width of the cap, mm. */
  readonly capWidthMm: number;
  readonly capHeightMm: number;
}

/**
 * Groove and cap of a joint that is not a fillet.
 *
 * @param work its joint and the gap as it is said
 * @param governingMm governing thickness, mm
 * @source butt: gap × thickness and a cap 1 to 1.5 mm proud, handbook figures, from memory; widths our model
 */
export function grooveSection(
  work: Pick<Work, 'joint' | 'gapMm'>,
  governingMm: number,
  sides: 1 | 2,
): GrooveSection {
  const { joint } = work;
  const t = governingMm;
  if (joint === 'outside-corner') {
    // a corner is filled flush at the least, so half of its triangle counts as cap that may be left out or piled on
    return { grooveMm2: t ** 2 / 4, capMm2: 0.35 * t ** 2 + 1, capWidthMm: 1.4 * t, capHeightMm: 0.3 * t };
  }
  const gap = rootGapMm(work, t);
  const bevelled = isBevelled(joint, t);
  const face = bevelled ? ROOT_FACE_MM : t;
  const open = bevelled ? 2 * (t - face) * Math.tan(BEVEL_HALF_ANGLE) + gap : 0;
  const capWidthMm = bevelled ? open + 3 : Math.min(2 + 1.2 * t, 14) + gap;
  const capHeightMm = Math.min(0.8 + 0.15 * t, 1.5);
  const capMm2 = (2 / 3) * capWidthMm * capHeightMm;
  if (joint === 'edge') return { grooveMm2: 0, capMm2, capWidthMm, capHeightMm };
  const bevelMm2 = bevelled ? (t - face) ** 2 * Math.tan(BEVEL_HALF_ANGLE) : 0;
  return { grooveMm2: bevelMm2 + gap * t, capMm2: capMm2 * sides, capWidthMm, capHeightMm };
}

/** Least of its usual cap that a hand leaves, as a share by thickness, mm. Source: our model. */
const LEAST_CAP_SHARE = [
  [3, 0.5],
  [5, 0.7],
] as const;
/** Most, by thickness, mm: sheet is easily left full, plate less. Source: our model. */
const MOST_CAP_SHARE = [
  [2, 2.2],
  [5, 1.6],
] as const;
/** Out of position the puddle freezes fuller. Source: our model. */
const FULLER_OUT_OF_POSITION = 1.45;

/** How much less and more of its usual cap a hand may leave, as shares. Source: our model. */
export function capShares(position: Position, governingMm: number): readonly [least: number, most: number] {
  return [
    curveValue(LEAST_CAP_SHARE, governingMm),
    curveValue(MOST_CAP_SHARE, governingMm) * (isLevel(position) ? 1 : FULLER_OUT_OF_POSITION),
  ];
}
