'use client';

import { useMemo } from 'react';
import type { Moment } from '@/core/control/moment';
import { capital } from '@/core/units/capital';
import { differences } from '@/core/wiring/differences';
import { asPlannedState } from '@/core/wiring/state';
import { LocalizedDegrees } from '../degrees/degrees';
import { useModel } from '../job/deferred-model';
import { usePoint } from './point';

/** As-found differences from the plan, move by move, each with its own effect. */
export const DifferencesList = ({ moment }: { moment: Moment }) => {
  const { facts, harness, planned, sound, supply } = useModel();
  const onPoint = usePoint();
  const found = useMemo(
    () => (harness === planned ? [] : differences(facts, sound, harness, asPlannedState(moment), supply)),
    [facts, sound, harness, planned, moment, supply],
  );
  return (
    <section aria-label="Differences">
      <h2 className="mb-1 part-head">As-found differences from plan</h2>
      {found.length === 0 && <p className="text-quiet">None: the wiring matches the plan.</p>}
      <ul>
        {found.map(({ id, words, effects }) => (
          <li key={id} className="border-b border-line py-1.5">
            <button type="button" className="bare-button -ml-2 px-2 text-left font-medium" onClick={() => onPoint(id)}>
              <LocalizedDegrees>{capital(words)}</LocalizedDegrees>
            </button>
            {effects.length === 0 ? (
              <p className="text-sm text-quiet">By itself, this changes no operation.</p>
            ) : (
              <ul className="list-disc pl-5 text-sm">
                {effects.map((effect) => (
                  <li key={effect}>{effect}</li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
};
