import type { MachineDials } from '../machine/dial/machine-dials.ts';
import { dialAtPosition } from '../machine/dial/machine-dials.ts';
import { dialEnds, dialSpeed } from '../machine/dial/dial-band.ts';
import type { Machine } from '../machine/machine.ts';
import { machineTerms, positionOf } from '../terms/machine-terms.ts';
import { wireReach } from '../terms/knob-terms.ts';
import { isSameLine, trimSteps } from '../machine/one-entry.ts';
import { bandAt, curveEnds } from '../base/numeric/banded-curve.ts';
import { nearestIndex, nearestOf } from '../base/numeric/nearest.ts';
import { handStep } from '../base/quantity/knob-words.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { bookVoltsAt, currentAt } from '../plan/setup/window-curve.ts';
import { knownPositions } from '../machine/volts/position-volts.ts';
import { voltsOverKnob } from '../machine/volts/volts-knob.ts';
import type { BeadSetting } from '../window/bead-setting.ts';
import type { DialWay } from '../window/dial-model.ts';
import { OWN_VOLTS_RANGE, OWN_WIRE_SPEED_RANGE_M_PER_MIN } from '../plan/setup/plan-setup.ts';

/** A setting that the machine can be put to, and its volts over the book's at its wire speed, V. */
export interface Candidate extends BeadSetting {
  readonly overLineV: number;
}

/** How far from the book a setting is looked for, V. Source: our tuning. */
const REACH_V = 4;
/** How far from the plan's wire speed it is looked for, as shares. */
const NEAR_SPEED = [0.4, 2] as const;
/** Volts and wire speed as a display sets them. Source: common practice. */
const DISPLAY_STEP_V = 0.1;
const DISPLAY_STEP_M_PER_MIN = 0.1;

/** A plan on a machine, as far as one is named and was measured. */
export interface DialledPlan {
  readonly plan: PlannedSetup;
  readonly machine: Machine | undefined;
  readonly dials: MachineDials | undefined;
}

/** Whole steps between two ends, both within. */
function steps(low: number, high: number, step: number): readonly number[] {
  const from = Math.ceil(low / step - 1e-9);
  const to = Math.floor(high / step + 1e-9);
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => Number(((from + i) * step).toFixed(6)));
}

/** Currents that a machine's droop is known for, A. Source: our tuning. */
const DROOP_CURRENT_A = [1, 500] as const;

/** The current at a wire speed; one past what droop is known for counts as its end. */
function knownCurrentA(plan: PlannedSetup, speedMPerMin: number): number {
  return Math.min(Math.max(currentAt(plan, speedMPerMin), DROOP_CURRENT_A[0]), DROOP_CURRENT_A[1]);
}

/** Arc volts of the machine's taps at a wire speed, as far as they are known; undefined where it has none. */
function tapVolts({ plan, machine }: DialledPlan, speedMPerMin: number): readonly number[] | undefined {
  const control = machine?.voltsControl;
  if (control?.kind !== 'positions') return undefined;
  const currentA = knownCurrentA(plan, speedMPerMin);
  const known = knownPositions(control.positions, machine?.kind ?? 'transformer', currentA);
  const volts = known.map(({ gives }) => gives.volts.start);
  return volts.length > 0 ? volts : undefined;
}

/** Arc volts of the marks of the machine's volts knob at a wire speed; undefined where it has none that was read. */
function markVolts({ plan, machine }: DialledPlan, speedMPerMin: number): readonly number[] | undefined {
  const control = machine?.voltsControl;
  if (control?.kind !== 'knob') return undefined;
  const curve = voltsOverKnob(
    control.places,
    machine?.kind ?? 'transformer',
    knownCurrentA(plan, speedMPerMin),
  );
  if (!curve) return undefined;
  const [low, high] = curveEnds(curve);
  const marks = steps(low, high, handStep([control.min, control.max]));
  return marks.flatMap((knob) => bandAt(curve, knob)?.start ?? []);
}

/** Arc volts that the machine reaches at a wire speed, V; undefined where that was not measured. */
export function voltsReach(
  dialled: DialledPlan,
  speedMPerMin: number,
): readonly [number, number] | undefined {
  const volts = tapVolts(dialled, speedMPerMin) ?? markVolts(dialled, speedMPerMin);
  return volts && [Math.min(...volts), Math.max(...volts)];
}

/** The volts that a held control gives at a wire speed: of a tap or a mark what it gives there, else the same. */
function heldVolts(dialled: DialledPlan, held: BeadSetting): (speedMPerMin: number) => number {
  const at = held.wireFeedSpeedMPerMin;
  const gives = [tapVolts, markVolts].find((one) => one(dialled, at));
  const settings = gives?.(dialled, at);
  if (!gives || !settings) return () => held.volts;
  const index = nearestIndex(settings, held.volts);
  return (speedMPerMin) => gives(dialled, speedMPerMin)?.[index] ?? held.volts;
}

/** Volts that the machine can set at a wire speed. */
function voltsAt(dialled: DialledPlan, way: DialWay, speedMPerMin: number): readonly number[] {
  const { plan, machine } = dialled;
  const bookV = bookVoltsAt(plan, speedMPerMin);
  const least = Math.max(OWN_VOLTS_RANGE[0], bookV - REACH_V);
  const most = Math.min(OWN_VOLTS_RANGE[1], bookV + REACH_V);
  const isNear = (volts: number): boolean => volts >= least && volts <= most;
  const own = tapVolts(dialled, speedMPerMin) ?? markVolts(dialled, speedMPerMin)?.filter(isNear);
  if (own?.some(isNear)) return own;
  if (way === 'trim' && machine?.oneEntry) {
    const { wireClass, diameterMm } = plan.wire;
    const at = { wireFeedSpeedMPerMin: speedMPerMin, volts: bookV };
    const wanted = { wireClass, diameterMm, gas: plan.gas.gas.id, ...at };
    const trims = trimSteps(machine.oneEntry, wanted, REACH_V);
    if (trims) return trims;
  }
  return steps(least, most, DISPLAY_STEP_V);
}

