'use client';

import { timeDoubt } from '@/core/job/in-time';
import { type Reading, readingHistory, seenWord } from '@/core/job/reading';
import { observed } from '@/core/model/observable';
import type { Degrees } from '@/core/units/degrees';
import { useDegrees } from '../degrees';
import { useJob } from '../job/provider';
import { shownVisit } from '../job/visits';
import { When } from '../when';

const wordsOf = (reading: Reading, unit: string, { say }: Degrees): string => {
  switch (reading.status) {
    case 'withdrawn':
      return 'withdrawn';
    case 'not-measured':
      return 'not measured';
    case 'taken':
      return say(`${seenWord(reading.value) ?? reading.value}${typeof reading.value === 'number' ? ` ${unit}` : ''}`);
  }
};

/** Everything said of an item on this visit, the last word first. */
export const ItemHistory = ({ item, unit, now }: { item: string; unit: string; now: number }) => {
  const all = useJob((job) => job.readings);
  const began = useJob((job) => shownVisit(job)?.began);
  const facts = useJob((job) => job.facts);
  const degrees = useDegrees();
  const history = readingHistory(observed(facts, all), item);
  if (history.length === 0) return null;
  return (
    <ul aria-label="What was said of it" className="text-xs text-quiet">
      {history.map((reading, at) => (
        <li key={reading.id} className={at === 0 ? '' : 'line-through decoration-1'}>
          <span className="font-mono">{wordsOf(reading, unit, degrees)}</span>
          {reading.status !== 'taken' && `: ${reading.why}`} · <When at={reading.at} />
          {reading.author && ` · ${reading.author}`}
          {reading.instrument && ` · ${reading.instrument}`}
          {reading.note && ` · ${reading.note}`}
          {timeDoubt(reading, now, began) && <b className="text-warn"> · {timeDoubt(reading, now, began)}</b>}
        </li>
      ))}
    </ul>
  );
};
