'use client';

import { ToggleGroup } from 'radix-ui';
import { type CallId, CALLS, callsOf } from '@/core/control/moment';
import { useJob } from '../job/provider';

/** Picks the moment's call: a row where there is room, a list on a phone. */
export const CallPicker = () => {
  const current = useJob((job) => job.moment.call);
  const facts = useJob((job) => job.facts);
  const setCall = useJob((job) => job.setCall);
  const calls = callsOf(facts);
  return (
    <>
      <ToggleGroup.Root
        type="single"
        aria-label="Call"
        value={current}
        onValueChange={(call) => call && setCall(call as CallId)}
        className="hidden rounded border border-line-strong lg:flex"
      >
        {calls.map((call) => (
          <ToggleGroup.Item
            key={call}
            value={call}
            className="min-h-[42px] border-r border-line px-2.5 font-label text-base whitespace-nowrap last:border-r-0 data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-paper"
          >
            {CALLS[call].short}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
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
