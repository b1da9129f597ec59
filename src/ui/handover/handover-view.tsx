'use client';

import { useMemo, useState } from 'react';
import { handoverRecord } from '@/core/handover/record';
import { recordDifferences } from '@/core/handover/record-differences';
import { recordOnScale } from '@/core/handover/record-on-scale';
import type { KeptHandover } from '@/core/handover/record-schema';
import { earlierReadings } from '@/core/job/earlier-visit';
import { useDegrees } from '../degrees';
import { PlainSelect } from '../fields/plain-select';
import { useJob } from '../job/provider';
import { useMoment } from '../job/use-moment';
import { VisitLine } from '../job/visit-line';
import { shownVisit } from '../job/visits';
import { timeWords, useIsOnDevice, When } from '../when';
import { HandoverActions } from './handover-actions';
import { RecordChanges } from './record-changes';
import { RecordPages } from './record-pages';

/** The record as it would be printed now. */
const useRecordNow = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  const readings = useJob((job) => job.readings);
  const settingMarks = useJob((job) => job.settingMarks);
  const visit = useJob(shownVisit);
  const saved = useJob((job) => job.saved);
  const moment = useMoment();
  return useMemo(
    () =>
      handoverRecord(
        { facts, confirmed, readings, settingMarks, visit, earlier: earlierReadings(saved, visit) },
        moment,
      ),
    [facts, confirmed, readings, settingMarks, visit, saved, moment],
  );
};

const LIVE = 'today';

/** The record of a job: as it stands, or as it was handed over, with what would be printed otherwise today. */
export const HandoverView = ({ handovers }: { handovers: readonly KeptHandover[] }) => {
  const today = useRecordNow();
  const { scale } = useDegrees();
  const isHandedOver = useJob((job) => job.saved.handedOverAt !== null);
  const [chosen, setChosen] = useState<string | null>(null);
  const last = handovers[0];
  const id = chosen ?? (isHandedOver && last ? last.id : LIVE);
  const kept = handovers.find((each) => each.id === id);
  const isOnDevice = useIsOnDevice();
  const differences = useMemo(() => (kept ? recordDifferences(kept.record, today) : []), [kept, today]);
  return (
    <div className="px-3 py-4 sm:px-6 print:p-0">
      <HandoverActions record={today} />
      <div className="no-print mx-auto mb-3 max-w-[52rem]">
        <VisitLine />
        {handovers.length > 0 && (
          <PlainSelect
            label="Record"
            value={id}
            options={[
              [LIVE, 'As it stands today'],
              ...handovers.map(({ id: each, handedOverAt, author }): [string, string] => [
                each,
                `Handed over ${isOnDevice ? timeWords(handedOverAt, 'day') : '…'}${author && ` by ${author}`}`,
              ]),
            ]}
            onChoose={setChosen}
          />
        )}
      </div>
      {isHandedOver && !last && (
        <p className="no-print mx-auto mb-4 max-w-[52rem] text-sm text-quiet">
          Handed over before records were kept as they were printed: this is how it reads today.
        </p>
      )}
      {kept && <RecordChanges differences={differences} />}
      <RecordPages
        record={recordOnScale(kept?.record ?? today, scale)}
        signed={
          kept && (
            <p className="text-sm print:text-[7pt] print:leading-none">
              Handed over <When at={kept.handedOverAt} />
              {kept.author && ` by ${kept.author}`}; kept as it was printed then, with version {kept.coreVersion}.
            </p>
          )
        }
      />
    </div>
  );
};
