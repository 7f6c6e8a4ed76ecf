import type { Words } from '../../base/words/words.ts';
import type { Joint, Position, Surface, Work } from '../material/work.ts';
import { type Source, MODEL, PRACTICE } from '../../base/source.ts';
import { curveValue, type CurvePoints } from '../../base/numeric/point-curve.ts';

export interface CurrentFactor {
  /** Multiplies the current wanted. */
  readonly factor: number;
  /** How far the factor itself may be off, as a share. */
  readonly tolerance: number;
  readonly why: Words;
  readonly source: Source;
}

/** A factor that changes with the governing thickness, mm. */
export interface FactorCurve extends Omit<CurrentFactor, 'factor'> {
  readonly points: CurvePoints;
}

/** The reference current at a thickness, A. */
export type ReferenceCurrent = (thicknessMm: number) => number;

/** Joints or positions a family has no factor for are not welded in it. */
export type JointFactors = Readonly<Partial<Record<Joint, FactorCurve>>>;
export type PositionFactors = Readonly<Partial<Record<Position, CurrentFactor>>>;
export type SurfaceFactors = Readonly<Partial<Record<Surface, CurrentFactor>>>;

const NONE: CurrentFactor = { factor: 1, tolerance: 0, why: 'the reference', source: MODEL };
const LEVEL: FactorCurve = { points: [[1, 1]], tolerance: 0, why: 'the reference', source: MODEL };

/**
 * The factor of a curve at a thickness. A factor that fades never takes the current under what the thickness at
 * which it begins to fade asks for.
 *
 * @param thicknessMm governing thickness, mm
 * @param reference the current the factor multiplies, A
 */
export function factorAt({ points }: FactorCurve, thicknessMm: number, reference: ReferenceCurrent): number {
  const [fadesFromMm, full] = points[0] as readonly [number, number];
  if (points.length === 1 || thicknessMm <= fadesFromMm) return full;
  const held = (full * reference(fadesFromMm)) / reference(thicknessMm);
  return Math.max(curveValue(points, thicknessMm), held);
}

const JOINT_WHY: Readonly<Record<Joint, string>> = {
  'open-butt': 'The gap lets heat through: less.',
  'outside-corner': 'Two bare edges hold the heat: less.',
  butt: 'Heat leaves two ways: less than a tee.',
  edge: 'Thin edges melt first: less.',
  lap: 'The lower sheet draws heat away: more than a butt.',
  tee: 'Heat leaves three ways from a tee: more.',
};

function joint(name: Joint, factor: number): FactorCurve {
  return { points: [[1, factor]], tolerance: 0.07, why: JOINT_WHY[name], source: MODEL };
}

function fading(name: Joint, points: CurvePoints): FactorCurve {
  const why = `${JOINT_WHY[name].slice(0, -1)}; by how much goes with the thickness.`;
  return { points, tolerance: 0.07, why, source: MODEL };
}

/**
 * Short-circuit on carbon steel, self-shielded and brazing; reference a closed butt. The order is sure
 * [practice]; the figures are our model: a tee's 1.30 to 2 mm fades to what a 3 mm tee (130–140 A, 0.8 mm wire)
 * and a 4 mm tee (170–180 A, 1.0 mm wire) take, and to nearly none where several passes begin.
 */
export const DIP_JOINTS: JointFactors = {
  'open-butt': joint('open-butt', 0.8),
  'outside-corner': joint('outside-corner', 0.9),
  butt: LEVEL,
  edge: joint('edge', 0.85),
  lap: fading('lap', [
    [2, 1.15],
    [3, 1.04],
    [4, 1.05],
    [8, 1.01],
  ]),
  tee: fading('tee', [
    [2, 1.3],
    [3, 1.06],
    [4, 1.1],
    [8, 1.02],
  ]),
};

/**
 * Short-circuit on stainless, which keeps its heat: the tee's share is gone by 3 mm (115–130 A there, 130–145 A
 * at 4 mm). Source: common practice; the fade is our model.
 */
export const STAINLESS_DIP_JOINTS: JointFactors = {
  ...DIP_JOINTS,
  lap: fading('lap', [
    [1.2, 1.12],
    [3, 1.001],
  ]),
  tee: fading('tee', [
    [1.2, 1.25],
    [3, 1.002],
  ]),
};

/**
 * Pulsed spray in steel; reference a tee. An outside corner by what 1.9 and 3.2 mm take vertical down (175 and
 * 200 in/min, 0.9 mm wire) [practice]. An open root falls through, but for a backing bar.
 */
export const PULSE_JOINTS: JointFactors = {
  'open-butt': joint('open-butt', 0.78),
  'outside-corner': fading('outside-corner', [
    [2, 0.92],
    [3.2, 0.82],
  ]),
  butt: joint('butt', 0.88),
  edge: joint('edge', 0.8),
  lap: { ...joint('lap', 0.94), why: 'A lap loses less heat than a tee: less.' },
  tee: LEVEL,
};

