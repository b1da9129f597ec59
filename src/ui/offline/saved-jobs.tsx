'use client';

import { useId, useState } from 'react';
import type { SavedJobSummary } from './device';

/** Lines rendered at once; more are found by name. */
const SHOWN = 30;

/** Jobs on this device, last used first, searchable by name. */
export const SavedJobs = ({
  lines,
  row,
}: {
  lines: readonly SavedJobSummary[];
  row: (line: SavedJobSummary) => React.ReactNode;
}) => {
  const field = useId();
  const [words, setWords] = useState('');
  if (lines.length === 0)
    return (
      <p className="py-6 text-quiet">
        No jobs on this device yet. Every job you open online is saved here automatically.
      </p>
    );
  const wanted = words.trim().toLowerCase();
  const found = wanted === '' ? lines : lines.filter(({ name }) => name.toLowerCase().includes(wanted));
  const more = found.length - SHOWN;
  return (
    <>
      {lines.length > SHOWN && (
        <div className="mt-2">
          <label htmlFor={field} className="eyebrow mb-1 block">
            Find a job on this device
          </label>
          <input
            id={field}
            type="search"
            value={words}
            onChange={({ target }) => setWords(target.value)}
            className="field-box w-full"
          />
        </div>
      )}
      <ul aria-label="Jobs on this device">{found.slice(0, SHOWN).map(row)}</ul>
      {more > 0 && <p className="mt-2 text-quiet">{more} more: type part of the name.</p>}
      {found.length === 0 && <p className="py-4 text-quiet">No job by that name on this device.</p>}
    </>
  );
};
