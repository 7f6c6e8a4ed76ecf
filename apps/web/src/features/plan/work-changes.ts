import type { GasId, QuickWork, Way, WireDiameterMm } from '@hot-bead/core';
import type { PlaceChoice } from './chip-options.ts';

/** The work without some of what was said. */
function without<K extends keyof QuickWork>(work: QuickWork, ...slots: readonly K[]): QuickWork {
  return Object.fromEntries(Object.entries(work).filter(([slot]) => !slots.includes(slot as K)));
}

/** @param value `metal/alloy`, the alloy empty where none is meant */
export function withMetal(work: QuickWork, value: string): QuickWork {
  const [metal, alloy = ''] = value.split('/') as [NonNullable<QuickWork['metal']>, string?];
  const rest = without(work, 'metal', 'alloy');
  return alloy === '' ? { ...rest, metal } : { ...rest, metal, alloy };
}

export function withPlace(work: QuickWork, value: PlaceChoice): QuickWork {
  return value === 'wind'
    ? { ...work, place: 'outdoors', windy: true }
    : { ...work, place: value, windy: false };
}

/** Another way takes another wire and gas: those that were said for the old way are left open. */
export function withWay(work: QuickWork, way: Way): QuickWork {
  return { ...without(work, 'wireClass', 'gas', 'mode'), way };
}

export function withWire(work: QuickWork, value: string): QuickWork {
  const rest = without(work, 'wireDiameterMm');
  return value === 'open' ? rest : { ...rest, wireDiameterMm: Number(value) as WireDiameterMm };
}

export function withGas(work: QuickWork, gas: GasId | 'open'): QuickWork {
  const rest = without(work, 'gas');
  return gas === 'open' ? rest : { ...rest, gas };
}

export function withMachine(work: QuickWork, machineName: string): QuickWork {
  const rest = without(work, 'machineName');
  return machineName === '' ? rest : { ...rest, machineName };
}
