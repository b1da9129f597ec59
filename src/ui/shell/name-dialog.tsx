'use client';

import { useState } from 'react';
import { unnamedCount } from '@/core/sync/job/state';
import { useJob } from '../job/provider';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';

/** Names of those who worked on the job before, latest first. */
const useKnownNames = (): string[] => {
  const saved = useJob((job) => job.saved);
  const done = [...saved.readings, ...saved.settingMarks].sort((a, b) => b.at.localeCompare(a.at));
  return [...new Set([...done.map(({ author }) => author), ...saved.visits.map(({ author }) => author)])]
    .filter((name) => name.trim() !== '')
    .slice(0, 4);
};

/**
 * Asks once per device who is working, when something was entered before anyone said so. Entries are kept meanwhile,
 * and sent under the given name.
 */
export const NameDialog = () => {
  const waiting = useJob(unnamedCount);
  const sign = useJob((job) => job.sign);
  const [isPut, setPut] = useState(false);
  const [name, setName] = useState('');
  const known = useKnownNames();
  if (waiting === 0) return null;
  const things = waiting === 1 ? 'One entry waits' : `${waiting} entries wait`;
  if (isPut)
    return (
      <p role="status" className="no-print flex items-center gap-3 border-b border-line bg-warn-wash px-4 py-1 text-sm">
        {things} for your name. Tell us who you are.
        <button type="button" className="plain-button" onClick={() => setPut(false)}>
          Enter your name
        </button>
      </p>
    );
  return (
    <DialogFrame
      title="Who is working?"
      about={<>{things} for a name. You are asked once per device.</>}
      onClose={() => setPut(true)}
    >
      <form
        className="mt-3 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim()) sign(name.trim());
        }}
      >
        <input
          aria-label="Your name"
          autoFocus
          autoComplete="name"
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
          className="field-box min-w-0 flex-1 text-lg"
        />
        <button type="submit" className="strong-button" disabled={!name.trim()}>
          Save name
        </button>
      </form>
      {known.length > 0 && (
        <div className="mt-3 flex flex-wrap gap-2">
          {known.map((each) => (
            <button key={each} type="button" className="plain-button" onClick={() => sign(each)}>
              {each}
            </button>
          ))}
        </div>
      )}
      <DialogClose className="bare-button mt-3 px-2 text-link">Later</DialogClose>
    </DialogFrame>
  );
};
