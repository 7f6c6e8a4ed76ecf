import { arcGas } from '../arc-lab/model/arc-gas.ts';
import { meltingCurrentA, midWindowVolts } from '../arc-lab/model/arc-constants.ts';
import { PARAMETERS } from '../arc-lab/model/arc-parameters.ts';
import { ARC_RANGES, type ArcSetting, loadVolts } from '../arc-lab/model/arc-setting.ts';
import { normalFrom, seededRandom } from '../base/numeric/seeded-random.ts';
import type { ArcSound, BackSide, BeadFace, Spatter } from '../window/bead-report.ts';
import type { DialModel } from '../window/dial-model.ts';
import { levelSpan, type ReadingLevel } from '../window/reading-level.ts';

/**
 * A simulated machine to practise dialling in on. Nothing of it is measured on any machine: what it hides is drawn from
 * a seed, so that a newcomer can learn to read beads, and be told at the end how close they came.
 */
export interface PracticeBooth {
  readonly seed: number;
  /** Middle of its window over the book's volts, and half the window, V at the arc. */
  readonly middleOverBookV: number;
  readonly halfWidthV: number;
  /** How far above the window it burns through, V. */
  readonly blownBeyondV: number;
  /** What its display shows over the volts at the arc, V. */
  readonly shownOffV: number;
  /** How much hotter the next bead reads for every one after which the coupon was not cooled, V. */
  readonly warmsV: number;
}

/** Spread of the hidden machines. Source: our model, after the handbook on dialling in §2 and §5. */
const MIDDLE_SD_V = 0.6;
const SHOWN_SD_V = 0.3;
const WARMS_V = [0.1, 0.25] as const;
const NOISE_V = 0.15;
/** The seed of a bead's own noise lies so far from that of the machine. */
const BEAD_SEED = 7919;

/** A hidden machine for a kind of work. */
export function practiceBooth(seed: number, model: DialModel): PracticeBooth {
  const random = seededRandom(seed);
  return {
    seed,
    middleOverBookV: MIDDLE_SD_V * normalFrom(random),
    halfWidthV: Math.max(0.15, model.halfWidthV + model.halfWidthSdV * normalFrom(random)),
    blownBeyondV: model.blownBeyondV * (0.7 + 0.6 * random()),
    shownOffV: SHOWN_SD_V * normalFrom(random),
    warmsV: WARMS_V[0] + (WARMS_V[1] - WARMS_V[0]) * random(),
  };
}

/** What a simulated bead shows and sounds like. */
export interface BoothBead {
  readonly face: BeadFace;
  readonly sound: ArcSound;
  readonly spatter: Spatter;
  readonly back: BackSide;
  /** How far over the middle of the hidden window it was laid, its noise included, V. */
  readonly overMiddleV: number;
}

type Shown = Omit<BoothBead, 'overMiddleV'>;

/** From far too cold to far too hot, by level. Source: common practice, reading a test bead. */
const SHOWS: readonly (readonly [ReadingLevel, Shown])[] = [
  [-3, { face: 'ropy', sound: 'stubbing', spatter: 'some', back: 'no-mark' }],
  [-2, { face: 'tall', sound: 'popping', spatter: 'some', back: 'no-mark' }],
  [-1, { face: 'crowned', sound: 'popping', spatter: 'little', back: 'even-mark' }],
  [0, { face: 'crowned', sound: 'sizzle', spatter: 'little', back: 'even-mark' }],
  [1, { face: 'flat', sound: 'sizzle', spatter: 'little', back: 'even-mark' }],
  [2, { face: 'concave', sound: 'crackle', spatter: 'much', back: 'even-mark' }],
  [3, { face: 'undercut', sound: 'hiss', spatter: 'much', back: 'drops-through' }],
];
const BLOWN: Shown = { face: 'blown-through', sound: 'hiss', spatter: 'much', back: 'drops-through' };

/** A bead in the booth: the shown volts over the book's, how many were laid before it, and how many of these without cooling since. */
export interface BoothTry {
  readonly shownOverBookV: number;
  readonly beadsBefore: number;
  readonly uncooledBefore: number;
}

/**
 * What a bead comes out like; the same try on the same machine comes out the same.
 *
 * @source our model
 */
export function boothBead(
  booth: PracticeBooth,
  { shownOverBookV, beadsBefore, uncooledBefore }: BoothTry,
): BoothBead {
  const random = seededRandom(booth.seed + BEAD_SEED * (beadsBefore + 1));
  const noise = NOISE_V * normalFrom(random);
  const x = shownOverBookV - boothMiddleV(booth) + booth.warmsV * uncooledBefore + noise;
  const under = SHOWS.find(([level]) => x < levelSpan(level, booth.halfWidthV, booth.blownBeyondV)[1]);
  return { ...(under?.[1] ?? BLOWN), overMiddleV: x };
}

/** Where the middle of its window lies on its own display, V over the book's. */
export function boothMiddleV({ middleOverBookV, shownOffV }: PracticeBooth): number {
  return middleOverBookV + shownOffV;
}

/** What an arc in the booth is run with, but for its volts. */
export type BoothArc = Omit<ArcSetting, 'source'>;

/** Half of the arc model's own window, V, and how fast its volts run beyond it. Source: our model. */
const MODEL_HALF_V = 0.8;
const BEYOND = 1.5;

/**
 * The arc of a booth's bead, to be heard: as far from the middle of the model's window as the bead was from the hidden one, window
 * for window.
 *
 * @source our model
 */
export function boothArc(arc: BoothArc, overMiddleV: number, halfWidthV: number): ArcSetting {
  const inside = Math.min(Math.abs(overMiddleV), halfWidthV);
  const beyond = Math.abs(overMiddleV) - inside;
  const off = Math.sign(overMiddleV) * ((MODEL_HALF_V * inside) / halfWidthV + BEYOND * beyond);
  const currentA = meltingCurrentA(arc.wireMm, arc.wireFeedSpeedMPerMin, arc.tipToWorkMm);
  const richer = (arcGas(arc.gas)?.fallV ?? PARAMETERS.fallV) - PARAMETERS.fallV;
  const volts = midWindowVolts(arc.wireMm, currentA) + richer + off;
  const [low, high] = ARC_RANGES.volts;
  return { ...arc, source: loadVolts(Math.min(high, Math.max(low, volts))) };
}
