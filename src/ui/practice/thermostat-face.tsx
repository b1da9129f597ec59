'use client';

import { type CallId, CALLS } from '@/core/control/moment';

interface FaceProps {
  readonly call: CallId;
  readonly calls: readonly CallId[];
  readonly isBusy: boolean;
  readonly onCall: (call: CallId) => void;
}

/** What can be called for where one stands: at the thermostat, a defrost at the board outdoors. */
export const ThermostatFace = ({ call, calls, isBusy, onCall }: FaceProps) => (
  <section aria-label="Call" className="rounded border-2 border-line-strong bg-sheet p-3">
    <p className="eyebrow">Set to</p>
    <p className="mb-2 font-mono text-2xl">{CALLS[call].label}</p>
    <div role="group" aria-label="Call" className="flex flex-wrap gap-2">
      {calls.map((each) => (
        <button
          key={each}
          type="button"
          disabled={isBusy}
          aria-pressed={each === call}
          className="plain-button min-h-11 aria-pressed:bg-ink aria-pressed:text-paper"
          onClick={() => onCall(each)}
        >
          {CALLS[each].short}
        </button>
      ))}
    </div>
  </section>
);
