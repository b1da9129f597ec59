'use client';

import { seenValue } from '@/core/job/reading';
import type { PlannedItem } from '@/core/startup/planned';
import { GradeMark } from '../findings/grade-mark';
import { useItem } from './use-item';

/** Number of completed stages of a task; one more than all when it is done. */
const reached = ({ item: { stages = [] }, reading, isLiveAgain }: PlannedItem): number => {
  if (isLiveAgain || !reading) return 0;
  return reading.value === 'done'
    ? stages.length + 1
    : stages.findIndex(({ word }) => reading.value === seenValue(word)) + 1;
};

/** A task with separate stages: open, locked out, verified dead. */
const Stages = ({ planned, isLarge }: { planned: PlannedItem; isLarge: boolean }) => {
  const { keep } = useItem(planned);
  const { stages = [], label } = planned.item;
  const at = reached(planned);
  const all = [...stages.map(({ word, label: words }) => ({ words, value: seenValue(word) })), LAST];
  return (
    <span
      role="group"
      aria-label={label}
      className={`grid gap-1 ${isLarge ? 'grid-cols-1' : 'grid-cols-2 lg:grid-cols-4'}`}
    >
      {all.map(({ words, value }, stage) => (
        <button
          key={words}
          type="button"
          aria-pressed={at > stage}
          className={`plain-button justify-start gap-2 px-2 text-left leading-tight whitespace-normal aria-pressed:border-2 aria-pressed:border-pass aria-pressed:font-semibold ${isLarge ? 'h-18' : 'min-h-12'}`}
          // Undoing a completed stage returns to the one before.
          onClick={() => keep(at === stage + 1 ? (stage === 0 ? 'undone' : all[stage - 1]!.value) : value)}
        >
          <span aria-hidden>
            <GradeMark grade={at > stage ? 'pass' : 'open'} size={20} />
          </span>
          {words}
        </button>
      ))}
    </span>
  );
};

const LAST = { words: 'Verified dead; tester tested again, capacitors discharged', value: 'done' } as const;

/** The other outcome of a task: it stops the work. */
export const FailsButton = ({ planned }: { planned: PlannedItem }) => {
  const { keep } = useItem(planned);
  const { fails } = planned.item;
  if (!fails) return null;
  const value = seenValue(fails.word);
  return (
    <button
      type="button"
      aria-pressed={planned.reading?.value === value}
      className="plain-button mt-1 min-h-12 gap-2 text-fail aria-pressed:border-2 aria-pressed:border-fail aria-pressed:font-semibold"
      onClick={() => keep(value)}
    >
      <GradeMark grade="fail" size={18} />
      {fails.label}
    </button>
  );
};

/** A task to tick off; in stages if it has them. */
export const TickButton = ({ planned, isLarge = false }: { planned: PlannedItem; isLarge?: boolean }) => {
  const { keep, isDone } = useItem(planned);
  const { item, heldShut } = planned;
  if (item.stages) return <Stages planned={planned} isLarge={isLarge} />;
  return (
    <button
      type="button"
      role="checkbox"
      aria-checked={isDone}
      aria-label={item.label}
      disabled={heldShut !== null && !isDone}
      onClick={() => keep(isDone ? 'undone' : 'done')}
      className={
        isLarge
          ? 'plain-button h-18 w-full justify-start gap-3 text-xl aria-checked:border-2 aria-checked:border-pass'
          : 'flex min-h-12 w-full items-center gap-3 text-left'
      }
    >
      <GradeMark grade={isDone ? 'pass' : 'open'} size={isLarge ? 30 : 26} />
      {isLarge ? 'Done' : item.label}
    </button>
  );
};

/** Why a task is locked, or must be done again. */
export const TickBlocked = ({ planned: { heldShut, isLiveAgain } }: { planned: PlannedItem }) => (
  <>
    {isLiveAgain && (
      <p className="text-sm font-semibold text-fail">
        Read live since then. Verify dead again before you put your hands in.
      </p>
    )}
    {heldShut && <p className="text-sm font-semibold text-fail">{heldShut}</p>}
  </>
);
