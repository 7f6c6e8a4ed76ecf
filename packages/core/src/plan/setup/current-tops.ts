import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { FamilySize } from '../../trade/family/family.ts';
import { POSITION_NAME } from '../../trade/material/work.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import { GUN_LIMITS } from '../way/gun-limits.ts';
import { currentOf, wireAtMiddle } from './numbers.ts';
import { ceilingOf, type SizeUse } from './wire-size.ts';

/** What holds the current: the wire's window, the gun, the machine, or the position. */
export type TopKind = 'window' | 'gun' | 'machine' | 'position';

/** Something that holds the current. */
export interface Top {
  readonly amps: number;
  readonly label: Words;
  readonly is: TopKind;
}

/** Currents that a slowest and a fastest wire melt at, A. */
export function feedEnds(
  use: SizeUse,
  nominalMm: WireDiameterMm,
  range: readonly [slowest: number, fastest: number] | undefined,
): readonly [number, number] {
  if (!range) return [0, Infinity];
  const wire = wireAtMiddle(use.family, use.wireClass, nominalMm);
  return [range[0] > 0 ? currentOf(wire, range[0]) : 0, currentOf(wire, range[1])];
}

/** What the gun, not the machine, holds the current to. */
function gunTops(use: SizeUse, size: FamilySize): readonly Top[] {
  const gun = GUN_LIMITS[use.way];
  if (!gun) return [];
  const fed = Math.round(feedEnds(use, size.nominalMm, [0, gun.fastestMPerMin])[1]);
  const feeds = words`${gun.name} feeds ${amount.wireFeedSpeed(gun.fastestMPerMin)} at most: ${fed} A`;
  const carries = `${gun.name} carries ${gun.mostA} A`;
  return [
    { amps: fed, label: feeds, is: 'gun' },
    ...(gun.mostA === undefined ? [] : [{ amps: gun.mostA, label: carries, is: 'gun' } as const]),
  ];
}

/** The lowest of everything that holds the current with a wire size. */
export function lowestTop(use: SizeUse, size: FamilySize): Top {
  const { machine } = use.context.resources;
  const name = machine?.name ?? 'machine';
  const given = machine?.currentRangeA?.[1] ?? Infinity;
  const fed = Math.round(feedEnds(use, size.nominalMm, machine?.wireFeedSpeedRangeMPerMin)[1]);
  const ceiling = ceilingOf(use, size.nominalMm);
  const position = POSITION_NAME[use.context.work.position];
  const tops: readonly Top[] = [
    {
      amps: size.windowA[1],
      label: words`${amount.wireSize(size.nominalMm)} wire: ${size.windowA[1]} A at most`,
      is: 'window',
    },
    { amps: given, label: words`${name} gives ${given} A`, is: 'machine' },
    ...gunTops(use, size),
    {
      amps: ceiling,
      label: words`${position}, ${amount.wireSize(size.nominalMm)} wire: a hand holds ${Math.round(ceiling)} A`,
      is: 'position',
    },
    {
      amps: fed,
      label: words`${name} feeds ${amount.wireFeedSpeed(machine?.wireFeedSpeedRangeMPerMin?.[1] ?? 0)} at most: ${fed} A`,
      is: 'machine',
    },
  ];
  return tops.reduce((least, top) => (top.amps < least.amps ? top : least));
}
