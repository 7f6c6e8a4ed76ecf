/** The unit each quantity is shown in. */
export interface Units {
  readonly wireFeedSpeed: 'm/min' | 'in/min';
  readonly thickness: 'mm' | 'inch' | 'fraction' | 'gauge';
  readonly gasFlow: 'L/min' | 'ft³/h';
  readonly distance: 'mm' | 'in';
  readonly travel: 'mm/min' | 'in/min';
}

export type UnitQuantity = keyof Units;

/** What can be chosen, by quantity. */
export const UNIT_OPTIONS = {
  wireFeedSpeed: ['m/min', 'in/min'],
  thickness: ['mm', 'inch', 'fraction', 'gauge'],
  gasFlow: ['L/min', 'ft³/h'],
  distance: ['mm', 'in'],
  travel: ['mm/min', 'in/min'],
} as const satisfies { readonly [K in UnitQuantity]: readonly Units[K][] };

export const METRIC: Units = {
  wireFeedSpeed: 'm/min',
  thickness: 'mm',
  gasFlow: 'L/min',
  distance: 'mm',
  travel: 'mm/min',
};

export const US: Units = {
  wireFeedSpeed: 'in/min',
  thickness: 'inch',
  gasFlow: 'ft³/h',
  distance: 'in',
  travel: 'in/min',
};

export type UnitSystem = 'metric' | 'us';

/** The system that all choices together make, or undefined for a mixture. */
export function systemOf(units: Units): UnitSystem | undefined {
  const all = (system: Units): boolean =>
    (Object.keys(system) as UnitQuantity[]).every((key) => system[key] === units[key]);
  if (all(METRIC)) return 'metric';
  return all(US) ? 'us' : undefined;
}

/** What a bare number in a thickness field or in the quick line means. */
export function bareLengthUnit(units: Units): 'mm' | 'in' {
  return units.thickness === 'mm' ? 'mm' : 'in';
}
