import { BEVEL_FROM_MM } from '../bead/joint-section.ts';
import type { Family } from '../../trade/family/family.ts';
import { isOfWay } from '../../trade/wire/wire-class.ts';
import { fillerVerdict } from '../../trade/wire/filler-verdict.ts';
import type { WayMode } from '../../trade/transfer/way-mode.ts';
import type { WorkContext } from './work-context.ts';

/** Whether a solid wire for this work is at hand, or nothing is known of what is. */
function hasSolidWire({ resources, work, pair }: WorkContext): boolean {
  const { shelf, machine } = resources;
  if (!shelf) return true;
  const wires = [...shelf.wires.map((wire) => wire.wireClass), ...(machine ? [machine.loadedWireClass] : [])];
  return wires.some(
    (wire) => isOfWay(wire, 'solid-gas') && fillerVerdict(wire, work, pair).status === 'fits',
  );
}

/**
 * Whether an open root is laid in short-circuit and only the rest in this way: thick enough for runs, a metal that
 * short-circuits, no other transfer asked for, and a solid wire to lay it with.
 */
export function isRootedInDip(option: WayMode, family: Family, context: WorkContext): boolean {
  const { work, pair, thickness, resources } = context;
  return (
    work.joint === 'open-butt' &&
    work.backing !== true &&
    pair.weldMetal !== 'aluminium' &&
    thickness.thicknessMm > BEVEL_FROM_MM &&
    resources.mode === undefined &&
    family.joint['open-butt'] !== undefined &&
    (option.way === 'solid-gas' || hasSolidWire(context))
  );
}
