'use client';

import { useJob } from '../job/provider';

/** Says that a measured capacity is in use, with a button to return to the rated one. */
export const MeasuredShare = () => {
  const taken = useJob((job) => job.facts.proof.measuredShare);
  const setFact = useJob((job) => job.setFact);
  if (taken === null) return null;
  return (
    <>
      <span>Balance point, backup and ruler use {Math.round(taken * 100)} % of rated capacity, as measured.</span>
      <button type="button" className="plain-button" onClick={() => setFact('proof.measuredShare', null)}>
        Use rated capacity again
      </button>
    </>
  );
};
