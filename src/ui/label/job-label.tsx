'use client';

import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { labelChanges } from '@/core/label/label-changes';
import type { LabelFacts } from '@/core/label/label-code';
import { panelLabel } from '@/core/label/panel-label';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { shownVisit } from '../job/visits';
import { LabelSheet } from './label-sheet';
import { ScanLabel } from './scan-label';

const Since = ({ door }: { door: LabelFacts }) => {
  const facts = useJob((job) => job.facts);
  const changes = useMemo(() => labelChanges(door.facts, facts), [door, facts]);
  return (
    <section aria-label="Changed since label was printed" role="status">
      <h3 className="font-label text-xl font-semibold">
        {changes.length === 0 ? `Nothing has changed since ${door.on}.` : `Changed since ${door.on}`}
      </h3>
      <ul>
        {changes.map(({ group, label, was, is }) => (
          <li key={`${group} ${label}`} className="border-b border-line py-1">
            <span className="text-sm text-quiet">{group}</span>
            <br />
            {label}: <LocalizedDegrees>{was}</LocalizedDegrees> on the label,{' '}
            <b>
              <LocalizedDegrees>{is}</LocalizedDegrees>
            </b>{' '}
            here
          </li>
        ))}
      </ul>
    </section>
  );
};

/** A job's label to print, and comparison with the one in the panel door. */
export const JobLabel = () => {
  const facts = useJob((job) => job.facts);
  const marks = useJob((job) => job.settingMarks);
  const visit = useJob(shownVisit);
  const updatedAt = useJob((job) => job.saved.updatedAt);
  const on = (visit?.began ?? updatedAt).slice(0, 10);
  const label = useMemo(() => panelLabel(facts, marks, on), [facts, marks, on]);
  const [door, setDoor] = useState<LabelFacts | null>(null);
  return (
    <div className="mx-auto grid max-w-5xl grid-cols-1 gap-x-10 gap-y-6 px-3 py-4 sm:px-6 lg:grid-cols-2 print:block print:p-0">
      <div>
        <div className="no-print mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
          <h2 className="flex-1 page-head">Label for the panel door</h2>
          <button type="button" className="strong-button" onClick={() => window.print()}>
            <Printer size={18} aria-hidden /> Print
          </button>
        </div>
        <LabelSheet label={label} />
      </div>
      <div className="no-print">
        <h2 className="part-head">Label on the door now</h2>
        <p className="mb-2 text-quiet">Scan it to see what has changed since it was printed.</p>
        <ScanLabel onRead={setDoor} />
        {door && <Since door={door} />}
      </div>
    </div>
  );
};
