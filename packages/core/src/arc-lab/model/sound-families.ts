import type { ArcSound } from '../../window/bead-report.ts';
import { type ArcSetting, loadVolts } from './arc-setting.ts';

const STEEL = { wireMm: 0.9, gas: 'ar-co2-25', tipToWorkMm: 12, wireFeedSpeedMPerMin: 6.35 } as const;

/** A setting at which the model makes each of the five sounds that a bead is reported by. Source: our model. */
export const FAMILY_ARC: Readonly<Record<ArcSound, ArcSetting>> = {
  stubbing: { ...STEEL, source: loadVolts(14.5) },
  popping: { ...STEEL, wireFeedSpeedMPerMin: 3.05, source: loadVolts(18) },
  sizzle: { ...STEEL, source: loadVolts(18.5) },
  crackle: { ...STEEL, source: loadVolts(21.5) },
  hiss: { ...STEEL, gas: 'ar-co2-10', tipToWorkMm: 16, wireFeedSpeedMPerMin: 10.5, source: loadVolts(28) },
};
