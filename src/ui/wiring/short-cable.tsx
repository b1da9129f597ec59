'use client';

import { useMemo, useState } from 'react';
import { CABLE_SAVERS, cableSavers, shortCables } from '@/core/changeout/short-cable';
import type { Facts } from '@/core/job/document';
import { LocalizedDegrees } from '../degrees/degrees';
import { useModel } from '../job/deferred-model';
import { useJob } from '../job/provider';

const yearWords = (more: number): string => {
  if (more === 0) return 'No added yearly cost.';
  return more > 0 ? `Costs about $${more} more a year.` : `Costs about $${-more} less a year.`;
};

const Ways = ({ facts }: { facts: Facts }) => {
  const setFacts = useJob((job) => job.setFacts);
  const ways = useMemo(() => cableSavers(facts), [facts]);
  return (
    <ul>
      {ways.length === 0 && <li className="py-2 font-semibold">No function can be dropped: pull a new cable.</li>}
      {ways.map(({ id, label, loses, changes, yearMore }) => (
        <li key={id} className="border-t border-line py-2 first:border-0">
          <p className="font-label text-lg font-semibold">{label}</p>
          <p className="text-sm">
            <b>Then there are enough conductors.</b> <LocalizedDegrees>{loses}</LocalizedDegrees> {yearWords(yearMore)}
          </p>
          <button type="button" className="plain-button mt-1" onClick={() => setFacts(changes)}>
            Use this
          </button>
        </li>
      ))}
      {CABLE_SAVERS.map((way) => (
        <li key={way} className="border-t border-line py-2 text-sm">
          {way}
        </li>
      ))}
    </ul>
  );
};

/** A cable short of conductors: what to pull, and alternatives, calculated on request. */
export const ShortCable = () => {
  const facts = useJob((job) => job.facts);
  const short = shortCables(useModel().planned);
  const [isOpen, setOpen] = useState(false);
  if (short.length === 0) return null;
  return (
    <section aria-label="Too few conductors">
      <h2 className="mb-1 part-head">Too few conductors</h2>
      {short.map(({ cable, label, needed, there, pull }) => (
        <p key={cable}>
          {label}: {needed} needed, {there} available. New cable: {pull.feet} ft, {pull.conductors} conductors,
          including 15 % for makeup.
        </p>
      ))}
      <details className="mt-1 border-y border-line" onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">Other options</summary>
        {isOpen && <Ways facts={facts} />}
      </details>
    </section>
  );
};
