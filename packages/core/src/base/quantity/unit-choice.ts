/** The unit each quantity is shown in. */
export interface Units {
  readonly wireFeedSpeed: 'm/min' | 'in/min';
  readonly thickness: 'mm' | 'inch' | 'fraction' | 'gauge';
  readonly wireSize: 'mm' | 'in';
  readonly gasFlow: 'L/min' | 'ft³/h';
  readonly distance: 'mm' | 'in';
  readonly travel: 'mm/min' | 'in/min';
  readonly temperature: '°C' | '°F';
  readonly weight: 'kg' | 'lb';
  readonly pressure: 'bar' | 'psi';
}

export type UnitQuantity = keyof Units;

/** What can be chosen, by quantity. */
export const UNIT_OPTIONS = {
  wireFeedSpeed: ['m/min', 'in/min'],
  thickness: ['mm', 'inch', 'fraction', 'gauge'],
  wireSize: ['mm', 'in'],
  gasFlow: ['L/min', 'ft³/h'],
  distance: ['mm', 'in'],
  travel: ['mm/min', 'in/min'],
  temperature: ['°C', '°F'],
  weight: ['kg', 'lb'],
  pressure: ['bar', 'psi'],
} as const satisfies { readonly [K in UnitQuantity]: readonly Units[K][] };

export const METRIC: Units = {
  wireFeedSpeed: 'm/min',
  thickness: 'mm',
  wireSize: 'mm',
  gasFlow: 'L/min',
  distance: 'mm',
  travel: 'mm/min',
  temperature: '°C',
  weight: 'kg',
  pressure: 'bar',
};

export const US: Units = {
  wireFeedSpeed: 'in/min',
  thickness: 'fraction',
  wireSize: 'in',
  gasFlow: 'ft³/h',
  distance: 'in',
  travel: 'in/min',
  temperature: '°F',
  weight: 'lb',
  pressure: 'psi',
};

export type UnitSystem = 'metric' | 'us';

/** The system that all choices together make, or undefined for a mixture. */
export function systemOf(units: Units): UnitSystem | undefined {
  const all = (system: Units): boolean =>
    (Object.keys(system) as UnitQuantity[]).every((key) => system[key] === units[key]);
  if (all(METRIC)) return 'metric';
  return all(US) ? 'us' : undefined;
}

/**
 * Units from what was kept of them, quantity by quantity: what is no unit, or was not asked yet, goes with the
 * distances, which stand for the system.
 */
export function unitsOfKept(kept: Readonly<Record<string, unknown>>): Units {
  const rest = kept['distance'] === US.distance ? US : METRIC;
  const entries = (Object.keys(METRIC) as UnitQuantity[]).map((key) => {
    const choice = (UNIT_OPTIONS[key] as readonly string[]).find((unit) => unit === kept[key]);
    return [key, choice ?? rest[key]] as const;
  });
  return Object.fromEntries(entries) as unknown as Units;
}

/** What a bare number in a thickness field or in the quick line means. */
export function bareLengthUnit(units: Units): 'mm' | 'in' {
  return units.thickness === 'mm' ? 'mm' : 'in';
}
