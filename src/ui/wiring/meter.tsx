'use client';

import { DEVICE_LABELS } from '@/core/devices/device';
import { METERS, type Observable } from '@/core/model/observable';
import type { Prediction } from '@/core/model/observables/definition';
import { readsAsFound, readsAsPlanned } from '@/core/model/reads';
import { ghostWords } from '@/core/wiring/ghost-volts';
import { type Harness, parseRef, refText, type TerminalRef } from '@/core/wiring/harness';
import { useModel, useMoment } from '../job/deferred-model';
import { PROBE_SIGNS, type Probes } from './picture-terminal';

/**
 * The meter's modes: volts at high impedance, volts at low impedance, which ghost voltage does not survive, ohms with
 * power off.
 */
const DIAL = {
  high: { sign: 'V', title: 'Meter, AC volts', unit: 'V' },
  low: { sign: 'V low Ω', title: 'Meter, AC volts, low impedance', unit: 'V' },
  ohms: { sign: 'Ω', title: 'Meter, ohms, power off', unit: 'Ω' },
} as const;
export type MeterMode = keyof typeof DIAL;

interface MeterProps {
  readonly harness: Harness;
  /** Whether to show a good system's reading too: if the bench differs from it. */
  readonly showsSound: boolean;
  readonly mode: MeterMode;
  readonly onMode: (mode: MeterMode) => void;
  readonly probes: Probes;
  readonly moves: 0 | 1;
  readonly onProbe: (which: 0 | 1, ref: TerminalRef) => void;
}

const ohmsText = (ohms: number) =>
  ohms < 100 ? ohms.toFixed(1) : ohms < 10_000 ? String(Math.round(ohms)) : `${(ohms / 1000).toFixed(1)} k`;

const shownText = (mode: MeterMode, prediction: Prediction): string => {
  if (prediction.kind !== 'number') return 'OL';
  if (mode === 'ohms') return ohmsText(prediction.value);
  const [low, high] = prediction.spread;
  return high - low > 1 ? `${low.toFixed(0)} to ${high.toFixed(0)}` : prediction.value.toFixed(1);
};

const observableOf = (mode: MeterMode, between: Probes): Observable =>
  mode === 'ohms' ? { kind: 'ohms', between } : { kind: 'volts', between, meter: mode };

const ABOUT: Record<MeterMode, (sign: string) => string> = {
  high: (sign) => `Tap a terminal: probe ${sign} goes there.`,
  low: () => `About ${METERS.low.ohms / 1000} kΩ across the probes: a ghost voltage drops to zero, a real one stays.`,
  ohms: () => 'Coils are figured as 24 V² ÷ VA. A real coil reads lower on DC ohms: use this only for open or closed.',
};

/** The meter: volts under the call, or ohms with power off, between two terminals. */
export const Meter = ({ harness, showsSound, mode, onMode, probes, moves, onProbe }: MeterProps) => {
  const model = useModel();
  const moment = useMoment();
  const observation = { call: moment.call, observable: observableOf(mode, probes) };
  const shown = shownText(mode, readsAsFound(model, moment, observation));
  const soundShown = showsSound ? shownText(mode, readsAsPlanned(model, moment, observation)) : null;
  const ghost = mode === 'high' ? ghostWords(harness, model.state(moment), ...probes) : null;
  const { title, unit } = DIAL[mode];
  return (
    <section aria-label="Meter">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="eyebrow">{title}</h2>
        <div role="group" aria-label="Meter’s dial" className="flex flex-wrap">
          {(Object.keys(DIAL) as MeterMode[]).map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={mode === each}
              onClick={() => onMode(each)}
              className="plain-button px-2.5 whitespace-nowrap aria-pressed:bg-ink aria-pressed:text-paper"
            >
              {DIAL[each].sign}
            </button>
          ))}
        </div>
      </div>
      <p aria-live="polite" className="font-mono text-5xl font-semibold">
        {shown}
        <span className="text-xl font-normal text-quiet"> {shown === 'OL' ? '' : unit}</span>
      </p>
      {soundShown !== null && soundShown !== shown && (
        <p className="font-mono text-sm">
          {soundShown} {soundShown === 'OL' ? '' : unit} <span className="font-sans text-quiet">in a good system</span>
        </p>
      )}
      {ghost && <p className="mt-1 border-l-4 border-warn pl-2 text-sm">{ghost}</p>}
      <div className="mt-2 grid gap-1.5">
        {([0, 1] as const).map((which) => (
          <label key={which} className="flex items-center gap-2">
            <span aria-hidden className={`w-5 text-center ${moves === which ? 'font-bold' : ''}`}>
              {PROBE_SIGNS[which]}
            </span>
            <span className="sr-only">Probe {which + 1} at</span>
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
      <p className="mt-1 text-sm text-quiet">{ABOUT[mode](PROBE_SIGNS[moves])}</p>
    </section>
  );
};
