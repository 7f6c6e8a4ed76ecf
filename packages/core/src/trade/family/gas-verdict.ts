import type { Words } from '../../base/words/words.ts';
import type { FamilyId } from './family.ts';
import type { Schools } from '../../base/school.ts';
import { isMadeFor, WIRE_CLASS_ROWS, type WireClass, wireClassRow } from '../wire/wire-class.ts';
import { type Gas, type GasId, gasOf, isInert, isPureArgon } from '../gas/gas.ts';

export type GasRefusalCode =
  'gas-wrong-for-metal' | 'gas-too-little-co2' | 'gas-too-much-co2' | 'gas-wrong-for-wire';

export type GasVerdict =
  | { readonly status: 'fits' }
  | {
      readonly status: 'refused';
      readonly code: GasRefusalCode;
      readonly reason: Words;
      readonly instead: Words;
    };

/** What a gas is wanted for. */
export interface GasUse {
  readonly family: FamilyId;
  readonly wireClass: WireClass;
  readonly leanMix: Schools['leanMix'];
}

const FITS: GasVerdict = { status: 'fits' };

/** Whether a family makes its own shield and takes no gas. */
export function isGasless(family: FamilyId): family is 'self-shielded' | 'self-shielded-t8' {
  return family === 'self-shielded' || family === 'self-shielded-t8';
}

function no(code: GasRefusalCode, reason: string, instead: string): GasVerdict {
  return { status: 'refused', code, reason, instead };
}

/** Least CO₂ that holds a short-circuit arc on steel, per cent, and what the stricter school asks. */
export const LEAST_DIP_CO2_PERCENT = { allow: 5, avoid: 13 } as const;
/** Most CO₂ that spray and pulse carry, per cent. Source: handbook figure, from memory. */
export const MOST_SPRAY_CO2_PERCENT = 20;
/** Most CO₂ stainless takes without picking up carbon, per cent. Source: handbook figure, from memory. */
export const MOST_STAINLESS_CO2_PERCENT = 2.5;

function steel(gas: Gas, most: number, least: number): GasVerdict {
  const instead = most > 50 ? 'Get Ar + 18–25 % CO₂ (M21), or CO₂.' : 'Get Ar + 8–18 % CO₂ (M20).';
  if (isPureArgon(gas)) {
    const reason = 'Argon alone is wrong for steel: the bead stands ropy and convex and does not wet in.';
    return no('gas-wrong-for-metal', reason, instead);
  }
  if (gas.heliumPercent > 0)
    return no('gas-wrong-for-metal', `${gas.name} is not a gas for carbon steel.`, instead);
  if (gas.co2Percent[1] < least) {
    const reason =
      least > 10 && gas.co2Percent[1] >= LEAST_DIP_CO2_PERCENT.allow
        ? `${gas.name} holds too little CO₂ for short-circuit by this shop’s school.`
        : `${gas.name} is for spray: it holds a poor short-circuit arc.`;
    return no('gas-too-little-co2', reason, instead);
  }
  if (gas.co2Percent[0] > most) {
    const reason = `${gas.name} does not spray: above ${MOST_SPRAY_CO2_PERCENT} % CO₂ the drops stay globular.`;
    return no('gas-too-much-co2', reason, instead);
  }
  return FITS;
}

/** Whether a gas is the one that a wire class is made for, and what to do where it is not. */
function ofClass(gas: Gas, wireClass: WireClass): GasVerdict {
  const row = wireClassRow(wireClass);
  if (!row.madeFor || isMadeFor(row, gas)) return FITS;
  const { words, get = words } = row.madeFor;
  const other = WIRE_CLASS_ROWS.find((one) => one.way === row.way && one.madeFor && isMadeFor(one, gas));
  const reason = `${wireClass} is made for ${words}: in ${gas.name} the weld is not what the class says.`;
  return no('gas-wrong-for-wire', reason, other ? `Take ${other.id}, or get ${get}.` : `Get ${get}.`);
}

function metalCored(gas: Gas, wireClass: WireClass): GasVerdict {
  const [low, high] = gas.co2Percent;
  if (low > MOST_SPRAY_CO2_PERCENT && high <= 25) {
    return no(
      'gas-too-much-co2',
      `${gas.name} does not spray: above ${MOST_SPRAY_CO2_PERCENT} % CO₂ the drops stay globular.`,
      'Get Ar + 10–20 % CO₂.',
    );
  }
  return ofClass(gas, wireClass);
}

