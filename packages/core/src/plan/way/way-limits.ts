import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { FamilyId } from '../../trade/family/family.ts';
import { HANDBOOK, type Source } from '../../base/source.ts';
import { THICKNESS_RANGE_MM } from '../../base/quantity/thickness.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';

export interface WayLimit {
  /** Thinnest part it is used on, mm, and what happens below. */
  readonly thinnestMm: number;
  readonly tooThin: Words;
  /** Thickest part it is used on, mm, and what happens above. */
  readonly thickestMm: number;
  readonly tooThick: Words;
  readonly source: Source;
}

function limit(
  thinnestMm: number,
  tooThin: Words,
  thickestMm: number = THICKNESS_RANGE_MM[1],
  tooThick: Words = '',
): WayLimit {
  return { thinnestMm, tooThin, thickestMm, tooThick, source: HANDBOOK };
}

/** Thickness each family is used over. Source: handbook figures, from memory. */
export const WAY_LIMITS: Readonly<Record<FamilyId, WayLimit>> = {
  'steel-dip': limit(0.5, ''),
  'steel-spray': limit(4.5, words`Spray blows through steel under about ${amount.thickness(5)}.`),
  'steel-pulse': limit(1.5, words`Pulse is for ${amount.thickness(1.5)} and up.`),
  'self-shielded': limit(
    1,
    words`Self-shielded flux core blows through under about ${amount.thickness(1.2)}.`,
    12.7,
    words`Self-shielded T-11 of this size is for up to about ${amount.thickness(12)}.`,
  ),
  'self-shielded-t8': limit(
    4.5,
    words`Self-shielded T-8 in these sizes is too hot under about ${amount.thickness(5)}.`,
  ),
  'gas-shielded-flux-core': limit(
    2.5,
    words`Gas-shielded flux core is too hot under about ${amount.thickness(3)}.`,
  ),
  'metal-cored': limit(4.5, words`Metal-cored wire sprays: too hot under about ${amount.thickness(5)}.`),
  'stainless-dip': limit(0.5, ''),
  'stainless-spray': limit(4.5, words`Spray blows through stainless under about ${amount.thickness(5)}.`),
  'stainless-pulse': limit(1.5, words`Pulse is for ${amount.thickness(1.5)} and up.`),
  'aluminium-spray': limit(1.6, 'Without pulse aluminium this thin falls through.'),
  'aluminium-pulse': limit(0.8, 'Aluminium this thin falls through, even pulsed.'),
  'bronze-braze': limit(
    0.5,
    '',
    3,
    words`Brazing is for thin sheet: over ${amount.thickness(3)} it does not carry.`,
  ),
};

/** Self-shielded T-11 above 1.2 mm is taken a little further, mm. Source: handbook figure, from memory. */
export const THICK_T11 = { aboveMm: 1.2, thickestMm: 13 } as const;

/** Thickest part a family takes with a wire size, mm. */
export function thickestMm(family: FamilyId, wireDiameterMm: WireDiameterMm | undefined): number {
  const large = family === 'self-shielded' && (wireDiameterMm ?? 0) > THICK_T11.aboveMm;
  return large ? THICK_T11.thickestMm : WAY_LIMITS[family].thickestMm;
}

/** Thickest work that is welded vertical down, mm. Source: common practice. */
export const VERTICAL_DOWN_MOST_MM = 10;

/** Thickest work a single-pass wire class takes, mm. Source: AWS A5.20, recalled. */
export const SINGLE_PASS_MOST_MM = 5;
