import { within } from '../../base/quantity/out-of-range-error.ts';
import { TRUE_DIAMETER_RANGE_MM } from '../wire/wire-diameter.ts';

/** Electrode extension the laws are used over, mm. Source: our model. */
export const EXTENSION_RANGE_MM = [5, 30] as const;
/** Current the laws are used over, A. */
export const CURRENT_RANGE_A = [1, 600] as const;
/** Wire feed speed the laws are inverted over, m/min. */
export const WIRE_SPEED_RANGE_M_PER_MIN = [0.05, 40] as const;

/**
 * How a wire melts: by the melting-rate equation, v = α(1.2/d)²·I + β(1.2/d)⁴·L·I² (v in mm/s), or, where the
 * rows follow it better, by a power law, ln I = constant + perLnSpeed·ln W + perLnDiameter·ln d (W in m/min),
 * with the current falling as the extension grows over the one the rows stand for.
 */
export type MeltingLaw =
  | {
      readonly kind: 'melting-rate';
      readonly alphaMmPerSA: number;
      readonly betaPerSA2: number;
      /** Under this true diameter the heating of the extension grows no further, mm; undefined: it always grows. */
      readonly heatingLevelsUnderMm?: number;
    }
  | {
      readonly kind: 'power';
      readonly constant: number;
      readonly perLnSpeed: number;
      readonly perLnDiameter: number;
      /** Extension the rows stand for, mm. */
      readonly referenceExtensionMm: number;
      /** Slope of ln I over ln extension at one wire speed, negative. Source: our model. */
      readonly perLnExtension: number;
    };

/** A wire sticking out of its tip. */
export interface Stickout {
  /** True wire diameter, mm, {@link TRUE_DIAMETER_RANGE_MM}. */
  readonly diameterMm: number;
  /** Electrode extension, mm, {@link EXTENSION_RANGE_MM}. */
  readonly extensionMm: number;
}

function checked({ diameterMm, extensionMm }: Stickout): Stickout {
  return {
    diameterMm: within('wire diameter', diameterMm, TRUE_DIAMETER_RANGE_MM),
    extensionMm: within('extension', extensionMm, EXTENSION_RANGE_MM),
  };
}

/** What stands before I and before I² in the melting-rate equation, m/min per A and per A². */
function meltingTerms(
  law: Extract<MeltingLaw, { kind: 'melting-rate' }>,
  diameterMm: number,
  extensionMm: number,
): { readonly linear: number; readonly square: number } {
  const heated = Math.max(diameterMm, law.heatingLevelsUnderMm ?? 0);
  return {
    linear: 0.06 * law.alphaMmPerSA * (1.2 / diameterMm) ** 2,
    square: 0.06 * law.betaPerSA2 * (1.2 / heated) ** 4 * extensionMm,
  };
}

/**
 * Wire feed speed that a current melts off.
 *
 * @param currentA arc current, A, {@link CURRENT_RANGE_A}
 * @returns wire feed speed, m/min
 * @throws {OutOfRangeError} for a value outside its range or not finite
 * @source form: melting-rate equation, welding handbooks, from memory; constants: the family's
 */
export function wireFeedSpeedMPerMin(law: MeltingLaw, currentA: number, stickout: Stickout): number {
  const current = within('current', currentA, CURRENT_RANGE_A);
  const { diameterMm, extensionMm } = checked(stickout);
  if (law.kind === 'power') {
    const stretch = law.perLnExtension * Math.log(extensionMm / law.referenceExtensionMm);
    const lnSpeed =
      (Math.log(current) - law.constant - law.perLnDiameter * Math.log(diameterMm) - stretch) /
      law.perLnSpeed;
    return Math.exp(lnSpeed);
  }
  const { linear, square } = meltingTerms(law, diameterMm, extensionMm);
  return linear * current + square * current ** 2;
}

/**
 * Current that a wire feed speed draws: the law solved for current (positive root).
 *
 * @param speedMPerMin wire feed speed, m/min, {@link WIRE_SPEED_RANGE_M_PER_MIN}
 * @returns arc current, A
 * @throws {OutOfRangeError} for a value outside its range or not finite
 * @source as {@link wireFeedSpeedMPerMin}
 */
export function arcCurrentA(law: MeltingLaw, speedMPerMin: number, stickout: Stickout): number {
  const speed = within('wire feed speed', speedMPerMin, WIRE_SPEED_RANGE_M_PER_MIN);
  const { diameterMm, extensionMm } = checked(stickout);
  if (law.kind === 'power') {
    const stretch = law.perLnExtension * Math.log(extensionMm / law.referenceExtensionMm);
    return Math.exp(
      law.constant + law.perLnSpeed * Math.log(speed) + law.perLnDiameter * Math.log(diameterMm) + stretch,
    );
  }
  const { linear, square } = meltingTerms(law, diameterMm, extensionMm);
  return (2 * speed) / (linear + Math.sqrt(linear ** 2 + 4 * square * speed));
}
