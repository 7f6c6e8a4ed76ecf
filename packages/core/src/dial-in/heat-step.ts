import type { HeatVerdict, TestBead } from '../window/bead-report.ts';
import { beadVerdict, readingOf } from '../window/reading-level.ts';
import { isOnOneLine } from '../window/over-line.ts';

/** How far the wire speed moves for the heat, as a share; half of it, in steps, once both sides were seen. Source: handbook on dialling in. */
const HEAT_SHARE = 0.15;

/**
 * By how much the wire speed is to move for the heat of a bead whose volts read right, as a ratio; undefined where its
 * heat was right, or was not said.
 *
 * @param beads oldest first
 * @source plain steps, handbook on dialling in §7
 */
export function heatStep(heat: HeatVerdict | undefined, beads: readonly TestBead[]): number | undefined {
  if (heat !== 'cold' && heat !== 'hot') return undefined;
  const other: HeatVerdict = heat === 'cold' ? 'hot' : 'cold';
  const isBetween = beads.some((bead) => bead.heat === other);
  const step = isBetween ? Math.sqrt(1 + HEAT_SHARE) : 1 + HEAT_SHARE;
  return heat === 'cold' ? step : 1 / step;
}

/** The last bead that read right on the line of the last one of all: the heat is asked of it. Its place; −1: none. */
export function heatAskedOf(beads: readonly TestBead[]): number {
  const last = beads.at(-1);
  return beads.findLastIndex(
    (bead) => last && isOnOneLine(bead, last) && readingOf(bead) && beadVerdict(bead) === 'right',
  );
}
