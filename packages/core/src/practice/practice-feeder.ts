import { RULE_SD_MM, type TimedRun, WATCH_SD_S } from '../machine/dial/timed-run.ts';
import { argonMeterFactor } from '../trade/gas/float-meter.ts';
import type { Gas } from '../trade/gas/gas.ts';
import { within } from '../base/quantity/out-of-range-error.ts';
import { mmPerSFromMPerMin } from '../base/quantity/units.ts';
import { normalFrom, uniformFrom } from '../base/numeric/seeded-random.ts';

/** Shapes that a hidden dial may have; the estimator knows none of them. Source: our model. */
export const PRACTICE_SHAPES = ['straight', 'late', 'early', 'S', 'kinked'] as const;
export type PracticeShape = (typeof PRACTICE_SHAPES)[number];

/** Knob of every practice feeder. Source: our model. */
export const PRACTICE_KNOB = [0, 10] as const;
/** Gas valve of every practice feeder, turns, and its flow when fully open, L/min. Source: our model. */
export const PRACTICE_VALVE_TURNS = [0, 4] as const;
const VALVE_FULL_L_PER_MIN = [22, 34] as const;

/**
 * A simulated stand-in for a feeder, a meter and a flow gauge. Nothing of it is measured on any machine: what it
 * hides is drawn from a seed, so that a newcomer can learn to calibrate and a test can tell whether what was found is
 * true.
 */
export interface PracticeFeeder {
  readonly shape: PracticeShape;
  /** How strongly the shape is bent, 0 to 1. */
  readonly bent: number;
  readonly slowMPerMin: number;
  readonly fastMPerMin: number;
  /** Open-circuit volts by tap, lowest first. */
  readonly openV: readonly number[];
  readonly droopVPer100A: number;
  /** How its open-circuit volts rise over a volts knob, from its lowest tap's to its highest's. */
  readonly voltsKnob: { readonly shape: PracticeShape; readonly bent: number };
  /** Time the wire takes to come up to speed, s. */
  readonly lateS: number;
  readonly valveFullLPerMin: number;
}

/** Rises from 0 to 1 over 0 to 1. */
function shapeAt(shape: PracticeShape, x: number, bent: number): number {
  switch (shape) {
    case 'straight':
      return x;
    case 'late':
      return x ** (1.2 + 1.3 * bent);
    case 'early':
      return Math.log1p((1 + 5 * bent) * x) / Math.log1p(1 + 5 * bent);
    case 'S': {
      const s = (z: number): number => 1 / (1 + Math.exp(-(3 + 4 * bent) * (z - 0.5)));
      return (s(x) - s(0)) / (s(1) - s(0));
    }
    case 'kinked': {
      const at = 0.4 + 0.25 * bent;
      return x < at ? (0.35 * x) / at : 0.35 + (0.65 * (x - at)) / (1 - at);
    }
  }
}

/**
 * A practice feeder with hidden properties.
 *
 * @param random generator of numbers in [0, 1), such as a seeded one
 * @source our model; taps and droop within the handbook's figures, from memory
 */
export function practiceFeeder(random: () => number): PracticeFeeder {
  const shape = PRACTICE_SHAPES[Math.floor(random() * PRACTICE_SHAPES.length)] as PracticeShape;
  const lowest = uniformFrom(random, [16, 18.5]);
  const step = uniformFrom(random, [1.4, 2.4]);
  return {
    shape,
    bent: random(),
    slowMPerMin: uniformFrom(random, [1.5, 3.5]),
    fastMPerMin: uniformFrom(random, [10, 18]),
    openV: Array.from({ length: 6 }, (_, i) => lowest + step * i * (1 + 0.06 * i)),
    droopVPer100A: uniformFrom(random, [2, 4]),
    lateS: uniformFrom(random, [0.05, 0.25]),
    valveFullLPerMin: uniformFrom(random, VALVE_FULL_L_PER_MIN),
    voltsKnob: {
      shape: PRACTICE_SHAPES[Math.floor(random() * PRACTICE_SHAPES.length)] as PracticeShape,
      bent: random(),
    },
  };
}

/** The wire speed that the feeder hides at a knob, m/min. */
export function practiceSpeed(feeder: PracticeFeeder, knob: number): number {
  const x = within('knob', knob, PRACTICE_KNOB) / PRACTICE_KNOB[1];
  return (
    feeder.slowMPerMin + (feeder.fastMPerMin - feeder.slowMPerMin) * shapeAt(feeder.shape, x, feeder.bent)
  );
}

/**
 * Wire that comes out while the trigger is held: late by the run-in, the hand on the watch and the rule's error.
 *
 * @param run.knob on {@link PRACTICE_KNOB}
 * @param run.timeS s, [1, 120]
 * @param late whether the run-in counts; a feeder that runs already has none
 */
export function practiceRun(
  feeder: PracticeFeeder,
  run: { readonly knob: number; readonly timeS: number },
  random: () => number,
  late = true,
): TimedRun {
  const timeS = within('time', run.timeS, [1, 120]);
  const held = timeS - (late ? feeder.lateS : 0) + WATCH_SD_S * normalFrom(random);
  const lengthMm =
    mmPerSFromMPerMin(practiceSpeed(feeder, run.knob)) * held + RULE_SD_MM * normalFrom(random);
  return { timeS, lengthMm: Math.max(lengthMm, 0) };
}

/** A meter's own scatter from one reading to the next, V. Source: our model. */
const METER_SCATTER_V = 0.1;

/** What a meter reads on a tap: open circuit, or while an arc of some current burns, V. */
export function practiceVolts(
  feeder: PracticeFeeder,
  tap: number,
  currentA: number,
  random: () => number,
): number {
  const index = within('tap', tap, [1, feeder.openV.length]) - 1;
  const loaded = (feeder.droopVPer100A * within('current', currentA, [0, 300])) / 100;
  return (feeder.openV[index] as number) - loaded + METER_SCATTER_V * normalFrom(random);
}

/** The volts that the feeder hides at a mark of its volts knob, while an arc of some current burns; 0 A: open circuit. */
export function practiceKnobVolts(feeder: PracticeFeeder, knob: number, currentA: number): number {
  const x = within('knob', knob, PRACTICE_KNOB) / PRACTICE_KNOB[1];
  const [lowest, highest] = [feeder.openV[0] as number, feeder.openV.at(-1) as number];
  const { shape, bent } = feeder.voltsKnob;
  const loaded = (feeder.droopVPer100A * within('current', currentA, [0, 300])) / 100;
  return lowest + (highest - lowest) * shapeAt(shape, x, bent) - loaded;
}

/** What a meter reads there, V. */
export function practiceKnobRead(
  feeder: PracticeFeeder,
  knob: number,
  currentA: number,
  random: () => number,
): number {
  return practiceKnobVolts(feeder, knob, currentA) + METER_SCATTER_V * normalFrom(random);
}

/** True flow through the valve and what a float meter scaled for argon reads of it, L/min; both nought with no trigger. */
export function practiceFlow(
  feeder: PracticeFeeder,
  valve: { readonly turns: number; readonly trigger: boolean },
  gas: Gas,
): { readonly trueLPerMin: number; readonly meterLPerMin: number } {
  const [closed, open] = PRACTICE_VALVE_TURNS;
  const share = (within('valve', valve.turns, PRACTICE_VALVE_TURNS) - closed) / (open - closed);
  // a needle valve opens slowly at first
  const trueLPerMin = valve.trigger ? feeder.valveFullLPerMin * share ** 1.5 : 0;
  return { trueLPerMin, meterLPerMin: trueLPerMin / argonMeterFactor(gas) };
}
