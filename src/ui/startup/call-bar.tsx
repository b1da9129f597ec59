'use client';

import { type CallId, CALLS } from '@/core/control/moment';
import { useJob } from '../job/provider';

/** An amber bar if the ruler is on another call than the step; nothing if they agree. */
export const CallBar = ({ call }: { call: CallId | null }) => {
  const now = useJob((job) => job.moment.call);
  const setCall = useJob((job) => job.setCall);
  if (call === null || call === now) return null;
  return (
    <p role="note" className="mt-2 flex items-center gap-x-3 border-l-8 border-saffron bg-saffron-wash pl-3 text-sm">
      <span className="min-w-0 flex-1 py-1">
        This step needs <b>{CALLS[call].label}</b>. The ruler and wiring are on <b>{CALLS[now].label}</b>.
      </span>
      <button type="button" className="bare-button shrink-0 px-2 font-semibold text-link" onClick={() => setCall(call)}>
        Switch to {CALLS[call].label}
      </button>
    </p>
  );
};
