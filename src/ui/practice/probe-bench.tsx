'use client';

import { useState } from 'react';
import type { Metering, ProbedDevice } from '@/core/diagnosis/probes/free';
import { METERS } from '@/core/model/observable';
import { sameRef, type TerminalRef } from '@/core/wiring/harness';

type Lead = 'red' | 'black';
type Held = Readonly<Record<Lead, TerminalRef | null>>;

const OTHER: Readonly<Record<Lead, Lead>> = { red: 'black', black: 'red' };

interface ProbesProps {
  readonly points: readonly ProbedDevice[];
  /** Ohms with power off; else volts. */
  readonly isOhms: boolean;
  readonly isBusy: boolean;
  readonly onMeter: (held: Metering) => void;
}

/** Two probes on any two points here; then read the meter. */
export const ProbeBench = ({ points, isOhms, isBusy, onMeter }: ProbesProps) => {
  const [held, setHeld] = useState<Held>({ red: null, black: null });
  const [inHand, setInHand] = useState<Lead>('red');
  const isHere = (ref: TerminalRef | null) =>
    ref !== null &&
    points.some(({ id, points: own }) => id === ref.device && own.some(({ mark }) => mark === ref.mark));
  const red = isHere(held.red) ? held.red : null;
  const black = isHere(held.black) ? held.black : null;
  const said = (ref: TerminalRef | null) => {
    const device = points.find(({ id }) => id === ref?.device);
    const point = device?.points.find(({ mark }) => mark === ref?.mark);
    return device && point ? `${device.label} ${point.words}` : 'not placed';
  };
  const hold = (ref: TerminalRef) => {
    setHeld({ red, black, [inHand]: ref });
    setInHand(OTHER[inHand]);
  };
  const onIt = (ref: TerminalRef): Lead | null => (sameRef(red, ref) ? 'red' : sameRef(black, ref) ? 'black' : null);
  const read = (by: Metering['by'], words: string) => (
    <button
      type="button"
      className="strong-button"
      disabled={isBusy || !red || !black}
      onClick={() => red && black && onMeter({ red, black, by })}
    >
      {words}
    </button>
  );
  return (
    <div className="grid grid-cols-1 gap-3">
      <div role="group" aria-label="Probe in hand" className="grid grid-cols-2 gap-2">
        {(['red', 'black'] as const).map((lead) => (
          <button
            key={lead}
            type="button"
            aria-pressed={inHand === lead}
            className="min-h-11 min-w-0 rounded border-2 border-line-strong bg-sheet px-3 py-1 text-left aria-pressed:bg-ink aria-pressed:text-paper"
            onClick={() => setInHand(lead)}
          >
            <span className="block text-sm">{lead === 'red' ? 'Red probe' : 'Black probe'}</span>
            <span className="block font-mono text-sm break-words">{said(lead === 'red' ? red : black)}</span>
          </button>
        ))}
      </div>
      {points.map(({ id, label, points: own }) => (
        <div key={id} role="group" aria-label={`Terminals: ${label}`}>
          <p className="eyebrow">{label}</p>
          <div className="flex flex-wrap gap-1.5">
            {own.map(({ mark, words }) => {
              const lead = onIt({ device: id, mark });
              return (
                <button
                  key={mark}
                  type="button"
                  aria-label={`${label} ${words}${lead ? `, ${lead} probe` : ''}`}
                  className="min-h-11 min-w-11 rounded border-2 border-line-strong bg-sheet px-2 font-mono data-[lead]:bg-ink data-[lead]:text-paper"
                  data-lead={lead ?? undefined}
                  onClick={() => hold({ device: id, mark })}
                >
                  {words}
                  {lead && <span className="block font-sans text-sm">{lead}</span>}
                </button>
              );
            })}
          </div>
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        {isOhms ? (
          read('ohms', 'Read ohms')
        ) : (
          <>
            {read('high', 'Read volts')}
            {read('low', `Read volts, ${METERS.low.label.toLowerCase()}`)}
          </>
        )}
      </div>
    </div>
  );
};
