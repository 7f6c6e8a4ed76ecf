import type { HeatVerdict, TestBead } from '../window-search/bead-report.ts';
import { beadVerdict } from '../window-search/reading-level.ts';

/** How far the wire speed moves for the heat, as a share; half of it, in steps, once both sides were seen. Source: handbook on dialling in. */
const HEAT_SHARE = 0.15;

/**
 * By how much the wire speed is to move for the heat of the last bead, as a ratio; undefined where its volts did not read
 * right, its heat was right, or was not said.
 *
 * @param beads oldest first
 * @source plain steps, handbook on dialling in §7
 */
export function heatStep(beads: readonly TestBead[]): number | undefined {
  const last = beads.at(-1);
  if (!last || beadVerdict(last) !== 'right') return undefined;
  const { heat } = last;
  if (heat !== 'cold' && heat !== 'hot') return undefined;
  const other: HeatVerdict = heat === 'cold' ? 'hot' : 'cold';
  const isBetween = beads.some((bead) => bead.heat === other);
  const step = isBetween ? Math.sqrt(1 + HEAT_SHARE) : 1 + HEAT_SHARE;
  return heat === 'cold' ? step : 1 / step;
}
