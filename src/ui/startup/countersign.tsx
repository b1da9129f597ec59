'use client';

import { waitingWords } from '@/core/job/countersign';
import type { Reading } from '@/core/job/reading';
import { useJob } from '../job/provider';
import { useAtWork, useMay } from '../person/at-work';

/** An apprentice's readings that need a countersignature; a technician signs for the displayed step, or for all. */
export const Countersign = ({ waiting, keys }: { waiting: readonly Reading[]; keys: readonly string[] }) => {
  const countersign = useJob((job) => job.countersign);
  const { me } = useAtWork();
  const mayCountersign = useMay('countersign');
  const here = waiting.filter(({ item }) => keys.includes(item));
  const sign = (which: typeof waiting) => () => countersign(which, me);
  return (
    <div className="my-2 flex flex-wrap items-center gap-x-3 gap-y-1 bg-warn-wash px-2 py-1 text-sm" role="status">
      <span className="min-w-0 flex-1 basis-48 font-medium">
        {waitingWords(waiting.length)} {!mayCountersign && 'Only a technician or the crew lead can do that.'}
      </span>
      {mayCountersign && here.length > 0 && here.length < waiting.length && (
        <button type="button" className="plain-button" onClick={sign(here)}>
          Countersign this step’s {here.length}
        </button>
      )}
      {mayCountersign && (
        <button type="button" className="plain-button" onClick={sign(waiting)}>
          {waiting.length === 1 ? 'Countersign it' : `Countersign all ${waiting.length}`}
        </button>
      )}
    </div>
  );
};