function stainless(gas: Gas, dip: boolean): GasVerdict {
  const instead = dip ? 'Get helium tri-mix, or Ar + 2 % CO₂.' : 'Get Ar + 2 % CO₂ or O₂.';
  if (gas.co2Percent[1] > MOST_STAINLESS_CO2_PERCENT) {
    return no(
      'gas-wrong-for-metal',
      `${gas.name} on stainless puts carbon into the weld: it rusts there.`,
      instead,
    );
  }
  if (gas.heliumPercent > 50 && gas.co2Percent[1] > 0) {
    return dip
      ? FITS
      : no('gas-wrong-for-metal', 'Helium tri-mix is for short-circuit: it does not spray.', instead);
  }
  const oxygen = gas.oxygenPercent === 2;
  if (gas.heliumPercent === 0 && (gas.co2Percent[1] > 0 || (oxygen && !dip))) return FITS;
  return no('gas-wrong-for-metal', `${gas.name} does not hold a sound arc on stainless here.`, instead);
}

function aluminium(gas: Gas): GasVerdict {
  if (isInert(gas)) return FITS;
  return no(
    'gas-wrong-for-metal',
    `${gas.name} turns aluminium to black soot: it takes inert gas only.`,
    'Get argon.',
  );
}

/**
 * Whether a gas serves a family and a wire.
 *
 * @source handbook gas table, from memory; classes by AWS A5.18, A5.20 and A5.36, recalled
 */
export function gasVerdict(gas: Gas, use: GasUse): GasVerdict {
  if (isGasless(use.family)) return FITS;
  if (!gas.shields) {
    return no(
      'gas-wrong-for-metal',
      'This wire needs a shielding gas.',
      'Get Ar + 18–25 % CO₂ for steel or argon for aluminium, or take self-shielded flux core.',
    );
  }
  switch (use.family) {
    case 'steel-dip':
      return steel(gas, 100, LEAST_DIP_CO2_PERCENT[use.leanMix]);
    case 'steel-spray':
    case 'steel-pulse':
      return steel(gas, MOST_SPRAY_CO2_PERCENT, 0);
    case 'gas-shielded-flux-core':
      return ofClass(gas, use.wireClass);
    case 'metal-cored':
      return metalCored(gas, use.wireClass);
    case 'stainless-dip':
      return stainless(gas, true);
    case 'stainless-spray':
    case 'stainless-pulse':
      return stainless(gas, false);
    case 'aluminium-spray':
    case 'aluminium-pulse':
      return aluminium(gas);
    case 'bronze-braze':
      return isPureArgon(gas)
        ? FITS
        : no('gas-wrong-for-wire', `Silicon bronze runs in argon, not ${gas.name}.`, 'Get argon.');
  }
}

/** Gases of a family, first choice first; the first is what to get when nothing is at hand. */
export function preferredGases(use: GasUse, dipGas: Schools['stainlessDipGas']): readonly GasId[] {
  switch (use.family) {
    case 'self-shielded':
    case 'self-shielded-t8':
      return ['none'];
    case 'steel-dip':
      return [
        'ar-co2-18-25',
        'ar-co2-25',
        'ar-co2-20',
        'ar-co2-18',
        'ar-co2-15',
        'co2',
        'ar-co2-12',
        'ar-co2-10',
        'ar-co2-8',
      ];
    case 'steel-spray':
    case 'steel-pulse':
      return [
        'ar-co2-10',
        'ar-co2-8',
        'ar-co2-12',
        'ar-co2-15',
        'ar-co2-18',
        'ar-co2-20',
        'ar-co2-5',
        'ar-co2-2',
        'ar-o2-2',
      ];
    case 'gas-shielded-flux-core':
      return (['ar-co2-25', 'ar-co2-20', 'ar-co2-18', 'co2'] as const).filter((id) =>
        isMadeFor(wireClassRow(use.wireClass), gasOf(id)),
      );
    case 'metal-cored':
      return ['ar-co2-18', 'ar-co2-15', 'ar-co2-20', 'ar-co2-10', 'ar-co2-12'];
    case 'stainless-dip':
      return dipGas === 'tri-mix' ? ['tri-mix', 'ar-co2-2'] : ['ar-co2-2', 'tri-mix'];
    case 'stainless-spray':
    case 'stainless-pulse':
      return ['ar-co2-2', 'ar-o2-2'];
    case 'aluminium-spray':
    case 'aluminium-pulse':
      return ['argon', 'ar-he-25', 'ar-he-50', 'ar-he-75'];
    case 'bronze-braze':
      return ['argon'];
  }
}
