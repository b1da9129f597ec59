'use client';

import { Popover } from 'radix-ui';
import { useState } from 'react';
import { factAt, type FactPath } from '@/core/job/document';
import { factWords } from '@/core/job/fact-words';
import type { PastChange } from '@/core/job/past-change';
import { type Answer, call } from '../api';
import { useJob } from '../job/provider';
import { When } from '../when';

const Changes = ({ path, answer }: { path: FactPath; answer: Answer<{ changes: readonly PastChange[] }> | null }) => {
  if (answer === null) return <p className="text-quiet">Asking …</p>;
  if (answer.kind !== 'ok') return <p className="text-fail">{answer.error}</p>;
  const { changes } = answer.value;
  if (changes.length === 0) return <p>Nobody has changed it.</p>;
  const words = (value: unknown) => factWords(factAt(path), value);
  return (
    <ol className="space-y-2">
      {changes.map(({ before, after, author, at }) => (
        <li key={at + String(after)}>
          <span className="text-quiet">
            <When at={at} />
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

/** Who changed a fact, when, from what, to what. Asked for when it is opened. */
export const FactPast = ({ path }: { path: FactPath }) => {
  const jobId = useJob((job) => job.saved.id);
  const [answer, setAnswer] = useState<Answer<{ changes: readonly PastChange[] }> | null>(null);
  const ask = async (isOpen: boolean) => {
    setAnswer(null);
    if (isOpen) setAnswer(await call(`/api/jobs/${jobId}/history?fact=${encodeURIComponent(path)}`));
  };
  return (
    <Popover.Root onOpenChange={(isOpen) => void ask(isOpen)}>
      <Popover.Trigger className="bare-button no-print -my-2 px-1 text-sm text-quiet underline decoration-dotted underline-offset-4">
        history<span className="sr-only"> of {factAt(path).label}</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={2}
          collisionPadding={12}
          className="z-30 max-h-80 max-w-80 overflow-y-auto rounded border border-line-strong bg-sheet p-3 text-sm shadow-md"
        >
          <Changes path={path} answer={answer} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
};
