'use client';

import { useMemo } from 'react';
import type { SimulatedDay } from '@/core/simulation/day/simulated-days';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { Strip } from './strip';
import { LEARNED_ROW, stripRows } from './strip-rows';

/** Rows of a compared plan: what runs, and the room. */
const BESIDE = new Set(['compressor', 'furnace', 'strips', 'defrost', 'room']);

/** The lanes of a day, and of each plan that it is compared with. */
export const DayLanes = ({ days, onMove }: { days: readonly SimulatedDay[]; onMove: (atMin: number) => void }) => {
  const facts = useJob((job) => job.facts);
  const rows = useMemo(() => stripRows(facts), [facts]);
  return (
    <>
      {days.map((each, at) => (
        <div key={each.id} className={at > 0 ? 'mt-3 border-t-2 border-ink pt-1' : ''}>
          {days.length > 1 && (
            <h3 className="font-label text-lg font-semibold">
              <LocalizedDegrees>{each.label}</LocalizedDegrees>
            </h3>
          )}
          <Strip
            label={at === 0 ? 'Run' : `Run: ${each.label}`}
            run={each.run}
            rows={[
              ...(at === 0 ? rows : rows.filter(({ id }) => BESIDE.has(id))),
              ...(each.program.learning === null ? [] : [LEARNED_ROW]),
            ]}
            events={days[0]!.events}
            onMove={onMove}
          />
        </div>
      ))}
    </>
  );
};
