'use client';

import { Download, Printer } from 'lucide-react';
import { useMemo } from 'react';
import { toast } from 'sonner';
import { check } from '@/core/check';
import { homeownerPage } from '@/core/handover/homeowner';
import { ALL_FACTS, jobName } from '@/core/job/document';
import { FACT_GROUP_LABELS } from '@/core/job/facts';
import { startupPlan, tally } from '@/core/startup/plan';
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

/** Groups of facts that the technician's page prints. */
const PRINTED_GROUPS = ['outdoorUnit', 'airHandler', 'heatKit', 'thermostat', 'gates', 'cables', 'house'] as const;

const Facts = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  return (
    <div className="columns-1 gap-6 text-xs sm:columns-2 print:columns-3">
      {PRINTED_GROUPS.map((group) => (
        <div key={group} className="mb-3 break-inside-avoid">
          <h4 className="font-label text-base font-semibold">{FACT_GROUP_LABELS[group]}</h4>
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

const Readings = () => {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const moment = useJob((job) => job.moment);
  const steps = useMemo(() => startupPlan(facts, readings, moment), [facts, readings, moment]);
  const counts = tally(steps);
  return (
    <>
      <p className="text-sm">
        {counts.pass} passed, {counts.warn} to look at again, {counts.fail} failed, {counts.open} open.
      </p>
      <table className="w-full border-collapse text-xs">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            {['Item', 'Expected', 'Read', 'Verdict', 'Taken'].map((title) => (
              <th key={title} scope="col" className="py-1 pr-2 font-label text-sm">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {steps.flatMap(({ step, items }) =>
            items
              .filter(({ reading }) => reading !== undefined)
              .map(({ key, item, reading, expected, verdict }) => (
                <tr key={key} className="break-inside-avoid border-b border-line align-top">
                  <td className="pr-2">
                    {step.title}: {item.label}
                  </td>
                  <td className="pr-2 font-mono whitespace-nowrap">{expected.kind === 'band' ? (expected.aim === null ? expected.tolerance : `${roundTo(expected.aim, 1)} ${item.unit}`) : ''}</td>
                  <td className="pr-2 font-mono font-semibold whitespace-nowrap">
                    {reading!.value === 'done' ? 'done' : `${reading!.value} ${reading!.value === 'OL' ? '' : item.unit}`}
                    {reading!.replaces !== null && ' (corrected)'}
                  </td>
                  <td className="pr-2">
                    <GradeMark grade={verdict!.grade} hasWord size={12} /> {verdict!.grade === 'pass' || verdict!.grade === 'noted' ? '' : verdict!.means}
                  </td>
                  <td className="whitespace-nowrap text-quiet">
                    <When at={reading!.at} />, {reading!.author}
                  </td>
                </tr>
              )),
          )}
        </tbody>
      </table>
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
        <h2 className="font-label text-3xl font-semibold">Startup record</h2>
        <p>
          {jobName(facts)} · {address} · {site.elevationFt.toLocaleString('en-US')} ft
        </p>
        <h3 className="mt-4 mb-1 border-b-2 border-ink font-label text-xl font-semibold">Open</h3>
        <Open />
        <h3 className="mt-4 mb-1 border-b-2 border-ink font-label text-xl font-semibold">Readings</h3>
        <Readings />
        <h3 className="mt-4 mb-1 border-b-2 border-ink font-label text-xl font-semibold">Terminals, V at {moment.outdoorF} °F out</h3>
        <TerminalTable rows={rows} />
        <h3 className="mt-4 mb-1 border-b-2 border-ink font-label text-xl font-semibold">Facts</h3>
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
