'use client';

import { type CallId, CALLS, callsOf } from '@/core/control/moment';
import { RadioRow } from '../fields/radio-row';
import { useJob } from '../job/provider';

/** Picks the moment's call: a row if there is room, a list on a phone. */
export const CallPicker = () => {
  const current = useJob((job) => job.moment.call);
  const facts = useJob((job) => job.facts);
  const setCall = useJob((job) => job.setCall);
  const calls = callsOf(facts);
  return (
    <>
      <RadioRow
        label="Call"
        options={calls.map((call) => ({ value: call, label: CALLS[call].short }))}
        value={current}
        onChoose={setCall}
        className="hidden lg:flex"
        optionClassName="px-2.5 font-label text-base whitespace-nowrap"
      />
      <select
        aria-label="Call"
        value={current}
        onChange={(event) => setCall(event.target.value as CallId)}
        className="field-box font-label text-lg lg:hidden"
      >
        {calls.map((call) => (
          <option key={call} value={call}>
            {CALLS[call].short}
          </option>
        ))}
      </select>
    </>
  );
};
