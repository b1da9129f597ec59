'use client';

import { useMemo } from 'react';
import { NO_FAULTS } from '@/core/control/scenario';
import { scenarioWords } from '@/core/wiring/scenario-words';
import { useModel } from '../job/deferred-model';
import { useJob } from '../job/provider';

/** The wiring simulation in words, shown where readings are judged without it; and how to end it. */
export const SimulatedWords = () => {
  const { facts, harness, scenario } = useModel();
  const setMoment = useJob((job) => job.setMoment);
  const words = useMemo(() => scenarioWords(facts, harness, scenario), [facts, harness, scenario]);
  return (
    <p role="note" className="my-2 border-l-4 border-ember pl-2 text-sm">
      <b>Simulating: {words || 'a fault this system cannot have'}.</b> What you would read is shown below the expected
      value. Readings are judged as for a good system.{' '}
      <button
        type="button"
        className="bare-button -my-2 px-1 text-link"
        onClick={() => setMoment({ scenario: NO_FAULTS })}
      >
        End simulation
      </button>
    </p>
  );
};
