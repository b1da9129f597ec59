'use client';

import { readOhms } from '@/core/circuit/ohms';
import { DEVICE_LABELS } from '@/core/devices/device';
import { parseRef } from '@/core/wiring/as-found';
import { ghostWords } from '@/core/wiring/ghost';
import { type Harness, refText, type TerminalRef } from '@/core/wiring/harness';
import { meterVolts, type WiringState } from '@/core/wiring/state';
import { PROBE_SIGNS, type Probes } from './picture-device';

export type MeterMode = 'volts' | 'ohms';

interface MeterProps {
  readonly harness: Harness;
  readonly state: WiringState;
  readonly off: WiringState;
  /** A sound system's states, where the one on the bench is not it. */
  readonly sound: { readonly state: WiringState; readonly off: WiringState } | null;
  readonly mode: MeterMode;
  readonly onMode: (mode: MeterMode) => void;
  readonly probes: Probes;
  readonly moves: 0 | 1;
  readonly onProbe: (which: 0 | 1, ref: TerminalRef) => void;
}

const ohmsText = (ohms: number | 'OL') =>
  ohms === 'OL'
    ? 'OL'
    : ohms < 100
      ? ohms.toFixed(1)
      : ohms < 10_000
        ? String(Math.round(ohms))
        : `${(ohms / 1000).toFixed(1)} k`;

const reading = (mode: MeterMode, state: WiringState, off: WiringState, [one, other]: Probes): string =>
  mode === 'volts'
    ? meterVolts(state, one, other).toFixed(1)
    : ohmsText(readOhms(off.network, refText(one), refText(other)));

/** The meter: volts as the call has them, or ohms with the power off, between two terminals. */
export const Meter = ({ harness, state, off, sound, mode, onMode, probes, moves, onProbe }: MeterProps) => {
  const shown = reading(mode, state, off, probes);
  const soundShown = sound && reading(mode, sound.state, sound.off, probes);
  const ghost = mode === 'volts' ? ghostWords(harness, state, ...probes) : null;
  return (
    <section aria-label="Meter">
      <div className="flex items-center justify-between gap-2">
        <h2 className="eyebrow">{mode === 'volts' ? 'Meter, AC volts' : 'Meter, ohms, power off'}</h2>
        <div role="group" aria-label="Meter’s dial" className="flex">
          {(['volts', 'ohms'] as const).map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={mode === each}
              onClick={() => onMode(each)}
              className="plain-button px-3 aria-pressed:bg-ink aria-pressed:text-paper"
            >
              {each === 'volts' ? 'V' : 'Ω'}
            </button>
          ))}
        </div>
      </div>
      <p aria-live="polite" className="font-mono text-5xl font-semibold">
        {shown}
        <span className="text-xl font-normal text-quiet"> {mode === 'volts' ? 'V' : shown === 'OL' ? '' : 'Ω'}</span>
      </p>
      {soundShown !== null && soundShown !== shown && (
        <p className="font-mono text-sm">
          {soundShown} {mode === 'volts' ? 'V' : 'Ω'} <span className="font-sans text-quiet">in a sound system</span>
        </p>
      )}
      {ghost && <p className="mt-1 border-l-4 border-warn pl-2 text-sm">{ghost}</p>}
      <div className="mt-2 grid gap-1.5">
        {([0, 1] as const).map((which) => (
          <label key={which} className="flex items-center gap-2">
            <span aria-hidden className={`w-5 text-center ${moves === which ? 'font-bold' : ''}`}>
              {PROBE_SIGNS[which]}
            </span>
            <span className="sr-only">Probe {which + 1} on</span>
            <select
              className="field-box w-full"
              value={refText(probes[which])}
              onChange={(event) => {
                const ref = parseRef(event.target.value);
                if (ref) onProbe(which, ref);
              }}
            >
              {harness.devices.map(({ id, terminals }) => (
                <optgroup key={id} label={DEVICE_LABELS[id]}>
                  {terminals.map(({ mark }) => (
                    <option key={mark} value={`${id}.${mark}`}>
                      {DEVICE_LABELS[id]} {mark}
                    </option>
                  ))}
                </optgroup>
              ))}
            </select>
          </label>
        ))}
      </div>
      <p className="mt-1 text-sm text-quiet">
        {mode === 'volts'
          ? `Tap a terminal: probe ${PROBE_SIGNS[moves]} goes there.`
          : 'A coil counts with 24 V squared over its VA. A real coil’s direct-current ohms are lower: use it for open or closed.'}
      </p>
    </section>
  );
};
