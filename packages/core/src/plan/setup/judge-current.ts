import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { Caution } from '../caution/caution.ts';
import { type FamilySize, sizeOf } from '../../trade/family/family.ts';
import { CEILING_SOURCE } from '../../trade/family/ceilings.ts';
import { machineHas, type Machine } from '../../machine/machine.ts';
import { HANDBOOK, MODEL, PRACTICE, type Source, YOURS } from '../../base/source.ts';
import { sprayFloorA, TRANSITION_SOURCE } from '../../trade/transfer/transition.ts';
import type { DemandRow } from '../demand/current-demand.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import { COLDER, HOTTER } from '../way/metal-ways.ts';
import { feedEnds, lowestTop, type TopKind } from './current-tops.ts';
import { refused } from './refusal.ts';
import type { RefusedSetup } from './setup.ts';
import {
  firstChoiceSize,
  lowestServedA,
  ONE_PASS_OVER,
  onePassSize,
  type SizeUse,
  suitsSize,
  smallerSize,
  smallestSize,
  WINDOW_EDGE_TOLERANCE,
} from './wire-size.ts';

/** Most passes the current may be shared over before the wire is called too small. Source: our model. */
export const MOST_PASSES_FOR_CURRENT = 3;
/** How many times the top of its own thickness range a wire is still used at, in passes. Source: our model. */
export const MOST_TIMES_WIRE_RANGE = 3;

/** How far the transition currents themselves may be off, as a share: the shown range reaches so far under them. Source: our model. */
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
  readonly text: Words;
  readonly cautions: readonly Caution[];
}

interface Ends {
  readonly size: FamilySize;
  readonly machine: Machine | undefined;
  readonly floorA: number | undefined;
  readonly topA: number;
  /** What the top current comes from, in words and by kind. */
  readonly topLabel: Words;
  readonly topIs: TopKind;
}

function limitsText(machine: Machine | undefined): Words {
  if (machine?.currentRangeA === undefined) return 'Machine limits not checked: volts are volts at the arc.';
  return words`${machine.name} gives ${machine.currentRangeA[0]} to ${machine.currentRangeA[1]} A.`;
}

function edgeCautions(
  use: SizeUse,
  nominalMm: WireDiameterMm,
  wantedA: number,
  ends: Ends,
): readonly Caution[] {
  const [lowA] = ends.size.windowA;
  if (wantedA > ends.topA) {
    if (ends.topIs !== 'window') return [];
    const larger = onePassSize(use, nominalMm);
    if (larger === undefined) return [];
    const text = words`${amount.wireSize(nominalMm)} wire is at its top here: ${amount.wireSize(larger)} takes this in one pass with something in hand.`;
    return [{ code: 'larger-wire', level: 'note', text, source: HANDBOOK }];
  }
  if (ends.floorA !== undefined || wantedA >= lowA) return [];
  if (nominalMm === smallestSize(use.family)) {
    const text = `${Math.round(wantedA)} A is under the window of the smallest wire (from ${lowA} A): tack and let cool, with a copper bar behind.`;
    return [{ code: 'thin-for-any-wire', level: 'warn', text, source: PRACTICE }];
  }
  const smaller = smallerSize(use, nominalMm);
  const text = words`${Math.round(wantedA)} A is just under this wire's usual window (from ${lowA} A)${smaller === undefined ? '' : words`: ${amount.wireSize(smaller)} runs steadier`}.`;
  return [{ code: 'window-edge', level: 'warn', text, source: HANDBOOK }];
}

/** A wire that was asked for outside the thickness it is for: said, with the one that is. */
function rangeCautions(use: SizeUse, size: FamilySize): readonly Caution[] {
  if (suitsSize(use, size.nominalMm)) return [];
  const { thicknessMm } = use.context.thickness;
  const [min, max] = size.thicknessMm;
  const right = firstChoiceSize(use);
  const instead =
    right === size.nominalMm
      ? 'No size of this way is nearer.'
      : words`${amount.wireSize(right)} is right here.`;
  const text = words`${amount.wireSize(size.nominalMm)} wire is for ${amount.thickness([min, max])}, and this work is set as ${amount.thickness(thicknessMm, 1)}. ${instead}`;
  return [{ code: 'wire-out-of-range', level: 'warn', text, source: PRACTICE }];
}

function rowsFor(ends: Ends, wantedA: number): readonly DemandRow[] {
  const { floorA, topA, topLabel } = ends;
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
      why: 'Held there: the hand and the number of runs make up the rest.',
      source: topSource(ends),
    },
  ];
}

