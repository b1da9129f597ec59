'use client';

import { PUT_BACK_ITEM } from '@/core/diagnosis/recorded-items';
import { useSaveReading } from '../job/use-save-reading';
import { usePutBack } from './use-put-back';

/** What was changed for the night and must be restored before handover. */
export const PutBack = () => {
  const list = usePutBack();
  const keep = useSaveReading(PUT_BACK_ITEM);
  if (list.length === 0) return null;
  return (
    <section aria-labelledby="back-title" className="caution-sign mb-4">
      <h2 id="back-title" className="font-label text-xl font-semibold">
        Put back before handover
      </h2>
      <ul className="list-disc pl-5">
        {list.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <button type="button" className="plain-button mt-2 min-h-12" onClick={() => keep('done')}>
        Everything is back
      </button>
    </section>
  );
};
