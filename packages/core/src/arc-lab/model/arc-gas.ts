import { type GasId, gasNamed } from '../../trade/gas/gas.ts';
import { HANDBOOK, MODEL, type Source } from '../../base/source.ts';
import { PARAMETERS } from './arc-parameters.ts';

/** What a gas changes of the arc. */
export interface ArcGas {
  readonly fallV: number;
  readonly columnVPerMm: number;
  readonly magneticShare: number;
  readonly dropScatter: number;
  readonly rootScatterVPerMm: number;
  /** Whether free drops under a fast feed can be taken for spray in it. */
  readonly sprays: boolean;
  readonly source: Source;
}

/** Gases that the model knows, richest in argon last. The shift between them is put in, not predicted. */
const ARC_GAS_ROWS: readonly (readonly [co2Percent: number, ArcGas])[] = [
  [
    100,
    {
      fallV: PARAMETERS.fallV + 1.5,
      columnVPerMm: PARAMETERS.columnVPerMm * 1.3,
      magneticShare: 0.05,
      dropScatter: PARAMETERS.dropScatter * 1.6,
      rootScatterVPerMm: PARAMETERS.rootScatterVPerMm * 1.3,
      sprays: false,
      source: HANDBOOK,
    },
  ],
  [
    25,
    {
      fallV: PARAMETERS.fallV,
      columnVPerMm: PARAMETERS.columnVPerMm,
      magneticShare: PARAMETERS.magneticShare,
      dropScatter: PARAMETERS.dropScatter,
      rootScatterVPerMm: PARAMETERS.rootScatterVPerMm,
      sprays: false,
      source: MODEL,
    },
  ],
  [
    10,
    {
      fallV: PARAMETERS.fallV - 0.7,
      columnVPerMm: 0.8,
      magneticShare: 1,
      dropScatter: PARAMETERS.dropScatter * 0.8,
      rootScatterVPerMm: 0.2,
      sprays: true,
      source: HANDBOOK,
    },
  ],
];

/** CO₂ of an argon mix between which the model is used, per cent; above: CO₂ alone. */
const MIX_PERCENT = [8, 25] as const;

/** Gases that the lab offers: composition by id. */
export const ARC_GASES = ['ar-co2-25', 'ar-co2-18', 'ar-co2-10', 'co2'] as const satisfies readonly GasId[];

function blend(low: ArcGas, high: ArcGas, share: number): ArcGas {
  const mixed = (key: Exclude<keyof ArcGas, 'sprays' | 'source'>): number =>
    low[key] + share * (high[key] - low[key]);
  return {
    fallV: mixed('fallV'),
    columnVPerMm: mixed('columnVPerMm'),
    magneticShare: mixed('magneticShare'),
    dropScatter: mixed('dropScatter'),
    rootScatterVPerMm: mixed('rootScatterVPerMm'),
    sprays: share < 0.6,
    source: MODEL,
  };
}

/**
 * The arc in a gas: Ar + 25 % and Ar + 10 % CO₂ and CO₂ alone are rows; mixes of argon and 10 to 25 % CO₂ lie between
 * them on a straight line, 8 to 10 % stand as 10 %.
 *
 * @returns undefined: a gas the model knows nothing of
 * @source rows: handbook figures, from memory; between them: our model
 */
export function arcGas(id: GasId): ArcGas | undefined {
  const gas = gasNamed(id);
  if (!gas || gas.heliumPercent > 0 || !gas.shields) return undefined;
  const [low, high] = gas.co2Percent;
  const percent = (low + high) / 2;
  const exact = ARC_GAS_ROWS.find(([row]) => row === percent)?.[1];
  if (exact) return exact;
  if (percent < MIX_PERCENT[0] || percent > MIX_PERCENT[1]) return undefined;
  const [, rich] = ARC_GAS_ROWS[1] ?? [];
  const [, lean] = ARC_GAS_ROWS[2] ?? [];
  return lean && rich && blend(lean, rich, Math.max(0, (percent - 10) / 15));
}
