import { type Source, HANDBOOK, standard } from '../provenance/source.ts';
import { within } from '../quantity/out-of-range-error.ts';

/**
 * A shielding gas by composition. Two-gas mixes of argon and CO₂ are `ar-co2-N` with N the percentage of
 * CO₂; the assumed shop mix, whose percentage is not known, is `ar-co2-18-25`.
 */
export type GasId =
  | 'argon'
  | 'co2'
  | 'none'
  | 'tri-mix'
  | 'ar-o2-2'
  | 'ar-o2-5'
  | 'ar-he-25'
  | 'ar-he-50'
  | 'ar-he-75'
  | 'ar-co2-18-25'
  | `ar-co2-${number}`;

/** Range of CO₂ in a two-gas mix, per cent. */
export const CO2_MIX_RANGE_PERCENT = [1, 50] as const;

export interface Gas {
  readonly id: GasId;
  readonly name: string;
  /** ISO 14175 main group, where we know it. */
  readonly group: string | undefined;
  /** CO₂ content, per cent, as a span (equal ends where it is known). */
  readonly co2Percent: readonly [low: number, high: number];
  readonly heliumPercent: number;
  readonly oxygenPercent: number;
  readonly source: Source;
}

const ISO_14175 = standard('ISO 14175');

const NAMED: readonly Gas[] = [
  {
    id: 'argon',
    name: 'argon',
    group: 'I1',
    co2Percent: [0, 0],
    heliumPercent: 0,
    oxygenPercent: 0,
    source: ISO_14175,
  },
  {
    id: 'co2',
    name: 'CO₂',
    group: 'C1',
    co2Percent: [100, 100],
    heliumPercent: 0,
    oxygenPercent: 0,
    source: ISO_14175,
  },
  {
    id: 'none',
    name: 'no gas',
    group: undefined,
    co2Percent: [0, 0],
    heliumPercent: 0,
    oxygenPercent: 0,
    source: HANDBOOK,
  },
  {
    id: 'tri-mix',
    name: '90 He / 7.5 Ar / 2.5 CO₂',
    group: 'M12',
    co2Percent: [2.5, 2.5],
    heliumPercent: 90,
    oxygenPercent: 0,
    source: HANDBOOK,
  },
  {
    id: 'ar-o2-2',
    name: 'Ar + 2 % O₂',
    group: 'M13',
    co2Percent: [0, 0],
    heliumPercent: 0,
    oxygenPercent: 2,
    source: ISO_14175,
  },
  {
    id: 'ar-o2-5',
    name: 'Ar + 5 % O₂',
    group: 'M22',
    co2Percent: [0, 0],
    heliumPercent: 0,
    oxygenPercent: 5,
    source: ISO_14175,
  },
  {
    id: 'ar-he-25',
    name: 'Ar + 25 % He',
    group: 'I3',
    co2Percent: [0, 0],
    heliumPercent: 25,
    oxygenPercent: 0,
    source: ISO_14175,
  },
  {
    id: 'ar-he-50',
    name: 'Ar + 50 % He',
    group: 'I3',
    co2Percent: [0, 0],
    heliumPercent: 50,
    oxygenPercent: 0,
    source: ISO_14175,
  },
  {
    id: 'ar-he-75',
    name: 'Ar + 75 % He',
    group: 'I3',
    co2Percent: [0, 0],
    heliumPercent: 75,
    oxygenPercent: 0,
    source: ISO_14175,
  },
  {
    id: 'ar-co2-18-25',
    name: 'Ar + 18–25 % CO₂',
    group: 'M21',
    co2Percent: [18, 25],
    heliumPercent: 0,
    oxygenPercent: 0,
    source: ISO_14175,
  },
];

/** Gases offered in a list, commonest first. */
export const COMMON_GASES: readonly GasId[] = [
  'ar-co2-25',
  'ar-co2-20',
  'ar-co2-18',
  'ar-co2-15',
  'ar-co2-10',
  'ar-co2-8',
  'ar-co2-2',
  'co2',
  'argon',
  'ar-o2-2',
  'ar-he-25',
  'ar-he-50',
  'tri-mix',
  'none',
];

function mixGroup(co2Percent: number): string {
  if (co2Percent <= 5) return 'M12';
  if (co2Percent <= 15) return 'M20';
  return co2Percent <= 25 ? 'M21' : 'M31';
}

/** Identity of an argon–CO₂ mix. @param co2Percent whole or half per cent, {@link CO2_MIX_RANGE_PERCENT} */
export function argonCo2(co2Percent: number): GasId {
  within('CO₂ share', co2Percent, CO2_MIX_RANGE_PERCENT, 'gas-unknown');
  return `ar-co2-${co2Percent}`;
}

/** The gas of an id, or undefined when no such gas is known. */
export function gasNamed(id: string): Gas | undefined {
  const named = NAMED.find((gas) => gas.id === id);
  if (named) return named;
  const mix = /^ar-co2-(\d+(?:\.\d+)?)$/.exec(id);
  const percent = Number(mix?.[1]);
  if (!mix || percent < CO2_MIX_RANGE_PERCENT[0] || percent > CO2_MIX_RANGE_PERCENT[1]) return undefined;
  return {
    id: argonCo2(percent),
    name: `Ar + ${percent} % CO₂`,
    group: mixGroup(percent),
    co2Percent: [percent, percent],
    heliumPercent: 0,
    oxygenPercent: 0,
    source: ISO_14175,
  };
}

const known = new Map<GasId, Gas>();

/** The gas of a known id; the same object each time. @throws {OutOfRangeError} never for ids of type {@link GasId} within the mix range */
export function gasOf(id: GasId): Gas {
  const before = known.get(id);
  if (before) return before;
  const gas = gasNamed(id);
  if (!gas) throw new Error(`no gas ${id}`);
  known.set(id, gas);
  return gas;
}
