import { METRIC, US } from '../quantity/unit-choice.ts';
import { allInWords } from './all-in-words.ts';
import { amount } from './amount.ts';
import { inMetric, inWords } from './in-words.ts';
import { wordsOfMetricText } from './metric-text.ts';
import { midSentence, sentence } from './sentence.ts';
import { isPhrase, isSameWords, joined, type Words, words } from './words.ts';

const inUs = (text: Words): string => inWords(text, { units: US });

describe('a text with its quantities apart', () => {
  const back = words`Strip it ${amount.distance([25, 50])} back; ${3} times, ${'on both sides'}.`;

  it('is put into words in its reader’s units', () => {
    expect(inMetric(back)).toBe('Strip it 25 to 50 mm back; 3 times, on both sides.');
    expect(inUs(back)).toBe('Strip it 1 to 2 in back; 3 times, on both sides.');
  });

  it('is known by its pattern', () => {
    expect(back.code).toBe('Strip it {0} back; {1} times, {2}.');
    expect(back.values).toHaveLength(3);
  });

  it('can stand within another, begin a sentence or stand within one', () => {
    const leg = words`${amount.distance(4, 1)} leg`;
    expect(inMetric(words`One with a ${leg}.`)).toBe('One with a 4.0 mm leg.');
    expect(inMetric(sentence(words`grind ${leg}`))).toBe('Grind 4.0 mm leg');
    expect(inMetric(midSentence(words`Grind ${leg}`))).toBe('grind 4.0 mm leg');
    expect([sentence('grind'), midSentence('Grind')]).toEqual(['Grind', 'grind']);
  });

  it('is joined with others, and what is empty left out', () => {
    expect(inMetric(joined(['a', '', words`${amount.weight(2)}`], ', '))).toBe('a, 2 kg');
    expect(joined(['', 'only'])).toBe('only');
    expect(joined([])).toBe('');
    expect(inMetric(joined([amount.weight(2)]))).toBe('2 kg');
  });

  it('is the same as another of the same pattern and values', () => {
    const of = (mm: number): Words => words`${amount.distance(mm)} off`;
    expect(isSameWords(of(2), of(2))).toBe(true);
    expect(isSameWords(of(2), of(3))).toBe(false);
    expect(isSameWords('off', of(2))).toBe(false);
  });

  it('stays a pattern where a typed text looks like one', () => {
    expect(inMetric(words`${'{0} and {1}'} of ${'2'}`)).toBe('{0} and {1} of 2');
    expect(isPhrase({ code: 'arc', text: 'x' })).toBe(false);
  });

  it('is put into words wherever it stands in plain data', () => {
    const data = {
      code: 'arc',
      list: [back, 'plain', 3, null],
      of: { text: words`${amount.pressure(200)}` },
    };
    expect(allInWords(data, { units: US })).toEqual({
      code: 'arc',
      list: ['Strip it 1 to 2 in back; 3 times, on both sides.', 'plain', 3, null],
      of: { text: '2900 psi' },
    });
  });
});

/** A second language for a few texts, as a file of its own would hold it. */
const GERMAN: Readonly<Record<string, string>> = {
  'Strip it {0} back.': '{0} weit abbeizen.',
  '{0} leg': 'Schenkel {0}',
  'Leg as you gave it.': 'Schenkel wie angegeben.',
};

describe('another language', () => {
  const german = { units: METRIC, texts: GERMAN };

  it('is one list of texts by their English patterns', () => {
    expect(inWords(words`Strip it ${amount.distance([25, 50])} back.`, german)).toBe(
      '25 to 50 mm weit abbeizen.',
    );
    expect(inWords('Leg as you gave it.', german)).toBe('Schenkel wie angegeben.');
    expect(inWords(words`One. ${words`${amount.distance(4, 1)} leg`}`, german)).toBe('One. Schenkel 4.0 mm');
  });

  it('leaves English what it does not hold', () => {
    expect(inWords(words`Let it cool under ${amount.temperature(150)}.`, german)).toBe(
      'Let it cool under 150 °C.',
    );
  });
});

describe('a text kept in metric', () => {
  it.each([
    ['3 mm carbon steel tee, flat', '11 ga carbon steel tee, flat'],
    ['3 on 6 mm carbon steel lap, flat', '11 ga on ≈ 1/4 in carbon steel lap, flat'],
    ['7.3 m/min, 18.7 V', '287 in/min, 18.7 V'],
    ['0.8 mm ER70S-6 ≈ G3Si1', '.030 ER70S-6 ≈ G3Si1'],
    ['7.1–7.9 m/min', '280–311 in/min'],
    ['That is more than a full one holds (15 kg).', 'That is more than a full one holds (33.1 lb).'],
    ['gauge ± 6 bar, at 15 °C', 'gauge ± 87 psi, at 59 °F'],
    ['40×40 mm box', '1-9/16×1-9/16 in box'],
  ])('%s is read in inches as %s', (text, expected) => {
    expect(inUs(wordsOfMetricText(text))).toBe(expected);
    expect(inMetric(wordsOfMetricText(text))).toBe(text);
  });

  it.each(['no figures', 'Old Tom 3', 'ER70S-6', '1.5 mm² of it', 'A5 mm'])('%s stays as it is', (text) => {
    expect(inUs(wordsOfMetricText(text))).toBe(text);
  });
});
