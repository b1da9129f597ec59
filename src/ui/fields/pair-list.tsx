'use client';

import { Trash2 } from 'lucide-react';
import { useId, useState } from 'react';

interface PairListProps {
  readonly title: string;
  readonly one: string;
  readonly other: string;
  /** Maximum length of each. */
  readonly most: readonly [number, number];
  /** Connecting words for screen readers. */
  readonly between: string;
  readonly pairs: readonly (readonly [one: string, other: string])[];
  /** What is wrong with a pair, as a sentence; null if nothing. */
  readonly check?: (one: string, other: string) => string | null;
  readonly onChange: (pairs: readonly (readonly [one: string, other: string])[]) => void;
}

/** A short list of pairs: jumpers by letters, settings with values, appliances with VA. */
export const PairList = ({ title, one, other, most, between, pairs, check, onChange }: PairListProps) => {
  const [words, setWords] = useState<readonly [string, string]>(['', '']);
  const [why, setWhy] = useState<string | null>(null);
  const id = useId();
  const isWhole = words.every((word) => word.trim() !== '');
  return (
    <details className="border-b border-line" open={pairs.length > 0 || undefined}>
      <summary className="min-h-11 cursor-pointer py-2 text-link">
        {title}
        {pairs.length > 0 && ` (${pairs.length})`}
      </summary>
      <ul>
        {pairs.map(([first, second], at) => (
          <li key={`${at} ${first}`} className="flex items-center justify-between gap-2">
            <span>
              {first}
              {between}
              {second}
            </span>
            <button
              type="button"
              className="bare-button"
              aria-label={`Remove ${first}${between}${second}`}
              onClick={() => onChange(pairs.filter((_, index) => index !== at))}
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <form
        className="flex flex-wrap items-end gap-2 pb-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!isWhole) return;
          const problem = check?.(words[0], words[1]) ?? null;
          setWhy(problem);
          if (problem !== null) return;
          onChange([...pairs, [words[0].trim(), words[1].trim()]]);
          setWords(['', '']);
        }}
      >
        {([one, other] as const).map((label, at) => (
          <label key={label} htmlFor={`${id}${at}`} className="min-w-0 flex-1 basis-24">
            <span className="eyebrow block">{label}</span>
            <input
              id={`${id}${at}`}
              className="field-box w-full min-w-0"
              maxLength={most[at]}
              value={words[at]}
              onChange={(event) => setWords(at === 0 ? [event.target.value, words[1]] : [words[0], event.target.value])}
            />
          </label>
        ))}
        <button type="submit" className="plain-button" disabled={!isWhole}>
          Add
        </button>
        {why && (
          <p role="alert" className="basis-full font-medium text-fail">
            {why}
          </p>
        )}
      </form>
    </details>
  );
};
