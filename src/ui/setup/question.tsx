'use client';

import { useMemo } from 'react';
import type { FactPath } from '@/core/job/document';
import { type AnswerEffect, answerEffects } from '@/core/setup/answers';
import { useDegrees } from '../degrees/degrees';
import { FactField } from '../fields/fact-field';
import { useJob } from '../job/provider';

/**
 * The effects worth reading: the given answer with what it sets, each other answer with what it would change. An answer
 * that changes nothing, or sets only itself (°F: °F), is left out.
 */
const newsOf = (effects: readonly AnswerEffect[]): readonly AnswerEffect[] => {
  const now = effects.find(({ isCurrent }) => isCurrent);
  const isNew = (id: string, words: string) => now?.sets.find((each) => each.id === id)?.words !== words;
  return effects
    .map((effect) => ({
      ...effect,
      sets: effect.sets.filter(
        ({ id, words }) =>
          words.toLowerCase() !== effect.answer.toLowerCase() && (effect.isCurrent || isNew(id, words)),
      ),
    }))
    .filter(({ sets }) => sets.length > 0);
};

/** A homeowner question, and what each answer sets. */
export const Question = ({ path }: { path: FactPath }) => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  const { say } = useDegrees();
  const effects = useMemo(() => newsOf(answerEffects({ facts, confirmed }, path)), [facts, confirmed, path]);
  return (
    <li className="border-b border-line py-3 md:grid md:grid-cols-2 md:gap-x-8">
      <FactField path={path} />
      <ul aria-label="What it sets" className="mt-2 space-y-1 pl-4 text-sm md:mt-0 md:pt-1 md:pl-0">
        {effects.map(({ answer, isCurrent, sets }) => (
          <li
            key={answer}
            aria-current={isCurrent}
            className={`border-l-4 pl-2 ${isCurrent ? 'border-ink' : 'border-transparent text-quiet'}`}
          >
            <span className={isCurrent ? 'font-semibold' : ''}>{say(answer)}</span>
            {' → '}
            {sets.map(({ label, words }) => `${label} ${say(words)}`).join(' · ')}
          </li>
        ))}
      </ul>
    </li>
  );
};
