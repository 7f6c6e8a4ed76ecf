import { metalPair } from '../../trade/material/metal-pair.ts';
import {
  GAP_RANGE_MM,
  LEG_RANGE_MM,
  NUMBER_OFF_RANGE,
  PASSES_RANGE,
  SEAM_RANGE_MM,
  STITCH_RANGE_MM,
  type Work,
} from '../../trade/material/work.ts';
import { asWelded } from '../bead/joint-section.ts';
import { within } from '../../base/quantity/out-of-range-error.ts';
import { THICKNESS_RANGE_MM } from '../../base/quantity/thickness.ts';
import { type JudgedWay, isAsked, judgedWays } from '../way/ways.ts';
import { workContext } from '../way/work-context.ts';
import { earlyRefusal, nothingAsked } from './early-refusal.ts';
import { otherWays } from './other-ways.ts';
import { planWay } from './plan-way.ts';
import { refused } from './refusal.ts';
import type { Resources } from '../work/resources.ts';
import { settleWay } from './settle-way.ts';
import type { OwnNumbers, RefusedSetup, Setup } from './setup.ts';

/** Numbers a user may set by hand. Source: our model. */
export const OWN_WIRE_SPEED_RANGE_M_PER_MIN = [0.5, 25] as const;
export const OWN_VOLTS_RANGE = [8, 45] as const;
export const OWN_GAS_FLOW_RANGE_L_PER_MIN = [2, 40] as const;
export const OWN_CTWD_RANGE_MM = [7, 30] as const;

function checkNumbers(work: Work, own: OwnNumbers): void {
  const { thicknessMm, otherThicknessMm = thicknessMm } = work;
  within('thickness', thicknessMm, THICKNESS_RANGE_MM, 'thickness-out-of-range');
  within('other thickness', otherThicknessMm, THICKNESS_RANGE_MM, 'thickness-out-of-range');
  const numbers = [
    ['wire feed speed', own.wireFeedSpeedMPerMin, OWN_WIRE_SPEED_RANGE_M_PER_MIN],
    ['volts', own.volts, OWN_VOLTS_RANGE],
    ['gas flow', own.gasFlowLPerMin, OWN_GAS_FLOW_RANGE_L_PER_MIN],
    ['tip to work', own.ctwdMm, OWN_CTWD_RANGE_MM],
    ['leg', work.legMm, LEG_RANGE_MM],
    ['throat', work.throatMm, LEG_RANGE_MM],
    ['gap', work.gapMm, GAP_RANGE_MM],
    ['passes', work.passes, PASSES_RANGE],
    ['seam', work.seamMm, SEAM_RANGE_MM],
    ['number off', work.numberOff, NUMBER_OFF_RANGE],
    ['stitch', work.stitchMm, STITCH_RANGE_MM],
    ['pitch', work.pitchMm, STITCH_RANGE_MM],
  ] as const;
  for (const [name, value, range] of numbers) if (value !== undefined) within(name, value, range);
}

function closedRefusal(work: Work, asked: readonly JudgedWay[]): RefusedSetup | undefined {
  const best = asked.find((way) => way.status === 'closed');
  return best?.status === 'closed' ? refused(work, best.code, [best.reason], best.instead) : undefined;
}

function planAmong(asked: Work, resources: Resources, own: OwnNumbers, which: 'every' | 'asked'): Setup {
  const work = asWelded(asked);
  checkNumbers(work, own);
  const pair = metalPair(work);
  if (pair.status === 'hopeless') return refused(work, pair.code, [pair.reason], [pair.instead]);
  const early = earlyRefusal(work, pair, resources);
  if (early) return early;
  const context = workContext(work, pair, resources);
  const ways = judgedWays(context, which);
  const among = which === 'asked' ? ways : ways.filter((way) => isAsked(way, context));
  if (among.length === 0) return nothingAsked(work, resources);
  let refusal: RefusedSetup | undefined;
  for (const way of among) {
    if (way.status === 'closed') continue;
    const settled = settleWay(way);
    if (settled.status === 'settled') return { ...planWay(settled, own), ways: otherWays(ways, way) };
    refusal ??= settled;
  }
  const obstacle = refusal ?? closedRefusal(work, among) ?? nothingAsked(work, resources);
  return { ...obstacle, ways: otherWays(ways, undefined) };
}

/**
 * From the work and what is at hand to a complete setup, or a refusal with its reason.
 *
 * Every way is judged; the best of those that were asked for and whose numbers hold is planned.
 *
 * @param work complete work; both thicknesses in mm, {@link THICKNESS_RANGE_MM}
 * @param resources way, wire, gas, machine, shelf and schools, as far as they are settled
 * @param own numbers set by hand; the others follow them
 * @returns a plan whose every number has a range and a reason, or a refusal
 * @throws {OutOfRangeError} thickness or an own number outside its range or not finite
 * @source our model; each item of the result carries its own source
 * @example
 * planSetup(completeWork({ thicknessMm: 3, joint: 'tee' }).work).transferMode // 'short-circuit'
 * planSetup(completeWork({ thicknessMm: 3, metal: 'unweldable-aluminium', alloy: '7075' }).work).code // 'metal-not-weldable'
 */
export function planSetup(work: Work, resources: Resources = {}, own: OwnNumbers = {}): Setup {
  return planAmong(work, resources, own, 'every');
}

/**
 * The same setup as {@link planSetup} gives, in less time: of the ways, only those that were asked for are judged
 * and listed. For charts of many plans.
 *
 * @param work complete work; both thicknesses in mm, {@link THICKNESS_RANGE_MM}
 * @param resources as far as they are settled; a wire class leaves few ways to judge
 * @throws {OutOfRangeError} thickness outside its range or not finite
 * @source our model; each item of the result carries its own source
 */
export function planAskedWays(work: Work, resources: Resources): Setup {
  return planAmong(work, resources, {}, 'asked');
}
