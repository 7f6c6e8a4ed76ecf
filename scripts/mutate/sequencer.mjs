import Sequencer from '@jest/test-sequencer';

/** Quick tests first: most wrongs are found by them. */
export default class QuickestFirst extends Sequencer {
  sort(tests) {
    const times = JSON.parse(process.env.HOT_BEAD_TEST_TIMES ?? '{}');
    return [...tests].toSorted((a, b) => (times[a.path] ?? 0) - (times[b.path] ?? 0));
  }
}
