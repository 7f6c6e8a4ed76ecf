import type { KnobFigure, Span, Units } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { EntrySetting, Machine, PositionDial } from '@hot-bead/core/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import {
  entryFigure,
  type MachineTerms,
  machineTerms,
  type OutOfReach,
  planFit,
  type PositionFit,
  trimFigure,
  type VoltsOutOfReach,
  type VoltsTerm,
  type WireTerm,
} from '@hot-bead/core/terms';
import type { BeadSetting } from '@hot-bead/core/window';
import { rangeText, withUnit } from '../../units/index.ts';
import { dialsOf } from './dials-of.ts';

/** A plan in the terms of a kept machine's controls, or a setting beside it. */
export function termsOf(plan: PlannedSetup, machine: KeptMachine, at?: BeadSetting): MachineTerms {
  return machineTerms(machine, dialsOf(machine), plan, at);
}

/** Whether the control that a term is of was measured, or needs no measuring. */
export function isMeasured(plan: PlannedSetup, machine: KeptMachine, of: 'wire' | 'volts'): boolean {
  return termsOf(plan, machine)[of].status !== 'not-measured';
}

/** The wire speed to offer where no tap of the machine is near. */
export function fitToPosition(plan: PlannedSetup, machine: KeptMachine): PositionFit | undefined {
  return planFit(machine, plan, termsOf(plan, machine).volts);
}

/** "± 0.3" of a span. */
export function plusMinusText({ low, high }: Pick<Span, 'low' | 'high'>): string {
  return `± ${((high - low) / 2).toFixed(1)}`;
}

/** Why a wire speed is out of reach, and the way out. */
export function outOfReachText({ side, endMPerMin, endWords }: OutOfReach, units: Units): string {
  const end = `the ${side === 'below' ? 'slowest' : 'fastest'} reading is ${withUnit('wireFeedSpeed', endMPerMin, units)} at ${endWords}`;
  const way =
    side === 'below' ? 'take a thinner wire, it runs faster' : 'take a thicker wire or less current';
  return `out of reach: ${end}; ${way}, or measure further`;
}

/** Why volts are out of reach, and the way out. */
export function voltsOutOfReachText({ side, endV, endWords }: VoltsOutOfReach): string {
  const end = side === 'below' ? 'lowest' : 'highest';
  return `out of reach: the ${end} reading gives ${endV.toFixed(1)} V at ${endWords}; measure further, or change the wire speed`;
}

/** What a dial rests on, where it is not its own readings. */
export function dialFromText(from: PositionDial['from']): string | undefined {
  if (from === 'own') return undefined;
  return from === 'scaled' ? 'scaled to this tap from few readings' : 'tap not read: guessed from another';
}

/** "knob 4½ ± 0.4" */
function knobText(name: string, { text, plusMinus }: KnobFigure): string {
  return `${name} ${text} ± ${plusMinus}`;
}

/** The wire control's term in words; undefined where the entry says it. */
export function wireText(term: WireTerm, machine: Pick<Machine, 'name'>, units: Units): string | undefined {
  switch (term.status) {
    case 'shown':
      return `set on ${machine.name}’s display`;
    case 'entry':
      return undefined;
    case 'not-measured':
      return `${machine.name}: knob not measured`;
    case 'out-of-reach':
      return outOfReachText(term, units);
    case 'letter': {
      const off = term.near
        ? ''
        : `, ${Math.abs(term.offShare * 100).toFixed(0)} % too ${term.offShare > 0 ? 'fast' : 'slow'}`;
      return `letter ${term.name}: ${rangeText('wireFeedSpeed', term.gives.low, term.gives.high, units)}${off}`;
    }
    case 'knob': {
      const from = dialFromText(term.dialFrom);
      return `${knobText('knob', term.figure)}${from === undefined ? '' : `, ${from}`}`;
    }
  }
}

/** What to set, in a few words, and what lies behind it. */
export interface TermWords {
  readonly short: string;
  readonly more?: string;
}

/** All of it in one sentence. */
function whole(words: TermWords | undefined): string | undefined {
  return words?.more === undefined ? words?.short : `${words.short}: ${words.more}`;
}

type Named = Pick<Machine, 'name' | 'voltsControl'>;

