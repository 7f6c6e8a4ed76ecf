import type { ArcSound, BeadFace, BeadReport, BeadVerdict } from './bead-report.ts';

/** What a report of a bead can say of its volts: three taps, seven levels about right, and burnt through. */
export const READING_LEVELS = ['cold', 'right', 'hot', -3, -2, -1, 0, 1, 2, 3, 'blown'] as const;
export type ReadingLevel = (typeof READING_LEVELS)[number];

/** How far below the window a bead must lie to read as far too cold, V. Source: our model. */
const FAR_COLD_V = 0.6;
/** How far above the window it reads as far too hot: so much, or this share of the way to burning through. Source: our model. */
const FAR_HOT = { mostV: 0.6, share: 0.6 } as const;

/**
 * Between which distances from the middle a level reads, V: what is measured is volts over the middle.
 *
 * @param halfWidthV half the window, V
 * @param blownBeyondV how far above the window a bead burns through, V
 * @source our model, after the handbook on dialling in
 */
export function levelSpan(
  level: ReadingLevel,
  halfWidthV: number,
  blownBeyondV: number,
): readonly [low: number, high: number] {
  const hot = halfWidthV + Math.min(FAR_HOT.mostV, FAR_HOT.share * blownBeyondV);
  const blown = halfWidthV + blownBeyondV;
  switch (level) {
    case 'cold':
      return [-Infinity, -halfWidthV];
    case 'right':
      return [-halfWidthV, halfWidthV];
    case 'hot':
      return [halfWidthV, blown];
    case 'blown':
      return [blown, Infinity];
    case -3:
      return [-Infinity, -halfWidthV - FAR_COLD_V];
    case -2:
      return [-halfWidthV - FAR_COLD_V, -halfWidthV];
    case -1:
      return [-halfWidthV, -halfWidthV / 3];
    case 0:
      return [-halfWidthV / 3, halfWidthV / 3];
    case 1:
      return [halfWidthV / 3, halfWidthV];
    case 2:
      return [halfWidthV, hot];
    case 3:
      return [hot, blown];
  }
}

/** Share of reports that are grossly wrong: usual, where face and sound disagree, on a hot coupon, with a hand that was not steady. Source: our model. */
export const GROSS_SHARE = { usual: 0.05, disagree: 0.15, hotCoupon: 0.15, doubted: 0.5 } as const;

const FACE_LEVEL: Readonly<Record<Exclude<BeadFace, 'blown-through'>, number>> = {
  ropy: -3,
  tall: -2,
  crowned: 0,
  flat: 1,
  concave: 2,
  undercut: 3,
};
const SOUND_LEVEL: Readonly<Record<ArcSound, number>> = {
  stubbing: -3,
  popping: -2,
  sizzle: 0,
  crackle: 2,
  hiss: 3,
};
/** From this difference of face and sound on the bead is read by the taps alone. Source: our model. */
const DISAGREE_FROM = 3;

/** A report as the estimator takes it. */
export interface LevelReading {
  readonly level: ReadingLevel;
  /** How likely the report is grossly wrong, 0 to 1. */
  readonly grossShare: number;
}

function awayFromZero(value: number): number {
  return Math.sign(value) * Math.ceil(Math.abs(value));
}

/**
 * The level of a bead from its face and its sound: the mean of both, rounded away from right; a fault wins outright.
 *
 * @source our model, after the handbook on dialling in; the words are common practice
 */
function heardAndSeen(face: BeadFace, sound: ArcSound): LevelReading {
  const grossShare = GROSS_SHARE.usual;
  if (face === 'blown-through') return { level: 'blown', grossShare };
  const [byFace, bySound] = [FACE_LEVEL[face], SOUND_LEVEL[sound]];
  const mean = (byFace + bySound) / 2;
  if (Math.abs(byFace - bySound) >= DISAGREE_FROM) {
    const level = mean <= -0.5 ? 'cold' : mean >= 0.5 ? 'hot' : 'right';
    return { level, grossShare: GROSS_SHARE.disagree };
  }
  const rounded = awayFromZero(mean);
  const withCold = face === 'ropy' || sound === 'stubbing' ? Math.min(rounded, -2) : rounded;
  const withFault = face === 'undercut' || face === 'concave' ? Math.max(withCold, 2) : withCold;
  // −0 is 0
  return { level: (withFault + 0) as ReadingLevel, grossShare };
}

/** What was said, seen or heard of a bead. */
export type SaidOfBead = Pick<BeadReport, 'said' | 'face' | 'sound'>;

/**
 * The level of a bead: what was said of it in one tap goes before what was picked of its face and sound; of these one
 * alone tells as much as it can. Undefined where nothing was said.
 *
 * @source our model, after the handbook on dialling in; the words are common practice
 */
export function levelOf({ said, face, sound }: SaidOfBead): LevelReading | undefined {
  if (said !== undefined) return { level: said, grossShare: GROSS_SHARE.usual };
  if (face !== undefined && sound !== undefined) return heardAndSeen(face, sound);
  if (face === 'blown-through') return { level: 'blown', grossShare: GROSS_SHARE.usual };
  const one = face === undefined ? sound && SOUND_LEVEL[sound] : FACE_LEVEL[face];
  // one sign alone does not tell the fine levels apart
  return one === undefined ? undefined : { level: tapOf(one), grossShare: GROSS_SHARE.usual };
}

function tapOf(level: number): 'cold' | 'right' | 'hot' {
  if (level <= -2) return 'cold';
  return level >= 2 ? 'hot' : 'right';
}

/** Cold, right, hot or burnt through, as a level reads. */
export function verdictOfLevel(level: ReadingLevel): BeadVerdict {
  return typeof level === 'number' ? tapOf(level) : level;
}

/** Cold, right, hot or burnt through, from all that was said of a bead; right where nothing was. */
export function beadVerdict(bead: SaidOfBead): BeadVerdict {
  return verdictOfLevel(levelOf(bead)?.level ?? 'right');
}

/**
 * A report as the estimator takes it; undefined where it was left out, or says nothing of the volts. One that was laid
 * on a hot coupon, or with a hand that was not steady, counts as likely wrong.
 */
export function readingOf(bead: BeadReport): LevelReading | undefined {
  const reading = levelOf(bead);
  if (!reading || bead.doubt === 'left-out') return undefined;
  if (bead.doubt === 'stands') return reading;
  const least = bead.flags?.length ? GROSS_SHARE.doubted : bead.cooled === false ? GROSS_SHARE.hotCoupon : 0;
  return { ...reading, grossShare: Math.max(reading.grossShare, least) };
}
