import {
  gasOffsetV,
  jointOffsetV,
  shortCircuitArcVolts,
  SHORT_CIRCUIT_WINDOW_HALF_V,
} from '../arc/arc-volts.ts';
import { burnOffWireFeedSpeedMPerMin } from '../arc/burn-off-school.ts';
import { meltingCurrentA, meltingWireFeedSpeedMPerMin } from '../arc/melting-rate.ts';
import type { Gas } from '../gas/gas.ts';
import type { Joint } from '../material/work.ts';
import { HANDBOOK, PRACTICE } from '../provenance/source.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';
import { wireDiameterRow } from '../wire/wire-diameter.ts';
import type { School, Span } from './setup.ts';
import { SHORT_CIRCUIT_EXTENSION_MM } from './technique.ts';

/** Thickness over which the starting rows are sure (H, M), mm. */
const SURE_ROWS_MM = [0.75, 5] as const;

/** Confidence of the starting rows, as a share of wire speed: ±15 % (H, M), ±30 % at the thin and thick ends (L). */
export function rowConfidence(thicknessMm: number): number {
  return thicknessMm >= SURE_ROWS_MM[0] && thicknessMm <= SURE_ROWS_MM[1] ? 0.15 : 0.3;
}

/** Volts the zinc of a coated sheet asks for on top, V. Source: common practice ("a little more volts"). */
export const COATED_EXTRA_V = 0.3;

/** Wire speed that a current melts with this wire at the middle extension, m/min. */
export function shortCircuitWireSpeed(currentA: number, diameterMm: WireDiameterMm): number {
  return meltingWireFeedSpeedMPerMin({
    currentA,
    diameterMm: wireDiameterRow(diameterMm).trueMm,
    extensionMm: SHORT_CIRCUIT_EXTENSION_MM.start,
  });
}

/** Current that a wire speed draws with this wire at the middle extension, A. */
export function shortCircuitCurrent(wireFeedSpeedMPerMin: number, diameterMm: WireDiameterMm): number {
  return meltingCurrentA(
    wireFeedSpeedMPerMin,
    wireDiameterRow(diameterMm).trueMm,
    SHORT_CIRCUIT_EXTENSION_MM.start,
  );
}

/** The two schools for the starting wire speed, the default first. */
export function wireSpeedSchools(
  thicknessMm: number,
  diameterMm: WireDiameterMm,
  currentFactor: number,
  meltingMPerMin: number,
): readonly School[] {
  const burnOff = burnOffWireFeedSpeedMPerMin(thicknessMm, diameterMm, currentFactor);
  return [
    {
      name: 'Melting rate',
      wireFeedSpeedMPerMin: meltingMPerMin,
      text: 'The speed at which this current melts this wire. We start here: it holds for every wire size.',
      source: HANDBOOK,
    },
    {
      name: 'Amps by thickness',
      wireFeedSpeedMPerMin: burnOff,
      text:
        burnOff === undefined
          ? 'Left out here: 40 A for each millimetre holds from 1 to 5 mm; thinner sheet needs more than it says.'
          : '40 A for each millimetre, times a burn-off factor for the wire.',
      source: PRACTICE,
    },
  ];
}

/** Wire-speed range: both schools and the confidence band, inside the limits given, m/min. */
export function wireSpeedSpan(
  startMPerMin: number,
  schools: readonly School[],
  band: number,
  limits: readonly [low: number, high: number],
): Span {
  const points = schools.flatMap((school) => school.wireFeedSpeedMPerMin ?? []);
  const low = Math.min(startMPerMin * (1 - band), ...points);
  const high = Math.max(startMPerMin * (1 + band), ...points);
  return {
    start: startMPerMin,
    low: Math.min(Math.max(low, limits[0]), startMPerMin),
    high: Math.max(Math.min(high, limits[1]), startMPerMin),
  };
}

export interface VoltsInput {
  readonly currentA: number;
  readonly diameterMm: WireDiameterMm;
  readonly gas: Gas;
  readonly joint: Joint;
  readonly coated: boolean;
  /** How far the current itself may be off, as a share: the volts follow it. */
  readonly tolerance: number;
}

/** Volts at the arc: the middle of the window, and the window widened by what is not known, V. */
export function shortCircuitVolts(input: VoltsInput): Span {
  const [gasLow, gasHigh] = gasOffsetV(input.gas);
  const trueMm = wireDiameterRow(input.diameterMm).trueMm;
  const base =
    shortCircuitArcVolts(input.currentA, trueMm) +
    jointOffsetV(input.joint) +
    (input.coated ? COATED_EXTRA_V : 0);
  const follows =
    shortCircuitArcVolts(input.currentA * (1 + input.tolerance), trueMm) -
    shortCircuitArcVolts(input.currentA, trueMm);
  const half = SHORT_CIRCUIT_WINDOW_HALF_V + follows;
  return { start: base + (gasLow + gasHigh) / 2, low: base + gasLow - half, high: base + gasHigh + half };
}
