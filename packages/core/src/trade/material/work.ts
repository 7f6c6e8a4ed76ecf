import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { GaugeTable } from '../../base/quantity/gauge.ts';
import { type BaseMetal, baseMetalRow } from './base-metal.ts';

export const PRODUCTS = ['sheet', 'plate', 'tube', 'bar', 'section'] as const;
export type Product = (typeof PRODUCTS)[number];

export const JOINTS = ['butt', 'open-butt', 'lap', 'tee', 'outside-corner', 'edge'] as const;
export type Joint = (typeof JOINTS)[number];

export const POSITIONS = ['flat', 'horizontal', 'vertical-up', 'vertical-down', 'overhead'] as const;
export type Position = (typeof POSITIONS)[number];

export const SURFACES = ['clean', 'mill-scale', 'warm'] as const;
export type Surface = (typeof SURFACES)[number];

export const PLACES = ['indoors', 'outdoors'] as const;
export type Place = (typeof PLACES)[number];

/** What matters most to the user; the first counts most. It settles the aluminium filler. */
export const PRIORITIES = [
  'crack-resistance',
  'strength',
  'ductility',
  'corrosion',
  'colour',
  'warm-service',
  'feedability',
] as const;
export type Priority = (typeof PRIORITIES)[number];

/** What is so around the work; each raises or settles a caution. */
export const CIRCUMSTANCES = [
  'extraction',
  'closed-space',
  'closed-vessel',
  'damp',
  'painted',
  'powder-coated',
  'primed',
  'chromed',
  'plated',
  'rusty',
  'vehicle',
  'load-bearing',
  'solvent',
  'flammables',
  'implant',
] as const;
export type Circumstance = (typeof CIRCUMSTANCES)[number];

/** The work in hand, complete: what is to be joined, how, and where. */
export interface Work {
  readonly metal: BaseMetal;
  readonly alloy?: string | undefined;
  /** Metal of the second part, where the two differ. */
  readonly otherMetal?: BaseMetal | undefined;
  readonly otherAlloy?: string | undefined;
  readonly product?: Product | undefined;
  /** Product of the second part, where the two differ. */
  readonly otherProduct?: Product | undefined;
  /** Thickness of the first part, mm. */
  readonly thicknessMm: number;
  /** Thickness of the second part, mm, where it differs. */
  readonly otherThicknessMm?: number | undefined;
  readonly joint: Joint;
  readonly position: Position;
  readonly surface: Surface;
  readonly place: Place;
  readonly windy: boolean;
  readonly priorities?: readonly Priority[] | undefined;
  readonly circumstances?: readonly Circumstance[] | undefined;
  /** Shape of the first part, where it is more than a product: a pipe is a tube, an angle a section. */
  readonly profile?: Profile | undefined;
  /** Outside size of a tube, pipe, angle or bar, mm: one figure (diameter) or two, {@link OUTSIDE_RANGE_MM}. */
  readonly outsideMm?: readonly number[] | undefined;
  /** Length of one seam, mm, {@link SEAM_RANGE_MM}; undefined: not known. */
  readonly seamMm?: number | undefined;
  /** How many such seams, {@link NUMBER_OFF_RANGE}; undefined: one. */
  readonly numberOff?: number | undefined;
  /** Intermittent weld: length of each stitch and distance from one's start to the next's, mm. */
  readonly stitchMm?: number | undefined;
  readonly pitchMm?: number | undefined;
  /** Size from the drawing: leg or throat of a fillet, mm, {@link LEG_RANGE_MM}; undefined: our default. */
  readonly legMm?: number | undefined;
  readonly throatMm?: number | undefined;
  /** Welded from one side or from both; undefined: one. */
  readonly sides?: 1 | 2 | undefined;
  /** Passes or runs asked for, a side, {@link PASSES_RANGE}; undefined: as many as it takes. */
  readonly passes?: number | undefined;
  /** Root gap as it is, mm, {@link GAP_RANGE_MM}; undefined: the one the plan names. */
  readonly gapMm?: number | undefined;
  /** A bar behind the joint: copper, steel, aluminium or ceramic. */
  readonly backing?: boolean | undefined;
  /** A third part behind the joint. */
  readonly thirdMember?: boolean | undefined;
}

