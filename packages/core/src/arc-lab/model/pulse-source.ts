import type { ArcRun } from './arc-state.ts';

const { max, min } = Math;

/**
 * The pulsed source: a peak that lets go one drop, a base that only holds the arc, and the frequency after the gap.
 * Source: our model, chosen for one drop a pulse on 0.9 mm wire.
 */
export const PULSE = {
  peakA: 350,
  peakS: 1.9e-3,
  baseA: 49,
  /** Time constant of the current, s. */
  riseS: 1e-4,
  /** How much the frequency follows the gap, 1/mm. */
  perMm: 0.3,
  gapMeanS: 0.1,
  leastHz: 20,
  /** Beyond this peak and base run into one: the wire is fed faster than it is let go. */
  mostHz: 400,
  /** What the drop takes of the distance beside the gap, mm. */
  dropMm: 0.5,
} as const;

/** Frequency at which the peaks melt what is fed, Hz. */
function balancedHz(run: ArcRun, gapMm: number): number {
  const { constants: k, setting } = run;
  const { peakA, peakS, baseA } = PULSE;
  const extensionMm = max(setting.tipToWorkMm - gapMm - PULSE.dropMm, 1);
  const fed = setting.wireFeedSpeedMPerMin / 0.06;
  const byBase = k.alpha * baseA + k.beta * extensionMm * baseA * baseA;
  const byPeak = peakS * (k.alpha * (peakA - baseA) + k.beta * extensionMm * (peakA * peakA - baseA * baseA));
  return (fed - byBase) / byPeak;
}

/** The current that the source asks for at this moment, A; its clock goes on by a step. */
export function pulseCurrentA(run: ArcRun, dtS: number): number {
  const { state: s, setting } = run;
  if (setting.source.kind !== 'pulse') return s.currentA;
  const { gapMm } = setting.source;
  s.meanGapMm += ((max(s.gapMm, 0) - s.meanGapMm) * dtS) / PULSE.gapMeanS;
  s.pulseS += dtS;
  if (s.pulseS * s.pulseHz >= 1) {
    s.pulseS -= 1 / s.pulseHz;
    const wantedHz = balancedHz(run, gapMm) * (1 + PULSE.perMm * (gapMm - s.meanGapMm));
    s.pulseHz = min(PULSE.mostHz, max(PULSE.leastHz, wantedHz));
    run.events.push({ kind: 'pulse', atS: s.timeS });
  }
  return s.pulseS < PULSE.peakS ? PULSE.peakA : PULSE.baseA;
}
