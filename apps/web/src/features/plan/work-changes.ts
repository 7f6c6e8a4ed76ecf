import type {
  Circumstance,
  GasId,
  Machine,
  PlannedMode,
  Priority,
  QuickWork,
  TransferMode,
  Way,
  WireClass,
  WireDiameterMm,
} from '@hot-bead/core';
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

/** @param value `metal/alloy`, or empty where both parts are of one metal */
export function withOtherMetal(work: QuickWork, value: string): QuickWork {
  const rest = without(work, 'otherMetal', 'otherAlloy');
  if (value === '') return rest;
  const [otherMetal, otherAlloy = ''] = value.split('/') as [NonNullable<QuickWork['metal']>, string?];
  return otherAlloy === '' ? { ...rest, otherMetal } : { ...rest, otherMetal, otherAlloy };
}

export function withPlace(work: QuickWork, value: PlaceChoice): QuickWork {
  return value === 'wind'
    ? { ...work, place: 'outdoors', windy: true }
    : { ...work, place: value, windy: false };
}

/** Nothing said of way, transfer, wire and gas: Hot Bead chooses. */
export function withOpenWay(work: QuickWork): QuickWork {
  return without(work, 'way', 'mode', 'wireClass', 'wireDiameterMm', 'gas', 'polarity');
}

/** Another way takes another wire and gas: those that were said for the old way are left open. */
export function withWayMode(work: QuickWork, way: Way, mode: PlannedMode): QuickWork {
  const rest = withOpenWay(work);
  return mode === 'own' ? { ...rest, way } : { ...rest, way, mode: mode satisfies TransferMode };
}

export function withWire(work: QuickWork, value: string): QuickWork {
  const rest = without(work, 'wireDiameterMm');
  return value === 'open' ? rest : { ...rest, wireDiameterMm: Number(value) as WireDiameterMm };
}

export function withWireClass(work: QuickWork, value: WireClass | 'open'): QuickWork {
  const rest = without(work, 'wireClass');
  return value === 'open' ? rest : { ...rest, wireClass: value };
}

export function withGas(work: QuickWork, gas: GasId | 'open'): QuickWork {
  const rest = without(work, 'gas');
  return gas === 'open' ? rest : { ...rest, gas };
}

/** The wire and the gas that stand on a machine. */
export function withLoaded(work: QuickWork, machine: Machine): QuickWork {
  return {
    ...without(work, 'way', 'mode', 'polarity'),
    wireClass: machine.loadedWireClass,
    wireDiameterMm: machine.loadedWireDiameterMm,
    gas: machine.loadedGas,
    machineName: machine.name,
  };
}

export function withMachine(work: QuickWork, machineName: string): QuickWork {
  const rest = without(work, 'machineName');
  return machineName === '' ? rest : { ...rest, machineName };
}

export function withPriorities(work: QuickWork, priorities: readonly Priority[]): QuickWork {
  const rest = without(work, 'priorities');
  return priorities.length === 0 ? rest : { ...rest, priorities };
}

export function withCircumstances(work: QuickWork, circumstances: readonly Circumstance[]): QuickWork {
  const rest = without(work, 'circumstances');
  return circumstances.length === 0 ? rest : { ...rest, circumstances };
}

/** @param seamMm length to be welded, mm; undefined where it is not known */
export function withSeam(work: QuickWork, seamMm: number | undefined): QuickWork {
  const rest = without(work, 'seamMm');
  return seamMm === undefined ? rest : { ...rest, seamMm };
}
