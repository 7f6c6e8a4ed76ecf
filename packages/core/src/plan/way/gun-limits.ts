import { PRACTICE, type Source } from '../../base/source.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';

/** What a gun carries, whatever the machine gives. */
export interface GunLimit {
  readonly name: string;
  readonly wireMm: readonly [min: WireDiameterMm, max: WireDiameterMm];
  /** Fastest wire it feeds steadily, m/min. */
  readonly fastestMPerMin: number;
  /** Most current, A; undefined: the machine's own limit comes first. */
  readonly mostA: number | undefined;
  readonly source: Source;
}

/**
 * Guns that aluminium goes through; other ways have no limit of ours. Source: common practice: a small spool gun
 * carries 0.8 to 1.2 mm wire to about 200 A; pushed through a lead, soft wire buckles when it is fast or thin.
 */
export const GUN_LIMITS: Readonly<Partial<Record<Way, GunLimit>>> = {
  'aluminium-spool-gun': {
    name: 'the spool gun',
    wireMm: [0.8, 1.2],
    fastestMPerMin: 18,
    mostA: 200,
    source: PRACTICE,
  },
  'aluminium-gun': {
    name: 'the standard gun',
    wireMm: [0.8, 1.6],
    fastestMPerMin: 16,
    mostA: undefined,
    source: PRACTICE,
  },
};

/** Thinnest aluminium wire that a standard gun pushes without trouble, mm. Source: common practice. */
export const EASILY_PUSHED_FROM_MM = 0.9;
