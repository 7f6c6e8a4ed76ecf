import { contract } from '../../../api/contract.ts';
import type { KeptEarTest, NewEarTest } from '@hot-bead/contract/arc-lab';
import { queryOptions, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../../api/client.ts';
import { useCommand } from '../../../commands/use-command.ts';

const readTest = readBy<KeptEarTest>(async () => (await contract.arcLab()).keptEarTestSchema);

/** Everyone who took a test. */
export const learnersQuery = queryOptions({
  queryKey: ['ear-tests', 'learners'],
  queryFn: () =>
    api(
      'GET',
      '/learners',
      readBy(async () => (await contract.arcLab()).learnerListSchema),
    ),
});

/** Tests of one learner, the first first. */
export function earTestsQuery(learner: string) {
  return queryOptions({
    queryKey: ['ear-tests', 'of', learner],
    queryFn: () =>
      api(
        'GET',
        `/ear-tests?learner=${encodeURIComponent(learner)}`,
        readBy(async () => (await contract.arcLab()).earTestListSchema),
      ),
  });
}

export function useKeepEarTest() {
  const client = useQueryClient();
  return useCommand({
    send: (test: NewEarTest, command) =>
      api('POST', '/ear-tests', readTest, { body: { id: command, ...test }, command }),
    onDone: () => {
      void client.invalidateQueries({ queryKey: ['ear-tests'] });
      void client.invalidateQueries({ queryKey: ['events'] });
    },
  });
}
