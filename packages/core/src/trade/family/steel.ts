import { DIP_GAS_VOLTS, gasVolts, SPRAY_GAS_VOLTS } from '../melting/gas-volts.ts';
import type { MeltingLaw } from '../melting/melting-law.ts';
import {
  DIP_JOINTS,
  DIP_POSITIONS,
  PULSE_JOINTS,
  PULSE_POSITIONS,
  SPRAY_JOINTS,
  SPRAY_POSITIONS,
  STEEL_SURFACES,
} from './factors.ts';
import { DIP_FLOW, sprayFlow } from '../gas/gas-flow.ts';
import type { Work } from '../material/work.ts';
import { FIT_TO_ROWS, HANDBOOK, MODEL } from '../../base/source.ts';
import { DIP_CEILINGS, PULSE_CEILINGS } from './ceilings.ts';
import type { Family, FamilyDistance } from './family.ts';

/** Short-circuit: tip 8–12 mm from the work, arc 1–2 mm. Source: handbook figures, from memory. */
export const DIP_DISTANCE: FamilyDistance = { ctwdMm: { start: 10, low: 8, high: 12 }, arcMm: 1.5 };
/** Spray and pulse: 15–20 mm, arc 5–6 mm. Source: handbook figures, from memory. */
export const SPRAY_DISTANCE: FamilyDistance = { ctwdMm: { start: 17, low: 15, high: 20 }, arcMm: 5 };

/** Volts under flat that short-circuit is run at uphill: a shorter arc holds the puddle. Source: our model, from one dialled-in setting. */
const DIP_UPHILL_V = 0.5;

/** Joints that want more or fewer volts at the same current, V. Source: our model, from two dialled-in settings. */
function dipWorkVolts({ joint, position }: Pick<Work, 'joint' | 'position'>): number {
  const uphill = position === 'vertical-up' ? DIP_UPHILL_V : 0;
  if (joint === 'tee') return 0.4 - uphill;
  return (joint === 'outside-corner' ? -0.3 : 0) - uphill;
}

/** Thickness a closed butt fuses through from one side, mm: short-circuit, and spray or pulse. Source: common practice. */
export const DIP_CLOSED_BUTT_MM = 3.2;
export const SPRAY_CLOSED_BUTT_MM = 4;

/** Share of solid wire that ends in the bead. Source: handbook figures, from memory. */
export const DIP_EFFICIENCY = 0.93;
export const SPRAY_EFFICIENCY = 0.98;

const STEEL_DIP_LAW: MeltingLaw = { kind: 'melting-rate', alphaMmPerSA: 0.291, betaPerSA2: 3.333e-5 };
export const STEEL_SPRAY_LAW: MeltingLaw = {
  kind: 'power',
  constant: 4.0282,
  perLnSpeed: 0.6385,
  perLnDiameter: 1.5762,
  referenceExtensionMm: 12,
  perLnExtension: -0.25,
};
const STEEL_PULSE_LAW: MeltingLaw = {
  kind: 'power',
  constant: 3.8612,
  perLnSpeed: 0.679,
  perLnDiameter: 1.413,
  referenceExtensionMm: 12,
  perLnExtension: -0.25,
};

/** Solid wire, short-circuit: fitted to the twenty rows of the family, within 9 % in current. */
export const STEEL_DIP: Family = {
  id: 'steel-dip',
  name: 'short-circuit, solid steel wire',
  ways: ['solid-gas'],
  mode: 'short-circuit',
  reference: 'closed butt',
  demand: {
    constant: 4.288,
    perLnT: 0.7262,
    perLnT2: -0.1296,
    perLnD: 0.6502,
    perLnTLnD: -0.3419,
    fitMm: [0.5, 6.4],
  },
  demandSource: FIT_TO_ROWS,
  rowsMm: [0.6, 6.4],
  confidence: (thicknessMm) => (thicknessMm >= 0.75 && thicknessMm <= 5 ? 0.15 : 0.3),
  sizes: [
    { nominalMm: 0.8, thicknessMm: [0.8, 5], windowA: [50, 150] },
    { nominalMm: 0.9, thicknessMm: [1.2, 8], windowA: [75, 175] },
    { nominalMm: 1.0, thicknessMm: [1.5, 10], windowA: [90, 200] },
    { nominalMm: 1.2, thicknessMm: [3, 25.4], windowA: [100, 225] },
    { nominalMm: 0.6, thicknessMm: [0.5, 2], windowA: [30, 90] },
  ],
  melting: () => STEEL_DIP_LAW,
  volts: { zeroV: 14.738, perA: 0.03573, perMmDiameter: -1.363, halfV: 1, kind: 'arc', source: FIT_TO_ROWS },
  gasVolts: (gas) => gasVolts(DIP_GAS_VOLTS, gas),
  workVolts: dipWorkVolts,
  joint: DIP_JOINTS,
  position: DIP_POSITIONS,
  surface: STEEL_SURFACES,
  ceilings: DIP_CEILINGS,
  hand: 'dip',
  closedButtMostMm: DIP_CLOSED_BUTT_MM,
  sprayMetal: undefined,
  distance: () => DIP_DISTANCE,
  flow: () => DIP_FLOW,
  depositShare: DIP_EFFICIENCY,
};

