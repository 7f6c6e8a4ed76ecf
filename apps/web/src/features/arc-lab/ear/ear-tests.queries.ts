import { contract } from '../../../api/contract.ts';
import type { KeptEarTest, NewEarTest } from '@hot-bead/contract/arc-lab';
import { listOf, queryOf, recordSpine } from '../../../commands/record-spine.ts';

const KEY = ['ear-tests'] as const;
const schema = async () => (await contract.arcLab()).keptEarTestSchema;
const earTests = recordSpine<KeptEarTest>({
  kind: 'ear-test',
  schema,
  path: ({ id }) => `/ear-tests/${id}`,
  touches: [KEY],
});

/** Everyone who took a test. */
export const learnersQuery = queryOf(
  [...KEY, 'learners'],
  '/learners',
  async () => (await contract.arcLab()).learnerListSchema,
);

/** Tests of one learner, the first first. */
export function earTestsQuery(learner: string) {
  return listOf([...KEY, 'of', learner], { path: '/ear-tests', asked: { learner } }, schema);
}

export const useKeepEarTest = () => earTests.useCreate<NewEarTest>('/ear-tests');
