'use client';

import { useMemo } from 'react';
import type { Moment } from '@/core/control/moment';
import { roomNote, type Trace, traceCall } from '@/core/wiring/trace';
import { LocalizedDegrees } from '../degrees/degrees';
import { useModel } from '../job/deferred-model';
import { SOURCE_COLOR } from '../theme/source-colors';

const STATUS = { runs: 'on', stopped: 'does not pull in', chatters: 'chatters' } as const;
const SIGN = { passes: '│', stops: '✕', beyond: '┆' } as const;

const TraceSteps = ({ steps }: Pick<Trace, 'steps'>) => {
  const stop = steps.findIndex(({ passes, kind }) => !passes && kind !== 'coil');
  return (
    <ol className="mb-2 ml-1 text-sm">
      {steps.map((step, at) => {
        const is = stop >= 0 && at > stop ? 'beyond' : step.passes || step.kind === 'coil' ? 'passes' : 'stops';
        return (
          <li
            key={`${step.id} ${at}`}
            className={`grid grid-cols-[1.2rem_1fr_3.2rem] items-baseline gap-x-1 ${is === 'beyond' ? 'text-quiet' : ''} ${is === 'stops' ? 'font-semibold' : ''}`}
          >
            <span
              aria-hidden
              className={`text-center font-mono ${is === 'stops' ? 'text-fail' : is === 'passes' ? 'text-saffron' : ''}`}
            >
              {SIGN[is]}
            </span>
            <span>
              <LocalizedDegrees>{step.words}</LocalizedDegrees>
              {is === 'stops' && (
                <span className="block font-normal text-fail">
                  Stops here: <LocalizedDegrees>{step.why ?? ''}</LocalizedDegrees>
                </span>
              )}
            </span>
            <span className="text-right font-mono text-xs">{step.volts.toFixed(1)} V</span>
          </li>
        );
      })}
    </ol>
  );
};

/** The current path through each coil of the call, and where it stops. */
export const TraceList = ({ moment }: { moment: Moment }) => {
  const { facts, sound, harness, state: stateAt } = useModel();
  const state = stateAt(moment);
  const traces = useMemo(() => traceCall(facts, sound, harness, state), [facts, sound, harness, state]);
  const note = roomNote(facts, moment);
  return (
    <section aria-label="Trace">
      <h2 className="mb-1 part-head">Trace</h2>
      {note && <p className="mb-2 border-l-4 border-warn pl-2 text-sm">{note}</p>}
      {traces.length === 0 && <p className="text-quiet">This call energizes nothing.</p>}
      {traces.map(({ coil, device, status, steps, held }) => (
        <details key={`${device} ${coil.id}`} open={status !== 'runs'} className="border-b border-line">
          <summary className="flex min-h-11 flex-wrap items-center gap-x-2">
            <span
              aria-hidden
              className="size-3"
              style={{
                background: status === 'runs' ? SOURCE_COLOR[coil.source] : 'transparent',
                border: `2px solid ${SOURCE_COLOR[coil.source]}`,
              }}
            />
            <b className="font-label text-lg">{coil.label}</b>
            <span className={status === 'runs' ? 'text-quiet' : 'font-semibold text-fail'}>{STATUS[status]}</span>
          </summary>
          {held.map((why) => (
            <p key={why} className="mb-1 border-l-4 border-ember pl-2 text-sm font-medium">
              <LocalizedDegrees>{why}</LocalizedDegrees>
            </p>
          ))}
          <TraceSteps steps={steps} />
        </details>
      ))}
    </section>
  );
};