/** Spray in steel, gas-shielded flux core, metal-cored; reference a fillet. */
export const SPRAY_JOINTS: JointFactors = {
  'open-butt': joint('open-butt', 0.9),
  'outside-corner': joint('outside-corner', 0.9),
  butt: LEVEL,
  lap: LEVEL,
  tee: LEVEL,
};

/** Aluminium, spray and pulse; reference a butt. */
export const ALUMINIUM_JOINTS: JointFactors = {
  'open-butt': joint('open-butt', 0.8),
  'outside-corner': joint('outside-corner', 0.85),
  butt: LEVEL,
  edge: joint('edge', 0.8),
  lap: joint('lap', 1.05),
  tee: joint('tee', 1.1),
};

function position(factor: number, tolerance: number, why: string, source = PRACTICE): CurrentFactor {
  return { factor, tolerance, why, source };
}

const HORIZONTAL = position(0.95, 0.03, 'The puddle sags to one side: a little less.');

/** Short-circuit, self-shielded and brazing. */
export const DIP_POSITIONS: PositionFactors = {
  flat: NONE,
  horizontal: HORIZONTAL,
  'vertical-up': position(0.8, 0.06, 'The puddle stands on its own shelf: less (0.75 to 0.85).'),
  'vertical-down': position(0.95, 0.03, 'Keep ahead of the puddle: a little less.'),
  overhead: position(0.85, 0.05, 'A smaller puddle stays up: less (0.80 to 0.90).'),
};

/** Spray in steel and metal-cored: the puddle is too fluid for anything but flat and horizontal. */
export const SPRAY_POSITIONS: PositionFactors = { flat: NONE, horizontal: HORIZONTAL };

/**
 * Gas-shielded flux core: the slag's shelf holds the puddle upwards near the flat current, to a ceiling of its
 * own; downwards it runs ahead.
 */
export const SLAG_POSITIONS: PositionFactors = {
  flat: NONE,
  horizontal: HORIZONTAL,
  'vertical-up': NONE,
  overhead: position(0.95, 0.05, 'A smaller puddle stays up: a little less.', MODEL),
};

/** Pulsed spray. Source: common practice for a 6 mm tee (435, 280 and 240 in/min), turned into current. */
export const PULSE_POSITIONS: PositionFactors = {
  flat: NONE,
  horizontal: HORIZONTAL,
  'vertical-up': position(0.645, 0.05, 'Upwards the puddle must freeze behind the arc: much less.'),
  'vertical-down': position(0.98, 0.05, 'Downwards in pulse is close to the flat setting, at a shorter arc.'),
  overhead: position(0.72, 0.06, 'Overhead a small puddle stays up: less.'),
};

/** The other school for pulsed spray overhead: a little cooler than flat. */
export const PULSE_OVERHEAD_NEAR_FLAT = position(0.9, 0.06, 'Overhead a little cooler than flat.');

/** Aluminium, spray and pulse, 0.8 to 1.2 mm wire. */
export const ALUMINIUM_POSITIONS: PositionFactors = {
  flat: NONE,
  horizontal: position(0.97, 0.03, 'The puddle sags to one side: a little less.', MODEL),
  'vertical-up': position(0.9, 0.05, 'Push upwards; a smaller puddle holds: less.', MODEL),
  'vertical-down': position(0.95, 0.05, 'Keep ahead of the puddle: a little less.', MODEL),
  overhead: position(0.9, 0.05, 'A smaller puddle stays up: less.', MODEL),
};

const WARM = position(0.93, 0.03, 'A part warm from earlier beads needs 5 to 10 % less.', MODEL);

export const STEEL_SURFACES: SurfaceFactors = {
  clean: NONE,
  'mill-scale': position(1.05, 0.02, 'Scale takes heat to melt through: more.', MODEL),
  warm: WARM,
};

/** Stainless and aluminium carry no mill scale worth a factor. */
export const BRIGHT_SURFACES: SurfaceFactors = { clean: NONE, 'mill-scale': NONE, warm: WARM };

/** What stands behind the joint and draws heat: 10 to 15 % for a backing bar, 5 to 10 % for a third member. */
const BACKING = position(1.12, 0.03, 'The bar behind draws heat away: more (1.10 to 1.15).');
const THIRD_MEMBER = position(1.07, 0.03, 'A third part behind draws heat away: more (1.05 to 1.10).');

const NOTHING_BEHIND: readonly (readonly [label: string, factor: CurrentFactor])[] = [];

/** Factors for what stands behind the joint, with their names. */
export function factorsBehind(
  work: Pick<Work, 'backing' | 'thirdMember'>,
): readonly (readonly [label: string, factor: CurrentFactor])[] {
  if (work.backing !== true && work.thirdMember !== true) return NOTHING_BEHIND;
  return [
    ...(work.backing === true ? ([['backing bar', BACKING]] as const) : []),
    ...(work.thirdMember === true ? ([['third member behind', THIRD_MEMBER]] as const) : []),
  ];
}
