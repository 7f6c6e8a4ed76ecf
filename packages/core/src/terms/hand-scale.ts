import { bandAt, type BandedCurve, curveEnds } from '../base/numeric/banded-curve.ts';
import { handStep, knobTyped, type KnobScale, nextMark } from '../base/quantity/knob-words.ts';
import { dialEnds, dialSpeed } from '../machine/dial/dial-band.ts';
import { dialAtPosition, type MachineDials } from '../machine/dial/machine-dials.ts';
import type { Machine } from '../machine/machine.ts';
import { entrySpeeds, type EntryUnit, trimSteps, voltsAtTrim } from '../machine/one-entry.ts';
import { knownPositions } from '../machine/volts/position-volts.ts';
import { voltsOverKnob } from '../machine/volts/volts-knob.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { currentAt, startSetting } from '../plan/setup/window-curve.ts';
import type { BeadSetting } from '../window/bead-setting.ts';
import { type HandFigure, handSetting } from './hand-figure.ts';
import { letterSpeeds } from './knob-terms.ts';
import { machineTerms, type MachineTerms, positionOf } from './machine-terms.ts';

/** A control of a machine, moved by hand: its figure, its next step, and what a typed mark stands for. */
export interface HandScale {
  readonly figure: HandFigure;
  /** Physical value one step of the control further, m/min or V; undefined at its end. */
  readonly next: (direction: 1 | -1) => number | undefined;
  /** Physical value of what was typed on the control's own scale; undefined where it names nothing there. */
  readonly typed: (text: string) => number | undefined;
  /** What can be typed: "1 to 9", or "1, 2, 3". */
  readonly reads: string;
}

/** The controls of a machine for a plan; one is absent where the physical figure itself is set or nothing is known. */
export interface HandScales {
  readonly wire?: HandScale;
  readonly volts?: HandScale;
}

interface NumberScale {
  readonly figure: HandFigure;
  readonly at: number;
  readonly step: number;
  readonly ends: readonly [low: number, high: number];
  readonly valueAt: (mark: number) => number | undefined;
  /** What its own marks are in; a figure in any other unit is none of its marks. */
  readonly unit?: string;
}

/** Marks are stepped from one to the next; from between two, to the nearer in that direction. */
function numberScale({ figure, at, step, ends, valueAt, unit }: NumberScale): HandScale {
  const [low, high] = ends;
  return {
    figure,
    next: (direction) => {
      const mark = nextMark(at, step, direction);
      return mark < low || mark > high ? undefined : valueAt(mark);
    },
    typed: (text) => {
      const mark = knobTyped(withoutUnit(text.trim().replace(/^[a-z]+ +/i, ''), unit));
      return mark === undefined || mark < low || mark > high ? undefined : valueAt(mark);
    },
    reads: `${tidy(low)} to ${tidy(high)}`,
  };
}

/** A text without the unit that goes without saying; any other unit stays, and the text is then no mark. */
function withoutUnit(text: string, unit: string | undefined): string {
  return unit !== undefined && text.endsWith(unit) ? text.slice(0, -unit.length).trim() : text;
}

function tidy(mark: number): string {
  return String(Number(mark.toPrecision(4))).replace('-', '−');
}

interface Named {
  readonly name: string;
  readonly value: number;
}

/** Places that a control clicks into, stepped in the order of what they give. */
function namedScale(figure: HandFigure, places: readonly Named[]): HandScale {
  const sorted = places.toSorted((a, b) => a.value - b.value);
  const alike = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();
  const at = sorted.findIndex(({ name }) => name === figure.text);
  return {
    figure,
    next: (direction) => sorted[at + direction]?.value,
    typed: (text) => {
      const own = text.replace(/^ *(tap|letter|position) +/i, '');
      return sorted.find(({ name }) => alike(name, own) || alike(name, text))?.value;
    },
    reads: places.map(({ name }) => name).join(', '),
  };
}

interface Asked {
  readonly machine: Machine;
  readonly dials: MachineDials;
  readonly plan: PlannedSetup;
  readonly at: BeadSetting;
  readonly terms: MachineTerms;
}

/** What one press moves an entry by, in its own unit. Source: our tuning. */
const ENTRY_STEP: Readonly<Record<EntryUnit, number>> = {
  mm: 0.1,
  in: 0.01,
  A: 5,
  'm/min': 0.1,
  'in/min': 5,
  mark: 0.5,
};

