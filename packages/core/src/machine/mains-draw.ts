import type { MachineKind } from './volts/machine-kind.ts';
import type { Span } from '../base/numeric/span.ts';
import { within } from '../base/quantity/out-of-range-error.ts';

/** The supply that a machine hangs on: volts, and the breaker or fuse before it. */
export interface MainsSupply {
  readonly volts: number;
  readonly breakerA: number;
}

/** Share of the mains power that reaches the arc. Source: handbook figure, from memory (0.75–0.85). */
export const SOURCE_EFFICIENCY: Span = { start: 0.8, low: 0.75, high: 0.85 };
/** Power factor by kind. Source: our model; plain sets about 0.7, those with correction near 1. */
export const POWER_FACTOR: Readonly<Record<MachineKind, Span>> = {
  inverter: { start: 0.75, low: 0.65, high: 0.98 },
  transformer: { start: 0.7, low: 0.6, high: 0.8 },
};

/**
 * Mains current while the arc burns: V·I ÷ (efficiency × power factor × mains volts), single phase.
 *
 * @param arc volts, V, [8, 60], and current, A, [1, 600]
 * @param mains.volts V, [90, 500]
 * @returns A, with the range that efficiency and power factor leave
 * @throws {OutOfRangeError} for a value outside its range
 * @source efficiency: handbook figure, from memory; power factor: our model
 */
export function mainsDrawA(
  arc: { readonly volts: number; readonly currentA: number },
  mains: Pick<MainsSupply, 'volts'>,
  kind: MachineKind,
): Span {
  const power = within('volts', arc.volts, [8, 60]) * within('current', arc.currentA, [1, 600]);
  const volts = within('mains volts', mains.volts, [90, 500]);
  const factor = POWER_FACTOR[kind];
  return {
    start: power / (SOURCE_EFFICIENCY.start * factor.start * volts),
    low: power / (SOURCE_EFFICIENCY.high * factor.high * volts),
    high: power / (SOURCE_EFFICIENCY.low * factor.low * volts),
  };
}

/** Whether a plan may trip the breaker: no, perhaps (within the estimate's range), or it will. */
export type BreakerVerdict = 'holds' | 'may-trip' | 'trips';

/** Whether the breaker holds at a draw. What it stands for a while above its rating is the electrician's to say. */
export function breakerVerdict(draw: Span, { breakerA }: Pick<MainsSupply, 'breakerA'>): BreakerVerdict {
  if (draw.low > breakerA) return 'trips';
  return draw.high > breakerA ? 'may-trip' : 'holds';
}
