import type { EarAnswer } from '@hot-bead/contract/arc-lab';
import type { EarCard } from '@hot-bead/core/arc-lab';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { Button, ButtonLink } from '../../../ui/button.tsx';
import { Notice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { PageTitle } from '../../../ui/page/page-title.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { EarTestRun } from './ear-test.tsx';
import { earTestsQuery, useKeepEarTest } from './ear-tests.queries.ts';
import { Progress } from './progress.tsx';
import { cardStates, dueCount, nextTest } from './schedule.ts';

interface Running {
  readonly cards: readonly EarCard[];
  readonly seed: number;
}

/** How a test went, until it is kept. */
function Ended({
  answers,
  isKept,
  problem,
  onRetry,
}: {
  readonly answers: readonly EarAnswer[];
  readonly isKept: boolean;
  readonly problem: string | undefined;
  readonly onRetry: () => void;
}) {
  const right = answers.filter(({ truth, said }) => truth === said).length;
  return (
    <div role="status">
      <p className="figure-text text-[40px] leading-tight">
        {right} of {answers.length} right
      </p>
      {isKept ? (
        <p>Kept. What was wrong comes again first.</p>
      ) : (
        <>
          {problem !== undefined && <p className="text-hot">▲ {problem}</p>}
          <Button onClick={onRetry}>Not kept yet: try again</Button>
        </>
      )}
    </div>
  );
}

/** One learner: the next test, and how the ear gets on. */
export function LearnerPage() {
  const { learnerId: learner = '' } = useParams();
  const { data: tests, error } = useQuery(earTestsQuery(learner));
  const keep = useKeepEarTest();
  const [running, setRunning] = useState<Running>();
  const [ended, setEnded] = useState<readonly EarAnswer[]>();
  const [isKept, setKept] = useState(false);
  const states = useMemo(() => cardStates((tests ?? []).flatMap(({ answers }) => answers)), [tests]);
  const send = (answers: readonly EarAnswer[]): void =>
    keep.mutate({ learner, answers }, { onSuccess: () => setKept(true) });
  const begin = (): void => {
    const now = new Date();
    const seed = now.getTime() % 1e9;
    setEnded(undefined);
    setKept(false);
    setRunning({ cards: nextTest(states, now, seed), seed });
  };
  const end = (answers: readonly EarAnswer[]): void => {
    setRunning(undefined);
    setEnded(answers);
    send(answers);
  };
  if (error)
    return (
      <Notice level={1} title="The tests could not be read">
        {error.message}
      </Notice>
    );
  if (!tests) return <PageSkeleton />;
  const due = dueCount(states, new Date());
  const fresh = states.filter((one) => one.due === undefined).length;
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle actions={<ButtonLink to="/lab/ear">Lessons and learners</ButtonLink>}>{learner}</PageTitle>
      <Section id="test" title="By ear">
        {running ? (
          <EarTestRun key={running.seed} {...running} onEnd={end} />
        ) : (
          <div className="grid grid-cols-1 gap-3">
            {ended && (
              <Ended
                answers={ended}
                isKept={isKept}
                problem={keep.error?.message}
                onRetry={() => send(ended)}
              />
            )}
            <p>
              {due} of {states.length} sounds are due, {fresh} were never asked. They are drawn anew each
              time: they cannot be learnt by heart.
            </p>
            <Button
              tone={ended ? 'plain' : 'main'}
              className="min-h-14 justify-self-start px-8 text-lg"
              onClick={begin}
            >
              {ended ? 'Ten more' : 'Begin: ten questions'}
            </Button>
          </div>
        )}
      </Section>
      {!running && tests.length > 0 && (
        <Section id="progress" title="How the ear gets on">
          <Progress tests={tests} />
        </Section>
      )}
    </div>
  );
}
