import { LEARNER_LETTERS_MOST } from '@hot-bead/contract/arc-lab';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../../ui/button.tsx';
import { Field } from '../../../ui/form/field.tsx';
import { PageSkeleton } from '../../../ui/page/notices.tsx';
import { PageTitle } from '../../../ui/page/page-title.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { learnersQuery } from './ear-tests.queries.ts';
import { Lessons } from './lessons.tsx';

function NewLearner() {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [error, setError] = useState<string>();
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        const learner = name.trim();
        if (learner === '') setError('Whose ear is it? Any name will do.');
        else void navigate(`/lab/ear/${encodeURIComponent(learner)}`);
      }}
    >
      <Field
        label="Somebody else"
        className="w-64"
        value={name}
        maxLength={LEARNER_LETTERS_MOST}
        error={error}
        onChange={(event) => {
          setName(event.target.value);
          setError(undefined);
        }}
      />
      <Button type="submit">Begin</Button>
    </form>
  );
}

function Learners() {
  const { data, error } = useQuery(learnersQuery);
  if (error) return <p className="text-hot">{error.message} Lessons can be heard all the same.</p>;
  if (!data) return <PageSkeleton />;
  return (
    <div className="grid grid-cols-1 gap-3">
      {data.length === 0 && (
        <p>Nobody has taken a test yet. Type a name and begin; ten questions take two minutes.</p>
      )}
      <ul className="grid grid-cols-1 gap-3 sm:grid-cols-2 lg:grid-cols-3">
        {data.map(({ learner, tests, answers, right }) => (
          <li key={learner}>
            <Link
              to={`/lab/ear/${encodeURIComponent(learner)}`}
              className="flex min-h-14 items-center justify-between gap-3 rounded-md border border-line-strong p-3 hover:border-action"
            >
              <span>
                <span className="block text-lg font-semibold">{learner}</span>
                <span className="text-sm text-ink-soft">
                  {tests} {tests === 1 ? 'test' : 'tests'}, {answers} answers
                </span>
              </span>
              <span className="figure-text text-2xl">{Math.round((100 * right) / answers)} %</span>
            </Link>
          </li>
        ))}
      </ul>
      <NewLearner />
    </div>
  );
}

/** Lessons for the ear, and tests for whoever learns. */
export function EarPage() {
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle actions={<ButtonLink to="/lab">Arc lab</ButtonLink>}>Train the ear</PageTitle>
      <Section id="learners" title="Whose ear?">
        <Learners />
      </Section>
      <Section id="lessons" title="Lessons">
        <p className="mb-2 text-sm text-ink-soft">
          ◆ Simulated sound of short arc on steel: it teaches the order of things. Your machine, gun and shop
          sound different.
        </p>
        <Lessons />
      </Section>
    </div>
  );
}
