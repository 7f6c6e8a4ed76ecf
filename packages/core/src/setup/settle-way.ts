import { beadPlan } from '../bead/bead-plan.ts';
import { currentDemand, type CurrentDemand } from '../demand/current-demand.ts';
import { trueDiameterMm } from '../wire/true-diameter.ts';
import { SINGLE_PASS_MOST_MM } from '../way/way-limits.ts';
import type { OpenWay } from '../way/ways.ts';
import { isSinglePass } from '../wire/wire-class.ts';
import { chooseGas, type GasChoice } from './choose-gas.ts';
import { chooseWire, type WireChoice } from './choose-wire.ts';
import { type CurrentLimits, judgeCurrent } from './judge-current.ts';
import { sidesOf } from '../bead/closed-butt.ts';
import { wireSpeedOf } from './numbers.ts';
import { refused } from './refusal.ts';
import type { RefusedSetup } from './setup.ts';

/** A way with wire, gas and current settled, before its numbers are written out. */
export interface SettledWay {
  readonly status: 'settled';
  readonly open: OpenWay;
  readonly wire: WireChoice;
  readonly trueDiameterMm: number;
  readonly gas: GasChoice;
  readonly demand: CurrentDemand;
  readonly limits: CurrentLimits;
  /** Wanted, lifted to the spray floor and held to the limits, A. */
  readonly plannedA: number;
}

/** A wire that may be laid once only, where the work takes more. */
function singlePassRefusal(
  { context, family }: OpenWay,
  wire: WireChoice,
  plannedA: number,
): RefusedSetup | undefined {
  if (!isSinglePass(wire.wireClass)) return undefined;
  const { work, thickness } = context;
  const { ctwdMm, arcMm } = family.distance(wire.diameterMm);
  const trueMm = trueDiameterMm(wire.wireClass, wire.diameterMm);
  const arc = { ...wire, family, trueDiameterMm: trueMm, extensionMm: ctwdMm.start - arcMm };
  const { passes } = beadPlan({
    work,
    governingMm: thickness.thicknessMm,
    thinnerMm: thickness.thinnerMm,
    hand: family.hand,
    wireFeedSpeedMPerMin: wireSpeedOf(arc, plannedA),
    trueDiameterMm: trueMm,
    depositShare: family.depositShare,
    passesForCurrent: 1,
    sides: sidesOf(family, work, thickness.thicknessMm),
  });
  const thick = thickness.thicknessMm > SINGLE_PASS_MOST_MM;
  if (passes === 1 && !thick && sidesOf(family, work, thickness.thicknessMm) === 1) return undefined;
  const why = thick ? `for work up to about ${SINGLE_PASS_MOST_MM} mm` : 'laid once only';
  return refused(
    work,
    'single-pass-wire',
    [`${wire.wireClass} is ${why}: a second pass over it cracks.`],
    ['Take E71T-11, which takes several passes.'],
  );
}

/** Wire, gas and current of an open way, or the refusal that its numbers give. */
export function settleWay(open: OpenWay): SettledWay | RefusedSetup {
  const { context, family } = open;
  const gas = chooseGas(family, open.wire.wireClass, context);
  const use = { way: open.way, family, wireClass: open.wire.wireClass, gas: gas.gas, context };
  const wire = chooseWire(use, open.wire);
  const trueMm = trueDiameterMm(wire.wireClass, wire.diameterMm);
  const demand = currentDemand(family, context, trueMm);
  const limits = judgeCurrent(use, wire.diameterMm, demand.wantedA);
  if (limits.status === 'refused') return limits;
  const plannedA = Math.min(Math.max(demand.wantedA, limits.floorA ?? 0), limits.topA);
  const single = singlePassRefusal(open, wire, plannedA);
  if (single) return single;
  return { status: 'settled', open, wire, trueDiameterMm: trueMm, gas, demand, limits, plannedA };
}
