import { seededRandom } from '../../base/numeric/seeded-random.ts';
import { type ArcConstants, arcConstants, type ArcNoise, meltingCurrentA } from './arc-constants.ts';
import { type ArcSetting, checkedSetting } from './arc-setting.ts';

/** Something that happened to the arc. */
export type ArcEvent =
  | {
      readonly kind: 'short';
      /** When the bridge broke, s. */
      readonly atS: number;
      readonly forS: number;
      readonly currentA: number;
      /** Power of the arc that comes back, W: what is heard as the click. */
      readonly clickW: number;
      readonly dropMm3: number;
    }
  | { readonly kind: 'repelled'; readonly atS: number }
  | { readonly kind: 'free-drop'; readonly atS: number; readonly dropMm3: number }
  | { readonly kind: 'pulse'; readonly atS: number };

/** What was fed, melted, transferred and spent since the start: sums that must balance. */
export interface ArcTotals {
  fedMm: number;
  meltedMm: number;
  transferredMm3: number;
  /** ∫ of volts, current, power from tip to work, over time. */
  voltSeconds: number;
  coulombs: number;
  loadJ: number;
  /** What the source gave, and what its slope took, J. */
  sourceJ: number;
  slopeJ: number;
  shortedS: number;
  /** ∫ of V² and I². */
  voltSquareSeconds: number;
  ampSquareSeconds: number;
  gapMmSeconds: number;
}

/**
 * How an arc stands: one object of one shape, changed in place step by step, so that many thousand steps a second are no
 * burden.
 */
export interface ArcState {
  timeS: number;
  currentA: number;
  /** Slow mean of the current that the regulator goes by, A. */
  meanA: number;
  voltsV: number;
  extensionMm: number;
  liquidMm3: number;
  dropMm: number;
  poolMm: number;
  poolMmPerS: number;
  gapMm: number;
  shorted: boolean;
  /** How far the neck of the bridge has gone, 0 to {@link PARAMETERS}.neckAtBreak. */
  neck: number;
  bridgeS: number;
  stubUnderMm: number;
  shortedSinceS: number;
  isRepelled: boolean;
  /** How far a free drop has come off. */
  coming: number;
  isPulledOff: boolean;
  forceRatio: number;
  dropNoise: number;
  rootNoise: number;
  noiseClockS: number;
  /** Pulse: how far into its period, s, its frequency, and the slow mean of the gap. */
  pulseS: number;
  pulseHz: number;
  meanGapMm: number;
  /** Power that the sound follows, W, and what it was a sample before. */
  soundW: number;
  soundBeforeW: number;
  burnedBack: boolean;
}

/** An arc that runs: its setting, its state, and what happened. */
export interface ArcRun {
  setting: ArcSetting;
  constants: ArcConstants;
  readonly noise: ArcNoise;
  readonly state: ArcState;
  readonly totals: ArcTotals;
  /** What happened since it was last taken out. */
  events: ArcEvent[];
  /** Draws of the steady noises, of single events, and of the hiss: apart, so that a finer step keeps the same draws. */
  readonly draws: {
    readonly noise: () => number;
    readonly event: () => number;
    readonly hiss: () => number;
  };
}

/** The model's own noise. */
export const USUAL_NOISE: ArcNoise = { share: 1 };
export const NO_NOISE: ArcNoise = { share: 0 };
/** How much smaller than the tip-to-work distance the extension is at the start, mm. Source: our model. */
const STARTS_UNDER_MM = 2;
const STARTS_WITH_MM3 = 0.15;

/** Height of a drop of a volume on a wire, mm: the cap of a sphere, in closed form. */
export function capHeightMm(liquidMm3: number, radiusMm: number): number {
  const q = (3 * liquidMm3) / Math.PI;
  const w = Math.sqrt(q * q + radiusMm ** 6);
  return Math.cbrt(q + w) - Math.cbrt(w - q);
}

/**
 * An arc about to run.
 *
 * @param seed any whole number: the same seed gives the same arc
 * @throws {OutOfRangeError} for a setting outside the model
 */
export function startArc(setting: ArcSetting, seed: number, noise: ArcNoise = USUAL_NOISE): ArcRun {
  checkedSetting(setting);
  const constants = arcConstants(setting, noise);
  const { tipToWorkMm } = setting;
  const currentA = meltingCurrentA(setting.wireMm, setting.wireFeedSpeedMPerMin, tipToWorkMm);
  const dropMm = capHeightMm(STARTS_WITH_MM3, constants.radiusMm);
  return {
    setting,
    constants,
    noise,
    state: {
      timeS: 0,
      currentA,
      meanA: currentA,
      voltsV: 0,
      extensionMm: tipToWorkMm - STARTS_UNDER_MM - dropMm,
      liquidMm3: STARTS_WITH_MM3,
      dropMm,
      poolMm: 0,
      poolMmPerS: 0,
      gapMm: STARTS_UNDER_MM,
      shorted: false,
      neck: 0,
      bridgeS: 0,
      stubUnderMm: 0,
      shortedSinceS: 0,
      isRepelled: false,
      coming: 0,
      isPulledOff: false,
      forceRatio: 0,
      dropNoise: 0,
      rootNoise: 0,
      noiseClockS: 0,
      pulseS: 0,
      pulseHz: 100,
      meanGapMm: STARTS_UNDER_MM,
      soundW: 0,
      soundBeforeW: 0,
      burnedBack: false,
    },
    totals: {
      fedMm: 0,
      meltedMm: 0,
      transferredMm3: 0,
      voltSeconds: 0,
      coulombs: 0,
      loadJ: 0,
      sourceJ: 0,
      slopeJ: 0,
      shortedS: 0,
      voltSquareSeconds: 0,
      ampSquareSeconds: 0,
      gapMmSeconds: 0,
    },
    events: [],
    draws: {
      noise: seededRandom(seed),
      event: seededRandom(seed ^ 0x9e3779b9),
      hiss: seededRandom(seed ^ 0x51ed270b),
    },
  };
}

/** Turns the knobs of an arc that runs; another wire starts from its own shape. @throws {OutOfRangeError} as startArc */
export function changeArc(run: ArcRun, setting: ArcSetting): void {
  checkedSetting(setting);
  const { state } = run;
  run.constants = arcConstants(setting, run.noise);
  state.extensionMm += setting.tipToWorkMm - run.setting.tipToWorkMm;
  state.extensionMm = Math.max(0.3, state.extensionMm);
  state.dropMm = capHeightMm(state.liquidMm3, run.constants.radiusMm);
  run.setting = setting;
}

/** A draw for a single event: mean 0, standard deviation 1, even between ±√3, so that no event is without bounds. */
export function eventDraw(run: ArcRun): number {
  return Math.sqrt(3) * (2 * run.draws.event() - 1) * run.noise.share;
}
