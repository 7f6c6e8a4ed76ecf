import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import { AMPS_PER_MM, burnOffWireFeedSpeedMPerMin } from '../../trade/melting/burn-off-school.ts';
import { arcCurrentA, wireFeedSpeedMPerMin as meltedSpeed } from '../../trade/melting/melting-law.ts';
import type { Family } from '../../trade/family/family.ts';
import type { Gas } from '../../trade/gas/gas.ts';
import type { Work } from '../../trade/material/work.ts';
import { HANDBOOK, PRACTICE } from '../../base/source.ts';
import { curveValue } from '../../base/numeric/point-curve.ts';
import type { Span } from '../../base/numeric/span.ts';
import { trueDiameterMm } from '../../trade/wire/true-diameter.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import type { Learned, SpeedSchool } from './setup.ts';

const PER_THICKNESS = amount.currentPerThickness(AMPS_PER_MM);

/** Volts the zinc of a coated sheet asks for on top, V. Source: common practice ("a little more volts"). */
export const COATED_EXTRA_V = 0.3;
/** Least electrode extension that is reckoned with, mm. */
export const LEAST_EXTENSION_MM = 5;

/** A wire of a family at a tip-to-work distance: what current and wire speed are turned into each other by. */
export interface WireInArc {
  readonly family: Family;
  readonly wireClass: WireClass;
  readonly diameterMm: WireDiameterMm;
  readonly trueDiameterMm: number;
  readonly extensionMm: number;
}

/** A wire at the middle of its family's tip to work. */
export function wireAtMiddle(family: Family, wireClass: WireClass, diameterMm: WireDiameterMm): WireInArc {
  const { ctwdMm, arcMm } = family.distance(diameterMm);
  return {
    family,
    wireClass,
    diameterMm,
    trueDiameterMm: trueDiameterMm(wireClass, diameterMm),
    extensionMm: ctwdMm.start - arcMm,
  };
}

/** Wire speed that a current melts, m/min. */
export function wireSpeedOf(wire: WireInArc, currentA: number): number {
  const law = wire.family.melting(wire.wireClass, wire.diameterMm);
  return meltedSpeed(law, currentA, { diameterMm: wire.trueDiameterMm, extensionMm: wire.extensionMm });
}

/** Current that a wire speed draws, A. */
export function currentOf(wire: WireInArc, speedMPerMin: number): number {
  const law = wire.family.melting(wire.wireClass, wire.diameterMm);
  return arcCurrentA(law, speedMPerMin, { diameterMm: wire.trueDiameterMm, extensionMm: wire.extensionMm });
}

/** The schools for the starting wire speed; only short-circuit on steel has a second one. */
export function speedSchools(
  wire: WireInArc,
  thicknessMm: number,
  currentFactor: number,
  meltingMPerMin: number,
): readonly SpeedSchool[] {
  const melting: SpeedSchool = {
    id: 'melting-rate',
    name: 'Melting rate',
    wireFeedSpeedMPerMin: meltingMPerMin,
    text: 'The speed at which this current melts this wire. It holds for every wire size.',
    source: HANDBOOK,
  };
  if (wire.family.id !== 'steel-dip') return [melting];
  const burnOff = burnOffWireFeedSpeedMPerMin(thicknessMm, wire.diameterMm, currentFactor);
  return [
    melting,
    {
      id: 'amps-by-thickness',
      name: 'Amps by thickness',
      wireFeedSpeedMPerMin: burnOff,
      text:
        burnOff === undefined
          ? words`Left out here: ${PER_THICKNESS} holds from ${amount.thickness([1, 5])}; thinner sheet needs more than it says.`
          : words`${PER_THICKNESS}, times a burn-off factor for the wire.`,
      source: PRACTICE,
    },
  ];
}

/** Wire-speed range: the schools and the confidence band, inside the limits given, m/min. */
export function wireSpeedSpan(
  startMPerMin: number,
  schools: readonly SpeedSchool[],
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
  readonly family: Family;
  readonly trueDiameterMm: number;
  readonly currentA: number;
  readonly gas: Gas;
  readonly work: Pick<Work, 'joint' | 'position'>;
  readonly coated: boolean;
  /** How far the current itself may be off, as a share: the volts follow it. */
  readonly tolerance: number;
}

/** Volts that a plan moves by for what was learnt, V. */
export function followedV(learned: Learned | undefined): number {
  return learned?.followed === true ? learned.offsetV.start : 0;
}

/** A span moved as a whole. */
export function shifted({ start, low, high }: Span, by: number): Span {
  return { start: start + by, low: low + by, high: high + by };
}

/** Volts at the arc: the middle of the window, and the window widened by what is not known, V. */
export function voltsSpan(input: VoltsInput): Span {
  const { volts, gasVolts, workVolts } = input.family;
  const [gasLow, gasHigh] = gasVolts(input.gas);
  const base =
    volts.zeroV +
    volts.perA * input.currentA +
    volts.perMmDiameter * input.trueDiameterMm +
    (volts.byDiameter === undefined ? 0 : curveValue(volts.byDiameter, input.trueDiameterMm)) +
    workVolts(input.work) +
    (input.coated ? COATED_EXTRA_V : 0);
  const half = volts.halfV + volts.perA * input.currentA * input.tolerance;
  return { start: base + (gasLow + gasHigh) / 2, low: base + gasLow - half, high: base + gasHigh + half };
}
