'use client';

import { useMemo } from 'react';
import { homeownerPage } from '@/core/handover/homeowner';
import { jobName } from '@/core/job/document';
import { type TerminalRow, terminalTable } from '@/core/wiring/terminal-table';
import { HandoverActions } from '@/ui/handover/handover-actions';
import { RecordFacts } from '@/ui/handover/record-facts';
import { RecordOpen } from '@/ui/handover/record-open';
import { RecordReadings } from '@/ui/handover/record-readings';
import { RecordSettings } from '@/ui/handover/record-settings';
import { useJob } from '@/ui/job/provider';
import { useBasis } from '@/ui/job/use-basis';
import { TerminalTable } from '@/ui/wiring/terminal-table';

const SHEET =
  'mx-auto mb-8 max-w-[52rem] border border-line bg-sheet p-6 sm:p-10 print:m-0 print:max-w-none print:border-0 print:p-0';

const TITLE =
  'mt-4 mb-1 border-b-2 border-ink font-label text-xl font-semibold print:mt-1.5 print:border-b print:text-[10pt] print:leading-tight';

/** Whether a terminal is hot in some call, and not as R is. */
const changes = ({ mark, isHot }: TerminalRow) => mark !== 'R' && [...isHot.values()].includes(true);

const HandoverPage = () => {
  const facts = useJob((job) => job.facts);
  const moment = useJob((job) => job.moment);
  const basis = useBasis();
  const rows = useMemo(() => terminalTable(basis.planned, basis.soundStates(moment)), [basis, moment]);
  const { site } = facts;
  const address = [site.customer, site.street, site.town].filter(Boolean).join(', ');
  return (
    <div className="px-3 py-4 sm:px-6 print:p-0">
      <HandoverActions />
      <article aria-label="Technician’s page" className={`${SHEET} print:break-after-page`}>
        <h2 className="font-label text-3xl font-semibold print:leading-none">Startup record</h2>
        <p>
          {jobName(facts)} · {address} · {site.elevationFt.toLocaleString('en-US')} ft
        </p>
        <h3 className={TITLE}>Open</h3>
        <RecordOpen />
        <h3 className={TITLE}>Readings</h3>
        <RecordReadings />
        <h3 className={TITLE}>Settings</h3>
        <RecordSettings />
        <h3 className={TITLE}>Terminals to C, V at {moment.outdoorF} °F out</h3>
        <TerminalTable rows={rows.filter(changes)} />
        <p className="text-xs">R is hot in every call; what is not listed never is.</p>
        <h3 className={TITLE}>Facts</h3>
        <RecordFacts />
        <p className="mt-3 text-xs">
          Local codes, the maker’s instructions and licensed practice come before anything on this page.
        </p>
      </article>
      <article aria-label="Homeowner’s page" className={`${SHEET} print:text-[1.3rem]`}>
        <h2 className="font-label text-3xl font-semibold">Your heat pump</h2>
        <p>{address}</p>
        {homeownerPage(facts).map(({ title, lines }) => (
          <section key={title} className="mt-4">
            <h3 className="font-label text-2xl font-semibold">{title}</h3>
            {lines.map((line) => (
              <p key={line} className="mt-1">
                {line}
              </p>
            ))}
          </section>
        ))}
      </article>
    </div>
  );
};

export default HandoverPage;
