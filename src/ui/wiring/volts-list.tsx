'use client';

import { useMemo } from 'react';
import { CALLS } from '@/core/control/moment';
import { DEVICE_LABELS } from '@/core/devices/device';
import { placeVolts } from '@/core/model/place-volts';
import type { Harness, TerminalRef } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { useJob } from '../job/provider';

interface VoltsListProps {
  readonly harness: Harness;
  readonly state: WiringState;
  /** Puts the meter's probes on a terminal and its common. */
  readonly onMeasure: (terminal: TerminalRef, common: TerminalRef) => void;
}

/** For a phone: by place, each terminal's expected volts under the call, and its reading. */
export const VoltsList = ({ harness, state, onMeasure }: VoltsListProps) => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const places = useMemo(() => placeVolts(facts, harness, state, readings), [facts, harness, state, readings]);
  return (
    <section aria-labelledby="volts-title">
      <h2 id="volts-title" className="part-head">
        Volts to C, {CALLS[state.moment.call].label.toLowerCase()}
      </h2>
      {places.map(({ device, terminals }) => (
        <div key={device}>
          <h3 className="eyebrow mt-2 border-b border-ink">{DEVICE_LABELS[device]}</h3>
          <ul>
            {terminals.map(({ ref, to, carries, volts, isHot, read }) => (
              <li key={ref.mark} className="border-b border-line">
                <button
                  type="button"
                  onClick={() => onMeasure(ref, to)}
                  className={`grid min-h-11 w-full grid-cols-[minmax(0,3.2rem)_minmax(0,1fr)_minmax(0,4.5rem)_minmax(0,4.5rem)] items-center gap-x-2 text-left ${isHot ? '' : 'text-quiet'}`}
                >
                  <span className="font-label text-xl font-semibold">
                    {to.mark === 'C' ? ref.mark : `${ref.mark}–${to.mark}`}
                  </span>
                  <span className="truncate text-sm">{carries}</span>
                  <span className="text-right font-mono text-lg">
                    {isHot ? (
                      <b className="border-b-4 border-saffron font-semibold text-ink">{volts.toFixed(1)}</b>
                    ) : (
                      Math.abs(volts).toFixed(0)
                    )}
                    <span className="sr-only"> volts expected</span>
                  </span>
                  <span className="text-right font-mono text-sm">
                    {typeof read === 'number' || read === 'OL' ? `read ${read}` : ''}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
};
