import type { GaugeTable } from '../quantity/gauge.ts';
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
  'plated',
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
  /** Length to be welded, one pass, mm, {@link SEAM_RANGE_MM}; undefined: not known. */
  readonly seamMm?: number | undefined;
}

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

export const PRIORITY_NAME: Readonly<Record<Priority, string>> = {
  'crack-resistance': 'no cracks',
  strength: 'strength',
  ductility: 'ductility',
  corrosion: 'corrosion',
  colour: 'colour after anodising',
  'warm-service': 'service above 65 °C',
  feedability: 'easy feeding',
};

export const CIRCUMSTANCE_NAME: Readonly<Record<Circumstance, string>> = {
  extraction: 'extraction running',
  'closed-space': 'closed or low space',
  'closed-vessel': 'tank, drum or closed tube',
  damp: 'damp, or metal underfoot',
  painted: 'old paint, may hold lead',
  plated: 'cadmium plated',
  vehicle: 'on a vehicle or electronics',
  'load-bearing': 'carries load, or code work',
  solvent: 'cleaned with solvent',
  flammables: 'something that burns within 10 m',
  implant: 'someone with a pacemaker or implant near',
};

/** Whether something is so around the work. */
export function hasCircumstance(work: Pick<Work, 'circumstances'>, circumstance: Circumstance): boolean {
  return work.circumstances?.includes(circumstance) === true;
}

/** Whether the joint is welded with a fillet bead. */
export function isFilletJoint(joint: Joint): boolean {
  return joint === 'tee' || joint === 'lap';
}

/** The gauge table that a gauge number of this work is read in. */
export function gaugeTableFor(metal: BaseMetal, product?: Product): GaugeTable {
  return product === 'tube' ? 'tube-wall' : baseMetalRow(metal).gaugeTable;
}
