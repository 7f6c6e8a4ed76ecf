import type { Caution } from '../caution/caution.ts';
import { type FamilySize, sizeOf } from '../family/family.ts';
import { machineHas, type Machine } from '../machine/machine.ts';
import { HANDBOOK, MODEL, PRACTICE, type Source, YOURS } from '../provenance/source.ts';
import { sprayFloorA, TRANSITION_SOURCE } from '../transfer/transition.ts';
import type { DemandRow } from '../demand/current-demand.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';
import { trueDiameterMm } from '../wire/true-diameter.ts';
import { currentOf } from './numbers.ts';
import { refused } from './refusal.ts';
import type { RefusedSetup } from './setup.ts';
import {
  lowestServedA,
  ONE_PASS_OVER,
  onePassSize,
  type SizeUse,
  smallerSize,
  smallestSize,
  WINDOW_EDGE_TOLERANCE,
} from './wire-size.ts';

/** Most passes the current may be shared over before the wire is called too small. Source: our model. */
export const MOST_PASSES_FOR_CURRENT = 3;
/** How many times the top of its own thickness range a wire is still used at, in passes. Source: our model. */
export const MOST_TIMES_WIRE_RANGE = 3;

/** How far the transition currents themselves may be off, as a share: the shown range reaches so far under them. */
export const TRANSITION_TOLERANCE = 0.11;

export interface CurrentLimits {
  readonly status: 'within';
  /** Lowest current of a spray plan, A; undefined where there is no floor. */
  readonly floorA: number | undefined;
  readonly topA: number;
  /** Floor and limit as rows of the waterfall, for a current wanted. */
  readonly rowsFor: (wantedA: number) => readonly DemandRow[];
  /** Currents the shown range may reach, A. */
  readonly rangeA: readonly [low: number, high: number];
  readonly passes: number;
  readonly checked: boolean;
  readonly text: string;
  readonly cautions: readonly Caution[];
}

interface Ends {
  readonly size: FamilySize;
  readonly machine: Machine | undefined;
  readonly floorA: number | undefined;
  readonly topA: number;
  /** What the top current comes from, in words, and whether it is the machine. */
  readonly topLabel: string;
  readonly topIsMachine: boolean;
}

interface Top {
  readonly amps: number;
  readonly label: string;
  readonly isMachine: boolean;
}

/** Currents that the machine's slowest and fastest wire melt at, A. */
function feedEnds(use: SizeUse, nominalMm: WireDiameterMm): readonly [number, number] {
  const range = use.context.resources.machine?.wireFeedSpeedRangeMPerMin;
  if (!range) return [0, Infinity];
  const { ctwdMm, arcMm } = use.family.distance(nominalMm);
  const wire = {
    family: use.family,
    wireClass: use.wireClass,
    diameterMm: nominalMm,
    trueDiameterMm: trueDiameterMm(use.wireClass, nominalMm),
    extensionMm: ctwdMm.start - arcMm,
  };
  return [currentOf(wire, range[0]), currentOf(wire, range[1])];
}

function lowestTop(use: SizeUse, size: FamilySize): Top {
  const { machine } = use.context.resources;
  const name = machine?.name ?? 'machine';
  const given = machine?.currentRangeA?.[1] ?? Infinity;
  const fed = Math.round(feedEnds(use, size.nominalMm)[1]);
  const tops: readonly Top[] = [
    {
      amps: size.windowA[1],
      label: `${size.nominalMm} mm wire: ${size.windowA[1]} A at most`,
      isMachine: false,
    },
    { amps: given, label: `${name} gives ${given} A`, isMachine: true },
    {
      amps: fed,
      label: `${name} feeds ${machine?.wireFeedSpeedRangeMPerMin?.[1] ?? 0} m/min at most: ${fed} A`,
      isMachine: true,
    },
  ];
  return tops.reduce((least, top) => (top.amps < least.amps ? top : least));
}

function limitsText(machine: Machine | undefined): string {
  if (machine?.currentRangeA === undefined) return 'Machine limits not checked: volts are volts at the arc.';
  return `${machine.name} gives ${machine.currentRangeA[0]} to ${machine.currentRangeA[1]} A.`;
}

function edgeCautions(
  use: SizeUse,
  nominalMm: WireDiameterMm,
  wantedA: number,
  ends: Ends,
): readonly Caution[] {
  const [lowA] = ends.size.windowA;
  if (wantedA > ends.topA) {
    const larger = onePassSize(use, nominalMm);
    if (larger === undefined) return [];
    const text = `${nominalMm} mm wire is at its top here: ${larger} mm takes this in one pass with something in hand.`;
    return [{ code: 'larger-wire', level: 'note', text, source: HANDBOOK }];
  }
  if (ends.floorA !== undefined || wantedA >= lowA) return [];
  if (nominalMm === smallestSize(use.family)) {
    const text = `${Math.round(wantedA)} A is under the window of the smallest wire (from ${lowA} A): tack and let cool, with a copper bar behind.`;
    return [{ code: 'thin-for-any-wire', level: 'warn', text, source: PRACTICE }];
  }
  const smaller = smallerSize(use, nominalMm);
  const text = `${Math.round(wantedA)} A is just under this wire's usual window (from ${lowA} A)${smaller === undefined ? '' : `: ${smaller} mm runs steadier`}.`;
  return [{ code: 'window-edge', level: 'warn', text, source: HANDBOOK }];
}

