import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import type { JudgedWay } from '../way/ways.ts';
import { settleWay } from './settle-way.ts';
import type { OtherWay } from './setup.ts';

function openText(way: JudgedWay & { readonly status: 'open' }): Pick<OtherWay, 'status' | 'code' | 'text'> {
  const settled = settleWay(way);
  if (settled.status === 'refused') {
    return { status: 'closed', code: settled.code, text: settled.reasons[0] ?? '' };
  }
  const { wire, gas, plannedA } = settled;
  const under = gas.gas.id === 'none' ? 'without gas' : `under ${gas.gas.name}`;
  const get = gas.caution === undefined ? '' : ', gas to get';
  return {
    status: 'open',
    code: undefined,
    text: words`${wire.wireClass} ${amount.wireSize(wire.diameterMm)} ${under}, about ${Math.round(plannedA)} A${get}.`,
  };
}

/** Every way with what became of it: the chosen one, those that would do, and those that will not, with the reason. */
export function otherWays(ways: readonly JudgedWay[], chosen: JudgedWay | undefined): readonly OtherWay[] {
  return ways.map((way) => {
    const { way: id, mode, name } = way;
    if (way.status === 'closed')
      return { way: id, mode, name, status: 'closed', code: way.code, text: way.reason };
    const judged = openText(way);
    return { way: id, mode, name, ...judged, status: way === chosen ? 'chosen' : judged.status };
  });
}
