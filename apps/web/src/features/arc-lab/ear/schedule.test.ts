import type { EarAnswer } from '@hot-bead/contract/arc-lab';
import { EAR_CARDS } from '@hot-bead/core/arc-lab';
import { cardStates, confusionOf, dueCount, nextTest, QUESTIONS } from './schedule.ts';

const at = (day: number): string => new Date(Date.UTC(2026, 2, day, 9)).toISOString();
const answer = (card: string, truth: string, answer: string, day: number): EarAnswer => ({
  card,
  truth,
  said: answer,
  at: at(day),
});

describe('what is asked next', () => {
  it('a newcomer gets new cards only, no two alike', () => {
    const cards = nextTest(cardStates([]), new Date(at(1)), 1);
    expect(cards.length).toBeGreaterThan(4);
    expect(new Set(cards).size).toBe(cards.length);
  });

  it('what was right again and again comes later each time; what was wrong comes at once', () => {
    const right = (days: readonly number[]) =>
      cardStates(days.map((day) => answer('family:sizzle', 'sizzle', 'sizzle', day))).find(
        ({ card }) => card.id === 'family:sizzle',
      )!.due!;
    const once = right([1]).getTime() - Date.parse(at(1));
    const thrice = right([1, 2, 5]).getTime() - Date.parse(at(5));
    expect(thrice).toBeGreaterThan(4 * 86_400_000);
    expect(thrice).toBeGreaterThan(once);
    const wrong = cardStates([
      answer('family:sizzle', 'sizzle', 'sizzle', 1),
      answer('family:sizzle', 'sizzle', 'sizzle', 2),
      answer('family:sizzle', 'sizzle', 'hiss', 9),
    ]).find(({ card }) => card.id === 'family:sizzle')!;
    expect(wrong.due!.getTime() - Date.parse(at(9))).toBeLessThan(3_600_000);
    expect(wrong).toMatchObject({ answered: 3, right: 2 });
  });

  it('what is due is asked before what is new; a test is never longer than ten', () => {
    const answers = EAR_CARDS.slice(0, 12).map(({ id, choices }) => answer(id, choices[0]!, choices[1]!, 1));
    const states = cardStates(answers);
    const now = new Date(at(4));
    expect(dueCount(states, now)).toBe(12);
    const cards = nextTest(states, now, 3);
    expect(cards).toHaveLength(QUESTIONS);
    const due = new Set(EAR_CARDS.slice(0, 12).map(({ id }) => id));
    expect(cards.every(({ id }) => due.has(id))).toBe(true);
  });
});

describe('what is taken for what', () => {
  it('counts truths by what was said, of one kind only', () => {
    const { choices, counts } = confusionOf(
      [
        answer('level:cold:0.9', 'cold', 'cold', 1),
        answer('level:cold:0.8', 'cold', 'right', 1),
        answer('level:hot:0.9', 'hot', 'hot', 1),
        answer('family:hiss', 'hiss', 'hiss', 1),
      ],
      'level',
    );
    expect(choices).toEqual(['cold', 'right', 'hot']);
    expect(counts).toEqual([
      [1, 1, 0],
      [0, 0, 0],
      [0, 0, 1],
    ]);
  });
});
