import { METRIC, type Units, unitsOfKept } from '@hot-bead/core/base';

const UNITS_KEY = 'hot-bead.units-by-quantity';

/** The units that are remembered on this device; metric while none are. */
export function keptUnits(): Units {
  try {
    return unitsOfKept(JSON.parse(localStorage.getItem(UNITS_KEY) ?? '{}') as Record<string, unknown>);
  } catch {
    return METRIC;
  }
}

/** Remembers them on this device. */
export function keepUnits(units: Units): void {
  localStorage.setItem(UNITS_KEY, JSON.stringify(units));
}
