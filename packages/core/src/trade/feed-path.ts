import { amount, type Amount } from '../base/words/amount.ts';
import { words, type Words } from '../base/words/words.ts';
import type { Family } from './family/family.ts';
import type { WeldMetal } from './material/metal-pair.ts';
import { HANDBOOK, PRACTICE, type Source } from '../base/source.ts';
import type { Way } from './wire/way.ts';
import type { WireDiameterMm } from './wire/wire-diameter.ts';

/** One fitted part on the wire's way: what to fit, why, how to check it, what goes wrong otherwise. */
export interface FeedPart {
  readonly fit: Words;
  readonly why: Words;
  readonly check: Words;
  readonly ifWrong: Words;
  readonly source: Source;
}

export type RollForm = 'v-smooth' | 'u' | 'knurled';
export type LinerMaterial = 'steel' | 'plastic' | 'none';

export interface FeedPath {
  readonly spool: FeedPart;
  readonly driveRolls: FeedPart & { readonly form: RollForm; readonly grooveMm: WireDiameterMm };
  readonly liner: FeedPart & {
    readonly material: LinerMaterial;
    readonly neckLiner: boolean;
    /** Wires that its bore is for, mm. */
    readonly boreForMm: readonly [least: number, most: number];
  };
  readonly tip: FeedPart & { readonly boreForMm: number; readonly recessedMm: number };
  readonly nozzle: FeedPart & { readonly boreMm: number };
  /** Which gun the machine's switch stands on. */
  readonly gun: 'standard' | 'spool-gun';
}

type Kind =
  'solid' | 'bronze' | 'self-shielded' | 'gas-flux-core' | 'metal-cored' | 'aluminium' | 'spool-gun';

/** The wire that goes the path, and what it is welded at. */
export interface WireOnItsWay {
  readonly weldMetal: WeldMetal;
  readonly diameterMm: WireDiameterMm;
  readonly currentA: number;
}

function kindOf(way: Way): Kind {
  if (way === 'self-shielded') return 'self-shielded';
  if (way === 'gas-shielded-flux-core') return 'gas-flux-core';
  if (way === 'metal-cored') return 'metal-cored';
  if (way === 'bronze-braze') return 'bronze';
  if (way === 'aluminium-spool-gun') return 'spool-gun';
  return way === 'aluminium-gun' ? 'aluminium' : 'solid';
}

function part(fit: Words, why: Words, check: Words, ifWrong: Words, source: Source = HANDBOOK): FeedPart {
  return { fit, why, check, ifWrong, source };
}

const WIRE_WORD: Readonly<Record<Kind, string>> = {
  solid: 'solid',
  bronze: 'silicon bronze',
  'self-shielded': 'self-shielded flux core',
  'gas-flux-core': 'tubular',
  'metal-cored': 'metal-cored',
  aluminium: 'aluminium',
  'spool-gun': 'aluminium, small spool in the gun',
};

function spool(kind: Kind, size: Amount): FeedPart {
  const soft = kind === 'aluminium' || kind === 'spool-gun';
  return part(
    words`${size} ${WIRE_WORD[kind]}, brake just stops it`,
    soft
      ? 'Aluminium wire kinks and dents: it must run off freely and stop without slack.'
      : 'Too loose and the spool overruns, too tight and the wire jerks.',
    soft
      ? 'Wire free of kinks and blemishes; run and stop: slack is normal.'
      : 'Run and stop: a little slack is normal, overrun is not.',
    'Overrun tangles the wire; drag makes the arc stutter.',
    PRACTICE,
  );
}

function driveRolls(
  kind: Kind,
  mm: WireDiameterMm,
  size: Amount,
  weldMetal: WeldMetal,
): FeedPath['driveRolls'] {
  if (kind === 'aluminium' || kind === 'spool-gun') {
    const whose = kind === 'spool-gun' ? 'the gun’s own U rolls' : 'U groove, top and bottom';
    return {
      ...part(
        words`${whose}, ${size}`,
        'Soft wire is carried in a round groove: a V cuts it.',
        'The least pressure that feeds; look for flakes under the rolls.',
        'V rolls shave aluminium, the liner clogs, and the wire nests at the rolls.',
      ),
      form: 'u',
      grooveMm: mm,
    };
  }
  if (kind === 'self-shielded' || kind === 'gas-flux-core') {
    return {
      ...part(
        words`knurled, ${size}`,
        'Tubular wire is soft: knurls grip it without the pressure that would crush it.',
        'The wire stays round behind the rolls; the groove in line is the one of this size.',
        'Smooth rolls slip or, tightened, crush the tube: the wire jerks.',
      ),
      form: 'knurled',
      grooveMm: mm,
    };
  }
  if (kind === 'metal-cored') {
    return {
      ...part(
        words`V groove, smooth, ${size} (U does too; knurled only if it slips)`,
        'Metal-cored wire is stiffer than flux core: a smooth groove feeds it without marking it.',
        'The wire stays round behind the rolls; little pressure.',
        'Knurls shed its skin into the liner; too much pressure opens the seam.',
      ),
      form: 'v-smooth',
      grooveMm: mm,
    };
  }
  return {
    ...part(
      words`V groove, smooth, ${size}`,
      kind === 'bronze'
        ? 'Bronze wire is softer than steel: a smooth groove, never knurled, with little pressure.'
        : words`Solid ${weldMetal === 'stainless' ? 'stainless' : 'steel'} wire is hard: a smooth V grips it without shaving it.`,
      'Read the groove itself, not only the stamp; the wire curls away from a block of wood instead of stopping.',
      'A groove too big slips; too much pressure shaves the wire and fills the liner with flakes.',
    ),
    form: 'v-smooth',
    grooveMm: mm,
  };
}

