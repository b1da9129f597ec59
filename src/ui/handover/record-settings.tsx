'use client';

import { useMemo } from 'react';
import { CONTROLLER_ROLES, CONTROLLERS } from '@/core/job/controllers';
import { settingRecords } from '@/core/job/setting-marks';
import { useJob } from '../job/provider';
import { When } from '../when';

/** What was found, left and read back at each controller. */
export const RecordSettings = () => {
  const marks = useJob((job) => job.settingMarks);
  const records = useMemo(() => settingRecords(marks), [marks]);
  if (records.length === 0) return <p className="text-sm">Nothing set yet: Setup has a card for each controller.</p>;
  const times = marks.map(({ at }) => at).sort();
  return (
    <>
      <p className="text-sm">
        Set <When at={times[0]!} /> to <When at={times.at(-1)!} /> by{' '}
        {[...new Set(marks.map(({ author }) => author))].join(', ')}. Found, left, read back; every change is in the
        CSV.
      </p>
      <div className="gap-6 text-xs sm:columns-2 print:text-[7pt] print:leading-[1.12]">
        {CONTROLLER_ROLES.map((role) => {
          const own = records.filter(({ controller }) => controller === role);
          return own.length === 0 ? null : (
            <section key={role}>
              <h4 className="mt-1 break-after-avoid font-label text-sm font-semibold print:text-[8pt]">
                {CONTROLLERS[role]}
              </h4>
              <ul>
                {own.map(({ profile, code, label, found, left, readBack }) => (
                  <li
                    key={profile + code + label}
                    className="grid break-inside-avoid grid-cols-[3.5rem_minmax(0,1fr)_auto] gap-x-2 border-b border-line"
                  >
                    <span className="font-mono font-semibold">{code}</span>
                    <span>{label}</span>
                    <span className="text-right font-mono">
                      {found ? found.value : '·'} → <span className="font-semibold">{left ? left.value : '·'}</span>{' '}
                      {readBack === null ? (
                        <span className="text-quiet">not read back</span>
                      ) : readBack.value === left?.value ? (
                        '✓'
                      ) : (
                        <span className="font-semibold">reads {readBack.value}</span>
                      )}
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </div>
    </>
  );
};
