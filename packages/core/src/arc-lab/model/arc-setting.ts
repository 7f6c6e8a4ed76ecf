import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { GasId } from '../../trade/gas/gas.ts';
import { gasNamed } from '../../trade/gas/gas.ts';
import { within } from '../../base/quantity/out-of-range-error.ts';
import { type WireClass, wireClassRow } from '../../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import { arcGas } from './arc-gas.ts';

/** Wires the model was held against, nominal, mm. */
export const ARC_WIRES_MM = [0.8, 0.9, 1.0, 1.2] as const satisfies readonly WireDiameterMm[];
export type ArcWireMm = (typeof ARC_WIRES_MM)[number];

/** Ranges of what is set in the arc model. */
export const ARC_RANGES = {
  volts: [8, 40],
  wireFeedSpeedMPerMin: [1, 20],
  tipToWorkMm: [6, 30],
  inductanceH: [100e-6, 800e-6],
  slopeVPerA: [0, 0.06],
} as const;

/** A source of constant voltage: by the mean volts from tip to work, or by its volts without load. */
export interface VoltsSource {
  readonly kind: 'volts';
  readonly means: 'load' | 'open-circuit';
  readonly volts: number;
  readonly inductanceH: number;
  readonly slopeVPerA: number;
}

/** A pulsed source that keeps the arc's length by its frequency. */
export interface PulseSource {
  readonly kind: 'pulse';
  /** The gap it keeps, mm. */
  readonly gapMm: number;
}

export type ArcSource = VoltsSource | PulseSource;

/** What the arc is run at. */
export interface ArcSetting {
  readonly wireMm: ArcWireMm;
  readonly gas: GasId;
  readonly tipToWorkMm: number;
  /** What the rolls feed, m/min. */
  readonly wireFeedSpeedMPerMin: number;
  readonly source: ArcSource;
}

/** Source constants that are used where nothing else is said. Source: our model. */
export const USUAL_INDUCTANCE_H = 350e-6;
export const USUAL_SLOPE_V_PER_A = 0.02;

/** A source held at mean volts from tip to work, as a plan tells them. @param volts {@link ARC_RANGES}.volts */
export function loadVolts(volts: number): VoltsSource {
  return {
    kind: 'volts',
    means: 'load',
    volts,
    inductanceH: USUAL_INDUCTANCE_H,
    slopeVPerA: USUAL_SLOPE_V_PER_A,
  };
}

/** Why the arc of a wire and a gas is not modelled; undefined: it is. */
export function notModelled(wireClass: WireClass, wireMm: number, gas: GasId): Words | undefined {
  const row = wireClassRow(wireClass);
  if (row.metals.includes('aluminium')) {
    return 'The arc of aluminium is not modelled: it sprays at currents where steel dips, and our equations are of steel.';
  }
  if (row.tubular) {
    return 'The arc of cored wire is not modelled: its sheath carries the current and its core does not melt with it.';
  }
  if (!row.metals.includes('carbon-steel')) {
    return 'Only the arc of carbon steel is modelled.';
  }
  if (!ARC_WIRES_MM.some((one) => one === wireMm)) {
    return words`Wire of ${amount.wireSize(wireMm)} is not modelled: ${amount.wireSize([0.8, 1.2])} are.`;
  }
  return gasNotModelled(gas);
}

/** Why the arc in a gas is not modelled; undefined: it is. */
export function gasNotModelled(id: GasId): string | undefined {
  if (arcGas(id)) return undefined;
  const name = gasNamed(id)?.name ?? id;
  return `The arc in ${name} is not modelled: argon with 8 to 25 % CO₂ and CO₂ alone are.`;
}

/**
 * A setting held against its ranges.
 *
 * @throws {OutOfRangeError} for a figure outside {@link ARC_RANGES}, a gas or a wire that is not modelled
 */
export function checkedSetting(setting: ArcSetting): ArcSetting {
  const { source } = setting;
  within('wire feed speed', setting.wireFeedSpeedMPerMin, ARC_RANGES.wireFeedSpeedMPerMin);
  within('tip to work', setting.tipToWorkMm, ARC_RANGES.tipToWorkMm);
  if (source.kind === 'volts') {
    within('volts', source.volts, ARC_RANGES.volts);
    within('inductance', source.inductanceH, ARC_RANGES.inductanceH);
    within('slope', source.slopeVPerA, ARC_RANGES.slopeVPerA);
  } else {
    within('gap', source.gapMm, [2, 8]);
  }
  return setting;
}
