import { DomainError } from '../base/errors/domain-error.ts';
import type { BeadContext } from './plan.service.ts';

/** How far a clock may be ahead, ms. */
const CLOCK_AHEAD_MS = 60_000;

/**
 * Refuses what is told to have been welded at a time that lies ahead.
 *
 * @param lastMs the latest time that anything was written at, ms: a clock that was put back since had been there
 */
export function refuseFuture(what: 'bead' | 'run', weldedAt: string | undefined, lastMs: number): void {
  if (weldedAt === undefined) return;
  if (Date.parse(weldedAt) <= Math.max(Date.now(), lastMs) + CLOCK_AHEAD_MS) return;
  const message = `This ${what} is not welded yet: the time lies ahead.`;
  throw new DomainError(`${what}-in-future`, 400, message, 'weldedAt');
}

/** Refuses a setting that the machine does not reach. */
export function refuseBeyond(what: 'bead' | 'run', beyond: BeadContext['beyond']): void {
  if (!beyond) return;
  const { field, low, high, machineName } = beyond;
  const reach =
    field === 'volts'
      ? `${low.toFixed(1)} to ${high.toFixed(1)} V at the arc there`
      : `${low.toFixed(1)} to ${high.toFixed(1)} m/min`;
  const message = `${machineName} gives ${reach}: check the figure, or its readings.`;
  throw new DomainError(`${what}-beyond-machine`, 400, message, field);
}
