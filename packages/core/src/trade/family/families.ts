import type { WayMode } from '../transfer/way-mode.ts';
import type { WeldMetal } from '../material/metal-pair.ts';
import { ALUMINIUM_PULSE, ALUMINIUM_SPRAY } from './aluminium.ts';
import { GAS_SHIELDED_FLUX_CORE, METAL_CORED, SELF_SHIELDED, SELF_SHIELDED_T8 } from './cored.ts';
import { type WireClass, wireClassRow } from '../wire/wire-class.ts';
import type { Family } from './family.ts';
import { STAINLESS_DIP, STAINLESS_PULSE, STAINLESS_SPRAY } from './stainless.ts';
import { BRONZE_BRAZE, STEEL_DIP, STEEL_PULSE, STEEL_SPRAY } from './steel.ts';

/** Families of each metal. */
export const FAMILIES: Readonly<Record<WeldMetal, readonly Family[]>> = {
  steel: [
    STEEL_DIP,
    STEEL_SPRAY,
    STEEL_PULSE,
    SELF_SHIELDED_T8,
    SELF_SHIELDED,
    GAS_SHIELDED_FLUX_CORE,
    METAL_CORED,
    BRONZE_BRAZE,
  ],
  stainless: [STAINLESS_DIP, STAINLESS_SPRAY, STAINLESS_PULSE],
  aluminium: [ALUMINIUM_SPRAY, ALUMINIUM_PULSE],
};

/** Whether a metal is welded by a way in a mode at all. */
export function isWayOfMetal({ way, mode }: WayMode, metal: WeldMetal): boolean {
  return FAMILIES[metal].some((family) => family.ways.includes(way) && family.mode === mode);
}

/** The family a metal is welded in by a way, a mode and a wire class; undefined when there is none. */
export function familyOf(
  metal: WeldMetal,
  { way, mode }: WayMode,
  wireClass: WireClass | undefined,
): Family | undefined {
  return FAMILIES[metal].find(
    ({ ways, mode: runs, usability }) =>
      ways.includes(way) &&
      runs === mode &&
      (usability === undefined ||
        (wireClass !== undefined && wireClassRow(wireClass).usability === usability)),
  );
}
