import type { Gas } from '../gas/gas.ts';
import type { Joint } from '../material/work.ts';
import { within } from '../quantity/out-of-range-error.ts';
import { CURRENT_RANGE_A } from './melting-rate.ts';

/** Half-width of the good window in short-circuit, V. Source: common practice. */
export const SHORT_CIRCUIT_WINDOW_HALF_V = 1;

const V0 = 14.738;
const V_PER_A = 0.03573;
const V_PER_MM = -1.363;

/** Zero-current volts by CO₂ share (per cent, V): the differences between gases. Source: our model, ordered by practice. */
const GAS_LINE: readonly (readonly [co2Percent: number, volts: number])[] = [
  [0, 13.6],
  [15, 13.6],
  [18, 14.0],
  [25, 14.2],
  [100, 16.2],
];
const FITTED_GAS_VOLTS = 14.0 + (0.2 * 2) / 7; // the starting rows stand for Ar + 20 % CO₂

/** Joints that want more or fewer volts at the same current, V. Source: our model, from two dialled-in settings. */
const JOINT_VOLTS: Readonly<Partial<Record<Joint, number>>> = { tee: 0.4, 'outside-corner': -0.3 };

function gasVolts(co2Percent: number): number {
  for (let i = 1; i < GAS_LINE.length; i++) {
    const [x0, y0] = GAS_LINE[i - 1] as readonly [number, number];
    const [x1, y1] = GAS_LINE[i] as readonly [number, number];
    if (co2Percent <= x1) return y0 + ((y1 - y0) * (co2Percent - x0)) / (x1 - x0);
  }
  throw new Error('CO₂ share above 100 %');
}

/**
 * Volts a gas adds to the line fitted for Ar + 20 % CO₂, low and high end of its composition.
 *
 * @source our model: CO₂ about 2 V over Ar + 25 %; Ar + 8–15 % about half a volt under Ar + 20 %
 */
export function gasOffsetV(gas: Gas): readonly [low: number, high: number] {
  return [
    gasVolts(within('CO₂ share', gas.co2Percent[0], [0, 100])) - FITTED_GAS_VOLTS,
    gasVolts(within('CO₂ share', gas.co2Percent[1], [0, 100])) - FITTED_GAS_VOLTS,
  ];
}

/** Volts a joint adds at the same current, V. */
export function jointOffsetV(joint: Joint): number {
  return JOINT_VOLTS[joint] ?? 0;
}

/**
 * Arc volts in the middle of the short-circuit window, solid steel wire, Ar + 20 % CO₂, closed butt.
 *
 *     V = 14.74 + 0.0357·I − 1.36·d
 *
 * @param currentA arc current, A, {@link CURRENT_RANGE_A}
 * @param trueDiameterMm true wire diameter, mm, [0.5, 1.3]
 * @returns volts at the arc, V
 * @throws {OutOfRangeError} outside those ranges or not finite
 * @accuracy within 0.6 V of every starting row of the family (see the test)
 * @source our model: least squares on the starting rows (handbook figures, from memory)
 */
export function shortCircuitArcVolts(currentA: number, trueDiameterMm: number): number {
  return (
    V0 +
    V_PER_A * within('current', currentA, CURRENT_RANGE_A) +
    V_PER_MM * within('wire diameter', trueDiameterMm, [0.5, 1.3])
  );
}
