'use client';

import { useMemo } from 'react';
import { conditionsOf } from '@/core/control/conditions';
import { parseScenario, scenarioCode, withCondition } from '@/core/control/scenario';
import type { Harness } from '@/core/wiring/harness';
import { scenarioWords } from '@/core/wiring/scenario-words';
import { useJob } from '../job/provider';
import { LabeledSelect } from '../kit/labeled-select';

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
    <LabeledSelect
      label="Simulate"
      value={code}
      options={[
        { value: '', label: 'No fault' },
        ...conditions.map(({ id, label }) => ({ value: scenarioCode(withCondition(id)), label })),
        ...(isListed ? [] : [{ value: code, label: words || 'Not on this system' }]),
      ]}
      onChoose={(next) => setMoment({ scenario: parseScenario(next) })}
    />
  );
};