/** Solid wire, spray: fitted to the seven rows, within 5 % in current. 0.8 and 1.0 mm stand between the rows. */
export const STEEL_SPRAY: Family = {
  id: 'steel-spray',
  name: 'spray, solid steel wire',
  ways: ['solid-gas'],
  mode: 'spray',
  reference: 'fillet',
  demand: {
    constant: 4.9683,
    perLnT: 0.3035,
    perLnD: 1.3211,
    perLnD2: -2.6521,
    fitMm: [4.8, 12.7],
    slopeAbove: 0.15,
  },
  demandSource: FIT_TO_ROWS,
  rowsMm: [4.8, 12.7],
  confidence: () => 0.15,
  sizes: [
    { nominalMm: 0.9, thicknessMm: [4.5, 9.5], windowA: [165, 260] },
    { nominalMm: 1.2, thicknessMm: [6, 25.4], windowA: [220, 380] },
    { nominalMm: 1.0, thicknessMm: [4.8, 12], windowA: [190, 310] },
    { nominalMm: 1.6, thicknessMm: [10, 25.4], windowA: [275, 450] },
    { nominalMm: 0.8, thicknessMm: [4.5, 6.5], windowA: [150, 220] },
  ],
  melting: () => STEEL_SPRAY_LAW,
  volts: {
    zeroV: 24.3603,
    perA: 0.045,
    perMmDiameter: -8.3694,
    halfV: 1.5,
    kind: 'arc',
    source: FIT_TO_ROWS,
  },
  gasVolts: (gas) => gasVolts(SPRAY_GAS_VOLTS, gas),
  workVolts: () => 0,
  joint: SPRAY_JOINTS,
  position: SPRAY_POSITIONS,
  surface: STEEL_SURFACES,
  ceilings: undefined,
  hand: 'spray',
  closedButtMostMm: SPRAY_CLOSED_BUTT_MM,
  sprayMetal: 'steel',
  distance: () => SPRAY_DISTANCE,
  flow: sprayFlow,
  depositShare: SPRAY_EFFICIENCY,
};

/** Solid wire, pulsed spray: rows fitted on wire speed within 4 %, turned into current by the pulse law. */
export const STEEL_PULSE: Family = {
  id: 'steel-pulse',
  name: 'pulsed spray, solid steel wire',
  ways: ['solid-gas'],
  mode: 'pulse',
  reference: 'tee',
  demand: { constant: 4.4692, perLnT: 0.4698, perLnD: 0.0989, fitMm: [1.5, 9.5] },
  demandSource: FIT_TO_ROWS,
  rowsMm: [1.5, 9.5],
  confidence: (thicknessMm) => (thicknessMm >= 3 && thicknessMm <= 7 ? 0.2 : 0.3),
  sizes: [
    { nominalMm: 0.9, thicknessMm: [1.5, 8], windowA: [45, 230] },
    { nominalMm: 0.8, thicknessMm: [1.5, 5], windowA: [40, 180] },
    { nominalMm: 1.0, thicknessMm: [2, 12], windowA: [50, 270] },
    { nominalMm: 1.2, thicknessMm: [3, 25.4], windowA: [60, 340] },
  ],
  melting: () => STEEL_PULSE_LAW,
  volts: { zeroV: 17.5, perA: 0.033, perMmDiameter: 0, halfV: 2, kind: 'mean', source: MODEL },
  gasVolts: (gas) => gasVolts(SPRAY_GAS_VOLTS, gas),
  workVolts: () => 0,
  joint: PULSE_JOINTS,
  position: PULSE_POSITIONS,
  surface: STEEL_SURFACES,
  ceilings: PULSE_CEILINGS,
  hand: 'pulse',
  closedButtMostMm: SPRAY_CLOSED_BUTT_MM,
  sprayMetal: undefined,
  distance: () => SPRAY_DISTANCE,
  flow: sprayFlow,
  depositShare: SPRAY_EFFICIENCY,
};

/** Silicon bronze on thin sheet. Source: handbook, low confidence: 1.0 wire on 1 mm sheet 3.5–4.5 m/min, 60–80 A. */
export const BRONZE_BRAZE: Family = {
  id: 'bronze-braze',
  name: 'silicon-bronze brazing',
  ways: ['bronze-braze'],
  mode: 'short-circuit',
  reference: 'closed butt',
  demand: { constant: 4.242, perLnT: 0.6, perLnD: 0.4, fitMm: [0.5, 3] },
  demandSource: HANDBOOK,
  rowsMm: [0.8, 1.5],
  confidence: () => 0.3,
  sizes: [
    { nominalMm: 1.0, thicknessMm: [0.8, 3], windowA: [45, 150] },
    { nominalMm: 0.8, thicknessMm: [0.5, 2], windowA: [35, 120] },
  ],
  melting: () => ({ kind: 'melting-rate', alphaMmPerSA: 0.683, betaPerSA2: 0 }),
  volts: { zeroV: 12.9, perA: 0.03, perMmDiameter: 0, halfV: 1, kind: 'arc', source: HANDBOOK },
  gasVolts: () => [0, 0],
  workVolts: () => 0,
  joint: DIP_JOINTS,
  position: DIP_POSITIONS,
  surface: STEEL_SURFACES,
  ceilings: DIP_CEILINGS,
  hand: 'dip',
  closedButtMostMm: DIP_CLOSED_BUTT_MM,
  sprayMetal: undefined,
  distance: () => ({ ctwdMm: { start: 12, low: 10, high: 14 }, arcMm: 2 }),
  flow: () => DIP_FLOW,
  depositShare: DIP_EFFICIENCY,
};
