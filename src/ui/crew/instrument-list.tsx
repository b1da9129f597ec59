'use client';

import { Plus, Trash2 } from 'lucide-react';
import type { Instrument } from '@/core/instrument/calibration';

/** The crew's instruments with calibration dates. */
export const InstrumentList = ({
  instruments,
  onChange,
}: {
  instruments: readonly Instrument[];
  onChange: (instruments: readonly Instrument[]) => void;
}) => {
  const change = (at: number, next: Partial<Instrument>) =>
    onChange(instruments.map((each, number) => (number === at ? { ...each, ...next } : each)));
  return (
    <>
      <ul aria-label="Instruments">
        {instruments.map(({ name, calibratedUntil }, at) => (
          <li key={at} className="flex flex-wrap items-end gap-x-3 gap-y-1 border-b border-line py-1">
            <label className="grid min-w-0 flex-1 basis-48">
              <span className="eyebrow">Instrument</span>
              <input
                value={name}
                maxLength={50}
                onChange={(event) => change(at, { name: event.target.value })}
                className="field-box min-h-11"
              />
            </label>
            <label className="grid">
              <span className="eyebrow">Calibrated until</span>
              <input
                type="date"
                value={calibratedUntil ?? ''}
                onChange={(event) => change(at, { calibratedUntil: event.target.value || null })}
                className="field-box min-h-11"
              />
            </label>
            <button
              type="button"
              className="bare-button"
              aria-label={`Remove: ${name || 'instrument'}`}
              onClick={() => onChange(instruments.filter((_, number) => number !== at))}
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="plain-button mt-2"
        onClick={() => onChange([...instruments, { name: '', calibratedUntil: null }])}
      >
        <Plus size={18} aria-hidden /> Instrument
      </button>
    </>
  );
};
