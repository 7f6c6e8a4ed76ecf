import type { Position, Work } from '../../trade/material/work.ts';
import { isFilletJoint } from '../../trade/material/work.ts';
import type { BaseMetal } from '../../trade/material/base-metal.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { PlannedMode } from '../../trade/transfer/transfer-mode.ts';

/**
 * Number of a welding process, from its way and whether its gas reacts.
 *
 * @source ISO 4063, recalled
 */
export function processNumber(way: Way, isInert: boolean): string {
  switch (way) {
    case 'solid-gas':
      return isInert ? '131' : '135';
    case 'gas-shielded-flux-core':
      return isInert ? '132' : '136';
    case 'metal-cored':
      return isInert ? '133' : '138';
    case 'self-shielded':
      return '114';
    case 'aluminium-gun':
    case 'aluminium-spool-gun':
    case 'bronze-braze':
      return '131';
  }
}

/** Letter of a transfer mode. Source: ISO 4063, recalled. */
export const MODE_LETTER: Readonly<Record<PlannedMode, string>> = {
  'short-circuit': 'D',
  spray: 'S',
  pulse: 'P',
  own: '–',
};

/** Position in both systems, for a fillet or a butt. Source: ISO 6947 and AWS A3.0, recalled. */
export function positionCode({ position, joint }: Pick<Work, 'position' | 'joint'>): string {
  const isFillet = isFilletJoint(joint);
  const codes: Readonly<Record<Position, string>> = {
    flat: isFillet ? 'PA / 1F' : 'PA / 1G',
    horizontal: isFillet ? 'PB / 2F' : 'PC / 2G',
    'vertical-up': isFillet ? 'PF / 3F up' : 'PF / 3G up',
    'vertical-down': isFillet ? 'PG / 3F down' : 'PG / 3G down',
    overhead: isFillet ? 'PD / 4F' : 'PE / 4G',
  };
  return codes[position];
}

/** Group of an aluminium by its alloy. Source: ISO/TR 15608, recalled. */
function aluminiumGroup(alloy: string | undefined): string | undefined {
  if (alloy === undefined) return undefined;
  if (/^1\d{3}$/.test(alloy)) return '21';
  if (/^3\d{3}$/.test(alloy)) return '22.1';
  if (/^(5005|5050)$/.test(alloy)) return '22.2';
  if (/^(5052|5251|5154|5454|5754)$/.test(alloy)) return '22.3';
  if (/^(5083|5086|5182|5456)$/.test(alloy)) return '22.4';
  return /^6\d{3}$/.test(alloy) ? '23.1' : undefined;
}

/**
 * Group of a parent metal; undefined where it is not known.
 *
 * @source ISO/TR 15608, recalled: 1.1 up to 275 MPa, 1.2 up to 360, 8.1 austenitic, 21 to 24 aluminium
 */
export function metalGroup(metal: BaseMetal, alloy: string | undefined): string | undefined {
  if (metal === 'aluminium') return aluminiumGroup(alloy);
  if (metal === 'cast-aluminium') return '24';
  if (metal === 'stainless')
    return alloy !== undefined && /^(304|316|321|347)/.test(alloy) ? '8.1' : undefined;
  if (metal !== 'carbon-steel' && metal !== 'coated-steel') return undefined;
  if (alloy !== undefined && /355|A572|A992/i.test(alloy)) return '1.2';
  return alloy !== undefined && /235|275|A36|A500|1018|1020/i.test(alloy) ? '1.1' : undefined;
}

/** Number of the same metal in the other system. Source: ASME IX, recalled, less sure. */
export function pNumber(group: string | undefined): string | undefined {
  if (group === undefined) return undefined;
  if (group.startsWith('1.')) return '1';
  if (group === '8.1') return '8';
  if (group === '21' || group === '22.1') return '21';
  if (group.startsWith('22')) return group === '22.4' ? '25' : '22';
  return group.startsWith('23') ? '23' : undefined;
}

/** A wire class in the other system. Source: ISO 14341, 17632, 14343, 18273, recalled; E71T-11 less sure. */
export const FILLER_BESIDE: Readonly<Partial<Record<WireClass, string>>> = {
  'ER70S-6': 'G 42 4 M21 3Si1',
  'E71T-1M': 'T 46 2 P M21 1',
  'E71T-11': 'T 42 Z N',
  ER308LSi: 'G 19 9 L Si',
  ER4043: 'S Al 4043',
  ER5356: 'S Al 5356',
  ER5183: 'S Al 5183',
};
