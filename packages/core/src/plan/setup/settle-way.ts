import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import { currentDemand, type CurrentDemand } from '../demand/current-demand.ts';
import { trueDiameterMm } from '../../trade/wire/true-diameter.ts';
import { SINGLE_PASS_MOST_MM } from '../way/way-limits.ts';
import type { OpenWay } from '../way/ways.ts';
import { isSinglePass, usualClass, wireClassRow } from '../../trade/wire/wire-class.ts';
import { chooseGas, type GasChoice } from './choose-gas.ts';
import { chooseWire, type WireChoice } from './choose-wire.ts';
import { type CurrentLimits, judgeCurrent } from './judge-current.ts';
import { beadOfWay, sidesOfWay } from './bead-of-way.ts';
import { wireAtMiddle, wireSpeedOf } from './numbers.ts';
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
function singlePassRefusal(open: OpenWay, wire: WireChoice, plannedA: number): RefusedSetup | undefined {
  const { context, family } = open;
  if (!isSinglePass(wire.wireClass)) return undefined;
  const { work, thickness } = context;
  const arc = wireAtMiddle(family, wire.wireClass, wire.diameterMm);
  const { passes } = beadOfWay(open, arc, wireSpeedOf(arc, plannedA), 1);
  const thick = thickness.thicknessMm > SINGLE_PASS_MOST_MM;
  if (passes === 1 && !thick && sidesOfWay(open) === 1) return undefined;
  const why = thick ? words`for work up to about ${amount.thickness(SINGLE_PASS_MOST_MM)}` : 'laid once only';
  return refused(
    work,
    'single-pass-wire',
    [words`${wire.wireClass} is ${why}: a second pass over it cracks.`],
    [words`Take ${usualClass(wireClassRow(wire.wireClass).way).id}, which takes several passes.`],
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
