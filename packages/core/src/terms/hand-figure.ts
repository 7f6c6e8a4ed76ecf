import type { EntrySetting, EntryUnit, TrimUnit } from '../machine/one-entry.ts';
import type { Machine } from '../machine/machine.ts';
import type { MachineTerms } from './machine-terms.ts';

/** A control that a hand sets, as it stands before its figure. */
export type HandControl = 'knob' | 'letter' | 'tap' | 'show' | 'enter' | 'trim';

/** What a hand sets on one control: the largest thing wherever a setting stands. */
export interface HandFigure {
  readonly control: HandControl;
  /** "4½", "C", "21.4", "2.8 mm", "+0.3 V" */
  readonly text: string;
  /** Half-width of its doubt, in the control's own marks; absent where it clicks into place or is told in volts. */
  readonly plusMinus?: string;
}

/** What a hand sets for a plan; a control is absent where the physical figure itself is set or nothing is known. */
export interface HandSetting {
  readonly wire?: HandFigure;
  readonly volts?: HandFigure;
}

/** Decimals that an entry is shown with, in the unit that the machine itself shows it in. */
const ENTRY_DECIMALS: Readonly<Record<EntryUnit, number>> = {
  mm: 1,
  in: 3,
  A: 0,
  'm/min': 1,
  'in/min': 0,
  mark: 1,
};

/** What to enter on a machine that sets both from one, in the unit that it shows itself, whatever the user’s. */
export function entryFigure(entry: number, unit: EntryUnit): string {
  const figure = entry.toFixed(ENTRY_DECIMALS[unit]);
  return unit === 'mark' ? `mark ${figure}` : `${figure} ${unit}`;
}

function signed(value: number, digits: number): string {
  return `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(value).toFixed(digits)}`;
}

const TRIM_FIGURE: Readonly<Record<TrimUnit, (by: number) => string>> = {
  V: (by) => `${signed(by, 1)} V`,
  '%': (by) => `${signed(by, 0)} %`,
  mark: (by) => signed(by, 0),
};

/** Trim as the machine counts it: volts, per cent, or marks. */
export function trimFigure({ trim: { unit, by } }: Extract<EntrySetting, { status: 'set' }>): string {
  return by === 0 ? '0' : TRIM_FIGURE[unit](by);
}

function wireHand(
  { wire, entry }: MachineTerms,
  { oneEntry }: Pick<Machine, 'oneEntry'>,
): HandFigure | undefined {
  switch (wire.status) {
    case 'knob':
      return { control: 'knob', ...wire.figure };
    case 'letter':
      return { control: 'letter', text: wire.name };
    case 'entry':
      return entry?.status === 'set' && oneEntry
        ? { control: 'enter', text: entryFigure(entry.entry, oneEntry.unit) }
        : undefined;
    default:
      return undefined;
  }
}

function voltsHand({ volts, entry }: MachineTerms): HandFigure | undefined {
  switch (volts.status) {
    case 'knob':
      return { control: 'knob', ...volts.figure };
    case 'position':
      return { control: 'tap', text: volts.choice.position.name };
    case 'shown-offset': {
      const { start, low, high } = volts.set;
      return { control: 'show', text: start.toFixed(1), plusMinus: ((high - low) / 2).toFixed(1) };
    }
    case 'entry':
      return entry?.status === 'set' ? { control: 'trim', text: trimFigure(entry) } : undefined;
    default:
      return undefined;
  }
}

/**
 * What the hand sets on a machine for a plan that stands in its terms.
 *
 * @param voltsKind of the plan: a mean of pulses is set by no volts control
 */
export function handSetting(
  machine: Pick<Machine, 'oneEntry'>,
  terms: MachineTerms,
  voltsKind: 'arc' | 'mean',
): HandSetting {
  const wire = wireHand(terms, machine);
  const volts = voltsKind === 'mean' ? undefined : voltsHand(terms);
  return { ...(wire && { wire }), ...(volts && { volts }) };
}
