import type { EarAnswer } from '@hot-bead/contract/arc-lab';
import { EAR_CARDS, type EarCard } from '@hot-bead/core/arc-lab';
import { seededRandom } from '@hot-bead/core/base';
import { type Card, createEmptyCard, fsrs, Rating } from 'ts-fsrs';

/** Questions of one test, and how many of them may be asked for the first time. */
export const QUESTIONS = 10;
const NEW_MOST = 6;

const scheduler = fsrs({ enable_fuzz: false });

/** Where a card stands with a learner. */
export interface CardState {
  readonly card: EarCard;
  /** When it is to be asked again; undefined: it was never asked. */
  readonly due: Date | undefined;
  readonly answered: number;
  readonly right: number;
}

/** Where every card stands after all that was answered, in the order that it was. */
export function cardStates(answers: readonly EarAnswer[]): readonly CardState[] {
  const states = new Map<string, { memory: Card; answered: number; right: number }>();
  for (const { card, truth, said, at } of answers) {
    const when = new Date(at);
    const { memory, answered, right } = states.get(card) ?? {
      memory: createEmptyCard(when),
      answered: 0,
      right: 0,
    };
    const isRight = truth === said;
    const next = scheduler.next(memory, when, isRight ? Rating.Good : Rating.Again);
    states.set(card, { memory: next.card, answered: answered + 1, right: right + (isRight ? 1 : 0) });
  }
  return EAR_CARDS.map((card) => {
    const state = states.get(card.id);
    return {
      card,
      due: state?.memory.due,
      answered: state?.answered ?? 0,
      right: state?.right ?? 0,
    };
  });
}

/** How many cards are to be asked by now. */
export function dueCount(states: readonly CardState[], now: Date): number {
  return states.filter(({ due }) => due !== undefined && due <= now).length;
}

function shuffled<T>(list: readonly T[], seed: number): readonly T[] {
  const random = seededRandom(seed);
  return list
    .map((one) => ({ one, at: random() }))
    .toSorted((a, b) => a.at - b.at)
    .map(({ one }) => one);
}

/** What is asked in the next test: what is due, then a few new ones, then what is due soonest. */
export function nextTest(states: readonly CardState[], now: Date, seed: number): readonly EarCard[] {
  const asked = states
    .filter((one): one is CardState & { readonly due: Date } => one.due !== undefined)
    .toSorted((a, b) => a.due.getTime() - b.due.getTime());
  const due = asked.filter((one) => one.due <= now);
  const fresh = states.filter((one) => one.due === undefined).slice(0, NEW_MOST);
  const later = asked.filter((one) => one.due > now);
  const chosen = [...due, ...fresh, ...later].slice(0, QUESTIONS).map(({ card }) => card);
  return shuffled(chosen, seed);
}

/** How often each truth was said to be each: rows and columns in the order of the choices. */
export interface Confusion {
  readonly choices: readonly string[];
  readonly counts: readonly (readonly number[])[];
}

/** What is taken for what, among the cards of a kind. */
export function confusionOf(answers: readonly EarAnswer[], kind: EarCard['kind']): Confusion {
  const ofKind = EAR_CARDS.filter((card) => card.kind === kind);
  const ids = new Set(ofKind.map(({ id }) => id));
  const choices = ofKind[0]?.choices ?? [];
  const mine = answers.filter(({ card }) => ids.has(card));
  const counts = choices.map((truth) =>
    choices.map((said) => mine.filter((one) => one.truth === truth && one.said === said).length),
  );
  return { choices, counts };
}
