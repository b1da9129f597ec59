'use client';

import { useState } from 'react';
import { factAt, type FactPath, factValue, sameValue } from '@/core/job/document';
import { factWords } from '@/core/job/fact-words';
import { FACT_GROUP_LABELS } from '@/core/job/facts';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { DateText } from '../kit/date-text';
import { DialogFrame } from '../kit/dialog-frame';

const nameOf = (path: FactPath) =>
  `${FACT_GROUP_LABELS[path.split('.')[0] as keyof typeof FACT_GROUP_LABELS]}: ${factAt(path).label}`;

/** Both versions side by side after a conflict; nothing is kept or dropped before a choice. */
export const StaleDialog = () => {
  const theirs = useJob((job) => job.theirs);
  const pending = useJob((job) => job.pending);
  const settle = useJob((job) => job.settleStale);
  const [takeTheirs, setTakeTheirs] = useState<ReadonlySet<FactPath>>(new Set());
  if (!theirs) return null;
  const differing = (Object.keys(pending) as FactPath[]).filter(
    (path) => !sameValue(pending[path], factValue(theirs.document.facts, path)),
  );
  const choose = (path: FactPath, isTheirs: boolean) => {
    const next = new Set(takeTheirs);
    if (isTheirs) next.add(path);
    else next.delete(path);
    setTakeTheirs(next);
  };
  const done = () => {
    settle(differing.filter((path) => !takeTheirs.has(path)));
    setTakeTheirs(new Set());
  };
  return (
    <DialogFrame
      title="Changed on another device"
      about={
        <>
          {theirs.updatedBy ? `${theirs.updatedBy} saved` : 'Another tab or device saved'} this job{' '}
          <DateText at={theirs.updatedAt} />. Nothing was overwritten. For each line, choose which value to keep.
        </>
      }
      isWide
    >
      <ul className="mt-4 divide-y divide-line border-y border-line">
        {differing.map((path) => (
          <li key={path} className="py-3">
            <fieldset>
              <legend className="eyebrow">{nameOf(path)}</legend>
              {(['yours', 'saved'] as const).map((side) => (
                <label key={side} className="flex min-h-11 items-center gap-3">
                  <input
                    type="radio"
                    name={path}
                    checked={takeTheirs.has(path) === (side === 'saved')}
                    onChange={() => choose(path, side === 'saved')}
                    className="size-5 accent-[var(--ink)]"
                  />
                  <span className="w-28 shrink-0 text-quiet">{side === 'yours' ? 'Entered here' : 'Saved there'}</span>
                  <span className="font-mono">
                    <LocalizedDegrees>
                      {factWords(
                        factAt(path),
                        side === 'yours' ? pending[path] : factValue(theirs.document.facts, path),
                      )}
                    </LocalizedDegrees>
                  </span>
                </label>
              ))}
            </fieldset>
          </li>
        ))}
        {differing.length === 0 && <li className="py-3">No conflict left: the values match.</li>}
      </ul>
      <button type="button" onClick={done} className="strong-button mt-5">
        Save my choices
      </button>
    </DialogFrame>
  );
};
