'use client';

import { useEffect, useState } from 'react';
import { factAt, type FactPath } from '@/core/job/document';
import { factWords } from '@/core/job/fact-words';
import type { PastChange } from '@/core/job/past-change';
import type { Answer } from '@/core/sync/answer';
import { useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { DateText } from '../kit/date-text';
import { call } from '../requests/api';

const Changes = ({ path, changes }: { path: FactPath; changes: readonly PastChange[] }) => {
  const { say } = useDegrees();
  if (changes.length === 0) return <p className="text-quiet">No changes.</p>;
  const words = (value: unknown) => say(factWords(factAt(path), value));
  return (
    <ol className="space-y-2">
      {changes.map(({ before, after, author, at }, number) => (
        <li key={number}>
          <span className="text-quiet">
            <DateText at={at} />
            {author && ` · ${author}`}
          </span>
          <span className="block">
            {words(before)} → <b>{words(after)}</b>
          </span>
        </li>
      ))}
    </ol>
  );
};

/** Changes of a fact: who, when, from, to. Loaded when opened. */
export const FactPast = ({ path }: { path: FactPath }) => {
  const jobId = useJob((job) => job.saved.id);
  const [answer, setAnswer] = useState<Answer<{ changes: readonly PastChange[] }> | null>(null);
  useEffect(() => {
    let isShown = true;
    void call<{ changes: readonly PastChange[] }>(`/api/jobs/${jobId}/history?fact=${encodeURIComponent(path)}`).then(
      (given) => isShown && setAnswer(given),
    );
    return () => {
      isShown = false;
    };
  }, [jobId, path]);
  return (
    <section aria-label="History" className="max-h-60 overflow-y-auto">
      {answer === null && <p className="text-quiet">Loading …</p>}
      {answer?.kind === 'ok' && <Changes path={path} changes={answer.value.changes} />}
      {answer !== null && answer.kind !== 'ok' && <p className="text-fail">{answer.error}</p>}
    </section>
  );
};
