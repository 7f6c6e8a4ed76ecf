import { type Source, HANDBOOK, PRACTICE } from '../provenance/source.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';

/** One fitted part on the wire's way: what to fit, why, how to check it, what goes wrong otherwise. */
export interface FeedPart {
  readonly fit: string;
  readonly why: string;
  readonly check: string;
  readonly ifWrong: string;
  readonly source: Source;
}

export interface FeedPath {
  readonly spool: FeedPart;
  readonly driveRolls: FeedPart & { readonly form: 'v-smooth' | 'u' | 'knurled'; readonly grooveMm: number };
  readonly liner: FeedPart & { readonly material: 'steel' | 'plastic' };
  readonly tip: FeedPart & { readonly boreForMm: number };
  readonly nozzle: FeedPart & { readonly boreMm: number };
}

/** Gas nozzle bore for short-circuit steel, mm. Source: common practice, 12–16 mm. */
export const SHORT_CIRCUIT_NOZZLE_BORE_MM = 12;

function linerRange(diameterMm: WireDiameterMm): string {
  if (diameterMm <= 0.8) return '0.6–0.8';
  return diameterMm <= 1.0 ? '0.9–1.0' : '1.2–1.6';
}

/**
 * Parts on the wire's way for a solid steel wire under gas.
 *
 * @source handbook station table, from memory; checks are common practice
 */
export function solidSteelFeedPath(diameterMm: WireDiameterMm): FeedPath {
  const size = diameterMm.toFixed(1);
  return {
    spool: {
      fit: `${size} mm solid steel, brake just stops it`,
      why: 'Too loose and the spool overruns, too tight and the wire jerks.',
      check: 'Run and stop: a little slack is normal, overrun is not.',
      ifWrong: 'Overrun tangles the wire; drag makes the arc stutter.',
      source: PRACTICE,
    },
    driveRolls: {
      form: 'v-smooth',
      grooveMm: diameterMm,
      fit: `V groove, smooth, ${size} mm`,
      why: 'Solid steel is hard: a smooth V grips it without shaving it.',
      check:
        'Read the groove itself, not only the stamp; the wire curls away from a block of wood instead of stopping.',
      ifWrong: 'A groove too big slips; too much pressure shaves the wire and fills the liner with flakes.',
      source: HANDBOOK,
    },
    liner: {
      material: 'steel',
      fit: `steel, for ${linerRange(diameterMm)} mm`,
      why: 'A steel liner guides steel wire; its bore must suit the wire.',
      check: 'Pressure arm off, pull the wire by hand: it should slide.',
      ifWrong: 'Drag in the liner shows as an unsteady arc and burnback.',
      source: HANDBOOK,
    },
    tip: {
      boreForMm: diameterMm,
      fit: `${size} mm tip, flush with the nozzle to 3 mm out`,
      why: 'The tip hands over the current: it must be the wire’s size.',
      check: 'Look at the bore: round, not a slot. Snug with pliers.',
      ifWrong: 'A worn or large tip hisses and wanders; a small one sticks.',
      source: HANDBOOK,
    },
    nozzle: {
      boreMm: SHORT_CIRCUIT_NOZZLE_BORE_MM,
      fit: `${SHORT_CIRCUIT_NOZZLE_BORE_MM} mm bore (up to 16)`,
      why: 'Wide enough to cover the puddle, narrow enough to see past.',
      check: 'Clear of spatter, seated, not loose.',
      ifWrong: 'A clogged nozzle lets air in: pin-holes.',
      source: PRACTICE,
    },
  };
}
