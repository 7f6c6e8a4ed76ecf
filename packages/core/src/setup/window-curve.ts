import { shortCircuitWindow } from '../transfer/short-circuit.ts';
import type { PlannedSetup, Span } from './setup.ts';
import { shortCircuitCurrent, shortCircuitVolts, shortCircuitWireSpeed } from './short-circuit-numbers.ts';

/** One point of the window chart: good volts at a wire speed. */
export interface WindowPoint {
  readonly wireFeedSpeedMPerMin: number;
  readonly currentA: number;
  readonly volts: Span;
}

/**
 * The good volts over the wire's whole short-circuit window, for the chart of volts against wire speed.
 *
 * @param steps number of points, 2 or more
 * @source as the plan's own volts
 */
export function windowCurve(plan: PlannedSetup, steps = 24): readonly WindowPoint[] {
  const { diameterMm } = plan.wire;
  const window = shortCircuitWindow(diameterMm);
  if (!window) return [];
  const from = Math.min(shortCircuitWireSpeed(window.lowA, diameterMm), plan.wireFeedSpeedMPerMin.low);
  const to = Math.max(shortCircuitWireSpeed(window.highA, diameterMm), plan.wireFeedSpeedMPerMin.high);
  return Array.from({ length: steps }, (_, i) => {
    const wireFeedSpeedMPerMin = from + ((to - from) * i) / (steps - 1);
    const currentA = shortCircuitCurrent(wireFeedSpeedMPerMin, diameterMm);
    const volts = shortCircuitVolts({
      currentA,
      diameterMm,
      gas: plan.gas.gas,
      joint: plan.work.joint,
      coated: plan.work.metal === 'coated-steel',
      tolerance: 0,
    });
    return { wireFeedSpeedMPerMin, currentA, volts };
  });
}
