import { metalPair } from '../src/trade/material/metal-pair.ts';
import type { Work } from '../src/trade/material/work.ts';
import type { Machine } from '../src/machine/machine.ts';
import type { Resources } from '../src/plan/work/resources.ts';
import { type WorkContext, workContext } from '../src/plan/way/work-context.ts';

/** 3 mm steel, a tee, flat, on the bench: the plainest work there is. */
export const PLAIN_WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3,
  joint: 'tee',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};

export const PLAIN_MACHINE: Machine = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-25',
};

/** The plain work but for what is said, as the ways and the cautions see it. */
export function contextOf(work: Partial<Work> = {}, resources: Resources = {}): WorkContext {
  const whole = { ...PLAIN_WORK, ...work };
  const pair = metalPair(whole);
  if (pair.status === 'hopeless') throw new Error(pair.code);
  return workContext(whole, pair, resources);
}