/** Whether the machine's volts come in taps that are measured. */
export function isTapped(dialled: DialledPlan, speedMPerMin: number): boolean {
  return tapVolts(dialled, speedMPerMin) !== undefined;
}

/** Wire speeds that the machine can set where its volts stand. */
function speedsAt({ plan, machine, dials }: DialledPlan, heldV: number): readonly number[] {
  const [least, most] = OWN_WIRE_SPEED_RANGE_M_PER_MIN;
  if (!machine || !dials) return steps(least, most, DISPLAY_STEP_M_PER_MIN);
  const at = { wireFeedSpeedMPerMin: plan.wireFeedSpeedMPerMin.start, volts: heldV };
  const position = positionOf(machineTerms(machine, dials, plan, at).volts);
  const [slow, fast] = wireReach(machine, dials, position) ?? [least, most];
  const control = machine.wireControl;
  const dial = control?.kind === 'units' ? undefined : dialAtPosition(dials, position)?.dial;
  if (!dial || dial.points.length < 2) return steps(slow, fast, DISPLAY_STEP_M_PER_MIN);
  const under = 1 - dials.sag.start;
  const [low, high] = dialEnds(dial);
  const marks =
    control?.kind === 'letters'
      ? dial.points.map(({ knob }) => knob)
      : steps(low, high, handStep(control?.kind === 'knob' ? [control.min, control.max] : [low, high]));
  return marks.flatMap((knob) => {
    const speed = dialSpeed(dial, knob);
    return speed ? [speed.start * under] : [];
  });
}

/** A wire speed as the machine gives it: the nearest of its letters; else as a display shows it. */
export function givenSpeed(dialled: DialledPlan, at: BeadSetting): number {
  const speeds = dialled.machine?.wireControl?.kind === 'letters' ? speedsAt(dialled, at.volts) : [];
  const wanted = at.wireFeedSpeedMPerMin;
  return speeds.length > 0 ? nearestOf(speeds, wanted) : Number(wanted.toFixed(1));
}

/** The machine's own chart for the plan's wire and gas, by entry; undefined where it was not recorded. */
export function columnsOf({ plan, machine }: DialledPlan): readonly BeadSetting[] | undefined {
  const { wireClass, diameterMm } = plan.wire;
  const given = { wireClass, diameterMm, gas: plan.gas.gas.id };
  const line = machine?.oneEntry?.lines.find((one) => isSameLine(one, given));
  return line && line.points.length >= 2 ? line.points.toSorted((a, b) => a.entry - b.entry) : undefined;
}

/** The columns that a chart is read at next: the one for the work, then a column beyond those that were tried. */
function openColumns(columns: readonly BeadSetting[], laid: readonly BeadSetting[], held: BeadSetting) {
  const speeds = columns.map((column) => column.wireFeedSpeedMPerMin);
  const indexOf = (one: BeadSetting): number => nearestIndex(speeds, one.wireFeedSpeedMPerMin);
  if (laid.length === 0) return [columns[indexOf(held)] as BeadSetting];
  const tried = laid.map(indexOf);
  return columns.slice(Math.max(0, Math.min(...tried) - 1), Math.max(...tried) + 2);
}

/**
 * What can be set next by a way of searching, ascending from cold to hot, each with its volts over the line.
 *
 * @param held the wire speed or the volts that are held
 * @param laid beads so far: a chart is gone through a column at a time
 */
export function settable(
  dialled: DialledPlan,
  way: DialWay,
  held: BeadSetting,
  laid: readonly BeadSetting[],
): readonly Candidate[] {
  const bookV = (speed: number): number => bookVoltsAt(dialled.plan, speed);
  const coldFirst = (settings: readonly BeadSetting[], lineV = bookV): readonly Candidate[] =>
    settings
      .map(({ wireFeedSpeedMPerMin, volts }) => ({
        wireFeedSpeedMPerMin,
        volts,
        overLineV: volts - lineV(wireFeedSpeedMPerMin),
      }))
      .toSorted((a, b) => a.overLineV - b.overLineV);
  if (way === 'columns') return coldFirst(openColumns(columnsOf(dialled) ?? [held], laid, held));
  if (way === 'volts-first') {
    const voltsOf = heldVolts(dialled, held);
    const { start } = dialled.plan.wireFeedSpeedMPerMin;
    const isNear = (speed: number): boolean =>
      speed >= start * NEAR_SPEED[0] && speed <= start * NEAR_SPEED[1];
    const speeds = speedsAt(dialled, held.volts)
      .filter(isNear)
      .map((wireFeedSpeedMPerMin) => ({
        wireFeedSpeedMPerMin,
        volts: voltsOf(wireFeedSpeedMPerMin),
      }));
    const near = coldFirst(speeds).filter(({ overLineV }) => Math.abs(overLineV) <= REACH_V);
    return near.length > 0 ? near : coldFirst([held]);
  }
  const { wireFeedSpeedMPerMin } = held;
  const heldBookV = bookV(wireFeedSpeedMPerMin);
  const settings = voltsAt(dialled, way, wireFeedSpeedMPerMin).map((volts) => ({
    wireFeedSpeedMPerMin,
    volts,
  }));
  return coldFirst(settings, () => heldBookV);
}
