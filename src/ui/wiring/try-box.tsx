'use client';

import { conditionsOf } from '@/core/control/conditions';
import type { NamedFault } from '@/core/wiring/fault';
import { useJob } from '../job/provider';

/** What is being tried: a condition from outside, or a fault; and the way back. */
export const TryBox = ({ fault }: { fault: NamedFault | undefined }) => {
  const facts = useJob((job) => job.facts);
  const trying = useJob((job) => job.moment.trying);
  const setMoment = useJob((job) => job.setMoment);
  return (
    <label className="block">
      <span className="eyebrow">Try</span>
      <select
        className="field-box w-full"
        value={trying ?? ''}
        onChange={(event) => setMoment({ trying: event.target.value || null })}
      >
        <option value="">Nothing wrong</option>
        {conditionsOf(facts).map(({ id, label }) => (
          <option key={id} value={id}>
            {label}
          </option>
        ))}
        {fault && <option value={fault.id}>{fault.words}</option>}
      </select>
    </label>
  );
};
