'use client';

import { Download, Printer } from 'lucide-react';
import { useMemo } from 'react';
import { toast } from 'sonner';
import { check } from '@/core/check';
import { homeownerPage } from '@/core/handover/homeowner';
import { ALL_FACTS, jobName } from '@/core/job/document';
import { FACT_GROUP_LABELS } from '@/core/job/facts';
import { type PlannedItem, startupPlan, tally } from '@/core/startup/plan';
import { roundTo } from '@/core/units/round';
import { terminalTable } from '@/core/wiring/terminal-table';
import { call } from '@/ui/api';
import { factWords } from '@/ui/fields/fact-words';
import { useJob } from '@/ui/job/provider';
import { usePerson } from '@/ui/person';
import { SeverityMark } from '@/ui/severity-mark';
import { GradeMark } from '@/ui/startup/grade-mark';
import { When } from '@/ui/when';
import { TerminalTable } from '@/ui/wiring/terminal-table';

const SHEET = 'mx-auto mb-8 max-w-[52rem] border border-line bg-sheet p-6 sm:p-10 print:m-0 print:max-w-none print:border-0 print:p-0';

const TITLE = 'mt-4 mb-1 border-b-2 border-ink font-label text-xl font-semibold print:mt-1.5 print:border-b print:text-[10pt] print:leading-tight';

/** Groups of facts that the technician's page prints. */
const PRINTED_GROUPS = ['outdoorUnit', 'airHandler', 'heatKit', 'thermostat', 'gates', 'cables', 'house'] as const;

const Facts = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  return (
    <div className="columns-1 gap-6 text-xs sm:columns-2 print:columns-4 print:gap-4 print:text-[6.5pt] print:leading-[1.15]">
      {PRINTED_GROUPS.map((group) => (
        <div key={group} className="mb-3 break-inside-avoid print:mb-1.5">
          <h4 className="font-label text-base font-semibold print:text-[8pt] print:leading-none">{FACT_GROUP_LABELS[group]}</h4>
          <dl>
            {ALL_FACTS.filter((entry) => entry.group === group).map(({ path, fact }) => (
              <div key={path} className="flex justify-between gap-2 border-b border-line">
                <dt className="text-quiet">{fact.label}</dt>
                <dd className="text-right font-mono">
                  {factWords(fact, (facts[group] as Record<string, unknown>)[path.split('.')[1]!])}
                  {!confirmed.has(path) && <span title="assumed"> *</span>}
                </dd>
              </div>
            ))}
          </dl>
        </div>
      ))}
      <p>* assumed, not confirmed on site</p>
    </div>
  );
};

/** Who read, and when: one line for the whole visit. */
const Taken = () => {
  const readings = useJob((job) => job.readings);
  const times = readings.map(({ at }) => at).sort();
  if (times.length === 0) return null;
  const people = [...new Set(readings.map(({ author }) => author))].join(', ');
  const instruments = [...new Set(readings.map(({ instrument }) => instrument))].filter(Boolean).join('; ');
  return (
    <p className="text-sm">
      Taken <When at={times[0]!} /> to <When at={times.at(-1)!} /> by {people}
      {instruments && `, with ${instruments}`}.
    </p>
  );
};

const expectedWords = ({ expected, item }: PlannedItem): string => {
  if (expected.kind !== 'band') return '';
  return expected.aim === null ? expected.tolerance : `${roundTo(expected.aim, 1)} ${item.unit}`;
};

const ReadingLine = ({ planned }: { planned: PlannedItem }) => {
  const { item, reading, verdict } = planned;
  if (!reading || !verdict) return null;
  const isBad = verdict.grade === 'warn' || verdict.grade === 'fail';
  return (
    <li className="grid break-inside-avoid grid-cols-[minmax(0,1fr)_auto_5.5rem_1rem] gap-x-2 print:grid-cols-[minmax(0,1fr)_auto_18mm_3mm] border-b border-line">
      <span>{item.label}</span>
      <span className="max-w-40 text-right print:max-w-none print:whitespace-nowrap font-mono text-quiet">{expectedWords(planned)}</span>
      <span className="text-right font-mono font-semibold">
        {`${reading.value} ${reading.value === 'OL' ? '' : item.unit}`}
        {reading.replaces !== null && '†'}
      </span>
      <GradeMark grade={verdict.grade} size={10} />
      {isBad && (
        <span className="col-span-4 font-semibold">
          {verdict.means} {verdict.next}
        </span>
      )}
    </li>
  );
};

/** Everything ticked off in a step, in one line. */
const DoneLine = ({ items }: { items: readonly PlannedItem[] }) => {
  const done = items.filter(({ reading }) => reading?.value === 'done');
  return done.length === 0 ? null : <li>Done: {done.map(({ item }) => item.label).join('; ')}.</li>;
};

