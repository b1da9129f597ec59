'use client';

import { CALLS, callsOf } from '@/core/control/moment';
import { RadioRow } from '../fields/radio-row';
import { useJob } from '../job/provider';
import { LabeledSelect } from '../kit/labeled-select';

/** Picks the moment's call: a row if there is room, a list on a phone. */
export const CallPicker = () => {
  const current = useJob((job) => job.moment.call);
  const facts = useJob((job) => job.facts);
  const setCall = useJob((job) => job.setCall);
  const options = callsOf(facts).map((call) => ({ value: call, label: CALLS[call].short }));
  return (
    <>
      <RadioRow
        label="Call"
        options={options}
        value={current}
        onChoose={setCall}
        className="hidden lg:flex"
        optionClassName="px-2.5 font-label text-base whitespace-nowrap"
      />
      <LabeledSelect
        label="Call"
        place="hidden"
        className="font-label text-lg lg:hidden"
        value={current}
        options={options}
        onChoose={setCall}
      />
    </>
  );
};
