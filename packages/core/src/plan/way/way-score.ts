import { gasOf } from '../../trade/gas/gas.ts';
import { gasVerdict, isGasless } from '../../trade/family/gas-verdict.ts';
import type { Family } from '../../trade/family/family.ts';
import { machineHas } from '../../machine/machine.ts';
import { fillerVerdict } from '../../trade/wire/filler-verdict.ts';
import { isOfWay, type WireClass } from '../../trade/wire/wire-class.ts';
import type { WayMode } from '../../trade/transfer/way-mode.ts';
import type { WorkContext } from './work-context.ts';

/**
 * Worth of a way, by what the handbook says of thickness and position, then by what stands on the machine and on
 * the shelf. Source: our model: only the order means something.
 */
const WORTH = {
  loaded: 45,
  notOnShelf: -30,
  noGasAtHand: -15,
  pulseUnknown: -40,
  windOnGas: -40,
  windWithoutGas: 60,
};

function outOfPosition({ work }: WorkContext): boolean {
  return work.position !== 'flat' && work.position !== 'horizontal';
}

function steelWorth({ way, mode }: WayMode, context: WorkContext): number {
  const t = context.thickness.thicknessMm;
  if (way === 'self-shielded') return 60;
  if (way === 'gas-shielded-flux-core') return t >= 6 ? 88 : 65;
  if (way === 'metal-cored') return t >= 6 ? 60 : 40;
  if (way === 'bronze-braze') return t <= 1.5 ? 60 : 20;
  if (mode === 'short-circuit') return t < 5 ? 100 : t < 6 ? 85 : 10;
  if (mode === 'spray') return t >= 6 ? 100 : 70;
  if (t < 5) return 75;
  return t < 6 ? 90 : outOfPosition(context) ? 100 : 98;
}

function aluminiumWorth({ way, mode }: WayMode, context: WorkContext): number {
  const socket = machineHas(context.resources.machine, 'spool-gun-socket');
  const gun = way === 'aluminium-gun' ? 90 : socket === true ? 100 : 80;
  return mode === 'spray' ? gun : gun + (context.thickness.thicknessMm < 6 ? 10 : -5);
}

function machineWorth(option: WayMode, context: WorkContext): number {
  const { machine } = context.resources;
  let worth = 0;
  if (option.mode === 'pulse' && machineHas(machine, 'pulse') !== true) worth += WORTH.pulseUnknown;
  const loaded = machine?.loadedWireClass;
  if (
    loaded !== undefined &&
    isOfWay(loaded, option.way) &&
    fillerVerdict(loaded, context.work, context.pair).status === 'fits'
  ) {
    worth += WORTH.loaded;
  }
  return worth;
}

function shelfWorth(option: WayMode, family: Family, wireClass: WireClass, context: WorkContext): number {
  const { shelf, machine } = context.resources;
  if (!shelf) return 0;
  const wires = [...shelf.wires.map((wire) => wire.wireClass), ...(machine ? [machine.loadedWireClass] : [])];
  const gases = [...shelf.gases, ...(machine ? [machine.loadedGas] : [])];
  const use = { family: family.id, wireClass, leanMix: context.schools.leanMix };
  const hasWire = wires.some((held) => isOfWay(held, option.way));
  const hasGas = isGasless(family.id) || gases.some((gas) => gasVerdict(gasOf(gas), use).status === 'fits');
  return (hasWire ? 0 : WORTH.notOnShelf) + (hasGas ? 0 : WORTH.noGasAtHand);
}

/** How well a way fits the work, the place, the machine and the shelf; higher is better. */
export function wayScore(
  option: WayMode,
  family: Family,
  wireClass: WireClass,
  context: WorkContext,
): number {
  const base =
    context.pair.weldMetal === 'aluminium' ? aluminiumWorth(option, context) : steelWorth(option, context);
  const wind = !context.work.windy ? 0 : isGasless(family.id) ? WORTH.windWithoutGas : WORTH.windOnGas;
  return base + wind + machineWorth(option, context) + shelfWorth(option, family, wireClass, context);
}