const Readings = () => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const moment = useJob((job) => job.moment);
  const steps = useMemo(() => startupPlan(facts, readings, moment), [facts, readings, moment]);
  const counts = tally(steps);
  const taken = steps.filter(({ items }) => items.some(({ reading }) => reading));
  return (
    <>
      <Taken />
      <p className="text-sm">
        {counts.pass} passed, {counts.warn} to look at again, {counts.fail} failed, {counts.open} open. Expected, then read. † corrected; every reading is in
        the CSV.
      </p>
      <div className="mt-1 gap-6 text-xs sm:columns-2 print:text-[7pt] print:leading-[1.12]">
        {taken.map(({ step, items }) => (
          <section key={step.id}>
            <h4 className="mt-1 break-after-avoid font-label text-sm font-semibold print:mt-0.5 print:text-[8pt] print:leading-none">{step.title}</h4>
            <ul>
              {items
                .filter(({ reading }) => reading?.value !== 'done')
                .map((planned) => (
                  <ReadingLine key={planned.key} planned={planned} />
                ))}
              <DoneLine items={items} />
            </ul>
          </section>
        ))}
      </div>
    </>
  );
};

const Open = () => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const moment = useJob((job) => job.moment);
  const findings = useMemo(() => check(facts), [facts]);
  const open = useMemo(() => startupPlan(facts, readings, moment).filter((planned) => tally([planned]).open > 0), [facts, readings, moment]);
  if (findings.length === 0 && open.length === 0) return <p className="text-sm">Nothing.</p>;
  return (
    <ul className="space-y-1 text-sm">
      {findings.map((finding) => (
        <li key={finding.rule + finding.what} className="flex gap-2">
          <SeverityMark severity={finding.severity} />
          {finding.what} {finding.mend}
        </li>
      ))}
      {open.map(({ step, items }) => (
        <li key={step.id}>
          {step.title}: {items.filter(({ reading }) => !reading).length} of {items.length} not read.
        </li>
      ))}
    </ul>
  );
};

const Actions = () => {
  const id = useJob((job) => job.saved.id);
  const handedOverAt = useJob((job) => job.saved.handedOverAt);
  const acknowledge = useJob((job) => job.acknowledge);
  const saveState = useJob((job) => job.saveState);
  const move = async (action: 'hand-over' | 'take-back') => {
    const answer = await call(`/api/jobs/${id}/move`, { method: 'POST', body: { action, author: usePerson.getState().author } });
    if (answer.kind !== 'ok') return toast.error(answer.error);
    acknowledge({ handedOverAt: action === 'hand-over' ? new Date().toISOString() : null });
  };
  return (
    <div className="no-print mx-auto mb-4 flex max-w-[52rem] flex-wrap items-center gap-2">
      <button type="button" className="strong-button" onClick={() => window.print()}>
        <Printer size={18} aria-hidden /> Print
      </button>
      <a className="plain-button" href={`/api/jobs/${id}/file`} download>
        <Download size={18} aria-hidden /> Job file (JSON)
      </a>
      <a className="plain-button" href={`/api/jobs/${id}/readings.csv`} download>
        <Download size={18} aria-hidden /> Readings (CSV)
      </a>
      {handedOverAt === null ? (
        <button type="button" className="plain-button" onClick={() => move('hand-over')} disabled={saveState !== 'saved'}>
          Mark handed over
        </button>
      ) : (
        <span className="flex flex-wrap items-center gap-2 text-sm">
          Handed over <When at={handedOverAt} />
          <button type="button" className="bare-button px-2 underline underline-offset-4" onClick={() => move('take-back')}>
            Take back
          </button>
        </span>
      )}
    </div>
  );
};

const HandoverPage = () => {
  const facts = useJob((job) => job.facts);
  const moment = useJob((job) => job.moment);
  const rows = useMemo(() => terminalTable(facts, moment), [facts, moment]);
  const { site } = facts;
  const address = [site.customer, site.street, site.town].filter(Boolean).join(', ');
  return (
    <div className="px-3 py-4 sm:px-6 print:p-0">
      <Actions />
      <article aria-label="Technician’s page" className={`${SHEET} print:break-after-page`}>
        <h2 className="font-label text-3xl font-semibold print:leading-none">Startup record</h2>
        <p>
          {jobName(facts)} · {address} · {site.elevationFt.toLocaleString('en-US')} ft
        </p>
        <h3 className={TITLE}>Open</h3>
        <Open />
        <h3 className={TITLE}>Readings</h3>
        <Readings />
        <h3 className={TITLE}>Terminals to C, V at {moment.outdoorF} °F out (R is hot in every call)</h3>
        <TerminalTable rows={rows.filter(({ mark }) => mark !== 'R')} />
        <h3 className={TITLE}>Facts</h3>
        <Facts />
        <p className="mt-3 text-xs">Local codes, the maker’s instructions and licensed practice come before anything on this page.</p>
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