/** Shapes that people name; each belongs to a product. */
export const PROFILES = [
  'pipe',
  'square-tube',
  'round-tube',
  'angle',
  'channel',
  'beam',
  'flat-bar',
  'round-bar',
] as const;
export type Profile = (typeof PROFILES)[number];

export const PROFILE_NAME: Readonly<Record<Profile, string>> = {
  pipe: 'pipe',
  'square-tube': 'square tube',
  'round-tube': 'round tube',
  angle: 'angle',
  channel: 'channel',
  beam: 'beam',
  'flat-bar': 'flat bar',
  'round-bar': 'round bar',
};

/** The product a shape is made as. */
export const PROFILE_PRODUCT: Readonly<Record<Profile, Product>> = {
  pipe: 'tube',
  'square-tube': 'tube',
  'round-tube': 'tube',
  angle: 'section',
  channel: 'section',
  beam: 'section',
  'flat-bar': 'bar',
  'round-bar': 'bar',
};

/** Ranges of what a drawing may ask for. Source: our model's ranges. */
export const OUTSIDE_RANGE_MM = [5, 1000] as const;
export const NUMBER_OFF_RANGE = [1, 10_000] as const;
export const LEG_RANGE_MM = [1, 30] as const;
export const PASSES_RANGE = [1, 40] as const;
export const GAP_RANGE_MM = [0, 8] as const;
export const STITCH_RANGE_MM = [5, 2000] as const;

/** Lengths of a seam that are planned for, mm: a tack to a kilometre of stitches. Source: our model's range. */
export const SEAM_RANGE_MM = [5, 1_000_000] as const;

export const JOINT_NAME: Readonly<Record<Joint, string>> = {
  butt: 'closed butt',
  'open-butt': 'open-root butt',
  lap: 'lap',
  tee: 'tee',
  'outside-corner': 'outside corner',
  edge: 'edge',
};

export const POSITION_NAME: Readonly<Record<Position, string>> = {
  flat: 'flat',
  horizontal: 'horizontal',
  'vertical-up': 'vertical up',
  'vertical-down': 'vertical down',
  overhead: 'overhead',
};

export const SURFACE_NAME: Readonly<Record<Surface, string>> = {
  clean: 'clean, bright',
  'mill-scale': 'mill scale',
  warm: 'warm part',
};

export const PLACE_NAME: Readonly<Record<Place, string>> = {
  indoors: 'indoors',
  outdoors: 'outdoors',
};

export const PRIORITY_NAME: Readonly<Record<Priority, Words>> = {
  'crack-resistance': 'no cracks',
  strength: 'strength',
  ductility: 'ductility',
  corrosion: 'corrosion',
  colour: 'colour after anodising',
  'warm-service': words`service above ${amount.temperature(65)}`,
  feedability: 'easy feeding',
};

export const CIRCUMSTANCE_NAME: Readonly<Record<Circumstance, Words>> = {
  extraction: 'extraction running',
  'closed-space': 'closed or low space',
  'closed-vessel': 'tank, drum or closed tube',
  damp: 'damp, or metal underfoot',
  painted: 'old paint, may hold lead',
  'powder-coated': 'powder coated',
  primed: 'primed',
  chromed: 'chrome plated',
  rusty: 'rusty',
  plated: 'cadmium plated',
  vehicle: 'on a vehicle or electronics',
  'load-bearing': 'carries load, or code work',
  solvent: 'cleaned with solvent',
  flammables: words`something that burns within ${amount.length(10)}`,
  implant: 'someone with a pacemaker or implant near',
};

/** Whether something is so around the work. */
export function hasCircumstance(work: Pick<Work, 'circumstances'>, circumstance: Circumstance): boolean {
  return work.circumstances?.includes(circumstance) === true;
}

/** Whether the puddle lies level: flat and horizontal. */
export function isLevel(position: Position): boolean {
  return position === 'flat' || position === 'horizontal';
}

/** Whether the joint is welded with a fillet bead. */
export function isFilletJoint(joint: Joint): boolean {
  return joint === 'tee' || joint === 'lap';
}

/** The gauge table that a gauge number of this work is read in. */
export function gaugeTableFor(metal: BaseMetal, product?: Product): GaugeTable {
  return product === 'tube' ? 'tube-wall' : baseMetalRow(metal).gaugeTable;
}
