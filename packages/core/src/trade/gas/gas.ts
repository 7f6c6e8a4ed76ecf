import { type Source, standard } from '../../base/source.ts';
import { within } from '../../base/quantity/out-of-range-error.ts';
import { GAS_TABLE, type GasRow } from './gas-table.ts';

/**
 * A shielding gas by composition. Two-gas mixes of argon and CO₂ are `ar-co2-N` with N the percentage of
 * CO₂; the assumed shop mix, whose percentage is not known, is `ar-co2-18-25`.
 */
export type GasId = (typeof GAS_TABLE)[number]['id'] | `ar-co2-${number}`;

/** Range of CO₂ in a two-gas mix, per cent. Source: our model. */
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
  /** False for no gas at all. */
  readonly shields: boolean;
  readonly source: Source;
}

const ISO_14175 = standard('ISO 14175');

/** Argon–CO₂ mixes offered in a list, and the place of each beside the named gases there. */
const COMMON_MIXES: readonly (readonly [co2Percent: number, place: number])[] = [
  [25, 1],
  [20, 2],
  [18, 3],
  [15, 4],
  [10, 5],
  [8, 6],
  [2, 7],
];

/** The named gases as rows alike: each with every field it may have. */
const NAMED: readonly (GasRow & { readonly id: GasId })[] = GAS_TABLE;

/** Gases offered in a list, commonest first. */
export const COMMON_GASES: readonly GasId[] = [
  ...COMMON_MIXES.map(([percent, place]) => ({ id: `ar-co2-${percent}` as const, place })),
  ...NAMED.flatMap(({ id, place }) => (place === undefined ? [] : [{ id, place }])),
]
  .toSorted((a, b) => a.place - b.place)
  .map(({ id }) => id);

/** Words that gases are typed by, apart by strokes. */
export const GAS_WORDS: readonly (readonly [phrases: string, gas: GasId])[] = NAMED.flatMap(
  ({ id, typedAs }) => (typedAs === undefined ? [] : [[typedAs, id] as const]),
);

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

/**
 * The gas of an id, or undefined when no such gas is known.
 *
 * @example
 * gasNamed('ar-co2-18').co2Percent // [18, 18]
 * gasNamed('laughing') // undefined
 */
export function gasNamed(id: string): Gas | undefined {
  const named = NAMED.find((gas) => gas.id === id);
  if (named) {
    const { place: _place, typedAs: _typedAs, ...gas } = named;
    return gas;
  }
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
    shields: true,
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

/** Shares of a gas whose rest is argon, per cent. */
export interface GasShares {
  readonly co2Percent?: number;
  readonly heliumPercent?: number;
  readonly oxygenPercent?: number;
}

/** The known gas that is made of these shares and argon, or undefined where there is none. */
export function gasOfShares({
  co2Percent = 0,
  heliumPercent = 0,
  oxygenPercent = 0,
}: GasShares): GasId | undefined {
  const named = NAMED.find(
    (gas) =>
      gas.shields &&
      gas.heliumPercent === heliumPercent &&
      gas.oxygenPercent === oxygenPercent &&
      gas.co2Percent[0] === co2Percent &&
      gas.co2Percent[1] === co2Percent,
  );
  if (named) return named.id;
  const [least, most] = CO2_MIX_RANGE_PERCENT;
  const isMix = heliumPercent === 0 && oxygenPercent === 0 && co2Percent >= least && co2Percent <= most;
  return isMix ? argonCo2(co2Percent) : undefined;
}

/** Whether a gas leaves the metal as it is: argon, helium or both. */
export function isInert({ shields, co2Percent, oxygenPercent }: Gas): boolean {
  return shields && co2Percent[1] === 0 && oxygenPercent === 0;
}

/** Whether a gas is argon and nothing else. */
export function isPureArgon(gas: Gas): boolean {
  return isInert(gas) && gas.heliumPercent === 0;
}