function topSource({ floorA, topIs }: Ends): Source {
  if (topIs === 'machine') return YOURS;
  if (topIs === 'position') return CEILING_SOURCE;
  if (topIs === 'gun') return PRACTICE;
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
      words`Spray needs at least ${Math.round(floorA)} A here and ${machine?.name ?? 'the machine'} gives ${topA} A.`,
    ],
    [
      use.context.pair.weldMetal === 'steel'
        ? 'Take a smaller wire, flux core, or short-circuit in several passes.'
        : words`Take a smaller wire, or ${COLDER[use.context.pair.weldMetal]}.`,
    ],
  );
}

/** What a wire does under the current it wants. */
function underWhy({ family }: SizeUse): string {
  if (family.sprayMetal !== undefined) return 'under its transition the drops turn globular';
  return family.mode === 'short-circuit'
    ? 'the arc would stub, and at the current the wire wants the work blows through'
    : 'the arc would not hold, and at the current the wire wants the work blows through';
}

function wireTooLarge(use: SizeUse, nominalMm: WireDiameterMm, wantedA: number, lowA: number): RefusedSetup {
  const smaller = smallerSize(use, nominalMm) ?? smallestSize(use.family);
  return refused(
    use.context.work,
    'wire-too-large',
    [
      words`${amount.wireSize(nominalMm)} wire wants at least ${Math.round(lowA)} A and this work takes ${Math.round(wantedA)} A: ${underWhy(use)}.`,
    ],
    [
      smaller < nominalMm
        ? words`Take ${amount.wireSize(smaller)} wire.`
        : words`Take ${COLDER[use.context.pair.weldMetal]}.`,
    ],
  );
}

function wireTooSmall(use: SizeUse, size: FamilySize): RefusedSetup {
  return refused(
    use.context.work,
    'wire-too-small',
    [
      words`${amount.wireSize(size.nominalMm)} wire is for work up to about ${amount.thickness(size.thicknessMm[1])}: here it would take pass upon pass of cold bead.`,
    ],
    [words`Take a larger wire, or ${HOTTER[use.context.pair.weldMetal]}.`],
  );
}

/** Pulse without a machine that is known to have it: which of the shop's could be taken. */
function pulseText({ context }: SizeUse): Words {
  const able = (context.resources.machines ?? []).filter((m) => machineHas(m, 'pulse') === true);
  const who =
    able.length === 0 ? 'this one is not checked' : words`${able.map(({ name }) => name).join(', ')} has it`;
  return words`Pulse needs a machine that has it: ${who}.`;
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
  const hardTop = top.is === 'window' ? Infinity : topA;
  const ends: Ends = { size, machine, floorA, topA, topLabel: top.label, topIs: top.is };
  if (floorA !== undefined && topA < floorA) return tooSmallMachine(use, floorA, topA, machine);
  const under = wantedA < lowestServedA(use, size);
  if (under && (floorA !== undefined || nominalMm > smallestSize(use.family))) {
    return wireTooLarge(use, nominalMm, wantedA, floorA ?? size.windowA[0]);
  }
  const lowest = Math.max(
    machine?.currentRangeA?.[0] ?? 0,
    Math.round(feedEnds(use, nominalMm, machine?.wireFeedSpeedRangeMPerMin)[0]),
  );
  if (wantedA < lowest) {
    return refused(
      use.context.work,
      'machine-too-large',
      [
        words`${machine?.name ?? 'The machine'} starts at ${lowest} A and this work takes ${Math.round(wantedA)} A.`,
      ],
      ['Take a machine that starts lower, or back the sheet with a copper bar.'],
    );
  }
  // out of position the metal settles the number of runs, not the heat that a flat pass would take
  const held = top.is === 'position' || wantedA <= topA * (1 + ONE_PASS_OVER);
  const passes = held ? 1 : Math.ceil(wantedA / topA);
  const beyond = use.context.thickness.thicknessMm > MOST_TIMES_WIRE_RANGE * size.thicknessMm[1];
  const byPosition = top.is === 'position' ? Math.ceil(wantedA / size.windowA[1]) : passes;
  if (byPosition > MOST_PASSES_FOR_CURRENT || beyond) return wireTooSmall(use, size);
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
    rowsFor: (wanted) => rowsFor(ends, wanted),
    rangeA: [
      Math.max(
        floorA === undefined
          ? size.windowA[0] * (1 - WINDOW_EDGE_TOLERANCE)
          : floorA * (1 - TRANSITION_TOLERANCE),
        machine?.currentRangeA?.[0] ?? 0,
      ),
      Math.min(size.windowA[1] * (1 + WINDOW_EDGE_TOLERANCE), hardTop),
    ],
    passes,
    checked: machine?.currentRangeA !== undefined,
    text: limitsText(machine),
    cautions: [
      ...edgeCautions(use, nominalMm, wantedA, ends),
      ...rangeCautions(use, size),
      ...(unsurePulse ? [pulse] : []),
    ],
  };
}
