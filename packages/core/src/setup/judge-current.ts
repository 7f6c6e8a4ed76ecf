import type { Caution } from '../caution/caution.ts';
import type { Machine } from '../machine/machine.ts';
import type { Work } from '../material/work.ts';
import { HANDBOOK, PRACTICE, type Source, YOURS } from '../provenance/source.ts';
import { shortCircuitWindow } from '../transfer/short-circuit.ts';
import { SMALLEST_WIRE_MM, type WireDiameterMm, wireDiameterRow } from '../wire/wire-diameter.ts';
import { governingThickness } from '../demand/governing-thickness.ts';
import { wireTooLarge, wireTooSmall } from './wire-refusals.ts';
import { ONE_PASS_OVER, onePassWire, smallerWire, WINDOW_EDGE_TOLERANCE } from './choose-wire.ts';
import { refused } from './refusal.ts';
import type { RefusedSetup } from './setup.ts';

/** Most passes the current may be shared over before the wire is called too small. Source: our model. */
export const MOST_PASSES_FOR_CURRENT = 3;

/** How many times the top of its own thickness range a wire is still used at, in passes. Source: our model. */
export const MOST_TIMES_WIRE_RANGE = 3;

function passesForCurrent(wantedA: number, topA: number): number {
  return wantedA <= topA * (1 + ONE_PASS_OVER) ? 1 : Math.ceil(wantedA / topA);
}

/** The span of current that wire and machine allow together. */
export interface CurrentSpan {
  readonly window: { readonly lowA: number; readonly highA: number };
  readonly machine: Machine | undefined;
  readonly topA: number;
  readonly topIsMachine: boolean;
}

export interface CurrentLimits {
  readonly status: 'within';
  readonly topA: number;
  readonly topLabel: string;
  readonly topWhy: string;
  readonly topSource: Source;
  /** Currents the shown range may reach, A. */
  readonly rangeA: readonly [low: number, high: number];
  readonly passes: number;
  readonly checked: boolean;
  readonly text: string;
  readonly cautions: readonly Caution[];
}

/** Limits of wire and machine; undefined when the wire has no short-circuit window. */
export function currentLimits(
  diameterMm: WireDiameterMm,
  machine: Machine | undefined,
): CurrentSpan | undefined {
  const window = shortCircuitWindow(diameterMm);
  if (!window) return undefined;
  const machineTop = machine?.currentRangeA?.[1] ?? Infinity;
  return {
    window,
    machine,
    topA: Math.min(window.highA, machineTop),
    topIsMachine: machineTop < window.highA,
  };
}

function rangeOf(span: CurrentSpan): readonly [number, number] {
  const machine = span.machine?.currentRangeA;
  return [
    Math.max(span.window.lowA * (1 - WINDOW_EDGE_TOLERANCE), machine?.[0] ?? 0),
    Math.min(span.window.highA * (1 + WINDOW_EDGE_TOLERANCE), machine?.[1] ?? Infinity),
  ];
}

function limitsText(machine: Machine | undefined): string {
  if (machine?.currentRangeA === undefined) return 'Machine limits not checked: volts are volts at the arc.';
  return `${machine.name} gives ${machine.currentRangeA[0]} to ${machine.currentRangeA[1]} A.`;
}

function edgeCautions(
  work: Work,
  diameterMm: WireDiameterMm,
  wantedA: number,
  { window, topA }: CurrentSpan,
): readonly Caution[] {
  const { lowA } = window;
  if (wantedA > topA) {
    const larger = onePassWire(work, diameterMm);
    if (larger === undefined) return [];
    const text = `${diameterMm} mm wire is at its top here: ${larger} mm takes this in one pass with something in hand.`;
    return [{ code: 'larger-wire', level: 'note', text, source: HANDBOOK }];
  }
  if (wantedA >= lowA) return [];
  if (diameterMm === SMALLEST_WIRE_MM) {
    const text = `${Math.round(wantedA)} A is under the window of the smallest wire (from ${lowA} A): tack and let cool, with a copper bar behind.`;
    return [{ code: 'thin-for-any-wire', level: 'warn', text, source: PRACTICE }];
  }
  const smaller = smallerWire(work, diameterMm);
  return [
    {
      code: 'window-edge',
      level: 'warn',
      text: `${Math.round(wantedA)} A is just under this wire's usual window (from ${lowA} A)${smaller === undefined ? '' : `: ${smaller} mm runs steadier`}.`,
      source: HANDBOOK,
    },
  ];
}

/**
 * The current wanted against the wire's window and the machine: passes when over, a refusal when under.
 * Heat is never added to suit a wire.
 */
export function judgeCurrent(
  work: Work,
  diameterMm: WireDiameterMm,
  wantedA: number,
  span: CurrentSpan,
): CurrentLimits | RefusedSetup {
  const { window, machine, topA, topIsMachine } = span;
  const under = wantedA < window.lowA * (1 - WINDOW_EDGE_TOLERANCE);
  if (under && diameterMm > SMALLEST_WIRE_MM) return wireTooLarge(work, diameterMm, wantedA, window.lowA);
  const lowest = machine?.currentRangeA?.[0] ?? 0;
  if (wantedA < lowest) {
    return refused(work, 'machine-too-large', [
      `${machine?.name ?? 'The machine'} starts at ${lowest} A and this work takes ${Math.round(wantedA)} A.`,
    ]);
  }
  const passes = passesForCurrent(wantedA, topA);
  const { thicknessMm } = governingThickness(work.thicknessMm, work.otherThicknessMm);
  const beyond = thicknessMm > MOST_TIMES_WIRE_RANGE * wireDiameterRow(diameterMm).steelThicknessMm[1];
  if (passes > MOST_PASSES_FOR_CURRENT || beyond) return wireTooSmall(work, diameterMm);
  return {
    status: 'within',
    topA,
    topLabel: topIsMachine
      ? `${machine?.name ?? 'machine'} gives ${topA} A`
      : `${diameterMm} mm wire: ${topA} A at most`,
    topWhy:
      passes === 1
        ? 'Held there: a slightly slower hand makes up the rest.'
        : `Held there: ${passes} passes carry the rest of the heat.`,
    topSource: topIsMachine ? YOURS : HANDBOOK,
    rangeA: rangeOf(span),
    passes,
    checked: machine?.currentRangeA !== undefined,
    text: limitsText(machine),
    cautions: edgeCautions(work, diameterMm, wantedA, span),
  };
}
