'use client';

import type { MeasuredCapacity } from '@/core/startup/capacity';
import { roundTo } from '@/core/units/round';
import { Said, useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { MeasuredShare } from './measured-share';

const thousands = (btuh: number) => roundTo(btuh / 1000, 1).toFixed(1);

const FROM = { rise: 'by the strips’ rise', setting: 'as the blower is set' } as const;

/** What the heat pump gives by its air, and the offer to work with it: never taken over by itself. */
export const CapacityLine = ({ capacity }: { capacity: MeasuredCapacity }) => {
  const taken = useJob((job) => job.facts.proof.measuredShare);
  const setFact = useJob((job) => job.setFact);
  const degrees = useDegrees();
  return (
    <section aria-label="Capacity by the air" className="mt-3 border-y border-line-strong py-2">
      {capacity.kind === 'measured' ? (
        <p>
          <b className="font-mono text-lg">{thousands(capacity.btuh)}</b> ± {thousands(capacity.spreadBtuh)} kBtu/h by{' '}
          {Math.round(capacity.cfm)} CFM {FROM[capacity.cfmFrom]}. The sheet has {thousands(capacity.sheetBtuh)} at{' '}
          {degrees.text(capacity.outdoorF, 0)}: <b>{Math.round(capacity.share * 100)} %</b> of it.
        </p>
      ) : (
        capacity.kind === 'refused' && (
          <p className="text-quiet">
            <b className="text-ink">No capacity from this reading.</b> <Said>{capacity.why}</Said>
          </p>
        )
      )}
      <div className="mt-1 flex flex-wrap items-center gap-2">
        {capacity.kind === 'measured' && capacity.share !== taken && (
          <button type="button" className="plain-button" onClick={() => setFact('proof.measuredShare', capacity.share)}>
            Work out this house with {Math.round(capacity.share * 100)} %
          </button>
        )}
        <MeasuredShare />
      </div>
    </section>
  );
};
