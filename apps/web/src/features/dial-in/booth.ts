import { amount, words, type Words } from '@hot-bead/core/base';
import { ARC_WIRES_MM, type ArcSetting, notModelled } from '@hot-bead/core/arc-lab';
import { type DialIn, dialIn, type DialledPlan, type LadderBead } from '@hot-bead/core/dial-in';
import { planSetup } from '@hot-bead/core/plan';
import {
  boothArc,
  boothBead,
  type BoothBead,
  boothMiddleV,
  practiceBooth,
  type PracticeBooth,
} from '@hot-bead/core/practice';
import type { Work } from '@hot-bead/core/trade';

interface BoothWork {
  readonly id: 'dip' | 'sheet' | 'aluminium';
  readonly name: Words;
  readonly metal: Work['metal'];
  readonly thicknessMm: number;
}

const DIP: BoothWork = {
  id: 'dip',
  name: words`${amount.thickness(2)} steel, lap`,
  metal: 'carbon-steel',
  thicknessMm: 2,
};

/** Works to practise on. */
export const BOOTH_WORKS: readonly BoothWork[] = [
  DIP,
  {
    id: 'sheet',
    name: words`${amount.thickness(0.8)} steel sheet, lap`,
    metal: 'carbon-steel',
    thicknessMm: 0.8,
  },
  { id: 'aluminium', name: words`${amount.thickness(3)} aluminium, lap`, metal: 'aluminium', thicknessMm: 3 },
];
export type BoothWorkId = BoothWork['id'];

/** A bead laid in the booth: what it looked and sounded like, and what was said of it, once it was. */
export interface BoothRung extends LadderBead {
  readonly shows: BoothBead;
}

/** A booth with the plan that it is practised by. */
export interface OpenBooth {
  readonly booth: PracticeBooth;
  readonly dialled: DialledPlan;
  readonly bookV: number;
}

/** The booth of a seed and a work. */
export function openBooth(seed: number, id: BoothWorkId): OpenBooth {
  const { metal, thicknessMm } = BOOTH_WORKS.find((one) => one.id === id) ?? DIP;
  const work: Work = {
    metal,
    ...(metal === 'aluminium' ? { alloy: '6061' } : {}),
    thicknessMm,
    joint: 'lap',
    position: 'flat',
    surface: 'clean',
    place: 'indoors',
    windy: false,
  };
  const plan = planSetup(work, {});
  if (plan.status !== 'planned') throw new Error(plan.code);
  const dialled = { plan, machine: undefined, dials: undefined };
  const { model } = dialIn(dialled, [], { way: 'wire-first' });
  return { booth: practiceBooth(seed, model), dialled, bookV: plan.volts.start };
}

/** How a bead in the booth sounded, or why its arc cannot be heard. */
export function boothSound(
  { booth, dialled }: OpenBooth,
  {
    wireFeedSpeedMPerMin,
    overMiddleV,
  }: { readonly wireFeedSpeedMPerMin: number; readonly overMiddleV: number },
): { readonly arc: ArcSetting } | { readonly why: Words } {
  const { wire, gas, ctwdMm } = dialled.plan;
  const why = notModelled(wire.wireClass, wire.diameterMm, gas.gas.id);
  const wireMm = ARC_WIRES_MM.find((one) => one === wire.diameterMm);
  if (why !== undefined || wireMm === undefined) return { why: why ?? 'This wire is not modelled.' };
  const arc = { wireMm, gas: gas.gas.id, tipToWorkMm: ctwdMm.start, wireFeedSpeedMPerMin };
  return { arc: boothArc(arc, overMiddleV, booth.halfWidthV) };
}

/** Where the practice stands. */
export function boothState({ dialled }: OpenBooth, rungs: readonly BoothRung[]): DialIn {
  return dialIn(dialled, rungs, { way: 'wire-first' });
}

/**
 * What a bead at these volts comes out like.
 *
 * @param cooled whether the coupon was let cool before it
 */
export function weldInBooth(
  { booth, bookV }: OpenBooth,
  volts: number,
  rungs: readonly BoothRung[],
  cooled: boolean,
): BoothBead {
  const cooledLast = rungs.findLastIndex((rung) => rung.cooled !== false);
  // the first bead is laid on a cold coupon in any case
  const uncooledBefore = cooled || rungs.length === 0 ? 0 : rungs.length - Math.max(0, cooledLast);
  return boothBead(booth, { shownOverBookV: volts - bookV, beadsBefore: rungs.length, uncooledBefore });
}

/** The middle of the hidden window on the booth's own display, V. */
export function hiddenMiddleV({ booth, bookV }: OpenBooth): number {
  return bookV + boothMiddleV(booth);
}
