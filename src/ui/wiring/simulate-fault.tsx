'use client';

import { useMemo } from 'react';
import { conditionsOf } from '@/core/control/conditions';
import { parseScenario, scenarioCode, withCondition } from '@/core/control/scenario';
import type { Harness } from '@/core/wiring/harness';
import { scenarioWords } from '@/core/wiring/scenario-words';
import { useJob } from '../job/provider';

/** The present simulation: an outside condition, or faults; and how to end it. */
export const SimulateFault = ({ harness }: { harness: Harness }) => {
  const facts = useJob((job) => job.facts);
  const scenario = useJob((job) => job.moment.scenario);
  const setMoment = useJob((job) => job.setMoment);
  const code = scenarioCode(scenario);
  const conditions = conditionsOf(facts);
  const words = useMemo(() => scenarioWords(facts, harness, scenario), [facts, harness, scenario]);
  const isListed = code === '' || conditions.some(({ id }) => id === code);
  return (
    <label className="block">
      <span className="eyebrow">Simulate</span>
      <select
        className="field-box w-full"
        value={code}
        onChange={(event) => setMoment({ scenario: parseScenario(event.target.value) })}
      >
        <option value="">No fault</option>
        {conditions.map(({ id, label }) => (
          <option key={id} value={scenarioCode(withCondition(id))}>
            {label}
          </option>
        ))}
        {!isListed && <option value={code}>{words || 'Not on this system'}</option>}
      </select>
    </label>
  );
};
