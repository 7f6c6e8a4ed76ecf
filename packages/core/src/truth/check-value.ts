import type { Work } from '../trade/material/work.ts';
import type { Source } from '../base/source.ts';
import { mPerMinFromInchesPerMin } from '../base/quantity/units.ts';
import type { Resources } from '../plan/work/resources.ts';
import type { PlannedSetup, Setup } from '../plan/setup/setup.ts';

export type CheckedQuantity = 'wireFeedSpeed' | 'volts' | 'current';

/** An outside figure beside what the planner gives. */
export interface CheckValue {
  readonly case: string;
  readonly quantity: CheckedQuantity;
  /** The outside figure: a point, or a span, in m/min, V or A. */
  readonly outside: readonly [low: number, high: number];
  readonly planner: number;
  /** Planner less the nearer end of the outside figure: 0 inside it. In % for speed and current, in V for volts. */
  readonly difference: number;
  /** How far it may differ: % or V. */
  readonly allowed: number;
  readonly confidence: 'H' | 'M' | 'L';
  readonly source: Source;
}

const QUANTITY: Readonly<Record<CheckedQuantity, (plan: PlannedSetup) => number>> = {
  wireFeedSpeed: (plan) => plan.wireFeedSpeedMPerMin.start,
  volts: (plan) => plan.volts.start,
  current: (plan) => plan.currentA.start,
};

/** One outside figure held against a plan. */
export function checked(
  name: string,
  setup: Setup,
  quantity: CheckedQuantity,
  outside: readonly [number, number],
  about: Pick<CheckValue, 'allowed' | 'confidence' | 'source'>,
): CheckValue {
  const planner = setup.status === 'planned' ? QUANTITY[quantity](setup) : Number.NaN;
  const nearer = planner < outside[0] ? outside[0] : planner > outside[1] ? outside[1] : planner;
  const difference = quantity === 'volts' ? planner - nearer : (planner / nearer - 1) * 100;
  return { case: name, quantity, outside, planner, difference, ...about };
}

/** The work that a case says only its differences from. */
export const STEEL_CASE: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3.2,
  joint: 'butt',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
/** A span of wire speed written in in/min, m/min. */
export const inches = (low: number, high = low): readonly [number, number] => [
  mPerMinFromInchesPerMin(low),
  mPerMinFromInchesPerMin(high),
];

/** A setting of others: the work, what was at hand, and the figures it ran at. */
export type Case = readonly [
  name: string,
  work: Partial<Work>,
  resources: Resources,
  figures: Readonly<Partial<Record<CheckedQuantity, readonly [number, number]>>>,
  source: Source,
];
