'use client';

import { CALLS } from '@/core/control/moment';
import type { Harness } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { SimulateFault } from './simulate-fault';

/** Effects of the moment's call: what is locked out and why, a blown fuse, chattering coils; and the simulation. */
export const Consequences = ({ harness, state }: { harness: Harness; state: WiringState }) => {
  const fuseAmps = useJob((job) => job.facts.airHandler.fuseAmps);
  const { moment, lockedOut, fuseOpenedAtAmps, chattering, solution } = state;
  const restless = harness.devices
    .flatMap(({ coils }) => coils)
    .filter(({ id }) => chattering.includes(id))
    .map(({ label }) => label.toLowerCase());
  const said = [
    ...lockedOut.map(({ why }) => why),
    ...(fuseOpenedAtAmps
      ? [`The board fuse blew: ${fuseOpenedAtAmps.toFixed(1)} A through a ${fuseAmps} A fuse.`]
      : []),
  ];
  return (
    <section aria-label="What happens">
      <h2 className="eyebrow">{CALLS[moment.call].label}</h2>
      <p className="text-sm">{CALLS[moment.call].about}</p>
      {said.map((why) => (
        <p key={why} className="mt-2 border-l-4 border-ember pl-2 text-sm font-medium">
          <LocalizedDegrees>{why}</LocalizedDegrees>
        </p>
      ))}
      {restless.length > 0 && (
        <p className="mt-2 border-l-4 border-fail pl-2 text-sm font-semibold">Chatters: {restless.join(', ')}.</p>
      )}
      <p className="mt-1 mb-2 font-mono text-sm text-quiet">{solution.sourceAmps.toFixed(2)} A from the transformer</p>
      <SimulateFault harness={harness} />
    </section>
  );
};
