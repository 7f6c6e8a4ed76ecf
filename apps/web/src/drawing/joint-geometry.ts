import type { PlannedSetup, RunCell } from '@hot-bead/core/plan';
import { isFilletJoint, type Joint } from '@hot-bead/core/trade';

/** What a joint's section is drawn from, all lengths in mm. */
export interface JointSection {
  readonly joint: Joint;
  /** First part, which lies; second part, which stands or lies beside it. */
  readonly firstMm: number;
  readonly secondMm: number;
  readonly gapMm: number;
  /** Root face of a bevelled butt; undefined for a square edge. */
  readonly rootFaceMm: number | undefined;
  readonly legMm: number | undefined;
  /** Angle between the gun and the first part, degrees. */
  readonly workDegrees: number;
  /** Outlines of the runs where there are several: drawn in place of one bead. */
  readonly cells?: readonly RunCell[];
  /** Drawn close up: less of the parts, so that the runs are large. */
  readonly close?: boolean;
}

/** The section that a plan is drawn as. */
export function sectionOf(
  { work, fitUp, bead, technique, runs }: PlannedSetup,
  close: boolean,
): JointSection {
  return {
    joint: work.joint,
    firstMm: work.thicknessMm,
    secondMm: work.otherThicknessMm ?? work.thicknessMm,
    gapMm: fitUp.rootGapMm.start,
    rootFaceMm: fitUp.bevel?.rootFaceMm.start,
    legMm: bead.finishedLegMm,
    workDegrees: technique.gunAngle.workDegrees,
    cells: runs.flatMap(({ cell }) => (cell ? [cell] : [])),
    close,
  };
}

interface Point {
  readonly x: number;
  readonly y: number;
}

export interface JointDrawing {
  readonly parts: readonly string[];
  readonly bead: string;
  /** Outline of each run and where its number stands; empty for one run. */
  readonly runs: readonly { readonly outline: string; readonly middle: Point }[];
  readonly gun: { readonly from: Point; readonly to: Point };
  readonly viewBox: string;
  /** Pixels of one millimetre, for the scale bar. */
  readonly pxPerMm: number;
}

/** Field the section is drawn in, px, and how far the parts run past the weld, in thicknesses. */
const FIELD = { width: 300, height: 170 } as const;
/** Room under the section for the scale bar, px. */
const FOOT_PX = 26;
const REACH = 3.2;
const CLOSE_REACH = 1.25;

function reachOf({ firstMm, secondMm, close = false }: JointSection): number {
  return (close ? CLOSE_REACH : REACH) * Math.max(firstMm, secondMm, 1);
}

function path(points: readonly Point[], scale: number): string {
  return `M${points.map(({ x, y }) => `${(x * scale).toFixed(1)} ${(-y * scale).toFixed(1)}`).join('L')}Z`;
}

function box(x0: number, y0: number, x1: number, y1: number): readonly Point[] {
  return [
    { x: x0, y: y0 },
    { x: x1, y: y0 },
    { x: x1, y: y1 },
    { x: x0, y: y1 },
  ];
}

interface Shapes {
  readonly parts: readonly (readonly Point[])[];
  readonly bead: readonly Point[];
  /** Where the gun points at, and where 0° of its work angle lies. */
  readonly aim: Point;
  readonly extent: readonly [minX: number, minY: number, maxX: number, maxY: number];
}

function butt(section: JointSection): Shapes {
  const { firstMm: a, secondMm: b, gapMm: gap, rootFaceMm: face } = section;
  const reach = reachOf(section);
  const slope = Math.tan(Math.PI / 6);
  const inset = (t: number): number => (face === undefined ? 0 : Math.max(t - face, 0) * slope);
  const half = gap / 2;
  const foot = face ?? 0;
  const left: Point[] = [
    { x: -reach, y: 0 },
    { x: -half, y: 0 },
    { x: -half, y: face === undefined ? a : foot },
    { x: -half - inset(a), y: a },
    { x: -reach, y: a },
  ];
  const right: Point[] = [
    { x: reach, y: 0 },
    { x: half, y: 0 },
    { x: half, y: face === undefined ? b : foot },
    { x: half + inset(b), y: b },
    { x: reach, y: b },
  ];
  const top = Math.max(a, b);
  const width = half + inset(top) + 0.6 + 0.35 * top;
  const bead: Point[] = [
    { x: -width, y: a },
    { x: -width * 0.5, y: top + 0.25 * Math.min(width, 4) },
    { x: width * 0.5, y: top + 0.25 * Math.min(width, 4) },
    { x: width, y: b },
    { x: Math.max(half, 0.2), y: 0 },
    { x: Math.min(-half, -0.2), y: 0 },
  ];
  return { parts: [left, right], bead, aim: { x: 0, y: top }, extent: [-reach, 0, reach, top] };
}

