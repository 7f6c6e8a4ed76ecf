import type { EarAnswer } from '@hot-bead/contract/arc-lab';
import { EAR_CARDS } from '@hot-bead/core/arc-lab';
import { seededRandom } from '@hot-bead/core/base';

/** A learner of the demo shop: how often each kind is right at first and at last. Both are made up. */
interface DemoEar {
  readonly learner: string;
  readonly seed: number;
  readonly tests: number;
  readonly daysAgo: number;
  readonly rightAtFirst: number;
  readonly rightAtLast: number;
}

const EARS: readonly DemoEar[] = [
  { learner: 'Wren Halloway', seed: 3, tests: 9, daysAgo: 24, rightAtFirst: 0.5, rightAtLast: 0.9 },
  { learner: 'Osric Pell', seed: 8, tests: 4, daysAgo: 9, rightAtFirst: 0.4, rightAtLast: 0.65 },
];
const ANSWERS = 10;
const DAY_MS = 86_400_000;
const ANSWER_APART_MS = 12_000;

/** Tests of the demo's learners: the answers as they might have been given up to now. */
export function demoEarTests(
  nowMs: number,
): readonly { readonly learner: string; readonly answers: readonly EarAnswer[] }[] {
  return EARS.flatMap(({ learner, seed, tests, daysAgo, rightAtFirst, rightAtLast }) => {
    const random = seededRandom(seed);
    return Array.from({ length: tests }, (_, test) => {
      const share = rightAtFirst + ((rightAtLast - rightAtFirst) * test) / (tests - 1);
      const began = nowMs - daysAgo * DAY_MS + (test * (daysAgo - 1) * DAY_MS) / tests;
      const answers = Array.from({ length: ANSWERS }, (__, i): EarAnswer => {
        const card = EAR_CARDS[Math.floor(random() * EAR_CARDS.length)] ?? EAR_CARDS[0];
        if (!card) throw new Error('there are no cards');
        const { id, choices } = card;
        const [, first = ''] = id.split(':');
        const truth = choices.includes(first)
          ? first
          : (choices[Math.floor(random() * choices.length)] ?? first);
        // who is wrong takes a neighbour
        const at = choices.indexOf(truth);
        const near = choices[at + 1] ?? choices[at - 1] ?? truth;
        return {
          card: id,
          truth,
          said: random() < share ? truth : near,
          at: new Date(began + i * ANSWER_APART_MS).toISOString(),
        };
      });
      return { learner, answers };
    });
  });
}
