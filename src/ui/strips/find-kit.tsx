'use client';

import { memo, useState } from 'react';
import { observedNow, stripKeys } from '@/core/model/observation-key';
import { kitEvidence } from '@/core/strips/evidence';
import { findKits, withStagger } from '@/core/strips/find-kit';
import { useJob } from '../job/provider';
import { useFactsWithUndo } from '../job/use-facts-with-undo';

const SURE = { sure: 'Certain', likely: 'Likely', possible: 'Possible' } as const;

/** Identifies the kit from what is known: nameplate, breakers, ohms, amps. Nothing goes on the Survey unasked. */
export const FindKit = memo(function FindKit() {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  const readings = useJob((job) => job.readings);
  const change = useFactsWithUndo();
  const guesses = findKits(kitEvidence(facts, confirmed, observedNow(facts, readings), stripKeys(facts)));
  const isSettled = guesses[0]?.sure === 'sure';
  const [showsAll, setShowsAll] = useState(false);
  const shown = isSettled && !showsAll ? guesses.slice(0, 1) : guesses;
  return (
    <section aria-label="What kit is it">
      <h2 className="mb-1 section-head">What kit is it?</h2>
      {guesses.length === 0 && (
        <p className="text-sm">
          Enter one of these: plate kW or breaker sizes (on the Survey), cold ohms, or volts and amps on the main feed
          with everything on.
        </p>
      )}
      <ol className="space-y-3">
        {shown.map((guess) => (
          <li key={guess.elementsKW.join()} className="border-b border-line pb-2">
            <div className="flex flex-wrap items-center gap-x-3">
              <b className="font-label text-xl">{SURE[guess.sure]}</b>
              <span className="font-mono">
                {guess.elementsKW.join(' + ')} = {guess.totalKW} kW
              </span>
              <button
                type="button"
                className="plain-button ml-auto"
                onClick={() => {
                  const value = withStagger(guess.elementsKW, facts.heatKit.elements);
                  change([{ path: 'heatKit.elements', value }], 'Elements entered on the Survey');
                }}
              >
                Use on the Survey
              </button>
            </div>
            {guess.because.length > 0 && <p className="text-sm">For it: {guess.because.join('; ')}.</p>}
            {guess.against.length > 0 && (
              <p className="text-sm font-medium text-fail">Against it: {guess.against.join('; ')}.</p>
            )}
          </li>
        ))}
      </ol>
      {shown.length < guesses.length && (
        <button type="button" className="bare-button px-1 text-sm text-link" onClick={() => setShowsAll(true)}>
          {guesses.length - shown.length} other possibilities
        </button>
      )}
    </section>
  );
});
