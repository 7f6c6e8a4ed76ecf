import { amount } from '../base/words/amount.ts';
import { words, type Words } from '../base/words/words.ts';
import type { RollForm } from '../trade/feed-path.ts';
import type { GasId } from '../trade/gas/gas.ts';
import { trueDiameterMm } from '../trade/wire/true-diameter.ts';
import type { WireClass } from '../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../trade/wire/wire-diameter.ts';
import { wireKgPerM } from '../trade/wire/wire-mass.ts';
import { CO2_L_PER_KG, cylinderL, isLiquidGas } from './gas-volume.ts';

/** Sizes of spools by their diameter: 100, 200, 300 mm. */
export const SPOOL_SIZES = ['D100', 'D200', 'D300'] as const;
export type SpoolSize = (typeof SPOOL_SIZES)[number];

/** Weight of an empty spool, kg. Source: handbook figures, from memory: weigh yours. */
export const SPOOL_TARE_KG: Readonly<Record<SpoolSize, number>> = { D100: 0.05, D200: 0.2, D300: 0.75 };

/** Most of a thing that Stores count, and what spools and cylinders can weigh, kg. Source: practice. */
export const PART_COUNT_RANGE = [0, 9999] as const;
export const SPOOL_WIRE_RANGE_KG = [0.1, 30] as const;
export const SPOOL_TARE_RANGE_KG = [0, 5] as const;
export const CYLINDER_GAS_RANGE_KG = [0.5, 60] as const;
export const CYLINDER_TARE_RANGE_KG = [0.5, 120] as const;

/** A spool of wire. */
export interface Spool {
  readonly kind: 'spool';
  readonly wireClass: WireClass;
  readonly diameterMm: WireDiameterMm;
  /** As measured; undefined: what the size is taken for. */
  readonly trueDiameterMm?: number | undefined;
  readonly size?: SpoolSize | undefined;
  /** The maker's batch, as it stands on it. */
  readonly batch?: string | undefined;
  /** Wire on it when new, and what the empty spool weighs, kg; undefined: nobody said. */
  readonly fullKg?: number | undefined;
  readonly tareKg?: number | undefined;
  /** Wire on it now, kg; undefined: nobody weighed it. */
  readonly leftKg?: number | undefined;
  /** Day it was opened, as an ISO date; undefined: closed, or not known. */
  readonly openedOn?: string | undefined;
  /** Kept dry, bagged: aluminium and flux core suffer from damp. */
  readonly keptDry?: boolean | undefined;
}

/** A cylinder of gas: by its gauge, or where the gas is liquid in it by its weight. */
export interface Cylinder {
  readonly kind: 'cylinder';
  /** What it is called: the number on it. */
  readonly name: string;
  readonly gas: GasId;
  /** Water it would hold, L; for a gas that is gauged. */
  readonly waterL?: number | undefined;
  readonly fullBar?: number | undefined;
  readonly leftBar?: number | undefined;
  /** Temperature when it was gauged, °C; undefined: 15. */
  readonly temperatureC?: number | undefined;
  /** Gas in it when new, empty weight, and gas in it now, kg; for a gas that is weighed. */
  readonly fullKg?: number | undefined;
  readonly tareKg?: number | undefined;
  readonly leftKg?: number | undefined;
}

/** Kinds of parts that wear or are lost. */
export const PART_KINDS = [
  'tip',
  'nozzle',
  'roll',
  'liner',
  'neck-liner',
  'tip-holder',
  'o-ring',
  'other',
] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** Parts of one sort. */
export interface Part {
  readonly kind: 'part';
  readonly part: PartKind;
  /** What it is called on the shelf. */
  readonly name: string;
  /** Wire it is for, mm; undefined: any. */
  readonly forMm?: WireDiameterMm | undefined;
  readonly rollForm?: RollForm | undefined;
  readonly liner?: 'steel' | 'plastic' | undefined;
  readonly forAluminium?: boolean | undefined;
  readonly count: number;
  /** Fewer than this are too few; undefined: nobody minds. */
  readonly least?: number | undefined;
}

/** Something that Stores keep. */
export type StockItem = Spool | Cylinder | Part;

/** Something in Stores is wrong, and in which field. */
export interface StockFault {
  readonly field: string;
  readonly message: Words;
}

