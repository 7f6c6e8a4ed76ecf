import type { ArcFeatures } from './arc-features.ts';
import type { ArcSetting } from './arc-setting.ts';
import { meltingCurrentA } from './arc-constants.ts';
import { arcGas } from './arc-gas.ts';

/** How metal crosses, from too cold to too hot, and the modes beside short arc. */
export const ARC_CLASSES = [
  'stubbing',
  'crowding',
  'steady',
  'ragged',
  'popping',
  'long',
  'globular',
  'spray',
  'pulse',
] as const;
export type ArcClass = (typeof ARC_CLASSES)[number];

/** Classes of short arc. */
export const DIP_CLASSES = ['stubbing', 'crowding', 'steady', 'ragged', 'popping', 'long'] as const;
export type DipClass = (typeof DIP_CLASSES)[number];

/** Where a class of short arc stands by its volts. */
export const ARC_LEVELS = ['cold', 'right', 'hot'] as const;
export type ArcLevel = (typeof ARC_LEVELS)[number];
export const LEVEL_OF: Readonly<Record<DipClass, ArcLevel>> = {
  stubbing: 'cold',
  crowding: 'cold',
  steady: 'right',
  ragged: 'hot',
  popping: 'hot',
  long: 'hot',
};

/** Where a class stands by its volts; undefined: it is no short arc. */
export function levelOf(arc: ArcClass): ArcLevel | undefined {
  return (LEVEL_OF as Readonly<Partial<Record<ArcClass, ArcLevel>>>)[arc];
}

/** Edges between the classes. Source: our model; found on its own scan, not measured. */
export const CLASS_EDGES = {
  leastShortsPerS: 5,
  sprayDropsPerS: 60,
  stubLongShare: 0.12,
  stubShortedShare: 0.345,
  crowdLongShare: 0.035,
  crowdShortedShare: 0.287,
  longShortsPerS: 40,
  longShortedShare: 0.12,
  poppingClickShare: 3,
  raggedShortedShare: 0.155,
  raggedCv: 0.3,
} as const;

/** A pulsed source that lets go a drop with each pulse, within this share, is in its mode; else it is named as it runs. */
const DROP_A_PULSE_WITHIN = 0.1;

/** Wires and currents whose steady rate is low by itself: the rate is then no sign of a long arc. */
const RATE_TELLS = { underMm: 1, overA: 100 } as const;

/** The class of an arc by its features. @source our model */
export function arcClass(features: ArcFeatures, setting: ArcSetting): ArcClass {
  const e = CLASS_EDGES;
  const keepsUp =
    Math.abs(features.freeDropsPerS - features.pulsesPerS) <= DROP_A_PULSE_WITHIN * features.pulsesPerS;
  if (setting.source.kind === 'pulse' && keepsUp) return 'pulse';
  if (features.shortsPerS < e.leastShortsPerS) {
    const sprays = arcGas(setting.gas)?.sprays === true;
    return features.freeDropsPerS > e.sprayDropsPerS && sprays ? 'spray' : 'globular';
  }
  const currentA = meltingCurrentA(setting.wireMm, setting.wireFeedSpeedMPerMin, setting.tipToWorkMm);
  const rateTells = setting.wireMm < RATE_TELLS.underMm && currentA >= RATE_TELLS.overA;
  const isRare = rateTells && features.shortsPerS < e.longShortsPerS;
  const tooLong = features.clickShare > e.poppingClickShare ? 'popping' : 'long';
  // seldom in the pool: one long short among few is no stubbing
  if (features.shortedShare < e.longShortedShare) return tooLong;
  if (features.longShare > e.stubLongShare || features.shortedShare > e.stubShortedShare) return 'stubbing';
  if (features.longShare > e.crowdLongShare || features.shortedShare > e.crowdShortedShare) return 'crowding';
  if (isRare) return tooLong;
  if (features.shortedShare < e.raggedShortedShare || features.periodCv > e.raggedCv) return 'ragged';
  return 'steady';
}
