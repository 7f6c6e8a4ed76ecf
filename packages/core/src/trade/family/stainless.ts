import { STAINLESS_ARGON_VOLTS } from '../melting/gas-volts.ts';
import {
  BRIGHT_SURFACES,
  DIP_POSITIONS,
  PULSE_JOINTS,
  PULSE_POSITIONS,
  SPRAY_JOINTS,
  SPRAY_POSITIONS,
  STAINLESS_DIP_JOINTS,
} from './factors.ts';
import { DIP_FLOW, sprayFlow } from '../gas/gas-flow.ts';
import type { Gas } from '../gas/gas.ts';
import { FIT_TO_ROWS, HANDBOOK, MODEL } from '../../base/source.ts';
import { PULSE_CEILINGS, STAINLESS_DIP_CEILINGS } from './ceilings.ts';
import type { Family } from './family.ts';
import {
  DIP_CLOSED_BUTT_MM,
  DIP_DISTANCE,
  DIP_EFFICIENCY,
  SPRAY_CLOSED_BUTT_MM,
  SPRAY_DISTANCE,
  SPRAY_EFFICIENCY,
} from './steel.ts';

/** Pulsed stainless takes a little less current than steel, which conducts heat away. Source: our model. */
const PULSE_SHARE_OF_STEEL = 0.94;

function argonOrTriMix(gas: Gas): readonly [number, number] {
  return gas.heliumPercent > 50 ? [0, 0] : [STAINLESS_ARGON_VOLTS, STAINLESS_ARGON_VOLTS];
}

/**
 * Stainless, short-circuit: the five rows are all 0.9 mm wire, within 6 % in current; how it hangs on the wire
 * is taken from carbon steel (our model).
 */
export const STAINLESS_DIP: Family = {
  id: 'stainless-dip',
  name: 'short-circuit, stainless wire',
  ways: ['solid-gas'],
  mode: 'short-circuit',
  reference: 'closed butt',
  demand: { constant: 5.3041 + 0.32 * 0.1177, perInverseT: -1.3223, perLnD: 0.32, fitMm: [1, 6.4] },
  demandSource: FIT_TO_ROWS,
  rowsMm: [1.2, 6.4],
  confidence: (thicknessMm) => (thicknessMm <= 5 ? 0.2 : 0.3),
  sizes: [
    { nominalMm: 0.8, thicknessMm: [0.8, 3], windowA: [38, 140] },
    { nominalMm: 0.9, thicknessMm: [1, 6], windowA: [50, 165] },
    { nominalMm: 1.0, thicknessMm: [1.5, 8], windowA: [70, 185] },
    { nominalMm: 1.2, thicknessMm: [3, 25.4], windowA: [95, 210] },
    { nominalMm: 0.6, thicknessMm: [0.5, 1.5], windowA: [20, 85] },
  ],
  // the rows are 0.9 mm wire; thinner wire is fed 1.3 to 1.5 times as fast as carbon steel, not more [practice]
  melting: () => ({
    kind: 'melting-rate',
    alphaMmPerSA: 0.402,
    betaPerSA2: 7.84e-5,
    heatingLevelsUnderMm: 0.889,
  }),
  volts: { zeroV: 17.6978, perA: 0.026, perMmDiameter: 0, halfV: 1, kind: 'arc', source: FIT_TO_ROWS },
  gasVolts: argonOrTriMix,
  workVolts: () => 0,
  joint: STAINLESS_DIP_JOINTS,
  position: DIP_POSITIONS,
  surface: BRIGHT_SURFACES,
  ceilings: STAINLESS_DIP_CEILINGS,
  hand: 'dip',
  closedButtMostMm: DIP_CLOSED_BUTT_MM,
  sprayMetal: undefined,
  distance: () => DIP_DISTANCE,
  flow: () => DIP_FLOW,
  depositShare: DIP_EFFICIENCY,
};

/** Stainless, spray: three rows, met exactly in current. */
export const STAINLESS_SPRAY: Family = {
  id: 'stainless-spray',
  name: 'spray, stainless wire',
  ways: ['solid-gas'],
  mode: 'spray',
  reference: 'fillet',
  demand: { constant: 4.72, perLnT: 0.3568, perLnD: 0.5044, fitMm: [4.8, 6.4] },
  demandSource: FIT_TO_ROWS,
  rowsMm: [4.8, 6.4],
  confidence: () => 0.2,
  sizes: [
    { nominalMm: 0.9, thicknessMm: [4.5, 8], windowA: [170, 250] },
    { nominalMm: 1.2, thicknessMm: [5, 25.4], windowA: [225, 350] },
    { nominalMm: 1.0, thicknessMm: [4.5, 12], windowA: [195, 290] },
  ],
  melting: () => ({ kind: 'melting-rate', alphaMmPerSA: 0.3357, betaPerSA2: 4.312e-5 }),
  volts: { zeroV: 18.3, perA: 0.029, perMmDiameter: 0, halfV: 1.5, kind: 'arc', source: HANDBOOK },
  gasVolts: () => [0, 0],
  workVolts: () => 0,
  joint: SPRAY_JOINTS,
  position: SPRAY_POSITIONS,
  surface: BRIGHT_SURFACES,
  ceilings: undefined,
  hand: 'spray',
  closedButtMostMm: SPRAY_CLOSED_BUTT_MM,
  sprayMetal: 'stainless',
  distance: () => SPRAY_DISTANCE,
  flow: sprayFlow,
  depositShare: SPRAY_EFFICIENCY,
};

/** Stainless, pulsed spray: no rows of its own; steel's demand, a little less, and stainless melting. */
export const STAINLESS_PULSE: Family = {
  id: 'stainless-pulse',
  name: 'pulsed spray, stainless wire',
  ways: ['solid-gas'],
  mode: 'pulse',
  reference: 'tee',
  demand: {
    constant: 4.4692 + Math.log(PULSE_SHARE_OF_STEEL),
    perLnT: 0.4698,
    perLnD: 0.0989,
    fitMm: [1.5, 9.5],
  },
  demandSource: { ...MODEL, note: 'from pulsed carbon steel' },
  rowsMm: [1.5, 9.5],
  confidence: () => 0.3,
  sizes: [
    { nominalMm: 0.9, thicknessMm: [1.5, 8], windowA: [40, 220] },
    { nominalMm: 0.8, thicknessMm: [1.5, 4], windowA: [35, 170] },
    { nominalMm: 1.0, thicknessMm: [2, 12], windowA: [45, 260] },
    { nominalMm: 1.2, thicknessMm: [3, 25.4], windowA: [60, 320] },
  ],
  melting: () => ({ kind: 'melting-rate', alphaMmPerSA: 0.3357, betaPerSA2: 4.312e-5 }),
  volts: { zeroV: 16.8, perA: 0.033, perMmDiameter: 0, halfV: 2, kind: 'mean', source: MODEL },
  gasVolts: () => [0, 0],
  workVolts: () => 0,
  joint: PULSE_JOINTS,
  position: PULSE_POSITIONS,
  surface: BRIGHT_SURFACES,
  ceilings: PULSE_CEILINGS,
  hand: 'pulse',
  closedButtMostMm: SPRAY_CLOSED_BUTT_MM,
  sprayMetal: undefined,
  distance: () => SPRAY_DISTANCE,
  flow: sprayFlow,
  depositShare: SPRAY_EFFICIENCY,
};
