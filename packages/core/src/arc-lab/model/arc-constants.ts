import { wireDiameterRow } from '../../trade/wire/wire-diameter.ts';
import { PARAMETERS as P } from './arc-parameters.ts';
import { type ArcGas, arcGas } from './arc-gas.ts';
import { type ArcSetting, gasNotModelled } from './arc-setting.ts';
import { OutOfRangeError } from '../../base/quantity/out-of-range-error.ts';

/** Magnetic constant, N/A². */
const MU_0 = 4e-7 * Math.PI;
/** How far the extension is taken to fall short of the tip-to-work distance where a current is estimated, mm. Source: our model. */
const ARC_FROM_DISTANCE_MM = 1.5;

/** Whether noise is on, and how much of it: 1 is the model's own. */
export interface ArcNoise {
  readonly share: number;
}

/** What does not change while a wire runs in a gas: lengths in mm, areas in mm², volumes in mm³. */
export interface ArcConstants extends ArcGas {
  readonly trueMm: number;
  readonly radiusMm: number;
  readonly sectionMm2: number;
  /** Melting by the arc, mm/s per A, and by the extension, 1/(s·A²) per mm. */
  readonly alpha: number;
  readonly beta: number;
  /** Resistivity of the hot extension, Ω·mm: by it Joule's heat and the melting by the extension agree exactly. */
  readonly wireOhmMm: number;
  /** Current that pinches a bridge of the wire's own thickness, A. */
  readonly pinchA: number;
  /** Force that holds a drop, N. */
  readonly holdsN: number;
  /** Time a drop of 1 mm³ takes to wet, s per √mm³. */
  readonly wetsS: number;
  /** Power that clicks are weighed by, W. */
  readonly referenceW: number;
}

/** Melting of a wire by the arc, mm/s per A, and by each mm of its extension, 1/(s·A²). */
function meltingOf(nominalMm: number): { readonly alpha: number; readonly beta: number } {
  const thinner = 1.2 / trueMmOf(nominalMm);
  return { alpha: P.alphaMmPerSA * thinner ** 2, beta: P.betaPerSA2 * thinner ** 4 };
}

/**
 * Current that melts a wire as fast as it is fed, A: α·I + β·L·I² = v, with the extension 1.5 mm shorter than the
 * tip-to-work distance.
 *
 * @param nominalMm wire, mm
 * @source melting-rate equation, handbook figure, from memory
 */
export function meltingCurrentA(
  nominalMm: number,
  wireFeedSpeedMPerMin: number,
  tipToWorkMm: number,
): number {
  const { alpha, beta } = meltingOf(nominalMm);
  const square = beta * (tipToWorkMm - ARC_FROM_DISTANCE_MM);
  const speed = wireFeedSpeedMPerMin / 0.06;
  return (2 * speed) / (alpha + Math.sqrt(alpha * alpha + 4 * square * speed));
}

/** Wire speed that a current melts, m/min: the same equation the other way round. */
export function meltingSpeedMPerMin(nominalMm: number, currentA: number, tipToWorkMm: number): number {
  const { alpha, beta } = meltingOf(nominalMm);
  return 0.06 * (alpha * currentA + beta * (tipToWorkMm - ARC_FROM_DISTANCE_MM) * currentA * currentA);
}

/**
 * Mean volts from tip to work at which short arc in Ar + 25 % CO₂ stands in the middle of its window, V.
 *
 * @source handbook figure, from memory
 */
export function midWindowVolts(nominalMm: number, currentA: number): number {
  return 14.85 + 0.037 * currentA - 1.6 * nominalMm;
}

function trueMmOf(nominalMm: number): number {
  return wireDiameterRow(nominalMm as Parameters<typeof wireDiameterRow>[0]).trueMm;
}

function gasOrThrow(setting: ArcSetting): ArcGas {
  const gas = arcGas(setting.gas);
  if (gas) return gas;
  throw new OutOfRangeError(gasNotModelled(setting.gas) ?? 'gas', Number.NaN, 8, 25, 'gas-not-modelled');
}

/** The constants of a setting, with its noise. @throws {OutOfRangeError} for a gas that is not modelled */
export function arcConstants(setting: ArcSetting, { share }: ArcNoise): ArcConstants {
  const gas = gasOrThrow(setting);
  const trueMm = trueMmOf(setting.wireMm);
  const radiusMm = trueMm / 2;
  const sectionMm2 = Math.PI * radiusMm * radiusMm;
  const { alpha, beta } = meltingOf(setting.wireMm);
  const currentA = meltingCurrentA(setting.wireMm, setting.wireFeedSpeedMPerMin, setting.tipToWorkMm);
  return {
    ...gas,
    dropScatter: gas.dropScatter * share,
    rootScatterVPerMm: gas.rootScatterVPerMm * share,
    trueMm,
    radiusMm,
    sectionMm2,
    alpha,
    beta,
    wireOhmMm: beta * sectionMm2 * sectionMm2 * P.meltingJPerMm3,
    pinchA: Math.sqrt((8 * Math.PI ** 2 * P.surfaceTensionNPerM * (radiusMm / 1000)) / MU_0),
    holdsN: 2 * Math.PI * (radiusMm / 1000) * P.surfaceTensionNPerM * P.heldShare,
    wetsS: Math.sqrt((P.densityKgPerM3 * 1e-9) / P.surfaceTensionNPerM),
    referenceW: midWindowVolts(setting.wireMm, currentA) * currentA,
  };
}