/** True diameter of the wire on a spool, mm. */
export function spoolTrueMm({ wireClass, diameterMm, trueDiameterMm: measured }: Spool): number {
  return measured ?? trueDiameterMm(wireClass, diameterMm);
}

/** What is left, in every way it can be said. */
export interface Left {
  /** Share of the full one, 0 to 1; undefined: not known. */
  readonly share: number | undefined;
  readonly kg?: number;
  readonly m?: number;
  readonly litres?: number;
}

function shareOf(left: number, full: number | undefined): number | undefined {
  return full === undefined || full <= 0 ? undefined : Math.min(left / full, 1);
}

/**
 * Wire left on a spool; one that nobody weighed is taken as full. Without kg: not to be known.
 *
 * @example
 * spoolLeft({ kind: 'spool', wireClass: 'ER70S-6', diameterMm: 0.8, fullKg: 5 }).share // 1
 */
export function spoolLeft(spool: Spool): Left {
  const kg = spool.leftKg ?? spool.fullKg;
  if (kg === undefined) return { share: undefined };
  return { share: shareOf(kg, spool.fullKg), kg, m: kg / wireKgPerM(spool.wireClass, spoolTrueMm(spool)) };
}

/** Gas left in a cylinder; one that nobody gauged or weighed is taken as full. Litres undefined: not to be known. */
export function cylinderLeft(cylinder: Cylinder): Left {
  const { gas, waterL, fullBar, leftBar = fullBar, temperatureC, fullKg, leftKg = fullKg } = cylinder;
  if (isLiquidGas(gas)) {
    if (leftKg === undefined) return { share: undefined };
    return { share: shareOf(leftKg, fullKg), kg: leftKg, litres: leftKg * CO2_L_PER_KG };
  }
  if (waterL === undefined || leftBar === undefined) return { share: undefined };
  const litres = cylinderL(gas, waterL, leftBar, temperatureC);
  const full = fullBar === undefined ? undefined : cylinderL(gas, waterL, fullBar);
  return { share: shareOf(litres, full), litres };
}

/** Whether there is anything left of it. */
export function isUsedUp(item: StockItem): boolean {
  if (item.kind === 'part') return item.count === 0;
  if (item.kind === 'spool') return item.leftKg === 0;
  return item.leftKg === 0 || item.leftBar === 0;
}

/** Spools and cylinders under this share of the full one are low. Source: our model. */
export const LOW_SHARE = 0.15;

/** Whether it is time to buy it: fewer than the least, or little left. */
export function isLow(item: StockItem): boolean {
  if (item.kind === 'part') return item.least !== undefined && item.count < item.least;
  const { share } = item.kind === 'spool' ? spoolLeft(item) : cylinderLeft(item);
  return share !== undefined && share < LOW_SHARE;
}

function cylinderFault(cylinder: Cylinder): StockFault | undefined {
  const { gas, fullBar, leftBar, fullKg, leftKg } = cylinder;
  if (isLiquidGas(gas)) {
    if (leftBar !== undefined || fullBar !== undefined) {
      const field = leftBar === undefined ? 'fullBar' : 'leftBar';
      return { field, message: 'CO₂ stands at the same pressure until it is nearly gone: weigh it.' };
    }
    if (leftKg !== undefined && fullKg !== undefined && leftKg > fullKg) {
      return {
        field: 'leftKg',
        message: words`That is more than a full one holds (${amount.weight(fullKg)}).`,
      };
    }
    return undefined;
  }
  if (fullKg !== undefined || leftKg !== undefined) {
    return { field: 'leftKg', message: 'This gas is told by its pressure: read the gauge.' };
  }
  if (leftBar !== undefined && fullBar !== undefined && leftBar > fullBar) {
    return {
      field: 'leftBar',
      message: words`That is more than a full one stands at (${amount.pressure(fullBar)}).`,
    };
  }
  return undefined;
}

/** What cannot be of a thing in Stores; undefined: nothing. */
export function stockFault(item: StockItem): StockFault | undefined {
  if (item.kind === 'cylinder') return cylinderFault(item);
  if (item.kind === 'part') return undefined;
  if (item.leftKg !== undefined && item.fullKg !== undefined && item.leftKg > item.fullKg) {
    return {
      field: 'leftKg',
      message: words`That is more wire than a full spool holds (${amount.weight(item.fullKg)}).`,
    };
  }
  return undefined;
}
