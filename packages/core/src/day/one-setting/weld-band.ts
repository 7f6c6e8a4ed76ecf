import { clamped } from '../../base/numeric/point-curve.ts';
import type { PlannedSetup } from '../../plan/setup/setup.ts';
import { evenSteps, windowAt } from '../../plan/setup/window-curve.ts';

/** Wire speeds at which a weld's volts are worked out; between two of them they are joined. Source: our tuning. */
const STEPS = 13;

/** What a weld takes: wire speeds, the volts that go with each, and a hand's travel. */
export interface WeldBand {
  readonly plan: PlannedSetup;
  /** Wire speeds at which the plan and a hand's travel both hold, m/min. */
  readonly lowMPerMin: number;
  readonly highMPerMin: number;
  readonly points: readonly {
    readonly speedMPerMin: number;
    readonly lowV: number;
    readonly highV: number;
  }[];
}

/** Metal laid per run at a wire speed of 1 m/min, mm³/min. */
function depositPerMPerMin({ bead, wireFeedSpeedMPerMin }: PlannedSetup): number {
  return (bead.travelMmPerMin * bead.sectionMm2) / wireFeedSpeedMPerMin.start;
}

/**
 * The band of a weld in wire speed and volts. The wire speed holds where it is in the plan's range and a hand's travel
 * lays what the weld wants: travel × section of a run = metal laid.
 *
 * @source handbook, several welds one setting; volts as the plan's window
 */
export function weldBand(plan: PlannedSetup): WeldBand {
  const { bead, wireFeedSpeedMPerMin } = plan;
  const deposit = depositPerMPerMin(plan);
  const [slow, fast] = bead.hand.hardMmPerMin;
  const [least, most] = bead.wantedMm2.map((section) => section / bead.passes) as [number, number];
  const low = Math.max(wireFeedSpeedMPerMin.low, (slow * Math.min(least, bead.sectionMm2)) / deposit);
  const high = Math.min(wireFeedSpeedMPerMin.high, (fast * Math.max(most, bead.sectionMm2)) / deposit);
  // the plan's own setting always holds for its own weld
  const ends = [
    Math.min(low, wireFeedSpeedMPerMin.start),
    Math.max(high, wireFeedSpeedMPerMin.start),
  ] as const;
  const spread = { low: plan.volts.low - plan.volts.start, high: plan.volts.high - plan.volts.start };
  const [own] = windowAt(plan, [wireFeedSpeedMPerMin.start]);
  // own volts, a proven setting: the band moves with the plan's own
  const shift = plan.volts.start - (own?.volts.start ?? plan.volts.start);
  const points = windowAt(plan, evenSteps(ends, STEPS)).map(
    ({ wireFeedSpeedMPerMin: speedMPerMin, volts }) => ({
      speedMPerMin,
      lowV: volts.start + shift + spread.low,
      highV: volts.start + shift + spread.high,
    }),
  );
  return { plan, lowMPerMin: ends[0], highMPerMin: ends[1], points };
}

/** The volts of a weld at a wire speed; undefined where the speed does not hold for it. */
export function voltsAt(
  { points, lowMPerMin, highMPerMin }: WeldBand,
  speedMPerMin: number,
): readonly [low: number, high: number] | undefined {
  const rounding = 1e-9;
  if (speedMPerMin < lowMPerMin - rounding || speedMPerMin > highMPerMin + rounding) return undefined;
  const after = points.findIndex((point) => point.speedMPerMin >= speedMPerMin - rounding);
  const b = points[Math.max(0, after)];
  const a = points[Math.max(0, after - 1)];
  if (!a || !b) return undefined;
  const span = b.speedMPerMin - a.speedMPerMin;
  const share = span <= 0 ? 1 : clamped((speedMPerMin - a.speedMPerMin) / span, [0, 1]);
  return [a.lowV + (b.lowV - a.lowV) * share, a.highV + (b.highV - a.highV) * share];
}

/** A setting that several welds may share. */
export interface SharedSetting {
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
}

/** What becomes of a weld at a setting. */
export interface WeldAtSetting {
  /** Whether the setting lies in the weld's band. */
  readonly holds: boolean;
  /** What does not hold, where it does not. */
  readonly why: 'too-slow' | 'too-fast' | 'too-cold' | 'too-hot' | undefined;
  readonly travelMmPerMin: number;
  /** Leg of a fillet, each run, mm. */
  readonly legMm: number | undefined;
  /** Travel over that of the weld's own plan. */
  readonly againstOwn: number;
  /** Whether a hand is at ease with that travel. */
  readonly isAtEase: boolean;
}

/**
 * Travel and leg of a weld at a setting: the hand makes up with travel what the wire brings more or less.
 *
 * @source travel = metal laid ÷ section, handbook; the leg of a section with 10 % convexity
 */
export function weldAt(band: WeldBand, { wireFeedSpeedMPerMin, volts }: SharedSetting): WeldAtSetting {
  const { bead, weldSize } = band.plan;
  const deposit = depositPerMPerMin(band.plan) * wireFeedSpeedMPerMin;
  const [least, most] = bead.wantedMm2.map((section) => section / bead.passes) as [number, number];
  const sections = [Math.min(least, bead.sectionMm2), Math.max(most, bead.sectionMm2)] as const;
  // the size of the weld's own plan is kept as far as the hand can
  const travel = clamped(deposit / bead.sectionMm2, bead.hand.comfortableMmPerMin);
  const section = clamped(deposit / travel, sections);
  const travelMmPerMin = clamped(deposit / section, bead.hand.hardMmPerMin);
  const legMm =
    weldSize && bead.legMm !== undefined
      ? bead.legMm * Math.sqrt(deposit / travelMmPerMin / bead.sectionMm2)
      : undefined;
  const at = voltsAt(band, wireFeedSpeedMPerMin);
  const why = ((): WeldAtSetting['why'] => {
    if (at === undefined) return wireFeedSpeedMPerMin < band.lowMPerMin ? 'too-slow' : 'too-fast';
    const rounding = 1e-6;
    if (volts < at[0] - rounding) return 'too-cold';
    return volts > at[1] + rounding ? 'too-hot' : undefined;
  })();
  const [easyLow, easyHigh] = bead.hand.comfortableMmPerMin;
  return {
    holds: why === undefined,
    why,
    travelMmPerMin,
    legMm,
    againstOwn: travelMmPerMin / bead.travelMmPerMin,
    isAtEase: travelMmPerMin >= easyLow - 1 && travelMmPerMin <= easyHigh + 1,
  };
}
