import { wantedCurrentA } from '../demand/current-demand.ts';
import { isSizeForPosition, positionCeilingA } from '../../trade/family/ceilings.ts';
import { type Family, type FamilySize, sizeOf } from '../../trade/family/family.ts';
import type { Gas } from '../../trade/gas/gas.ts';
import { sprayFloorA } from '../../trade/transfer/transition.ts';
import { trueDiameterMm } from '../../trade/wire/true-diameter.ts';
import { GUN_LIMITS } from '../way/gun-limits.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import type { WorkContext } from '../way/work-context.ts';

/** How far past a window's edge a wire is still let run: the windows are round figures, ours ±10 %. Source: our model. */
export const WINDOW_EDGE_TOLERANCE = 0.1;
/**
 * Share over the top current that one pass still takes at a slower hand: the demand itself is no surer than
 * that. Source: our model, from the confidence of the starting rows.
 */
export const ONE_PASS_OVER = 0.15;
/** Most that a spray plan is lifted to reach the transition, as a share of the current wanted. Source: our model. */
export const MOST_LIFT_TO_SPRAY = 0.25;

/** How far past the thickness range of a wire it is still taken: the ranges are round figures. Source: our model. */
export const RANGE_EDGE_TOLERANCE = 0.1;

/** Thickness up to which one school keeps 0.8 mm wire for everything, mm. Source: common practice. */
export const ONE_WIRE_TO_MM = 6;

/** Everything a size is judged by. */
export interface SizeUse {
  readonly way: Way;
  readonly family: Family;
  readonly wireClass: WireClass;
  readonly gas: Gas;
  readonly context: WorkContext;
}

/** Current wanted with a wire size, before floor and limits, A. */
export function wantedWith({ family, wireClass, context }: SizeUse, nominalMm: WireDiameterMm): number {
  return wantedCurrentA(family, context, trueDiameterMm(wireClass, nominalMm));
}

/** Most that a size is run at in the position of the work, A; Infinity where nothing holds it. */
export function ceilingOf(
  { family, context }: Pick<SizeUse, 'family' | 'context'>,
  nominalMm: WireDiameterMm,
): number {
  return positionCeilingA(family.ceilings, nominalMm, context.work.position) ?? Infinity;
}

/** Whether a size can be had in the gun and used in the position of the work. */
function isUsable({ family, way, context }: SizeUse, { nominalMm }: FamilySize): boolean {
  const gun = GUN_LIMITS[way]?.wireMm;
  if (gun && (nominalMm < gun[0] || nominalMm > gun[1])) return false;
  return isSizeForPosition(family.ceilings, nominalMm, context.work.position);
}

/** Lowest current wanted that a size still serves: its window's edge, or as far under the spray floor as is lifted. */
export function lowestServedA({ family, gas }: SizeUse, size: FamilySize): number {
  const floor = family.sprayMetal && sprayFloorA(family.sprayMetal, size.nominalMm, gas);
  return floor === undefined
    ? size.windowA[0] * (1 - WINDOW_EDGE_TOLERANCE)
    : floor / (1 + MOST_LIFT_TO_SPRAY);
}

/** Where the current wanted lies against a wire size: under what it serves, in, or over its window. */
export function sizeFit(use: SizeUse, size: FamilySize): 'under' | 'in' | 'over' {
  const wantedA = Math.min(wantedWith(use, size.nominalMm), ceilingOf(use, size.nominalMm));
  if (wantedA < lowestServedA(use, size)) return 'under';
  return wantedA > size.windowA[1] ? 'over' : 'in';
}

/** First choice goes by the thinner part: a thick partner asks for heat, not for a thicker wire. */
function suits({ context }: SizeUse, size: FamilySize): boolean {
  const { thinnerMm } = context.thickness;
  const [min, max] = size.thicknessMm;
  return thinnerMm >= min && thinnerMm <= max;
}

/** Whether the work stands in the thickness a size is for, its round edges taken a little wide. */
export function suitsSize(use: SizeUse, nominalMm: WireDiameterMm): boolean {
  const size = sizeOf(use.family, nominalMm);
  if (!size) return false;
  const { thicknessMm, thinnerMm } = use.context.thickness;
  const [min, max] = size.thicknessMm;
  return thicknessMm >= min * (1 - RANGE_EDGE_TOLERANCE) && thinnerMm <= max * (1 + RANGE_EDGE_TOLERANCE);
}

/** The size taken when none is asked or loaded. */
export function firstChoiceSize(use: SizeUse): WireDiameterMm {
  const usable = use.family.sizes.filter((size) => isUsable(use, size));
  const sizes = usable.length > 0 ? usable : use.family.sizes;
  const oneWire = use.family.id === 'steel-dip' && use.context.schools.steelWire === 'one-wire';
  if (oneWire && use.context.thickness.thicknessMm <= ONE_WIRE_TO_MM && isCarried(use, 0.8)) return 0.8;
  const inWindow = sizes.filter((size) => sizeFit(use, size) === 'in');
  const best = inWindow.find((size) => suits(use, size)) ?? inWindow[0];
  if (best) return best.nominalMm;
  const byDiameter = sizes.toSorted((a, b) => a.nominalMm - b.nominalMm);
  const thin = byDiameter.every((size) => sizeFit(use, size) === 'under');
  return ((thin ? byDiameter[0] : byDiameter.at(-1)) as FamilySize).nominalMm;
}

/** Whether a size's window holds the work, or falls so little short that one pass still carries it. */
function isCarried(use: SizeUse, nominalMm: WireDiameterMm): boolean {
  const size = sizeOf(use.family, nominalMm);
  if (!size || !isUsable(use, size)) return false;
  const fit = sizeFit(use, size);
  return (
    fit === 'in' || (fit === 'over' && wantedWith(use, nominalMm) <= size.windowA[1] * (1 + ONE_PASS_OVER))
  );
}

/** Whether a size that is at hand is kept: the work stands in its thickness range and its window holds it. */
export function carriesOn(use: SizeUse, nominalMm: WireDiameterMm): boolean {
  return suitsSize(use, nominalMm) && isCarried(use, nominalMm);
}

/** The largest size that is not too large for the work, for "take this instead". */
export function smallerSize(use: SizeUse, than: WireDiameterMm): WireDiameterMm | undefined {
  const smaller = use.family.sizes.filter(
    (s) => s.nominalMm < than && isUsable(use, s) && sizeFit(use, s) !== 'under',
  );
  return smaller.length === 0 ? undefined : (Math.max(...smaller.map((s) => s.nominalMm)) as WireDiameterMm);
}

/** The smallest larger size whose window holds the whole current, for "takes this in one pass". */
export function onePassSize(use: SizeUse, than: WireDiameterMm): WireDiameterMm | undefined {
  const larger = use.family.sizes.filter(
    (s) => s.nominalMm > than && isUsable(use, s) && sizeFit(use, s) === 'in',
  );
  return larger.length === 0 ? undefined : (Math.min(...larger.map((s) => s.nominalMm)) as WireDiameterMm);
}

/** The smallest size the family is made in. */
export function smallestSize(family: Family): WireDiameterMm {
  return Math.min(...family.sizes.map((size) => size.nominalMm)) as WireDiameterMm;
}
