import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import { type ArcSetting, loadVolts } from '../model/arc-setting.ts';

/** One sound of a lesson, and what to listen for. */
export interface LessonStep {
  readonly name: Words;
  readonly hear: string;
  readonly setting: ArcSetting;
}

/** A lesson: sounds in an order, one knob turned and the rest kept. */
export interface EarLesson {
  readonly id: string;
  readonly title: string;
  readonly about: Words;
  readonly steps: readonly LessonStep[];
}

const STEEL = { wireMm: 0.9, gas: 'ar-co2-25', tipToWorkMm: 12, wireFeedSpeedMPerMin: 6.35 } as const;
const SPRAY = { ...STEEL, gas: 'ar-co2-10', tipToWorkMm: 16, wireFeedSpeedMPerMin: 10.5 } as const;

const at = (name: Words, hear: string, setting: ArcSetting): LessonStep => ({ name, hear, setting });

/** The lessons: what the model holds, and nothing it does not. Words: common practice; sounds: our model. */
export const EAR_LESSONS: readonly EarLesson[] = [
  {
    id: 'volts',
    title: 'Up the volts',
    about: words`${amount.wireSize(0.9)} wire at ${amount.wireFeedSpeed(6.35)} in Ar + 25 % CO₂, only the volts are turned.`,
    steps: [
      at('14 V', 'Bangs and gaps: the wire stubs.', { ...STEEL, source: loadVolts(14) }),
      at('16 V', 'Hurried and hard, a stub now and then.', { ...STEEL, source: loadVolts(16) }),
      at('18 V', 'An even sizzle.', { ...STEEL, source: loadVolts(18) }),
      at('19.5 V', 'Still even, a little slower.', { ...STEEL, source: loadVolts(19.5) }),
      at('20.5 V', 'It begins to stumble.', { ...STEEL, source: loadVolts(20.5) }),
      at('22 V', 'Few, loud and uneven.', { ...STEEL, source: loadVolts(22) }),
    ],
  },
  {
    id: 'wire',
    title: 'Up the wire at 18 V',
    about: words`${amount.wireSize(0.9)} wire in Ar + 25 % CO₂ at 18 V, only the wire speed is turned.`,
    steps: [3.05, 4.7, 5.7, 6.6, 7.6].map((wireFeedSpeedMPerMin, i) =>
      at(
        words`${amount.wireFeedSpeed(wireFeedSpeedMPerMin)}`,
        [
          'Single pops.',
          'Quicker, nearly even.',
          'An even sizzle.',
          'Even and quicker.',
          'Crowded: it begins to stub.',
        ][i] ?? '',
        { ...STEEL, wireFeedSpeedMPerMin, source: loadVolts(18) },
      ),
    ),
  },
  {
    id: 'modes',
    title: 'Mode by mode',
    about: 'How metal crosses: by touching, by falling, by the pulse.',
    steps: [
      at('Short-circuit', 'A sizzle of clicks.', { ...STEEL, source: loadVolts(18.5) }),
      at('Spray', 'A soft hiss, no clicks.', { ...SPRAY, source: loadVolts(28) }),
      at('Pulse', 'A buzz with a note.', {
        ...SPRAY,
        wireFeedSpeedMPerMin: 7,
        source: { kind: 'pulse', gapMm: 4 },
      }),
    ],
  },
  {
    id: 'gases',
    title: 'Gas by gas',
    about:
      'The same short arc, each gas at its own volts. That CO₂ wants about 1.5 V more is put into the model, not found by it.',
    steps: [
      at('Ar + 10 % CO₂, 18.2 V', 'Smooth.', { ...STEEL, gas: 'ar-co2-10', source: loadVolts(18.2) }),
      at('Ar + 25 % CO₂, 18.7 V', 'The usual sizzle.', { ...STEEL, source: loadVolts(18.7) }),
      at('CO₂, 20.2 V', 'Rougher: the drops swing more.', { ...STEEL, gas: 'co2', source: loadVolts(20.2) }),
      at('CO₂ at 18.2 V', 'Too few volts for this gas: it crowds.', {
        ...STEEL,
        gas: 'co2',
        source: loadVolts(18.2),
      }),
    ],
  },
  {
    id: 'stick-out',
    title: 'Further from the work',
    about: 'Only the tip-to-work distance is changed; the volts are held at the arc.',
    steps: [10, 12, 16, 20].map((tipToWorkMm, i) =>
      at(
        words`${amount.distance(tipToWorkMm)}`,
        ['Close.', 'As planned.', 'Weaker clicks: fewer amps.', 'Weaker still: fewer amps yet.'][i] ?? '',
        { ...STEEL, tipToWorkMm, source: loadVolts(18.5) },
      ),
    ),
  },
];
