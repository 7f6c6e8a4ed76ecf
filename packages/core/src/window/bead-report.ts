import type { BeadSetting } from './bead-setting.ts';

/** How the bead looked, in order from too cold to too hot, with the faults that stand beside the scale. */
export const BEAD_FACES = [
  'ropy',
  'tall',
  'crowned',
  'flat',
  'concave',
  'undercut',
  'blown-through',
] as const;
export type BeadFace = (typeof BEAD_FACES)[number];

/** How the arc sounded. */
export const ARC_SOUNDS = ['stubbing', 'popping', 'sizzle', 'crackle', 'hiss'] as const;
export type ArcSound = (typeof ARC_SOUNDS)[number];

/** Where a bead stands between cold and hot: what one tap says, and burnt through. */
export const BEAD_VERDICTS = ['cold', 'right', 'hot', 'blown'] as const;
export type BeadVerdict = (typeof BEAD_VERDICTS)[number];

export const SPATTERS = ['little', 'some', 'much'] as const;
export type Spatter = (typeof SPATTERS)[number];

/** What shows on the back of the joint. */
export const BACK_SIDES = ['no-mark', 'even-mark', 'drops-through'] as const;
export type BackSide = (typeof BACK_SIDES)[number];

/** How a bead begins or ends. */
export const BEAD_ENDS = ['good', 'cold-start', 'crater'] as const;
export type BeadEnds = (typeof BEAD_ENDS)[number];

/** What went wrong with the hand or the coupon: the report is then no measure of the volts. */
export const BEAD_FLAGS = ['stick-out', 'gun-angle', 'dirty'] as const;
export type BeadFlag = (typeof BEAD_FLAGS)[number];

/** Whether the heat of a bead whose volts were right was right too. */
export const HEAT_VERDICTS = ['cold', 'right', 'hot'] as const;
export type HeatVerdict = (typeof HEAT_VERDICTS)[number];

/** What was answered when a report did not fit the others. */
export const DOUBT_ANSWERS = ['stands', 'left-out'] as const;
export type DoubtAnswer = (typeof DOUBT_ANSWERS)[number];

/** What is said of a bead: one tap, or its face, its sound or both; the rest as far as it was looked at. */
export interface BeadReport {
  readonly said?: BeadVerdict | undefined;
  readonly face?: BeadFace | undefined;
  readonly sound?: ArcSound | undefined;
  readonly spatter?: Spatter | undefined;
  readonly back?: BackSide | undefined;
  readonly ends?: BeadEnds | undefined;
  readonly flags?: readonly BeadFlag[] | undefined;
  /** Whether the coupon was let cool before it; undefined: not said. */
  readonly cooled?: boolean | undefined;
  readonly heat?: HeatVerdict | undefined;
  readonly doubt?: DoubtAnswer | undefined;
}

/** A reported test bead. */
export interface TestBead extends BeadSetting, BeadReport {
  /** The setting that was taken with this bead, to be kept as proven as long as the beads bear it out. */
  readonly taken?: BeadSetting | undefined;
}
