import { FLUX_CORE_GAS_VOLTS, gasVolts, SPRAY_GAS_VOLTS } from '../arc/gas-volts.ts';
import type { MeltingLaw } from '../arc/melting-law.ts';
import {
  DIP_JOINTS,
  DIP_POSITIONS,
  SLAG_POSITIONS,
  SPRAY_JOINTS,
  STEEL_SURFACES,
} from '../demand/factors.ts';
import { NO_FLOW, SPRAY_FLOW } from '../gas/gas-flow.ts';
import { FIT_TO_ROWS, MODEL } from '../provenance/source.ts';
import type { Family } from './family.ts';
import { SPRAY_DISTANCE, STEEL_SPRAY } from './steel.ts';

/** Share of a tubular wire's section that is metal, by mass. Source: handbook figure, from memory. */
export const TUBULAR_SHARE = 0.85;
/** Share of flux core's metal that ends in the bead (0.80–0.85). Source: handbook figure, from memory. */
export const FLUX_CORE_EFFICIENCY = 0.83;
/** Metal-cored wire speed over solid at equal amps (1.1–1.25). Source: handbook figure, from memory. */
export const METAL_CORED_SPEED_RATIO = 1.18;

function selfShieldedLaw(referenceExtensionMm: number): MeltingLaw {
  return {
    kind: 'power',
    constant: 3.8939,
    perLnSpeed: 0.8201,
    perLnDiameter: 2.4981,
    referenceExtensionMm,
    perLnExtension: -0.3,
  };
}

/** Tip to work without gas: 0.8/0.9 mm 10–16 mm, 1.2 mm about 16. Source: handbook figures, from memory. */
const SELF_SHIELDED_DISTANCE = {
  small: { ctwdMm: { start: 13, low: 10, high: 16 }, arcMm: 2 },
  large: { ctwdMm: { start: 16, low: 13, high: 19 }, arcMm: 2 },
} as const;

/** Self-shielded flux core: its own rows, never derived from solid wire; within 7 % in current. */
export const SELF_SHIELDED: Family = {
  id: 'self-shielded',
  name: 'self-shielded flux core',
  ways: ['self-shielded'],
  mode: 'own',
  reference: 'closed butt',
  demand: { constant: 3.8177, perLnT: 1.122, perLnT2: -0.2432, perLnD: 0.5392, fitMm: [1.2, 9.5] },
  demandSource: FIT_TO_ROWS,
  rowsMm: [1.2, 9.5],
  confidence: () => 0.3,
  sizes: [
    { nominalMm: 0.9, thicknessMm: [1.2, 8], windowA: [45, 170] },
    { nominalMm: 0.8, thicknessMm: [1.2, 8], windowA: [40, 140] },
    { nominalMm: 1.2, thicknessMm: [3, 12], windowA: [95, 230] },
  ],
  melting: (_wireClass, nominalMm) => {
    const { ctwdMm, arcMm } = SELF_SHIELDED_DISTANCE[nominalMm >= 1.2 ? 'large' : 'small'];
    return selfShieldedLaw(ctwdMm.start - arcMm);
  },
  volts: {
    zeroV: 16.8004,
    perA: 0.0396,
    perMmDiameter: -5.4209,
    halfV: 0.75,
    kind: 'arc',
    source: FIT_TO_ROWS,
  },
  gasVolts: () => [0, 0],
  jointVolts: () => 0,
  joint: DIP_JOINTS,
  position: DIP_POSITIONS,
  surface: STEEL_SURFACES,
  sprayMetal: undefined,
  distance: (nominalMm) => SELF_SHIELDED_DISTANCE[nominalMm >= 1.2 ? 'large' : 'small'],
  flow: NO_FLOW,
  depositShare: TUBULAR_SHARE * FLUX_CORE_EFFICIENCY,
};

/** Gas-shielded flux core: fitted to the seven rows, within 6 % in current. */
export const GAS_SHIELDED_FLUX_CORE: Family = {
  id: 'gas-shielded-flux-core',
  name: 'gas-shielded flux core',
  ways: ['gas-shielded-flux-core'],
  mode: 'own',
  reference: 'fillet',
  demand: { constant: 4.7198, perLnT: -0.0661, perLnT2: 0.1683, perLnD: 0.4752, fitMm: [3.2, 12.7] },
  demandSource: FIT_TO_ROWS,
  rowsMm: [3.2, 12.7],
  confidence: (thicknessMm) => (thicknessMm < 4 ? 0.3 : 0.2),
  sizes: [
    { nominalMm: 0.9, thicknessMm: [3, 8], windowA: [100, 240] },
    { nominalMm: 1.2, thicknessMm: [4.5, 25], windowA: [140, 330] },
    { nominalMm: 1.0, thicknessMm: [3, 12], windowA: [115, 270] },
  ],
  melting: () => ({
    kind: 'power',
    constant: 3.7716,
    perLnSpeed: 0.6818,
    perLnDiameter: 1.4124,
    referenceExtensionMm: 15,
    perLnExtension: -0.25,
  }),
  volts: {
    zeroV: 20.7097,
    perA: 0.0482,
    perMmDiameter: -4.3193,
    halfV: 1.5,
    kind: 'arc',
    source: FIT_TO_ROWS,
  },
  gasVolts: (gas) => gasVolts(FLUX_CORE_GAS_VOLTS, gas),
  jointVolts: () => 0,
  joint: SPRAY_JOINTS,
  position: SLAG_POSITIONS,
  surface: STEEL_SURFACES,
  sprayMetal: undefined,
  distance: () => ({ ctwdMm: { start: 19, low: 15, high: 25 }, arcMm: 4 }),
  flow: SPRAY_FLOW,
  depositShare: TUBULAR_SHARE * FLUX_CORE_EFFICIENCY,
};

/** Metal-cored wire: spray's demand and volts, at 1.18 times its wire speed for equal amps. */
export const METAL_CORED: Family = {
  ...STEEL_SPRAY,
  id: 'metal-cored',
  name: 'metal-cored wire, spray',
  ways: ['metal-cored'],
  demandSource: { ...MODEL, note: 'as solid wire in spray' },
  confidence: () => 0.3,
  sizes: [
    { nominalMm: 1.2, thicknessMm: [5, 25], windowA: [220, 380] },
    { nominalMm: 1.0, thicknessMm: [4.5, 12], windowA: [190, 310] },
    { nominalMm: 0.9, thicknessMm: [4.5, 9.5], windowA: [165, 260] },
    { nominalMm: 1.6, thicknessMm: [10, 25], windowA: [275, 450] },
  ],
  melting: () => ({
    kind: 'power',
    constant: 4.0282 - 0.6385 * Math.log(METAL_CORED_SPEED_RATIO),
    perLnSpeed: 0.6385,
    perLnDiameter: 1.5762,
    referenceExtensionMm: SPRAY_DISTANCE.ctwdMm.start - SPRAY_DISTANCE.arcMm,
    perLnExtension: -0.25,
  }),
  gasVolts: (gas) => gasVolts(SPRAY_GAS_VOLTS, gas),
  depositShare: 0.92 * 0.9,
};
