'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { questionsOf } from '@/core/setup/answers';
import { useJob } from '../job/provider';
import { Question } from './question';
import { SetupTabs } from './setup-tabs';

export const TalkPage = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  const id = useJob((job) => job.saved.id);
  const questions = useMemo(() => questionsOf({ facts, confirmed }), [facts, confirmed]);
  const answered = questions.filter((path) => confirmed.has(path)).length;
  return (
    <div className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
      <SetupTabs />
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 className="page-head">Homeowner questions</h2>
        <p className="font-mono text-sm text-quiet">
          {answered} of {questions.length} answered
        </p>
      </div>
      <p className="max-w-prose text-quiet">
        A few minutes with the people who live here. Anything you skip keeps its assumed answer; you can go on without
        it.
      </p>
      <ul className="mt-2">
        {questions.map((path) => (
          <Question key={path} path={path} />
        ))}
      </ul>
      <Link className="strong-button mt-5" href={`/jobs/${id}/setup`} prefetch={false}>
        Go to Settings
      </Link>
    </div>
  );
};