function wireKnobScale(figure: HandFigure, { machine, dials, terms }: Asked): HandScale | undefined {
  const dial = dialAtPosition(dials, positionOf(terms.volts));
  if (!dial || terms.wire.status === 'out-of-reach') return undefined;
  const { wireControl } = machine;
  if (wireControl?.kind === 'letters') {
    const letters = letterSpeeds(wireControl.names, dial, dials.sag);
    return namedScale(
      figure,
      letters.map(({ name, gives }) => ({ name, value: gives.start })),
    );
  }
  if (terms.wire.status !== 'knob') return undefined;
  const ends = dialEnds(dial.dial);
  const scale: KnobScale = wireControl?.kind === 'knob' ? [wireControl.min, wireControl.max] : ends;
  const under = 1 - dials.sag.start;
  const valueAt = (knob: number): number | undefined => {
    const open = dialSpeed(dial.dial, knob);
    return open && open.start * under;
  };
  return numberScale({ figure, at: terms.wire.knob.start, step: handStep(scale), ends, valueAt });
}

function wireScale(figure: HandFigure, asked: Asked): HandScale | undefined {
  const { machine, plan, terms } = asked;
  if (figure.control !== 'enter') return wireKnobScale(figure, asked);
  const { oneEntry } = machine;
  const wanted = { ...plan.wire, gas: plan.gas.gas.id };
  const speeds = oneEntry && entrySpeeds(oneEntry, wanted);
  if (!oneEntry || !speeds || terms.entry?.status !== 'set') return undefined;
  return numberScale({
    figure,
    at: terms.entry.entry,
    step: ENTRY_STEP[oneEntry.unit],
    ends: speeds.ends,
    valueAt: speeds.at,
    unit: oneEntry.unit,
  });
}

/** How far a trim is stepped to each side of what the machine chooses, V. Source: our tuning. */
const TRIM_REACH_V = 8;

function trimScale(
  figure: HandFigure,
  { machine: { oneEntry }, plan, at, terms }: Asked,
): HandScale | undefined {
  if (!oneEntry || terms.entry?.status !== 'set') return undefined;
  const { machineVolts, trimV, trim } = terms.entry;
  const steps = trimSteps(oneEntry, { ...plan.wire, gas: plan.gas.gas.id, ...at }, TRIM_REACH_V) ?? [];
  const from = machineVolts + trimV;
  return {
    figure,
    next: (direction) =>
      direction > 0 ? steps.find((v) => v > from + 1e-6) : steps.findLast((v) => v < from - 1e-6),
    typed: (text) => {
      const by = knobTyped(withoutUnit(text.trim().replace(/^trim */i, ''), trim.unit));
      const volts = by === undefined ? undefined : voltsAtTrim(oneEntry, machineVolts, by);
      return volts !== undefined && Math.abs(volts - machineVolts) <= TRIM_REACH_V ? volts : undefined;
    },
    reads: '0, or a step up or down such as +1',
  };
}

function bandEnds(curve: BandedCurve): {
  readonly ends: readonly [number, number];
  readonly valueAt: (x: number) => number | undefined;
} {
  return { ends: curveEnds(curve), valueAt: (x) => bandAt(curve, x)?.start };
}

/** Furthest volts that a display is set to, V: what a plan may hold. Source: our model. */
const SHOWN_ENDS_V = [5, 50] as const;
const SHOWN_STEP_V = 0.5;

function voltsScale(figure: HandFigure, asked: Asked): HandScale | undefined {
  const { machine, plan, at, terms } = asked;
  const { volts } = terms;
  const control = machine.voltsControl;
  const kind = machine.kind ?? 'transformer';
  const currentA = currentAt(plan, at.wireFeedSpeedMPerMin);
  if (figure.control === 'trim') return trimScale(figure, asked);
  if (volts.status === 'shown-offset') {
    const valueAt = (shown: number): number => shown - volts.offsetV;
    return numberScale({ figure, at: volts.set.start, step: SHOWN_STEP_V, ends: SHOWN_ENDS_V, valueAt });
  }
  if (control?.kind === 'positions') {
    const places = knownPositions(control.positions, kind, currentA);
    return namedScale(
      figure,
      places.map(({ position: { name }, gives }) => ({ name, value: gives.volts.start })),
    );
  }
  if (control?.kind !== 'knob' || volts.status !== 'knob') return undefined;
  const curve = voltsOverKnob(control.places, kind, currentA);
  const step = handStep([control.min, control.max]);
  return curve && numberScale({ figure, at: volts.knob.start, step, ...bandEnds(curve) });
}

/**
 * The controls that a hand moves for a plan: what each is set to, a step further, and what a typed mark gives. A knob steps
 * mark by mark, a tap tap by tap.
 *
 * @param dials what was measured of the machine's wire control
 * @param at wire speed, m/min, and volts in place of the plan's own start
 */
export function handScales(
  machine: Machine,
  dials: MachineDials,
  plan: PlannedSetup,
  at: BeadSetting = startSetting(plan),
): HandScales {
  const terms = machineTerms(machine, dials, plan, at);
  const asked: Asked = { machine, dials, plan, at, terms };
  const figures = handSetting(machine, terms, plan.voltsKind);
  const wire = figures.wire && wireScale(figures.wire, asked);
  const volts = figures.volts && voltsScale(figures.volts, asked);
  return { ...(wire && { wire }), ...(volts && { volts }) };
}