function rowsFor(
  nominalMm: WireDiameterMm,
  passes: number,
  ends: Ends,
  wantedA: number,
): readonly DemandRow[] {
  const { floorA, topA, topIsMachine, topLabel } = ends;
  if (floorA !== undefined && wantedA < floorA) {
    const why = 'Lifted there: below it the drops turn globular. Travel faster to make up.';
    return [{ kind: 'floor', label: 'spray transition', currentA: floorA, why, source: TRANSITION_SOURCE }];
  }
  if (wantedA <= topA) return [];
  return [
    {
      kind: 'limit',
      label: topLabel,
      currentA: topA,
      why:
        passes === 1
          ? 'Held there: a slightly slower hand makes up the rest.'
          : `Held there: ${passes} passes carry the rest of the heat.`,
      source: topIsMachine ? YOURS : windowSource(ends),
    },
  ];
}

function windowSource({ floorA }: Ends): Source {
  return floorA === undefined ? HANDBOOK : MODEL;
}

function tooSmallMachine(
  use: SizeUse,
  floorA: number,
  topA: number,
  machine: Machine | undefined,
): RefusedSetup {
  return refused(
    use.context.work,
    'machine-too-small',
    [
      `Spray needs at least ${Math.round(floorA)} A here and ${machine?.name ?? 'the machine'} gives ${topA} A.`,
    ],
    ['Take a smaller wire, flux core, or short-circuit in several passes.'],
  );
}

function wireTooLarge(use: SizeUse, nominalMm: WireDiameterMm, wantedA: number, lowA: number): RefusedSetup {
  const smaller = smallerSize(use, nominalMm) ?? smallestSize(use.family);
  return refused(
    use.context.work,
    'wire-too-large',
    [
      `${nominalMm} mm wire wants at least ${Math.round(lowA)} A and this work takes ${Math.round(wantedA)} A: it would stub or blow through.`,
    ],
    [smaller < nominalMm ? `Take ${smaller} mm wire.` : 'Take a colder way: short-circuit or pulse.'],
  );
}

function wireTooSmall(use: SizeUse, size: FamilySize): RefusedSetup {
  return refused(
    use.context.work,
    'wire-too-small',
    [
      `${size.nominalMm} mm wire is for work up to about ${size.thicknessMm[1]} mm: here it would take pass upon pass of cold bead.`,
    ],
    ['Take a larger wire, or spray, pulse or flux core.'],
  );
}

/** Pulse without a machine that is known to have it: which of the shop's could be taken. */
function pulseText({ context }: SizeUse): string {
  const able = (context.resources.machines ?? []).filter((m) => machineHas(m, 'pulse') === true);
  const who =
    able.length === 0 ? 'this one is not checked' : `${able.map(({ name }) => name).join(', ')} has it`;
  return `Pulse needs a machine that has it: ${who}.`;
}

/**
 * The current wanted against the wire's window, the spray floor and the machine: passes when over, a refusal
 * when under. Heat is never added to suit a wire, but for the short lift to the spray transition.
 */
export function judgeCurrent(
  use: SizeUse,
  nominalMm: WireDiameterMm,
  wantedA: number,
): CurrentLimits | RefusedSetup {
  const size = sizeOf(use.family, nominalMm) as FamilySize;
  const { machine } = use.context.resources;
  const floorA = use.family.sprayMetal && sprayFloorA(use.family.sprayMetal, nominalMm, use.gas);
  const top = lowestTop(use, size);
  const topA = top.amps;
  const machineTop = top.isMachine ? topA : Infinity;
  const ends: Ends = { size, machine, floorA, topA, topLabel: top.label, topIsMachine: top.isMachine };
  if (floorA !== undefined && topA < floorA) return tooSmallMachine(use, floorA, topA, machine);
  const under = wantedA < lowestServedA(use, size);
  if (under && (floorA !== undefined || nominalMm > smallestSize(use.family))) {
    return wireTooLarge(use, nominalMm, wantedA, floorA ?? size.windowA[0]);
  }
  const lowest = Math.max(machine?.currentRangeA?.[0] ?? 0, Math.round(feedEnds(use, nominalMm)[0]));
  if (wantedA < lowest) {
    return refused(use.context.work, 'machine-too-large', [
      `${machine?.name ?? 'The machine'} starts at ${lowest} A and this work takes ${Math.round(wantedA)} A.`,
    ]);
  }
  const passes = wantedA <= topA * (1 + ONE_PASS_OVER) ? 1 : Math.ceil(wantedA / topA);
  const beyond = use.context.thickness.thicknessMm > MOST_TIMES_WIRE_RANGE * size.thicknessMm[1];
  if (passes > MOST_PASSES_FOR_CURRENT || beyond) return wireTooSmall(use, size);
  const unsurePulse = use.family.mode === 'pulse' && machineHas(machine, 'pulse') !== true;
  const pulse: Caution = {
    code: 'pulse-not-checked',
    level: 'note',
    text: pulseText(use),
    source: PRACTICE,
  };
  return {
    status: 'within',
    floorA,
    topA,
    rowsFor: (wanted) => rowsFor(nominalMm, passes, ends, wanted),
    rangeA: [
      Math.max(
        floorA === undefined
          ? size.windowA[0] * (1 - WINDOW_EDGE_TOLERANCE)
          : floorA * (1 - TRANSITION_TOLERANCE),
        machine?.currentRangeA?.[0] ?? 0,
      ),
      Math.min(size.windowA[1] * (1 + WINDOW_EDGE_TOLERANCE), machineTop),
    ],
    passes,
    checked: machine?.currentRangeA !== undefined,
    text: limitsText(machine),
    cautions: [...edgeCautions(use, nominalMm, wantedA, ends), ...(unsurePulse ? [pulse] : [])],
  };
}
