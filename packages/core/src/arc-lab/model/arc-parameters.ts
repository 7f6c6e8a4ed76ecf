import { HANDBOOK, MODEL, type Source } from '../../base/source.ts';

/** A parameter of the arc model with its unit and where it comes from. */
interface ParameterRow {
  readonly value: number;
  readonly unit: string;
  readonly source: Source;
}

const FIT_TO_FACTS: Source = { kind: 'model', note: 'fitted to the trade’s facts, not measured' };

/**
 * The parameters of the arc model, the same for every wire: what differs with the wire comes of its diameter.
 * Those that are fitted were fitted to the trade's facts (which settings stub, sizzle and crackle), not to measurements.
 */
export const ARC_PARAMETER_TABLE = {
  slopeVPerA: { value: 0.02, unit: 'V/A', source: MODEL },
  inductanceH: { value: 350e-6, unit: 'H', source: FIT_TO_FACTS },
  regulatorTimeS: { value: 0.25, unit: 's', source: MODEL },
  fallV: { value: 15.9, unit: 'V', source: FIT_TO_FACTS },
  columnVPerMm: { value: 0.85, unit: 'V/mm', source: FIT_TO_FACTS },
  arcOhm: { value: 0.035, unit: 'Ω', source: FIT_TO_FACTS },
  meltingJPerMm3: { value: 12.6, unit: 'J/mm³', source: HANDBOOK },
  alphaMmPerSA: { value: 0.285, unit: 'mm/(s·A) at 1.2 mm', source: HANDBOOK },
  betaPerSA2: { value: 3e-5, unit: '1/(s·A²) at 1.2 mm', source: HANDBOOK },
  bridgeMeltShare: { value: 0.58, unit: 'share of α·i in a bridge', source: FIT_TO_FACTS },
  stubMeltShare: { value: 0.1, unit: 'share of α·i in a stub', source: FIT_TO_FACTS },
  liquidOhmMm: { value: 1.3e-3, unit: 'Ω·mm', source: HANDBOOK },
  surfaceTensionNPerM: { value: 1.2, unit: 'N/m', source: HANDBOOK },
  densityKgPerM3: { value: 7000, unit: 'kg/m³', source: HANDBOOK },
  heldShare: { value: 0.65, unit: 'share of surface tension holding a drop', source: HANDBOOK },
  magneticShare: { value: 0.55, unit: 'share of the magnetic force', source: FIT_TO_FACTS },
  detachTimeShare: { value: 1.5, unit: '-', source: FIT_TO_FACTS },
  bridgeTimeShare: { value: 3.1, unit: '-', source: FIT_TO_FACTS },
  pinchShare: { value: 1.4, unit: '-', source: FIT_TO_FACTS },
  neckAtBreak: { value: 0.85, unit: 'share of the diameter', source: FIT_TO_FACTS },
  stubUnderMm: { value: 0.62, unit: 'mm, solid tip over the pool', source: FIT_TO_FACTS },
  bridgeOverMm: { value: 1, unit: 'mm, solid tip over the pool', source: FIT_TO_FACTS },
  stubScatter: { value: 0.08, unit: '-', source: FIT_TO_FACTS },
  neckHealsS: { value: 5.5e-3, unit: 's', source: FIT_TO_FACTS },
  leastBridgeMm3: { value: 0.08, unit: 'mm³', source: MODEL },
  repelledForS: { value: 5e-4, unit: 's', source: MODEL },
  repelledAt: { value: 1.2, unit: 'current over the pinch current', source: MODEL },
  repelledSpread: { value: 0.1, unit: 'current over the pinch current', source: MODEL },
  leftShare: { value: 0.24, unit: 'share of the drop left on the wire', source: FIT_TO_FACTS },
  leftScatter: { value: 0.05, unit: '-', source: FIT_TO_FACTS },
  leftScatterBig: { value: 0.3, unit: '-', source: FIT_TO_FACTS },
  leftMost: { value: 0.5, unit: 'of wire section × tip over the pool', source: MODEL },
  dropScatter: { value: 0.045, unit: 'of the drop’s height', source: FIT_TO_FACTS },
  dropNoiseS: { value: 0.011, unit: 's', source: FIT_TO_FACTS },
  rootScatterVPerMm: { value: 0.9, unit: 'V per mm of gap', source: FIT_TO_FACTS },
  rootNoiseS: { value: 0.03, unit: 's', source: FIT_TO_FACTS },
  poolHz: { value: 80, unit: 'Hz', source: MODEL },
  poolDamping: { value: 0.3, unit: '-', source: FIT_TO_FACTS },
  poolDampingShorted: { value: 0.73, unit: '-', source: FIT_TO_FACTS },
  arcForceMmPerA2: { value: 6e-6, unit: 'mm/A²', source: FIT_TO_FACTS },
  breakKickMmPerSA2: { value: 1.1e-4, unit: 'mm/(s·A²)', source: FIT_TO_FACTS },
  breakKickScatter: { value: 0.09, unit: '-', source: FIT_TO_FACTS },
  soundRisesS: { value: 40e-6, unit: 's', source: MODEL },
  soundFallsS: { value: 400e-6, unit: 's, hot gas dies slowly', source: FIT_TO_FACTS },
  hissShare: { value: 0.02, unit: 'of the power', source: MODEL },
} as const satisfies Readonly<Record<string, ParameterRow>>;

export type ArcParameter = keyof typeof ARC_PARAMETER_TABLE;

/** The bare figures of the table. */
export const PARAMETERS = Object.fromEntries(
  Object.entries(ARC_PARAMETER_TABLE).map(([name, { value }]) => [name, value]),
) as Readonly<Record<ArcParameter, number>>;
