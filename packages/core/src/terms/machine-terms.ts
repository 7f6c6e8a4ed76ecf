import type { MachineDials } from '../machine/dial/machine-dials.ts';
import type { BeadSetting } from '../window/bead-setting.ts';
import { entryFor, type EntrySetting } from '../machine/one-entry.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { currentAt, startSetting, type WindowPoint } from '../plan/setup/window-curve.ts';
import { positionVolts } from '../machine/volts/position-volts.ts';
import { voltsTerm, type VoltsTerm, wireReach, wireTerm, type WireTerm } from './knob-terms.ts';
import type { Machine, VoltsControl } from '../machine/machine.ts';
import { bandAt } from '../base/numeric/banded-curve.ts';
import { knobWords } from '../base/quantity/knob-words.ts';
import type { MachineKind } from '../machine/volts/machine-kind.ts';
import { voltsOverKnob } from '../machine/volts/volts-knob.ts';

/** A plan in the terms of one machine's controls. */
export interface MachineTerms {
  readonly wire: WireTerm;
  readonly volts: VoltsTerm;
  /** Entry and trim, on a machine that sets both from one entry; never for pulse, whose trim is an arc length. */
  readonly entry: EntrySetting | undefined;
}

/** Position of the volts control that a term settles. */
export function positionOf(term: VoltsTerm): string | undefined {
  return term.status === 'position' ? term.choice.position.name : undefined;
}

/**
 * A plan in the terms of one machine's controls: the volts first, because where the feed motor hangs on the weld
 * supply the wire speed goes with the tap.
 *
 * @param dials what was measured of the machine's wire control
 * @param at wire speed, m/min, and volts in place of the plan's own start
 */
export function machineTerms(
  machine: Machine,
  dials: MachineDials,
  plan: PlannedSetup,
  at: BeadSetting = startSetting(plan),
): MachineTerms {
  const volts = voltsTerm(machine, at.volts, currentAt(plan, at.wireFeedSpeedMPerMin));
  const { wireClass, diameterMm } = plan.wire;
  const wanted = { wireClass, diameterMm, gas: plan.gas.gas.id, ...at };
  return {
    volts,
    wire: wireTerm(machine, dials, at.wireFeedSpeedMPerMin, positionOf(volts)),
    entry: machine.oneEntry && plan.voltsKind === 'arc' ? entryFor(machine.oneEntry, wanted) : undefined,
  };
}

/** Arc volts of one position over the wire speeds of a window chart. */
export interface PositionLine {
  readonly name: string;
  readonly points: readonly { readonly wireFeedSpeedMPerMin: number; readonly volts: number }[];
}

/** Marks of a volts knob that are drawn: a tenth of its turn apart. Source: our tuning. */
const DRAWN_MARKS = 10;

/** The volts knob at its marks, as lines over a window chart, as far as it was read. */
function knobLines(
  { places, min, max }: Extract<VoltsControl, { readonly kind: 'knob' }>,
  kind: MachineKind,
  window: readonly WindowPoint[],
): readonly PositionLine[] {
  const curves = window.map(({ wireFeedSpeedMPerMin, currentA }) => ({
    wireFeedSpeedMPerMin,
    curve: voltsOverKnob(places, kind, currentA),
  }));
  return Array.from({ length: DRAWN_MARKS + 1 }, (_, i) => min + ((max - min) * i) / DRAWN_MARKS).flatMap(
    (knob): PositionLine[] => {
      const points = curves.flatMap(({ wireFeedSpeedMPerMin, curve }) => {
        const volts = curve && bandAt(curve, knob);
        return volts ? [{ wireFeedSpeedMPerMin, volts: volts.start }] : [];
      });
      return points.length < 2 ? [] : [{ name: knobWords(knob, [min, max]), points }];
    },
  );
}

/**
 * The machine's taps or letters, or the marks of its volts knob, as lines over a window chart; none for a machine that
 * shows its volts.
 */
export function positionLines(machine: Machine, window: readonly WindowPoint[]): readonly PositionLine[] {
  const control = machine.voltsControl;
  if (control?.kind === 'knob') return knobLines(control, machine.kind ?? 'transformer', window);
  if (control?.kind !== 'positions') return [];
  return control.positions.flatMap((position): PositionLine[] => {
    const points = window.flatMap(({ wireFeedSpeedMPerMin, currentA }) => {
      const gives = positionVolts(position, machine.kind ?? 'transformer', currentA);
      return gives ? [{ wireFeedSpeedMPerMin, volts: gives.volts.start }] : [];
    });
    return points.length < 2 ? [] : [{ name: position.name, points }];
  });
}

/** Wire speeds that the machine reaches with a plan's position, m/min; undefined where nothing is known. */
export function planReach(
  machine: Machine,
  dials: MachineDials,
  { volts }: MachineTerms,
): readonly [low: number, high: number] | undefined {
  return wireReach(machine, dials, positionOf(volts));
}
