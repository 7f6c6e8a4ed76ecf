import { filletLegMm } from '../../plan/bead/weld-size.ts';
import type { ArcFeatures } from './arc-features.ts';
import type { ArcSetting } from './arc-setting.ts';
import { wireDiameterRow } from '../../trade/wire/wire-diameter.ts';

/** Share of solid wire that ends in the bead: short-circuit, and spray or pulse. Source: handbook figures, from memory. */
const DEPOSIT_SHARE = { dip: 0.93, free: 0.98 } as const;
/** What a bead is measured by: 0.9 mm wire at 6.35 m/min, 163 A and 18.5 V, in the middle of its window. Source: our model. */
const REFERENCE = { sectionMmPerMin: 0.93 * 0.6207 * 6350, currentA: 163, volts: 18.5 } as const;

/** The bead that an arc lays, as far as the model tells. */
export interface ArcBead {
  /** Leg of an equal fillet, mm. */
  readonly legMm: number;
  /** Lengths of its section over those of the reference bead at the same travel. */
  readonly size: number;
  /** Depth of its root over that of the reference bead at the same travel. */
  readonly depth: number;
}

/**
 * Size and depth of the bead at a travel speed.
 *
 * @param travelMmPerMin 50 to 3000
 * @source section by what is deposited, handbook figures, from memory; depth ∝ (I⁴/(travel·V²))^⅓, recalled, without its constant
 */
export function arcBead(
  { meanA, meanV, shortsPerS }: ArcFeatures,
  { wireMm, wireFeedSpeedMPerMin }: ArcSetting,
  travelMmPerMin: number,
): ArcBead {
  const { trueMm } = wireDiameterRow(wireMm);
  const share = shortsPerS > 0 ? DEPOSIT_SHARE.dip : DEPOSIT_SHARE.free;
  const laid = share * (Math.PI / 4) * trueMm ** 2 * wireFeedSpeedMPerMin * 1000;
  return {
    legMm: filletLegMm(laid / travelMmPerMin),
    size: Math.sqrt(laid / REFERENCE.sectionMmPerMin),
    depth: Math.cbrt((meanA / REFERENCE.currentA) ** 4 / (meanV / REFERENCE.volts) ** 2),
  };
}
