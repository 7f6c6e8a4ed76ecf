import { LEVEL_OF } from '../model/arc-class.ts';
import { librarySpectrum } from '../../../test/library-spectrum.ts';
import { cases, IS_ACCEPTANCE } from '../../../test/cases.ts';
import { OWN_SOUND_WEIGHTS } from '../../../test/own-sound-weights.ts';
import { labelledArcs } from '../../../test/sound-set.ts';
import { CONDITIONS, NO_ARCS, noArc, randomBy, RATE, spoiled } from '../../../test/spoiled-sound.ts';
import { levelChances, readSound, type SoundReading, readStretch } from './read-sound.ts';
import { weighSound } from './sound-weights.ts';

const spectrum = librarySpectrum();
/** A set that nothing was chosen by. */
const FRESH_SEED = 20_261;
/** Arcs of that set, and sounds of each kind that is none. */
const ARCS = cases(5, 33);
const OF_EACH = cases(2, 14);
/** What promises a share is held to it on the whole set. */
const inAcceptance = IS_ACCEPTANCE ? it : it.skip;
const verdictsOf = (reading: SoundReading) =>
  reading.status === 'read'
    ? [reading.level, reading.dipClass, Number(reading.confidence.toFixed(6))]
    : [reading.code];

// Source of the figures: the handbook on reading a recording, what a product must hold, all of it on simulated sound.
describe('reading the sound of a fresh set of arcs', () => {
  const arcs = labelledArcs(FRESH_SEED, ARCS, 3);
  const heard = arcs.flatMap(({ dipClass, recorded }, i) =>
    CONDITIONS.map((condition) => {
      const { samples, rate } = spoiled(
        recorded.samples.sound,
        condition,
        randomBy(FRESH_SEED, i, condition),
      );
      return {
        truth: LEVEL_OF[dipClass],
        condition,
        samples,
        rate,
        reading: readSound({ samples, rate }, spectrum),
      };
    }),
  );
  const answered = heard.flatMap((one) =>
    one.reading.status === 'read' ? [{ ...one, said: one.reading.level }] : [],
  );

  // Source: our own readings, as they stood when the whole set was accepted (`npm run acceptance`).
  (IS_ACCEPTANCE ? it.skip : it)('reads a few of them as when all were accepted', () => {
    expect(
      heard.map(({ truth, condition, reading }) => [truth, condition, ...verdictsOf(reading)].join(' ')),
    ).toMatchSnapshot();
  });

  inAcceptance(
    'answers at least 78 % of 198 recordings, at least 85 % of them right, cold for hot at most twice',
    () => {
      expect(heard).toHaveLength(198);
      expect(answered.length / heard.length).toBeGreaterThanOrEqual(0.78);
      const right = answered.filter(({ truth, said }) => truth === said);
      expect(right.length / answered.length).toBeGreaterThanOrEqual(0.85);
      const turned = answered.filter(
        ({ truth, said }) => truth !== said && truth !== 'right' && said !== 'right',
      );
      expect(turned.length).toBeLessThanOrEqual(2);
    },
  );

  inAcceptance('answers each condition, the phone’s too, nine times in ten right', () => {
    for (const condition of CONDITIONS) {
      const of = answered.filter((one) => one.condition === condition);
      expect(of.length).toBeGreaterThanOrEqual(23);
      expect(of.filter(({ truth, said }) => truth === said).length / of.length).toBeGreaterThanOrEqual(0.85);
    }
  });

  inAcceptance('our own fit, by a library, decides as the weights that are shipped', () => {
    const surest = (chances: Readonly<Record<string, number>>): readonly [string, number] =>
      Object.entries(chances).toSorted((a, b) => b[1] - a[1])[0] ?? ['', 0];
    const pairs = heard
      .filter((_, i) => i % 3 === 0)
      .map(({ samples, rate }) => {
        const { features, chances } = readStretch(samples, rate, spectrum);
        return [
          surest(levelChances(chances)),
          surest(levelChances(weighSound(features, OWN_SOUND_WEIGHTS))),
        ] as const;
      });
    const bothSure = pairs.filter(([ours, own]) => ours[1] >= 0.7 && own[1] >= 0.7);
    expect(bothSure.length).toBeGreaterThan(0.75 * pairs.length);
    const agree = bothSure.filter(([ours, own]) => ours[0] === own[0]);
    expect(agree.length / bothSure.length).toBeGreaterThanOrEqual(0.95);
  });

  it('a clipped recording is always refused, and said to be clipped', () => {
    for (const { recorded } of arcs.slice(0, 12)) {
      const loudest = recorded.samples.sound.toSorted((a, b) => b - a);
      // half a per cent of the samples are cut off
      const limit = loudest[Math.round(0.0025 * loudest.length)] ?? 1;
      const samples = recorded.samples.sound.map((one) => Math.max(-limit, Math.min(limit, one)));
      expect(readSound({ samples, rate: RATE }, spectrum)).toMatchObject({
        status: 'refused',
        code: 'clipped',
      });
    }
  });

  it('how loud it was recorded changes nothing; the same recording twice is the same answer', () => {
    for (const { samples, rate, reading } of heard.filter((_, i) => i % 24 === 0)) {
      for (const gain of [1, 0.3, 0.05]) {
        const again = verdictsOf(readSound({ samples: samples.map((one) => gain * one), rate }, spectrum));
        expect(again.slice(0, 2)).toEqual(verdictsOf(reading).slice(0, 2));
        if (again[2] !== undefined) expect(again[2]).toBeCloseTo(Number(verdictsOf(reading)[2]), 3);
      }
    }
  });
});

describe('sounds that are no arc', () => {
  it(`at most ${cases(0, 3)} of ${OF_EACH * NO_ARCS.length} are read as one`, () => {
    const accepted = NO_ARCS.flatMap((kind) =>
      Array.from({ length: OF_EACH }, (_, i) => {
        const samples = noArc(kind, randomBy(FRESH_SEED, kind, i));
        return { kind, reading: readSound({ samples, rate: RATE }, spectrum) };
      }),
    ).filter(({ reading }) => reading.status === 'read');
    expect(accepted.length).toBeLessThanOrEqual(cases(0, 3));
  });
});
