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

/** The work in hand, complete: what is to be joined, how, and where. */
export interface Work {
  readonly metal: BaseMetal;
  readonly alloy?: string | undefined;
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
}

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

/** Whether the joint is welded with a fillet bead. */
export function isFilletJoint(joint: Joint): boolean {
  return joint === 'tee' || joint === 'lap';
}

/** The gauge table that a gauge number of this work is read in. */
export function gaugeTableFor(metal: BaseMetal, product?: Product): GaugeTable {
  return product === 'tube' ? 'tube-wall' : baseMetalRow(metal).gaugeTable;
}
