'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import { NOT_LOADED } from '../kit/lazy-popup';
import { toast } from '../kit/toast';
import { whenIdle } from '../loading/idle';
import type { NewJobDialog, SampleChoice } from './new-job-dialog';

export type { SampleChoice };

const dialog = whenIdle(() => import('./new-job-dialog'));

/** Asks for a name and the six most important facts, and opens the new job. */
export const NewJob = ({ samples }: { samples: readonly SampleChoice[] }) => {
  const [Opened, setOpened] = useState<typeof NewJobDialog | null>(null);
  const open = () =>
    void dialog().then(
      (part) => setOpened(() => part.NewJobDialog),
      () => toast.error(NOT_LOADED),
    );
  return (
    <>
      <button type="button" className="strong-button" onClick={open}>
        <Plus size={18} aria-hidden /> New job
      </button>
      {Opened && <Opened samples={samples} onClose={() => setOpened(null)} />}
    </>
  );
};
