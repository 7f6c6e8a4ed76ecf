import { HANDBOOK, MODEL, type Source } from '../provenance/source.ts';

/** A parameter of the arc model with its unit and where it comes from. */
export interface ParameterRow {
  readonly value: number;
  readonly unit: string;
  readonly source: Source;
}

export const RECALLED: Source = HANDBOOK;
export const FIT_TO_FACTS: Source = { kind: 'model', note: 'fitted to the trade’s facts, not measured' };
export const CHOSEN: Source = MODEL;