const LINER_WHY: Readonly<Record<WeldMetal | 'bronze', string>> = {
  steel: 'A steel liner guides steel wire; its bore must suit the wire.',
  stainless:
    'A steel liner does for stainless wire when it is clean and kept for it; its bore must suit the wire.',
  bronze: 'A clean steel liner does for bronze; plastic drags less. Its bore must suit the wire.',
  aluminium: 'Aluminium wants a plastic liner.',
};

/** Wires that one liner is for, mm. Source: common practice. */
const LINER_BORES_MM = [
  [0.6, 0.9],
  [1.0, 1.2],
  [1.4, 1.6],
  [1.7, 2.4],
] as const;

function linerBore(diameterMm: WireDiameterMm): readonly [least: number, most: number] {
  return LINER_BORES_MM.find(([, most]) => diameterMm <= most) ?? LINER_BORES_MM[3];
}

function liner(kind: Kind, mm: WireDiameterMm, weldMetal: WeldMetal): FeedPath['liner'] {
  const boreForMm = linerBore(mm);
  if (kind === 'spool-gun') {
    return {
      ...part(
        'none to change: the wire goes straight to the tip',
        'The spool sits in the gun, so nothing is pushed through a lead.',
        'Lead straight enough not to pull on the gun.',
        'A kinked lead pulls the gun off the seam.',
      ),
      material: 'none',
      neckLiner: false,
      boreForMm,
    };
  }
  if (kind === 'aluminium') {
    return {
      ...part(
        words`PTFE or carbon, for ${amount.wireSize(boreForMm)}, up to the rolls; bronze neck liner`,
        'Aluminium drags and sheds in steel; the bronze neck liner keeps the plastic from melting at the neck.',
        words`Right up to the rolls without touching; gun ${amount.length([3, 4])} at most, held straight.`,
        'A gap at the rolls nests the wire; plastic in the neck melts onto it.',
      ),
      material: 'plastic',
      neckLiner: true,
      boreForMm,
    };
  }
  return {
    ...part(
      words`steel, for ${amount.wireSize(boreForMm)}`,
      LINER_WHY[kind === 'bronze' ? 'bronze' : weldMetal],
      'Pressure arm off, pull the wire by hand: it should slide.',
      'Drag in the liner shows as an unsteady arc and burnback.',
    ),
    material: 'steel',
    neckLiner: false,
    boreForMm,
  };
}

function tip(kind: Kind, mm: WireDiameterMm, size: Amount, family: Family): FeedPath['tip'] {
  const aluminium = kind === 'aluminium' || kind === 'spool-gun';
  const dip = family.mode === 'short-circuit';
  const recessedMm = dip || kind === 'self-shielded' ? 0 : 4;
  const place =
    recessedMm > 0
      ? words`recessed ${amount.distance([3, 6])}`
      : words`flush with the nozzle to ${amount.distance(3)} out`;
  return {
    ...part(
      aluminium ? words`${size} tip marked for aluminium, ${place}` : words`${size} tip, ${place}`,
      aluminium
        ? 'Aluminium swells as it heats: the bore must be oversize.'
        : 'The tip hands over the current: it must be the wire’s size.',
      'Look at the bore: round, not a slot. Snug with pliers.',
      aluminium
        ? 'A steel tip grips the hot wire and it burns back.'
        : 'A worn or large tip hisses and wanders; a small one sticks.',
    ),
    boreForMm: mm,
    recessedMm,
  };
}

function nozzle(kind: Kind, boreMm: number): FeedPath['nozzle'] {
  if (kind === 'self-shielded') {
    return {
      ...part(
        'may be left off, or a bare-wire cap',
        'No gas to guide: without it you see the wire.',
        'The cap covers the tip’s thread.',
        'A bare thread catches spatter and the next tip seizes.',
        PRACTICE,
      ),
      boreMm,
    };
  }
  return {
    ...part(
      kind === 'spool-gun' ? 'the gun’s own' : words`${amount.distance(boreMm)} bore`,
      'Wide enough to cover the puddle, narrow enough to see past.',
      'Clear of spatter, seated, not loose.',
      'A clogged nozzle lets air in: pin-holes.',
      PRACTICE,
    ),
    boreMm,
  };
}

/**
 * Parts on the wire's way, station by station.
 *
 * @source handbook station table, from memory; checks are common practice
 */
export function feedPathOf(
  way: Way,
  family: Family,
  { weldMetal, diameterMm, currentA }: WireOnItsWay,
): FeedPath {
  const kind = kindOf(way);
  const size = amount.wireSize(diameterMm);
  return {
    spool: spool(kind, size),
    driveRolls: driveRolls(kind, diameterMm, size, weldMetal),
    liner: liner(kind, diameterMm, weldMetal),
    tip: tip(kind, diameterMm, size, family),
    nozzle: nozzle(kind, family.flow(currentA).nozzleBoreMm),
    gun: kind === 'spool-gun' ? 'spool-gun' : 'standard',
  };
}
