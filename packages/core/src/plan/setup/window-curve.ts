import { sizeOf } from '../../trade/family/family.ts';
import { familyOf } from '../../trade/family/families.ts';
import { STEEL_DIP } from '../../trade/family/steel.ts';
import { STAINLESS_DIP } from '../../trade/family/stainless.ts';
import { metalPair } from '../../trade/material/metal-pair.ts';
import type { Span } from '../../base/numeric/span.ts';
import { transitionCurrentA } from '../../trade/transfer/transition.ts';
import { currentOf, followedV, shifted, voltsSpan, type WireInArc, wireSpeedOf } from './numbers.ts';
import type { PlannedSetup } from './setup.ts';

/** One point of the window chart: good volts at a wire speed. */
export interface WindowPoint {
  readonly wireFeedSpeedMPerMin: number;
  readonly currentA: number;
  readonly volts: Span;
}

/** A stretch of wire speed in which one transfer reigns. */
export interface TransferRegion {
  readonly name: 'short-circuit' | 'globular' | 'spray' | 'pulse' | 'own';
  readonly lowMPerMin: number;
  readonly highMPerMin: number;
}

function wireInArc(plan: PlannedSetup): WireInArc {
  const family = familyOf(plan.weldMetal, { way: plan.way, mode: plan.transferMode }, plan.wire.wireClass);
  if (!family) throw new Error(`no family for ${plan.family}`);
  return { ...plan.wire, family, extensionMm: plan.extensionMm.start };
}

/** The setting that a plan starts at: wire speed, m/min, and volts. */
export function startSetting({ wireFeedSpeedMPerMin, volts }: PlannedSetup): {
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
} {
  return { wireFeedSpeedMPerMin: wireFeedSpeedMPerMin.start, volts: volts.start };
}

/**
 * Current that a wire speed draws in a plan's arc, A.
 *
 * @param speedMPerMin wire speed, m/min
 */
export function currentAt(plan: PlannedSetup, speedMPerMin: number): number {
  if (speedMPerMin === plan.wireFeedSpeedMPerMin.start) return plan.currentA.start;
  return currentOf(wireInArc(plan), speedMPerMin);
}

function chartEnds(plan: PlannedSetup, arc: WireInArc): readonly [from: number, to: number] {
  const window = sizeOf(arc.family, plan.wire.diameterMm)?.windowA ?? [plan.currentA.low, plan.currentA.high];
  return [
    Math.min(wireSpeedOf(arc, window[0]), plan.wireFeedSpeedMPerMin.low, plan.wireFeedSpeedMPerMin.start),
    Math.max(wireSpeedOf(arc, window[1]), plan.wireFeedSpeedMPerMin.high, plan.wireFeedSpeedMPerMin.start),
  ];
}

/** Figures evenly spread from one to another, both ends among them; two or more. */
export function evenSteps([from, to]: readonly [from: number, to: number], steps: number): readonly number[] {
  return Array.from({ length: steps }, (_, i) => from + ((to - from) * i) / (steps - 1));
}

/**
 * The good volts at some wire speeds, in the plan's mode.
 *
 * @param speedsMPerMin wire speeds, m/min
 * @source as the plan's own volts
 */
export function windowAt(plan: PlannedSetup, speedsMPerMin: readonly number[]): readonly WindowPoint[] {
  const arc = wireInArc(plan);
  const pair = metalPair(plan.work);
  const learnedV = followedV(plan.learned);
  return speedsMPerMin.map((wireFeedSpeedMPerMin) => {
    const currentA = currentOf(arc, wireFeedSpeedMPerMin);
    const volts = voltsSpan({
      family: arc.family,
      trueDiameterMm: plan.wire.trueDiameterMm,
      currentA,
      gas: plan.gas.gas,
      work: plan.work,
      coated: pair.status === 'weldable' && pair.coated,
      tolerance: 0,
    });
    return { wireFeedSpeedMPerMin, currentA, volts: shifted(volts, learnedV) };
  });
}

/**
 * The middle of the good volts by the book alone, without what the machine taught.
 *
 * @param speedMPerMin wire speed, m/min
 * @source as the plan's own volts
 */
export function bookVoltsAt(plan: PlannedSetup, speedMPerMin: number): number {
  const [point] = windowAt(plan, [speedMPerMin]) as [WindowPoint];
  return point.volts.start - followedV(plan.learned);
}

/**
 * The good volts over the wire's whole window in the plan's mode, for the chart of volts against wire speed.
 *
 * @param steps number of points, 2 or more
 * @source as the plan's own volts
 */
export function windowCurve(plan: PlannedSetup, steps = 24): readonly WindowPoint[] {
  return windowAt(plan, evenSteps(chartEnds(plan, wireInArc(plan)), steps));
}

/**
 * Which transfer reigns at which wire speed, over the chart's width: for solid wire in steel and stainless
 * short-circuit, globular, spray; for the others the one they are.
 *
 * @source windows and transition currents: handbook figures, from memory
 */
export function transferRegions(plan: PlannedSetup): readonly TransferRegion[] {
  const arc = wireInArc(plan);
  const [from, to] = chartEnds(plan, arc);
  const whole = (name: TransferRegion['name']): readonly TransferRegion[] => [
    { name, lowMPerMin: from, highMPerMin: to },
  ];
  if (plan.transferMode === 'own' || plan.transferMode === 'pulse') return whole(plan.transferMode);
  const metal = plan.weldMetal;
  const sprayed = arc.family.sprayMetal ?? metal;
  const transition = transitionCurrentA(sprayed, plan.wire.diameterMm, plan.gas.gas);
  const dip = metal === 'steel' ? STEEL_DIP : metal === 'stainless' ? STAINLESS_DIP : undefined;
  const dipTop = dip && sizeOf(dip, plan.wire.diameterMm)?.windowA[1];
  const edges: readonly (readonly [TransferRegion['name'], number, number])[] = [
    ['short-circuit', 0, dipTop ?? 0],
    ['globular', dipTop ?? 0, transition ?? Infinity],
    ['spray', transition ?? Infinity, Infinity],
  ];
  const speed = (amps: number): number => (amps <= 1 ? 0 : amps >= 600 ? Infinity : wireSpeedOf(arc, amps));
  return edges.flatMap(([name, low, high]) => {
    const lowMPerMin = Math.max(speed(low), from);
    const highMPerMin = Math.min(speed(high), to);
    return highMPerMin > lowMPerMin ? [{ name, lowMPerMin, highMPerMin }] : [];
  });
}
