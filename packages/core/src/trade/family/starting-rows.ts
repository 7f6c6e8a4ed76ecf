import { HANDBOOK, type Source } from '../../base/source.ts';
import type { WireClass } from '../wire/wire-class.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';

export type StartingProcess =
  'short-circuit' | 'spray' | 'pulse' | 'self-shielded' | 'gas-shielded-flux-core';

/** How sure a row is: H ±10 %, M ±15–20 %, L ±30 %. */
export type Confidence = 'H' | 'M' | 'L';

/** A starting setting as it is recalled: flat, the family's reference joint, clean, its usual gas. */
export interface StartingRow {
  readonly process: StartingProcess;
  readonly wireClass: WireClass;
  readonly wireMm: WireDiameterMm;
  readonly thicknessMm: number;
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number | undefined;
  readonly currentA: number | undefined;
  readonly confidence: Confidence;
  readonly source: Source;
}

type Cells = readonly [
  process: StartingProcess,
  wireClass: WireClass,
  wireMm: WireDiameterMm,
  thicknessMm: number,
  wireFeedSpeedMPerMin: number,
  volts: number | undefined,
  currentA: number | undefined,
  confidence: Confidence,
];

/** Process, wire, its size (mm), thickness (mm), wire speed (m/min), V, A, confidence. Source: handbook, from memory. */
const CELLS: readonly Cells[] = [
  ['short-circuit', 'ER70S-6', 0.6, 0.6, 2.5, 14.7, 31, 'L'],
  ['short-circuit', 'ER70S-6', 0.6, 0.8, 3.7, 15.2, 43, 'M'],
  ['short-circuit', 'ER70S-6', 0.6, 1.2, 5.6, 16.2, 62, 'M'],
  ['short-circuit', 'ER70S-6', 0.6, 1.6, 7.1, 17.0, 77, 'M'],
  ['short-circuit', 'ER70S-6', 0.6, 2.0, 8.6, 17.7, 90, 'L'],
  ['short-circuit', 'ER70S-6', 0.8, 1.0, 3.0, 15.8, 60, 'H'],
  ['short-circuit', 'ER70S-6', 0.8, 1.2, 3.7, 16.3, 70, 'M'],
  ['short-circuit', 'ER70S-6', 0.8, 1.6, 4.7, 16.9, 87, 'M'],
  ['short-circuit', 'ER70S-6', 0.8, 3.2, 7.4, 18.5, 130, 'H'],
  ['short-circuit', 'ER70S-6', 0.8, 4.8, 9.1, 19.5, 155, 'M'],
  ['short-circuit', 'ER70S-6', 0.9, 1.2, 2.5, 16.3, 77, 'M'],
  ['short-circuit', 'ER70S-6', 0.9, 2.0, 3.9, 17.3, 110, 'H'],
  ['short-circuit', 'ER70S-6', 0.9, 3.2, 5.5, 18.3, 140, 'H'],
  ['short-circuit', 'ER70S-6', 0.9, 4.8, 7.0, 19.3, 168, 'H'],
  ['short-circuit', 'ER70S-6', 1.0, 1.6, 2.7, 17.0, 100, 'L'],
  ['short-circuit', 'ER70S-6', 1.0, 2.0, 3.2, 17.4, 115, 'M'],
  ['short-circuit', 'ER70S-6', 1.0, 3.2, 4.3, 18.5, 145, 'M'],
  ['short-circuit', 'ER70S-6', 1.0, 6.4, 6.3, 20.2, 195, 'L'],
  ['short-circuit', 'ER70S-6', 1.2, 3.2, 3.2, 18.5, 145, 'H'],
  ['short-circuit', 'ER70S-6', 1.2, 4.8, 3.8, 19.2, 165, 'H'],
  ['spray', 'ER70S-6', 0.9, 4.8, 9.5, 25.5, 195, 'H'],
  ['spray', 'ER70S-6', 0.9, 6.4, 10.2, 26.3, 205, 'H'],
  ['spray', 'ER70S-6', 0.9, 9.5, 12.7, 28.0, 232, 'M'],
  ['spray', 'ER70S-6', 1.2, 6.4, 8.9, 27.5, 285, 'H'],
  ['spray', 'ER70S-6', 1.2, 8.0, 9.5, 28.0, 300, 'H'],
  ['spray', 'ER70S-6', 1.2, 9.5, 12.1, 30.0, 335, 'H'],
  ['spray', 'ER70S-6', 1.6, 12.7, 5.3, 26.0, 325, 'M'],
  ['pulse', 'ER70S-6', 0.9, 1.5, 4.1, undefined, undefined, 'L'],
  ['pulse', 'ER70S-6', 0.9, 2.0, 5.0, undefined, undefined, 'L'],
  ['pulse', 'ER70S-6', 0.9, 4.8, 9.1, undefined, undefined, 'M'],
  ['pulse', 'ER70S-6', 0.9, 6.35, 11.0, undefined, 205, 'M'],
  ['pulse', 'ER70S-6', 1.2, 3.2, 4.1, undefined, 150, 'L'],
  ['pulse', 'ER70S-6', 1.2, 4.8, 5.6, undefined, 185, 'L'],
  ['pulse', 'ER70S-6', 1.2, 6.4, 7.1, undefined, 215, 'L'],
  ['pulse', 'ER70S-6', 1.2, 9.5, 8.9, undefined, 255, 'L'],
  ['self-shielded', 'E71T-11', 0.8, 1.2, 2.3, 14.5, 45, 'L'],
  ['self-shielded', 'E71T-11', 0.8, 1.6, 2.9, 15.0, 60, 'L'],
  ['self-shielded', 'E71T-11', 0.8, 2.0, 3.8, 15.5, 77, 'L'],
  ['self-shielded', 'E71T-11', 0.8, 3.2, 5.3, 16.7, 105, 'L'],
  ['self-shielded', 'E71T-11', 0.8, 4.8, 6.3, 17.7, 120, 'L'],
  ['self-shielded', 'E71T-11', 0.9, 1.2, 1.8, 14.5, 53, 'L'],
  ['self-shielded', 'E71T-11', 0.9, 1.6, 2.3, 15.0, 72, 'L'],
  ['self-shielded', 'E71T-11', 0.9, 2.0, 2.8, 15.5, 88, 'L'],
  ['self-shielded', 'E71T-11', 0.9, 3.2, 4.2, 16.5, 118, 'L'],
  ['self-shielded', 'E71T-11', 0.9, 4.8, 5.3, 17.3, 140, 'L'],
  ['self-shielded', 'E71T-11', 0.9, 6.4, 5.8, 17.8, 152, 'L'],
  ['self-shielded', 'E71T-11', 1.2, 3.2, 2.0, 15.5, 130, 'M'],
  ['self-shielded', 'E71T-11', 1.2, 4.8, 2.5, 16.5, 150, 'M'],
  ['self-shielded', 'E71T-11', 1.2, 9.5, 3.6, 18.0, 180, 'M'],
  ['gas-shielded-flux-core', 'E71T-1M', 0.9, 3.2, 6.3, 22.7, 125, 'L'],
  ['gas-shielded-flux-core', 'E71T-1M', 0.9, 4.8, 7.6, 24.0, 147, 'M'],
  ['gas-shielded-flux-core', 'E71T-1M', 0.9, 9.5, 12.7, 27.0, 210, 'M'],
  ['gas-shielded-flux-core', 'E71T-1M', 1.2, 4.8, 5.1, 23.5, 160, 'M'],
  ['gas-shielded-flux-core', 'E71T-1M', 1.2, 6.4, 6.3, 24.7, 185, 'M'],
  ['gas-shielded-flux-core', 'E71T-1M', 1.2, 9.5, 10.2, 28.0, 255, 'M'],
  ['gas-shielded-flux-core', 'E71T-1M', 1.2, 12.7, 12.7, 30.0, 295, 'M'],
  ['short-circuit', 'ER308LSi', 0.9, 1.2, 3.4, 19.5, 65, 'M'],
  ['short-circuit', 'ER308LSi', 0.9, 2.0, 6.3, 20.5, 108, 'M'],
  ['short-circuit', 'ER308LSi', 0.9, 2.7, 7.9, 20.7, 128, 'M'],
  ['short-circuit', 'ER308LSi', 0.9, 4.8, 9.2, 21.5, 145, 'M'],
  ['short-circuit', 'ER308LSi', 0.9, 6.4, 10.5, 22.5, 165, 'L'],
  ['spray', 'ER308LSi', 0.9, 4.8, 10.5, 23.5, 185, 'M'],
  ['spray', 'ER308LSi', 0.9, 6.4, 11.7, 24.5, 205, 'M'],
  ['spray', 'ER308LSi', 1.2, 4.8, 6.3, 24.5, 210, 'M'],
  ['spray', 'ER4043', 0.9, 2.4, 7.1, 19.0, 103, 'L'],
  ['spray', 'ER5356', 0.9, 2.4, 8.4, 19.0, 103, 'L'],
  ['spray', 'ER4043', 0.9, 3.2, 8.6, 20.8, 123, 'M'],
  ['spray', 'ER4043', 0.9, 4.8, 10.9, 22.8, 160, 'M'],
  ['spray', 'ER5356', 0.9, 4.8, 13.0, 22.8, 160, 'M'],
  ['spray', 'ER4043', 1.0, 2.4, 5.7, 19.0, 103, 'L'],
  ['spray', 'ER5356', 1.0, 2.4, 6.8, 19.0, 103, 'L'],
  ['spray', 'ER4043', 1.0, 3.2, 6.9, 20.8, 125, 'M'],
  ['spray', 'ER5356', 1.0, 3.2, 8.2, 20.8, 125, 'M'],
  ['spray', 'ER4043', 1.0, 4.8, 9.1, 22.8, 165, 'M'],
  ['spray', 'ER4043', 1.0, 6.4, 10.8, 24.0, 195, 'L'],
  ['spray', 'ER5356', 1.0, 6.4, 12.8, 24.0, 195, 'L'],
  ['spray', 'ER4043', 1.2, 3.2, 5.2, 20.8, 132, 'M'],
  ['spray', 'ER4043', 1.2, 4.8, 6.9, 22.8, 175, 'M'],
  ['spray', 'ER5356', 1.2, 4.8, 8.3, 22.8, 175, 'M'],
  ['spray', 'ER4043', 1.2, 6.4, 7.9, 24.0, 202, 'M'],
  ['spray', 'ER4043', 1.2, 9.5, 9.8, 25.8, 250, 'M'],
  ['spray', 'ER5356', 1.2, 9.5, 11.7, 25.8, 250, 'M'],
  ['spray', 'ER4043', 1.6, 9.5, 6.0, 26.0, 265, 'M'],
];

/** The rows every family is fitted to. */
export const STARTING_ROWS: readonly StartingRow[] = CELLS.map(
  ([process, wireClass, wireMm, thicknessMm, wireFeedSpeedMPerMin, volts, currentA, confidence]) => ({
    process,
    wireClass,
    wireMm,
    thicknessMm,
    wireFeedSpeedMPerMin,
    volts,
    currentA,
    confidence,
    source: HANDBOOK,
  }),
);
