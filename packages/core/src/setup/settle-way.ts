import { currentDemand, type CurrentDemand } from '../demand/current-demand.ts';
import { trueDiameterMm } from '../wire/true-diameter.ts';
import type { OpenWay } from '../way/ways.ts';
import { chooseGas, type GasChoice } from './choose-gas.ts';
import { chooseWire, type WireChoice } from './choose-wire.ts';
import { type CurrentLimits, judgeCurrent } from './judge-current.ts';
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

/** Wire, gas and current of an open way, or the refusal that its numbers give. */
export function settleWay(open: OpenWay): SettledWay | RefusedSetup {
  const { context, family } = open;
  const gas = chooseGas(family, open.wire.wireClass, context);
  const use = { family, wireClass: open.wire.wireClass, gas: gas.gas, context };
  const wire = chooseWire(use, open.wire);
  const trueMm = trueDiameterMm(wire.wireClass, wire.diameterMm);
  const demand = currentDemand(family, context.work, trueMm, context.schools);
  const limits = judgeCurrent(use, wire.diameterMm, demand.wantedA);
  if (limits.status === 'refused') return limits;
  const plannedA = Math.min(Math.max(demand.wantedA, limits.floorA ?? 0), limits.topA);
  return { status: 'settled', open, wire, trueDiameterMm: trueMm, gas, demand, limits, plannedA };
}