function voltsWords(term: VoltsTerm, machine: Named): TermWords | undefined {
  switch (term.status) {
    case 'shown':
    case 'entry':
      return undefined;
    case 'not-measured': {
      const control = machine.voltsControl?.kind === 'knob' ? 'volts knob' : 'taps';
      return { short: `${machine.name}: ${control} not measured` };
    }
    case 'knob':
      return { short: knobText('volts knob', term.figure) };
    case 'out-of-reach':
      return { short: voltsOutOfReachText(term) };
    case 'shown-offset': {
      const off = `${Math.abs(term.offsetV).toFixed(1)} V ${term.offsetV > 0 ? 'high' : 'low'}`;
      return {
        short: `show ${term.set.start.toFixed(1)} ${plusMinusText(term.set)} V`,
        more: `the display reads ${off}`,
      };
    }
    case 'position': {
      const { position, gives, offV } = term.choice;
      const off = term.near ? '' : `, ${Math.abs(offV).toFixed(1)} V too ${offV > 0 ? 'high' : 'low'}`;
      return {
        short: `tap ${position.name}: about ${gives.volts.start.toFixed(1)} ${plusMinusText(gives.volts)} V${off}`,
      };
    }
  }
}

/** The volts control's term in words; undefined where the entry says it, or the figure itself is to be set. */
export function voltsText(term: VoltsTerm, machine: Named): string | undefined {
  return whole(voltsWords(term, machine));
}

/** Trim as the machine counts it: volts, per cent, or marks. */
export function trimText(entry: Extract<EntrySetting, { status: 'set' }>): string {
  return `trim ${trimFigure(entry)}`;
}

function entryWords(
  entry: EntrySetting | undefined,
  machine: Pick<Machine, 'name' | 'oneEntry'>,
  units: Units,
): TermWords | undefined {
  if (!entry || !machine.oneEntry) return undefined;
  if (entry.status === 'not-recorded') return { short: 'one entry: not recorded for this wire and gas' };
  const { unit } = machine.oneEntry;
  if (entry.status !== 'set') {
    const end = `${entryFigure(entry.endEntry, unit)} gave ${withUnit('wireFeedSpeed', entry.endMPerMin, units)}`;
    return { short: `one entry: past what was recorded, ${end}` };
  }
  return {
    short: `enter ${entryFigure(entry.entry, unit)}, ${trimText(entry)}`,
    ...(entry.trimV === 0 ? {} : { more: `of itself it takes ${entry.machineVolts.toFixed(1)} V` }),
  };
}

/** Entry and trim in words, and why; undefined on a machine without one entry. */
export function entryText(
  entry: EntrySetting | undefined,
  machine: Pick<Machine, 'name' | 'oneEntry'>,
  units: Units,
): string | undefined {
  return whole(entryWords(entry, machine, units));
}

/** The plan's wire speed, or another, in the machine's own terms, for the line under the figure. */
export function wireWords(
  plan: PlannedSetup,
  machine: KeptMachine | undefined,
  units: Units,
  at?: BeadSetting,
): TermWords | undefined {
  if (!machine) return undefined;
  const { wire, entry } = termsOf(plan, machine, at);
  const own = wireText(wire, machine, units);
  const one = entry?.status === 'set' || own === undefined ? entryWords(entry, machine, units) : undefined;
  if (own === undefined) return one;
  // a figure that is shown is set as it stands: what else there is comes first
  if (one && wire.status === 'shown') return { ...one, short: `or ${one.short}` };
  return one ? { ...one, short: `${own}; or ${one.short}` } : { short: own };
}

/** The same in one sentence. */
export function wireBeneath(
  plan: PlannedSetup,
  machine: KeptMachine | undefined,
  units: Units,
  at?: BeadSetting,
): string | undefined {
  return whole(wireWords(plan, machine, units, at));
}

/** The plan's volts, or others, in the machine's own terms. */
export function voltsBeneathWords(
  plan: PlannedSetup,
  machine: KeptMachine | undefined,
  at?: BeadSetting,
): TermWords {
  if (plan.voltsKind === 'mean') return { short: 'rough mean: the trim sets it' };
  const atArc = { short: 'at the arc, not open circuit' };
  if (!machine) return atArc;
  const { volts, entry } = termsOf(plan, machine, at);
  if (volts.status === 'entry' && entry?.status === 'set') return { short: trimText(entry) };
  return voltsWords(volts, machine) ?? atArc;
}

/** The same in one sentence. */
export function voltsBeneath(plan: PlannedSetup, machine: KeptMachine | undefined, at?: BeadSetting): string {
  return whole(voltsBeneathWords(plan, machine, at)) ?? '';
}
