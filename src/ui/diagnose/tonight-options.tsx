'use client';

import { useEffect, useState } from 'react';
import { OUTDOOR_BOUNDS_F } from '@/core/control/moment';
import { NO_SAFE_HEAT } from '@/core/diagnosis/no-safe-heat';
import { TONIGHT_ITEM, undoNote } from '@/core/diagnosis/recorded-items';
import type { TonightOption } from '@/core/diagnosis/tonight';
import { seenValue } from '@/core/job/reading';
import { LocalizedDegrees } from '../degrees/degrees';
import { NumberBox } from '../fields/number-box';
import { useJob } from '../job/provider';
import { useSaveReading } from '../job/use-save-reading';
import type { AskTonight } from './use-diagnosis';

const holdsWords = ({ holdsF, hoursTo45 }: TonightOption): string =>
  hoursTo45 === null
    ? `holds ${Math.round(holdsF)} °F`
    : hoursTo45 < 0.5
      ? 'gets cold right away'
      : `down to 45 °F in ${Math.round(hoursTo45)} h`;

const Way = ({ way, cause, isBest }: { way: TonightOption; cause: string; isBest: boolean }) => {
  const keep = useSaveReading(TONIGHT_ITEM);
  return (
    <li className="border-b border-line py-2">
      <p className="flex flex-wrap items-baseline justify-between gap-x-3">
        <span className={isBest ? 'font-semibold' : ''}>{way.words}</span>
        <span className="font-mono">
          <LocalizedDegrees>{holdsWords(way)}</LocalizedDegrees>
        </span>
      </p>
      <p className="text-sm text-quiet">
        {(way.heatBtuh / 1000).toFixed(1)} kBtu/h, ${way.nightCost.toFixed(2)} for twelve hours.{' '}
        {way.undo.length > 0 && `To put back: ${way.undo.join('; ')}.`}
      </p>
      <details>
        <summary className="min-h-11 cursor-pointer py-2 text-sm text-link">How</summary>
        <ul className="list-disc pl-5 text-sm">
          {way.how.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
        <button
          type="button"
          className="plain-button mt-2 min-h-12"
          onClick={() => keep(seenValue(`${way.id}|${cause}`), null, { note: undoNote(way.undo) })}
        >
          Set up for tonight
        </button>
      </details>
    </li>
  );
};

/** If the part is not on the truck: the most heat that is safe tonight, and what to restore later. */
export const TonightOptions = ({ cause, ask }: { cause: string; ask: AskTonight }) => {
  const facts = useJob((job) => job.facts);
  const [isOpen, setOpen] = useState(false);
  const [tonightF, setTonightF] = useState(facts.house.designOutdoorF);
  const [ways, setWays] = useState<readonly TonightOption[] | null>(null);
  useEffect(() => {
    if (!isOpen) return;
    let isCurrent = true;
    void ask(cause, tonightF).then((answer) => isCurrent && setWays(answer));
    return () => {
      isCurrent = false;
    };
  }, [isOpen, ask, cause, tonightF]);
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-link">
        Can’t fix it tonight? The most heat until the part comes
      </summary>
      <div className="max-w-48">
        <NumberBox
          label="Tonight’s low"
          value={tonightF}
          unit="°F"
          step={1}
          min={OUTDOOR_BOUNDS_F[0]}
          max={OUTDOOR_BOUNDS_F[1]}
          onCommit={(value) => typeof value === 'number' && setTonightF(value)}
        />
      </div>
      <p className="text-sm text-quiet">None of these bypasses a limit, link, interlock or safety.</p>
      {ways?.length === 0 && (
        <ul aria-label="No safe heat" className="my-2 list-disc border-l-4 border-fail pl-7">
          {NO_SAFE_HEAT.map((line, at) => (
            <li key={line} className={at === 0 ? 'font-semibold text-fail' : ''}>
              <LocalizedDegrees>{line}</LocalizedDegrees>
            </li>
          ))}
        </ul>
      )}
      <ul aria-label="Options for tonight">
        {ways?.map((way, at) => (
          <Way key={way.id} way={way} cause={cause} isBest={at === 0} />
        ))}
      </ul>
    </details>
  );
};
