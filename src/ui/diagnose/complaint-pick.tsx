'use client';

import { complaintsOf } from '@/core/diagnosis/complaints';
import { COMPLAINT_ITEM } from '@/core/diagnosis/recorded-items';
import { seenValue } from '@/core/job/reading';
import { useJob } from '../job/provider';
import { useSaveReading } from '../job/use-save-reading';

/** Complaints in the homeowner's words; a tap starts the diagnosis. */
export const ComplaintPick = ({ chosen, onChosen }: { chosen: string | null; onChosen: () => void }) => {
  const facts = useJob((job) => job.facts);
  const keep = useSaveReading(COMPLAINT_ITEM);
  return (
    <section aria-labelledby="complaint-title">
      <h2 id="complaint-title" className="part-head">
        What is the complaint?
      </h2>
      <p className="mb-2 text-quiet">
        Pick the closest. No complaint? Start from a reading: anything entered on Startup or Strips counts here too.
      </p>
      <ul className="grid gap-1.5 sm:grid-cols-2">
        {complaintsOf(facts).map(({ id, words }) => (
          <li key={id}>
            <button
              type="button"
              aria-pressed={chosen === id}
              className="plain-button h-full min-h-12 w-full justify-start px-3 text-left whitespace-normal aria-pressed:border-2 aria-pressed:border-ink aria-pressed:font-semibold"
              onClick={() => {
                keep(seenValue(id));
                onChosen();
              }}
            >
              “{words}”
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
};
