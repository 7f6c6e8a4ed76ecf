import type { Span, Units } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { EntrySetting, EntryUnit, Machine, TrimUnit } from '@hot-bead/core/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import {
  type MachineTerms,
  machineTerms,
  type OutOfReach,
  planFit,
  type PositionFit,
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
function plusMinus({ low, high }: Pick<Span, 'low' | 'high'>, digits = 1): string {
  return `± ${((high - low) / 2).toFixed(digits)}`;
}

/** A knob's figure as finely as its scale deserves, with its band: "6.4 ± 0.3" on 0–10, "64 ± 3" on 0–100. */
export function knobFigure({
  knob,
  handStep,
}: Pick<Extract<WireTerm, { status: 'knob' }>, 'knob' | 'handStep'>): {
  readonly start: string;
  readonly low: string;
  readonly high: string;
  readonly plusMinus: string;
} {
  const digits = Math.max(0, Math.ceil(-Math.log10(handStep)));
  return {
    start: knob.start.toFixed(digits),
    low: knob.low.toFixed(digits),
    high: knob.high.toFixed(digits),
    plusMinus: plusMinus(knob, digits),
  };
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

const DIAL_FROM = {
  own: '',
  scaled: ', scaled to this tap from few readings',
  guessed: ', tap not read: guessed from another',
} as const;

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
      const figure = knobFigure(term);
      return `knob ${term.words} (${figure.start} ${figure.plusMinus})${DIAL_FROM[term.dialFrom]}`;
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
    case 'knob': {
      const figure = knobFigure(term);
      return { short: `volts knob ${term.words} (${figure.start} ${figure.plusMinus})` };
    }
    case 'out-of-reach':
      return { short: voltsOutOfReachText(term) };
    case 'shown-offset': {
      const off = `${Math.abs(term.offsetV).toFixed(1)} V ${term.offsetV > 0 ? 'high' : 'low'}`;
      return {
        short: `show ${term.set.start.toFixed(1)} ${plusMinus(term.set)} V`,
        more: `the display reads ${off}`,
      };
    }
    case 'position': {
      const { position, gives, offV } = term.choice;
      const off = term.near ? '' : `, ${Math.abs(offV).toFixed(1)} V too ${offV > 0 ? 'high' : 'low'}`;
      return {
        short: `tap ${position.name}: about ${gives.volts.start.toFixed(1)} ${plusMinus(gives.volts)} V${off}`,
      };
    }
  }
}

/** The volts control's term in words; undefined where the entry says it, or the figure itself is to be set. */
export function voltsText(term: VoltsTerm, machine: Named): string | undefined {
  return whole(voltsWords(term, machine));
}

const ENTRY_FIGURE: Readonly<Record<EntryUnit, (entry: number) => string>> = {
  mm: (entry) => `${entry.toFixed(1)} mm`,
  in: (entry) => `${entry.toFixed(3)} in`,
  A: (entry) => `${entry.toFixed(0)} A`,
  'm/min': (entry) => `${entry.toFixed(1)} m/min`,
  'in/min': (entry) => `${entry.toFixed(0)} in/min`,
  mark: (entry) => `mark ${entry.toFixed(1)}`,
};

/** What to enter on a machine that sets both from one, in the unit that it shows itself. */
export function entryFigure(entry: number, unit: EntryUnit): string {
  return ENTRY_FIGURE[unit](entry);
}

function signed(value: number, digits: number): string {
  return `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(value).toFixed(digits)}`;
}

const TRIM_TEXT: Readonly<Record<TrimUnit, (by: number) => string>> = {
  V: (by) => `${signed(by, 1)} V`,
  '%': (by) => `${signed(by, 0)} %`,
  mark: (by) => signed(by, 0),
};

/** Trim as the machine counts it: volts, per cent, or marks. */
export function trimText({ trim: { unit, by } }: Extract<EntrySetting, { status: 'set' }>): string {
  return `trim ${by === 0 ? '0' : TRIM_TEXT[unit](by)}`;
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