function tee(section: JointSection): Shapes {
  const { firstMm: a, secondMm: b, gapMm: gap, legMm: leg = 3 } = section;
  const reach = Math.max(reachOf(section), leg * 1.2);
  const height = reach * 1.2;
  return {
    parts: [box(-reach, 0, reach, a), box(-b, a + gap, 0, a + gap + height)],
    bead: [
      { x: 0, y: a },
      { x: leg, y: a },
      { x: leg * 0.55, y: a + leg * 0.55 },
      { x: 0, y: a + leg },
    ],
    aim: { x: leg * 0.2, y: a + leg * 0.2 },
    extent: [-reach, 0, reach, a + gap + height],
  };
}

function lap(section: JointSection): Shapes {
  const { firstMm: a, secondMm: b, gapMm: gap, legMm: leg = 3 } = section;
  const reach = Math.max(reachOf(section), leg * 1.2);
  const top = a + gap + b;
  return {
    parts: [box(-reach * 0.5, 0, reach, a), box(-reach, a + gap, 0, top)],
    bead: [
      { x: 0, y: a },
      { x: leg, y: a },
      { x: leg * 0.55, y: a + Math.min(leg, b) * 0.6 },
      { x: 0, y: a + gap + Math.min(leg, b) },
    ],
    aim: { x: leg * 0.25, y: a + Math.min(leg, b) * 0.25 },
    extent: [-reach, 0, reach, top],
  };
}

function outsideCorner({ firstMm: a, secondMm: b }: JointSection): Shapes {
  const reach = REACH * Math.max(a, b, 1);
  return {
    parts: [box(-reach, -a, 0, 0), box(0, -a - reach, b, -a)],
    bead: [
      { x: 0, y: -a },
      { x: 0, y: 0 },
      { x: b * 0.75, y: -a * 0.25 },
      { x: b, y: -a },
    ],
    aim: { x: b * 0.45, y: -a * 0.45 },
    extent: [-reach, -a - reach, reach * 0.4, 0],
  };
}

function edge({ firstMm: a, secondMm: b, gapMm: gap }: JointSection): Shapes {
  const reach = REACH * Math.max(a, b, 1);
  return {
    parts: [box(-a - gap / 2, -reach, -gap / 2, 0), box(gap / 2, -reach, b + gap / 2, 0)],
    bead: [
      { x: -a * 0.9, y: 0 },
      { x: -a * 0.4, y: 0.3 * a },
      { x: b * 0.4, y: 0.3 * b },
      { x: b * 0.9, y: 0 },
      { x: 0, y: -0.5 * Math.min(a, b) },
    ],
    aim: { x: 0, y: 0 },
    extent: [-reach, -reach, reach, 0],
  };
}

const SHAPES: Readonly<Record<Joint, (section: JointSection) => Shapes>> = {
  butt,
  'open-butt': butt,
  tee,
  lap,
  'outside-corner': outsideCorner,
  edge,
};

/** The middle of an outline. */
function middleOf(points: readonly Point[]): Point {
  const sum = points.reduce((total, { x, y }) => ({ x: total.x + x, y: total.y + y }), { x: 0, y: 0 });
  return { x: sum.x / points.length, y: sum.y / points.length };
}

/** Runs where the joint has its weld: a fillet's corner lies on the first part. */
function placedCells({ joint, firstMm, cells = [] }: JointSection): readonly RunCell[] {
  const lift = isFilletJoint(joint) ? firstMm : 0;
  return cells.map((cell) => cell.map(({ x, y }) => ({ x, y: y + lift })));
}

/** The section of a joint to scale: both parts, gap, bevel, bead, and the gun at its work angle. */
export function jointDrawing(section: JointSection): JointDrawing {
  const { parts, bead, aim, extent } = SHAPES[section.joint](section);
  const [minX, minY, maxX, maxY] = extent;
  const gunMm = (section.close === true ? 0.12 : 0.9) * (maxX - minX) * 0.5;
  const radians = (section.workDegrees * Math.PI) / 180;
  const along = section.joint === 'outside-corner' ? Math.PI / 4 + radians - Math.PI / 4 : radians;
  const from = { x: aim.x + Math.cos(along) * gunMm, y: aim.y + Math.sin(along) * gunMm };
  const top = Math.max(maxY, from.y);
  const right = Math.max(maxX, from.x);
  const scale = Math.min(FIELD.width / (right - minX), (FIELD.height - FOOT_PX) / (top - minY)) * 0.94;
  const point = ({ x, y }: Point): Point => ({ x: x * scale, y: -y * scale });
  const midX = ((minX + right) / 2) * scale;
  const midY = (-(minY + top) / 2) * scale;
  return {
    parts: parts.map((p) => path(p, scale)),
    bead: path(bead, scale),
    runs: placedCells(section).map((cell) => ({ outline: path(cell, scale), middle: point(middleOf(cell)) })),
    gun: { from: point(from), to: point(aim) },
    viewBox: [midX - FIELD.width / 2, midY - (FIELD.height - FOOT_PX) / 2, FIELD.width, FIELD.height]
      .map((n) => n.toFixed(1))
      .join(' '),
    pxPerMm: scale,
  };
}
