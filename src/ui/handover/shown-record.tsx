'use client';

import { useMemo, useState } from 'react';
import { recordDifferences } from '@/core/handover/record-differences';
import { recordOnScale } from '@/core/handover/record-on-scale';
import { useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { VisitLine } from '../job/visit-line';
import { DateText, timeWords, useIsOnDevice } from '../kit/date-text';
import { LabeledSelect } from '../kit/labeled-select';
import { useHandovers } from './handovers';
import { RecordChanges } from './record-changes';
import { RecordPages } from './record-pages';
import { useRecordNow } from './use-record-now';

const LIVE = 'today';

/** A job's record: present, or as handed over, with differences if printed today. */
export const ShownRecord = () => {
  const handovers = useHandovers();
  const today = useRecordNow();
  const { scale } = useDegrees();
  const isHandedOver = useJob((job) => job.saved.handedOverAt !== null);
  const [chosen, setChosen] = useState<string | null>(null);
  const last = handovers.find(({ imported }) => !imported) ?? handovers[0];
  const id = chosen ?? (isHandedOver && last ? last.id : LIVE);
  const kept = handovers.find((each) => each.id === id);
  const isOnDevice = useIsOnDevice();
  const differences = useMemo(() => (kept ? recordDifferences(kept.record, today) : []), [kept, today]);
  return (
    <>
      <div className="no-print mx-auto mb-3 max-w-[52rem]">
        <VisitLine />
        {handovers.length > 0 && (
          <LabeledSelect
            label="Record"
            place="beside"
            value={id}
            options={[
              { value: LIVE, label: 'As it reads today' },
              ...handovers.map(({ id: each, handedOverAt, author, imported }) => ({
                value: each,
                label: `${imported ? 'Imported: signed elsewhere' : 'Handed over'} ${isOnDevice ? timeWords(handedOverAt, 'day') : '…'}${author && ` by ${author}`}`,
              })),
            ]}
            onChoose={setChosen}
          />
        )}
      </div>
      {isHandedOver && !last && (
        <p className="no-print mx-auto mb-4 max-w-[52rem] text-sm text-quiet">
          Handed over before records were frozen; this is how it reads today.
        </p>
      )}
      {kept && <RecordChanges differences={differences} />}
      <RecordPages
        record={recordOnScale(kept?.record ?? today, scale)}
        signed={
          kept && (
            <p className="text-sm print:text-[7pt] print:leading-none">
              {kept.imported ? 'Signed elsewhere' : 'Handed over'} <DateText at={kept.handedOverAt} />
              {kept.author && ` by ${kept.author}`}; saved as it was printed then, with version {kept.coreVersion}.
              {kept.imported && (
                <>
                  {' '}
                  <b>
                    Not signed here: {kept.imported.from}, imported by {kept.imported.by}{' '}
                    <DateText at={kept.imported.at} />.
                  </b>
                </>
              )}
            </p>
          )
        }
      />
    </>
  );
};
