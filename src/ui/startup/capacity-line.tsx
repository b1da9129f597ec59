'use client';

import type { MeasuredCapacity } from '@/core/startup/capacity';
import { roundTo } from '@/core/units/round';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { MeasuredShare } from './measured-share';

const thousands = (btuh: number) => roundTo(btuh / 1000, 1).toFixed(1);

const FROM = { rise: 'from strip temperature rise', setting: 'from the blower setting' } as const;

/** Measured heat pump capacity, and an offer to use it: never applied by itself. */
export const CapacityLine = ({ capacity }: { capacity: MeasuredCapacity }) => {
  const taken = useJob((job) => job.facts.proof.measuredShare);
  const setFact = useJob((job) => job.setFact);
  const degrees = useDegrees();
  return (
    <section aria-label="Capacity by airflow and temperature rise" className="mt-3 border-y border-line-strong py-2">
      {capacity.kind === 'measured' ? (
        <p>
          <b className="font-mono text-lg">{thousands(capacity.btuh)}</b> ± {thousands(capacity.spreadBtuh)} kBtu/h at{' '}
          {Math.round(capacity.cfm)} CFM {FROM[capacity.cfmFrom]}. Rated: {thousands(capacity.sheetBtuh)} at{' '}
          {degrees.text(capacity.outdoorF, 0)}. That is <b>{Math.round(capacity.share * 100)} %</b> of rated.
        </p>
      ) : (
        capacity.kind === 'refused' && (
          <p className="text-quiet">
            <b className="text-ink">Capacity cannot be figured from these readings.</b>{' '}
            <LocalizedDegrees>{capacity.why}</LocalizedDegrees>
          </p>
        )
      )}
      <div className="mt-1 flex flex-wrap items-center gap-2">
        {capacity.kind === 'measured' && capacity.share !== taken && (
          <button type="button" className="plain-button" onClick={() => setFact('proof.measuredShare', capacity.share)}>
            Use {Math.round(capacity.share * 100)} % of rated capacity for this house
          </button>
        )}
        <MeasuredShare />
      </div>
    </section>
  );
};
