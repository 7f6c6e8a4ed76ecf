import type { KeptEarTest, NewEarTest } from '@hot-bead/contract';
import { queryOptions, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { useCommand } from '../../commands/use-command.ts';

const readTest = readBy<KeptEarTest>((contract) => contract.keptEarTestSchema);

/** Everyone who took a test. */
export const learnersQuery = queryOptions({
  queryKey: ['ear-tests', 'learners'],
  queryFn: () =>
    api(
      'GET',
      '/learners',
      readBy((contract) => contract.learnerListSchema),
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
        readBy((contract) => contract.earTestListSchema),
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
