import fc from 'fast-check';
import { arcClass, LEVEL_OF } from '../model/arc-class.ts';
import { recordArc } from '../model/arc-features.ts';
import { FAMILY_ARC } from '../model/sound-families.ts';
import { EAR_CARDS, earQuestion } from './ear-cards.ts';
import { EAR_LESSONS } from './ear-lessons.ts';

const classOf = (setting: Parameters<typeof recordArc>[0], seed = 1): string =>
  arcClass(recordArc(setting, { seed, seconds: 2 }).features, setting);

describe('questions for the ear', () => {
  it('every card has a name of its own and an answer among its choices, whatever the seed', () => {
    expect(new Set(EAR_CARDS.map(({ id }) => id)).size).toBe(EAR_CARDS.length);
    fc.assert(
      fc.property(fc.constantFrom(...EAR_CARDS), fc.nat(1e6), ({ id, choices }, seed) => {
        const { truth, sounds } = earQuestion(id, seed);
        expect(choices).toContain(truth);
        expect(sounds).toHaveLength(id.startsWith('higher') ? 2 : 1);
      }),
      { numRuns: 40 },
    );
  });

  it('the truth of a level is what the arc does, by another seed too', () => {
    for (const id of ['level:cold:0.9', 'level:right:0.9', 'level:hot:0.8']) {
      const { sounds, truth } = earQuestion(id, 7);
      const arc = classOf(sounds[0]!.setting, 99);
      expect(LEVEL_OF[arc as keyof typeof LEVEL_OF]).toBe(truth);
    }
  });

  it('which of two is higher has the first right about as often as the second, and the volts say so', () => {
    const drawn = Array.from({ length: 60 }, (_, seed) => earQuestion('higher:1.5', seed));
    for (const { sounds, truth } of drawn) {
      const [a, b] = sounds.map(({ setting }) =>
        setting.source.kind === 'volts' ? setting.source.volts : 0,
      );
      expect(truth).toBe(a! > b! ? 'first' : 'second');
      expect(Math.abs(a! - b!)).toBeCloseTo(1.5, 9);
    }
    const first = drawn.filter(({ truth }) => truth === 'first').length;
    expect(first).toBeGreaterThan(15);
    expect(first).toBeLessThan(45);
  });

  it('another seed is another sound; the same seed the same', () => {
    expect(earQuestion('family:sizzle', 1)).toEqual(earQuestion('family:sizzle', 1));
    expect(earQuestion('family:sizzle', 1).sounds).not.toEqual(earQuestion('family:sizzle', 2).sounds);
  });

  it('a card that is none is refused', () => {
    expect(() => earQuestion('level:lukewarm:0.9', 1)).toThrow(/no card/);
  });
});

describe('lessons', () => {
  // Source: what the words of each step say must be what the model does.
  it('up the volts goes from stubbing through steady to long, and up the wire the other way', () => {
    const [volts, wire] = EAR_LESSONS.map(({ steps }) => steps.map(({ setting }) => classOf(setting)));
    expect(volts).toEqual([
      'stubbing',
      expect.stringMatching(/stubbing|crowding/),
      'steady',
      'steady',
      'ragged',
      'long',
    ]);
    expect(wire).toEqual(['popping', 'steady', 'steady', 'steady', 'crowding']);
  });

  it('modes are what they are called; gases at their own volts are steady, CO₂ at those of the mix is not', () => {
    const [, , modes, gases] = EAR_LESSONS.map(({ steps }) => steps.map(({ setting }) => classOf(setting)));
    expect(modes).toEqual(['steady', 'spray', 'pulse']);
    expect(gases).toEqual(['steady', 'steady', 'steady', 'crowding']);
  });

  it('the five families are the classes they stand for', () => {
    const classes = Object.fromEntries(Object.entries(FAMILY_ARC).map(([name, one]) => [name, classOf(one)]));
    expect(classes).toEqual({
      stubbing: 'stubbing',
      popping: 'popping',
      sizzle: 'steady',
      crackle: 'long',
      hiss: 'spray',
    });
  });
});
