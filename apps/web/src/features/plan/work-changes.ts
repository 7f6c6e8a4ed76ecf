import type { Machine } from '@hot-bead/core/machine';
import type { StatedWork } from '@hot-bead/core/plan';
import type {
  Circumstance,
  GasId,
  PlannedMode,
  Priority,
  TransferMode,
  Way,
  WireClass,
  WireDiameterMm,
} from '@hot-bead/core/trade';
import type { PlaceChoice } from './chip-options.ts';

/** The work without some of what was said. */
function without<K extends keyof StatedWork>(work: StatedWork, ...slots: readonly K[]): StatedWork {
  return Object.fromEntries(Object.entries(work).filter(([slot]) => !slots.includes(slot as K)));
}

/** @param value `metal/alloy`, the alloy empty where none is meant */
export function withMetal(work: StatedWork, value: string): StatedWork {
  const [metal, alloy = ''] = value.split('/') as [NonNullable<StatedWork['metal']>, string?];
  const rest = without(work, 'metal', 'alloy');
  return alloy === '' ? { ...rest, metal } : { ...rest, metal, alloy };
}

/** @param value `metal/alloy`, or empty where both parts are of one metal */
export function withOtherMetal(work: StatedWork, value: string): StatedWork {
  const rest = without(work, 'otherMetal', 'otherAlloy');
  if (value === '') return rest;
  const [otherMetal, otherAlloy = ''] = value.split('/') as [NonNullable<StatedWork['metal']>, string?];
  return otherAlloy === '' ? { ...rest, otherMetal } : { ...rest, otherMetal, otherAlloy };
}

export function withPlace(work: StatedWork, value: PlaceChoice): StatedWork {
  return value === 'wind'
    ? { ...work, place: 'outdoors', windy: true }
    : { ...work, place: value, windy: false };
}

/** Nothing said of way, transfer, wire and gas: Hot Bead chooses. */
export function withOpenWay(work: StatedWork): StatedWork {
  return without(work, 'way', 'mode', 'wireClass', 'wireDiameterMm', 'gas', 'polarity');
}

/** Another way takes another wire and gas: those that were said for the old way are left open. */
export function withWayMode(work: StatedWork, way: Way, mode: PlannedMode): StatedWork {
  const rest = withOpenWay(work);
  return mode === 'own' ? { ...rest, way } : { ...rest, way, mode: mode satisfies TransferMode };
}

export function withWire(work: StatedWork, value: string): StatedWork {
  const rest = without(work, 'wireDiameterMm');
  return value === 'open' ? rest : { ...rest, wireDiameterMm: Number(value) as WireDiameterMm };
}

export function withWireClass(work: StatedWork, value: WireClass | 'open'): StatedWork {
  const rest = without(work, 'wireClass');
  return value === 'open' ? rest : { ...rest, wireClass: value };
}

export function withGas(work: StatedWork, gas: GasId | 'open'): StatedWork {
  const rest = without(work, 'gas');
  return gas === 'open' ? rest : { ...rest, gas };
}

/** The wire and the gas that stand on a machine. */
export function withLoaded(work: StatedWork, machine: Machine): StatedWork {
  return {
    ...without(work, 'way', 'mode', 'polarity'),
    wireClass: machine.loadedWireClass,
    wireDiameterMm: machine.loadedWireDiameterMm,
    gas: machine.loadedGas,
    machineName: machine.name,
  };
}

export function withMachine(work: StatedWork, machineName: string): StatedWork {
  const rest = without(work, 'machineName');
  return machineName === '' ? rest : { ...rest, machineName };
}

export function withPriorities(work: StatedWork, priorities: readonly Priority[]): StatedWork {
  const rest = without(work, 'priorities');
  return priorities.length === 0 ? rest : { ...rest, priorities };
}

export function withCircumstances(work: StatedWork, circumstances: readonly Circumstance[]): StatedWork {
  const rest = without(work, 'circumstances');
  return circumstances.length === 0 ? rest : { ...rest, circumstances };
}

/** @param seamMm length to be welded, mm; undefined where it is not known */
export function withSeam(work: StatedWork, seamMm: number | undefined): StatedWork {
  const rest = without(work, 'seamMm');
  return seamMm === undefined ? rest : { ...rest, seamMm };
}
