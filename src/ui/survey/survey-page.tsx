'use client';

import { checkEquipment } from '@/core/check/equipment';
import { factApplies } from '@/core/job/applies';
import { isAssumed } from '@/core/job/assumed';
import { ALL_FACTS, type FactGroup, type FactPath, factValue } from '@/core/job/document';
import { type Place, PLACES } from '@/core/job/fact';
import { FACT_GROUP_LABELS, OFF_SURVEY_GROUPS } from '@/core/job/facts';
import { type Finding, findingKey } from '@/core/job/finding';
import { ChangeoutLink } from '../changeout/changeout-link';
import { LocalizedDegrees } from '../degrees/degrees';
import { FactField } from '../fields/fact-field';
import { findingsOn } from '../fields/findings-on';
import { SeverityMark } from '../findings/severity-mark';
import { useModel } from '../job/deferred-model';
import { useJob, useJobNow } from '../job/provider';
import { DeferBelowFold } from '../loading/defer-below-fold';

const PLACE_IDS = (Object.keys(PLACES) as Place[]).filter((place) => place !== 'table');

const groupsAt = (place: Place) => {
  const groups = new Map<FactGroup, (typeof ALL_FACTS)[number][]>();
  for (const entry of ALL_FACTS.filter(
    ({ fact, group }) => fact.place === place && fact.kind !== 'records' && !OFF_SURVEY_GROUPS.includes(group),
  ))
    groups.set(entry.group, [...(groups.get(entry.group) ?? []), entry]);
  return [...groups];
};

const LAYOUT = PLACE_IDS.map((place) => ({ place, groups: groupsAt(place) }));

const Overview = ({ findings }: { findings: readonly Finding[] }) => {
  const confirmed = useJob((job) => job.confirmed);
  const { facts } = useModel();
  return (
    <nav aria-label="Places" className="lg:sticky lg:top-16 lg:w-56 lg:shrink-0 lg:self-start">
      <ul className="flex flex-wrap gap-x-2 lg:flex-col">
        {LAYOUT.map(({ place, groups }) => {
          const open = groups
            .flatMap(([, entries]) => entries)
            .filter(({ path }) => isAssumed(facts, confirmed, path)).length;
          return (
            <li key={place} className="min-w-0">
              <a
                href={`#${place}`}
                className="flex min-h-11 flex-wrap items-baseline justify-between gap-x-3 border-b border-line px-2 py-2 hover:bg-sheet"
              >
                <span className="font-label text-lg font-semibold">{PLACES[place]}</span>
                <span className="font-mono text-sm text-quiet">{open === 0 ? '✓' : `${open} assumed`}</span>
              </a>
            </li>
          );
        })}
      </ul>
      {findings.length > 0 && (
        <ul aria-label="Findings" className="mt-4 space-y-2">
          {findings.map((finding) => (
            <li key={findingKey(finding)}>
              <a href={finding.fact ? `#${finding.fact}` : '#desk'} className="flex gap-2 py-1 text-sm hover:underline">
                <SeverityMark severity={finding.severity} />
                <LocalizedDegrees>{finding.what}</LocalizedDegrees>
              </a>
            </li>
          ))}
        </ul>
      )}
    </nav>
  );
};

/** Confirms every assumption at a place. */
const ConfirmPlace = ({ paths }: { paths: readonly FactPath[] }) => {
  const assumed = useJob((job) => paths.filter((path) => isAssumed(job.facts, job.confirmed, path)).join(' '));
  const now = useJobNow();
  const setFacts = useJob((job) => job.setFacts);
  if (assumed === '') return null;
  const open = assumed.split(' ') as FactPath[];
  return (
    <button
      type="button"
      className="bare-button -my-2 px-1 text-sm font-medium"
      onClick={() => setFacts(open.map((path) => ({ path, value: factValue(now().facts, path) })))}
    >
      {open.length} assumed · <span className="text-link">Confirm all</span>
    </button>
  );
};

export const SurveyPage = () => {
  const model = useModel();
  const { facts } = model;
  // What one mistake explains is listed with it on Wiring.
  const findings = checkEquipment(model).filter(({ under }) => under === undefined);
  const section = ({ place, groups }: (typeof LAYOUT)[number]) => (
    <section key={place} id={place} aria-labelledby={`${place}-title`} className="mb-8 scroll-mt-16">
      <div className="mb-3 flex flex-wrap items-baseline justify-between gap-x-4 border-b-2 border-ink">
        <h2 id={`${place}-title`} className="page-head">
          {PLACES[place]}
        </h2>
        <ConfirmPlace paths={groups.flatMap(([, entries]) => entries.map(({ path }) => path))} />
      </div>
      {place === 'wall' && <ChangeoutLink />}
      {groups
        .map(([group, entries]) => [group, entries.filter(({ path }) => factApplies(facts, path))] as const)
        .filter(([, entries]) => entries.length > 0)
        .map(([group, entries]) => (
          <div key={group} className="mb-5">
            <h3 className="mb-1 font-label text-xl font-semibold">{FACT_GROUP_LABELS[group]}</h3>
            <div className="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-2 md:grid-cols-2">
              {entries.map(({ path, fact }) => (
                <div
                  key={path}
                  className={
                    fact.kind === 'table' || fact.kind === 'numbers' || (fact.kind === 'text' && fact.lines)
                      ? 'md:col-span-2'
                      : ''
                  }
                >
                  <FactField path={path} findings={findingsOn(findings, path)} />
                </div>
              ))}
            </div>
          </div>
        ))}
    </section>
  );
  return (
    <div className="mx-auto max-w-6xl gap-8 px-3 py-4 sm:px-6 lg:flex">
      <Overview findings={findings} />
      <div className="min-w-0 flex-1">
        {section(LAYOUT[0]!)}
        <DeferBelowFold>{LAYOUT.slice(1).map(section)}</DeferBelowFold>
      </div>
    </div>
  );
};
