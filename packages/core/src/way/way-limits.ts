import type { FamilyId } from '../family/family.ts';
import { HANDBOOK, type Source } from '../provenance/source.ts';

export interface WayLimit {
  /** Thinnest part it is used on, mm, and what happens below. */
  readonly thinnestMm: number;
  readonly tooThin: string;
  /** Thickest part it is used on, mm, and what happens above. */
  readonly thickestMm: number;
  readonly tooThick: string;
  readonly source: Source;
}

function limit(thinnestMm: number, tooThin: string, thickestMm = 25, tooThick = ''): WayLimit {
  return { thinnestMm, tooThin, thickestMm, tooThick, source: HANDBOOK };
}

/** Thickness each family is used over. Source: handbook figures, from memory. */
export const WAY_LIMITS: Readonly<Record<FamilyId, WayLimit>> = {
  'steel-dip': limit(0.5, ''),
  'steel-spray': limit(4.5, 'Spray blows through steel under about 5 mm.'),
  'steel-pulse': limit(1.5, 'Pulse is for 1.5 mm and up.'),
  'self-shielded': limit(
    1,
    'Self-shielded flux core blows through under about 1.2 mm.',
    12,
    'Self-shielded wire of this class is for up to about 12 mm.',
  ),
  'gas-shielded-flux-core': limit(2.5, 'Gas-shielded flux core is too hot under about 3 mm.'),
  'metal-cored': limit(4.5, 'Metal-cored wire sprays: too hot under about 5 mm.'),
  'stainless-dip': limit(0.5, ''),
  'stainless-spray': limit(4.5, 'Spray blows through stainless under about 5 mm.'),
  'stainless-pulse': limit(1.5, 'Pulse is for 1.5 mm and up.'),
  'aluminium-spray': limit(1.6, 'Without pulse aluminium this thin falls through.'),
  'aluminium-pulse': limit(0.8, 'Aluminium this thin falls through, even pulsed.'),
  'bronze-braze': limit(0.5, '', 3, 'Brazing is for thin sheet: over 3 mm it does not carry.'),
};

/** Thickest work a single-pass wire class takes, mm. Source: AWS A5.20, recalled. */
export const SINGLE_PASS_MOST_MM = 5;
