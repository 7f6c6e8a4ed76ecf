import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import { type ArcClass, arcClass, type ArcLevel, levelOf } from '../model/arc-class.ts';
import { recordArc } from '../model/arc-features.ts';
import { meltingCurrentA, midWindowVolts } from '../model/arc-constants.ts';
import { type ArcSetting, type ArcWireMm, loadVolts } from '../model/arc-setting.ts';
import { FAMILY_ARC } from '../model/sound-families.ts';
import { seededRandom, uniformFrom } from '../../base/numeric/seeded-random.ts';
import { ARC_SOUNDS, type ArcSound } from '../../window/bead-report.ts';

/** Kinds of question: is it cold, right or hot; which of the five sounds; which of two is higher; which mode. */
export const EAR_KINDS = ['level', 'family', 'higher', 'mode'] as const;
export type EarKind = (typeof EAR_KINDS)[number];

/** Something to be learnt by ear: asked again and again, sounding a little different each time. */
export interface EarCard {
  readonly id: string;
  readonly kind: EarKind;
  /** What it is asked by: a wire, or how far two sounds lie apart. */
  readonly about: Words;
  /** What may be answered. */
  readonly choices: readonly string[];
}

const LEVELS = ['cold', 'right', 'hot'] as const satisfies readonly ArcLevel[];
/** Wires that the levels are asked with, mm. Source: our tuning. */
const LEVEL_WIRES = [0.8, 0.9, 1] as const satisfies readonly ArcWireMm[];
/** Volts that two sounds lie apart, the easiest first. Source: our tuning. */
const APART_V = [4, 2.5, 1.5] as const;
const MODES = ['short-circuit', 'spray', 'pulse'] as const;
type EarMode = (typeof MODES)[number];

/** Everything that is asked, the easiest of each kind first. */
export const EAR_CARDS: readonly EarCard[] = [
  ...LEVEL_WIRES.flatMap((mm) =>
    LEVELS.map((level) => ({
      id: `level:${level}:${mm}`,
      kind: 'level' as const,
      about: words`${amount.wireSize(mm, 1)} wire`,
      choices: LEVELS,
    })),
  ),
  ...ARC_SOUNDS.map((sound) => ({
    id: `family:${sound}`,
    kind: 'family' as const,
    about: 'steel',
    choices: ARC_SOUNDS,
  })),
  ...APART_V.map((volts) => ({
    id: `higher:${volts}`,
    kind: 'higher' as const,
    about: `${volts} V apart`,
    choices: ['first', 'second'],
  })),
  ...MODES.map((mode) => ({ id: `mode:${mode}`, kind: 'mode' as const, about: 'steel', choices: MODES })),
];

/** A question as it is played: its sounds with their own seeds, and the answer that is right. */
export interface EarQuestion {
  readonly card: EarCard;
  readonly sounds: readonly { readonly setting: ArcSetting; readonly seed: number }[];
  readonly truth: string;
}

/** How far from the middle of the window a level is drawn, V. Source: our model, wide enough that the ear has a chance. */
const LEVEL_AT_V: Readonly<Record<ArcLevel, readonly [number, number]>> = {
  cold: [-4, -2],
  right: [-0.8, 0.5],
  hot: [1.9, 3.6],
};
const USUAL_FEED = { 0.8: 6.5, 0.9: 6, 1: 5, 1.2: 4 } as const;
const TRIES = 12;

function dipSetting(wireMm: ArcWireMm, overV: number, random: () => number): ArcSetting {
  const wireFeedSpeedMPerMin = USUAL_FEED[wireMm] * uniformFrom(random, [0.9, 1.25]);
  const tipToWorkMm = uniformFrom(random, [10, 14]);
  const middle = midWindowVolts(wireMm, meltingCurrentA(wireMm, wireFeedSpeedMPerMin, tipToWorkMm));
  return { wireMm, gas: 'ar-co2-25', tipToWorkMm, wireFeedSpeedMPerMin, source: loadVolts(middle + overV) };
}

/** The class of a setting by the simulation: the truth is what the model does, not what was asked of it. */
function classAt(setting: ArcSetting, seed: number): ArcClass {
  return arcClass(recordArc(setting, { seed, seconds: 1.5 }).features, setting);
}

function levelQuestion(card: EarCard, level: ArcLevel, wireMm: ArcWireMm, seed: number): EarQuestion {
  const random = seededRandom(seed);
  for (let i = 0; i < TRIES; i++) {
    const setting = dipSetting(wireMm, uniformFrom(random, LEVEL_AT_V[level]), random);
    if (levelOf(classAt(setting, seed)) === level) return { card, sounds: [{ setting, seed }], truth: level };
  }
  throw new Error(`no ${level} arc was found for ${wireMm} mm`);
}

/** The setting of a family, turned a little, so that no two are alike. */
function turned(setting: ArcSetting, random: () => number): ArcSetting {
  const { source } = setting;
  return {
    ...setting,
    wireFeedSpeedMPerMin: setting.wireFeedSpeedMPerMin * uniformFrom(random, [0.97, 1.04]),
    source:
      source.kind === 'volts'
        ? { ...source, volts: source.volts + uniformFrom(random, [-0.25, 0.25]) }
        : source,
  };
}

const MODE_ARC: Readonly<Record<EarMode, ArcSetting>> = {
  'short-circuit': FAMILY_ARC.sizzle,
  spray: FAMILY_ARC.hiss,
  pulse: { ...FAMILY_ARC.hiss, wireFeedSpeedMPerMin: 7, source: { kind: 'pulse', gapMm: 4 } },
};

/**
 * A question of a card, drawn anew: another seed sounds different and may be another setting.
 *
 * @throws for a card that is not one of {@link EAR_CARDS}
 */
export function earQuestion(id: string, seed: number): EarQuestion {
  const card = EAR_CARDS.find((one) => one.id === id);
  if (!card) throw new Error(`no card ${id}`);
  const [, first = '', second = ''] = id.split(':');
  const random = seededRandom(seed);
  switch (card.kind) {
    case 'level':
      return levelQuestion(card, first as ArcLevel, Number(second) as ArcWireMm, seed);
    case 'family':
      return {
        card,
        sounds: [{ setting: turned(FAMILY_ARC[first as ArcSound], random), seed }],
        truth: first,
      };
    case 'mode':
      return { card, sounds: [{ setting: turned(MODE_ARC[first as EarMode], random), seed }], truth: first };
    case 'higher': {
      const low = dipSetting(0.9, uniformFrom(random, [-2.5, 0]), random);
      const volts = low.source.kind === 'volts' ? low.source.volts : 0;
      const high = { ...low, source: loadVolts(volts + Number(first)) };
      const isFirst = random() < 0.5;
      const pair = isFirst ? [high, low] : [low, high];
      return {
        card,
        sounds: pair.map((setting, i) => ({ setting, seed: seed + i })),
        truth: isFirst ? 'first' : 'second',
      };
    }
  }
}
