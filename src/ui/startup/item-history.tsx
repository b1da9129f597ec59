'use client';

import { useMemo } from 'react';
import { countersignWords, isCorrection } from '@/core/job/countersign';
import { earlierReadings } from '@/core/job/earlier-visit';
import { timeDoubt } from '@/core/job/in-time';
import { type Reading, readingHistory, seenWord } from '@/core/job/reading';
import { observed, observedNow } from '@/core/model/observation-key';
import { valueWords } from '@/core/startup/item-value';
import type { PlannedItem } from '@/core/startup/planned';
import type { Item } from '@/core/startup/step';
import type { Degrees } from '@/core/units/degrees';
import { useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { shownVisit } from '../job/visits';
import { DateText, timeWords, useIsOnDevice } from '../kit/date-text';

const wordsOf = (reading: Reading, item: Item, { say }: Degrees): string => {
  switch (reading.status) {
    case 'withdrawn':
      return 'withdrawn';
    case 'not-measured':
      return 'not measured';
    case 'taken':
      return say(seenWord(reading.value) ?? valueWords(item, reading.value));
  }
};

/** The item's reading on the comparison visit: about a year ago, or the nearest to that. */
const Earlier = ({ planned: { key, item } }: { planned: PlannedItem }) => {
  const facts = useJob((job) => job.facts);
  const saved = useJob((job) => job.saved);
  const shown = useJob(shownVisit);
  const degrees = useDegrees();
  const isOnDevice = useIsOnDevice();
  const reading = useMemo(() => observedNow(facts, earlierReadings(saved, shown)).get(key), [facts, saved, shown, key]);
  if (typeof reading?.value !== 'number' || !isOnDevice) return null;
  return (
    <p className="text-xs text-quiet">
      {timeWords(reading.at, 'day')}:{' '}
      <span className="font-mono font-semibold">{degrees.say(valueWords(item, reading.value))}</span>
    </p>
  );
};

/** All entries on an item on this visit, latest first; then its reading a year ago. */
export const ItemHistory = ({ planned, now }: { planned: PlannedItem; now: number }) => {
  const all = useJob((job) => job.readings);
  const began = useJob((job) => shownVisit(job)?.began);
  const facts = useJob((job) => job.facts);
  const degrees = useDegrees();
  const lines = readingHistory(observed(facts, all), planned.key);
  // A countersigned reading is listed once, with its countersignature.
  const again = new Set(lines.filter((line) => !isCorrection(line)).map(({ replaces }) => replaces));
  const history = lines.filter(({ id }) => !again.has(id));
  const replaced = new Set(history.map(({ replaces }) => replaces));
  return (
    <>
      {history.length > 0 && (
        <ul aria-label="Notes and history" className="text-xs text-quiet">
          {history.map((reading) => (
            <li key={reading.id} className={replaced.has(reading.id) ? 'line-through decoration-1' : ''}>
              <span className="font-mono">{wordsOf(reading, planned.item, degrees)}</span>
              {reading.status !== 'taken' && `: ${reading.why}`} · <DateText at={reading.at} />
              {reading.author && ` · ${reading.author}`}
              {reading.instrument && ` · ${reading.instrument}`}
              {reading.note && ` · ${reading.note}`}
              {reading.countersign !== null && ` · ${countersignWords(reading)}`}
              {timeDoubt(reading, now, began) && <b className="text-warn"> · {timeDoubt(reading, now, began)}</b>}
            </li>
          ))}
        </ul>
      )}
      <Earlier planned={planned} />
    </>
  );
};
