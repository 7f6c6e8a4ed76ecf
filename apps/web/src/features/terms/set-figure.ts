import type { Units } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { type PlannedSetup, startSetting } from '@hot-bead/core/plan';
import {
  type HandControl,
  type HandFigure,
  handScales,
  type HandScales,
  handSetting,
  type MachineTerms,
} from '@hot-bead/core/terms';
import type { BeadSetting } from '@hot-bead/core/window';
import { figureOf, rangeText, shownAs } from '../../units/index.ts';
import { dialsOf } from './dials-of.ts';
import { dialFromText, plusMinusText, termsOf } from './term-text.ts';

/** One figure as it is set: on the machine's own control where that is known, else the physical one. */
export interface SetFigure {
  /** The control before the figure; absent where the physical figure itself is set. */
  readonly control?: HandControl;
  readonly text: string;
  /** '' for a control's own mark. */
  readonly unit: string;
  /** Doubt in the control's own marks. */
  readonly plusMinus?: string;
  /** Physical figure with its unit, to stand small under the control's. */
  readonly physical?: string;
  /** What else is to be known of the control there. */
  readonly note?: string;
}

/** Both figures of a setting as they are set. */
export interface SetFigures {
  readonly wire: SetFigure;
  readonly volts: SetFigure;
}

/** What is to be known of the wire control where its own figure stands large. */
function wireNote({ wire }: MachineTerms, units: Units): string | undefined {
  if (wire.status === 'knob') return dialFromText(wire.dialFrom);
  if (wire.status !== 'letter') return undefined;
  const off = `${Math.abs(wire.offShare * 100).toFixed(0)} % too ${wire.offShare > 0 ? 'fast' : 'slow'}`;
  return `gives ${rangeText('wireFeedSpeed', wire.gives.low, wire.gives.high, units)}${wire.near ? '' : `, ${off}`}`;
}

/** Difference under which two volts read alike, V: half of the last digit shown. Source: our tuning. */
const SAME_V = 0.05;

/** The same of the volts control. */
function voltsNote({ volts, entry }: MachineTerms): string | undefined {
  if (volts.status === 'position') {
    const { gives, offV } = volts.choice;
    const off = volts.near ? '' : `, ${Math.abs(offV).toFixed(1)} V too ${offV > 0 ? 'high' : 'low'}`;
    const half = plusMinusText(gives.volts);
    // a tap that gives what stands there needs no second figure
    if (Math.abs(offV) < SAME_V) return `at the arc, ${half} V`;
    return `the tap gives ${gives.volts.start.toFixed(1)} ${half} V${off}`;
  }
  if (volts.status === 'shown-offset') {
    const { offsetV } = volts;
    return `its display reads ${Math.abs(offsetV).toFixed(1)} V ${offsetV > 0 ? 'high' : 'low'}`;
  }
  const trims = volts.status === 'entry' && entry?.status === 'set' && entry.trimV !== 0;
  return trims ? `of itself it takes ${entry.machineVolts.toFixed(1)} V` : undefined;
}

function ofHand(hand: HandFigure, physical: string, note: string | undefined): SetFigure {
  return {
    control: hand.control,
    text: hand.text,
    unit: '',
    ...(hand.plusMinus === undefined ? {} : { plusMinus: hand.plusMinus }),
    physical,
    ...(note === undefined ? {} : { note }),
  };
}

/** A setting in m/min and volts, where no machine's control is known for it. */
export function bareFigures({ wireFeedSpeedMPerMin, volts }: BeadSetting, units: Units): SetFigures {
  return {
    wire: {
      text: figureOf('wireFeedSpeed', wireFeedSpeedMPerMin, units),
      unit: shownAs('wireFeedSpeed', units).unit,
    },
    volts: { text: figureOf('volts', volts, units), unit: 'V' },
  };
}

/** A setting as the hand sets it: the plan's start, or another. */
export function setFigures(
  plan: PlannedSetup,
  machine: KeptMachine | undefined,
  units: Units,
  at: BeadSetting = startSetting(plan),
): SetFigures {
  const bare = bareFigures(at, units);
  const physical = { wire: setText(bare.wire), volts: setText(bare.volts) };
  if (!machine) return bare;
  const terms = termsOf(plan, machine, at);
  const { wire, volts } = handSetting(machine, terms, plan.voltsKind);
  return {
    wire: wire ? ofHand(wire, physical.wire, wireNote(terms, units)) : bare.wire,
    volts: volts ? ofHand(volts, physical.volts, voltsNote(terms)) : bare.volts,
  };
}

/** The controls of the machine that a plan is set on, to be moved by hand; none without a machine. */
export function handsOf(plan: PlannedSetup, machine: KeptMachine | undefined): HandScales {
  return machine ? handScales(machine, dialsOf(machine), plan) : {};
}

/** "knob 4½", "7.3 m/min". */
export function setText({ control, text, unit }: SetFigure): string {
  return [control, text, unit].filter(Boolean).join(' ');
}

/** "knob 4½, tap 5": both as they are set. */
export function settingText({ wire, volts }: SetFigures): string {
  return `${setText(wire)}, ${setText(volts)}`;
}

/** "7.3 m/min, 18.7 V" behind them, as far as the hand sets something else; '' where it does not. */
export function physicalText({ wire, volts }: SetFigures): string {
  return [wire.physical, volts.physical].filter((text) => text !== undefined).join(', ');
}

/** "knob 4½, tap 5 (7.3 m/min, 18.7 V)" */
export function wholeSettingText(figures: SetFigures): string {
  const physical = physicalText(figures);
  return `${settingText(figures)}${physical === '' ? '' : ` (${physical})`}`;
}
