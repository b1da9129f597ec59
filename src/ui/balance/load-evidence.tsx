'use client';

import { useMemo } from 'react';
import { type Weighed, weighEvidence } from '@/core/balance/evidence';
import type { FactPath } from '@/core/job/document';
import { LocalizedDegrees } from '../degrees/degrees';
import { FactField } from '../fields/fact-field';
import { useJob } from '../job/provider';

const FIELDS: Readonly<Record<Weighed['evidence']['id'], readonly FactPath[]>> = {
  'heat-loss': ['house.designBtuh', 'load.heatLossIs', 'house.designOutdoorF', 'house.noLoadF'],
  'run-time': ['load.runDays'],
  bill: [
    'load.billUnits',
    'load.billFuel',
    'load.billEfficiency',
    'load.billDays',
    'load.billDegreeDays',
    'load.billBaseF',
  ],
  'floor-area': ['load.floorFt2', 'load.built'],
};

/** Each estimate's band on one scale. */
const Band = ({ weighed, most }: { weighed: Weighed; most: number }) => {
  if (weighed.estimate.kind === 'missing') return <span className="hidden md:block" />;
  const { designBtuh, uncertainty } = weighed.estimate;
  const share = (btuh: number) => `${Math.min(100, (100 * btuh) / most)}%`;
  return (
    <span className="relative block h-5 border-b border-line" aria-hidden>
      <span
        className={`absolute inset-y-1 ${weighed.isTaken ? 'bg-ink opacity-30' : 'bg-quiet opacity-20'}`}
        style={{
          left: share(designBtuh * (1 - uncertainty)),
          right: `calc(100% - ${share(designBtuh * (1 + uncertainty))})`,
        }}
      />
      <span className="absolute inset-y-0 w-1 -translate-x-1/2 bg-ink" style={{ left: share(designBtuh) }} />
    </span>
  );
};

const trustWords = ({ trust, estimate }: Weighed) => {
  if (estimate.kind === 'missing' || trust === null) return '';
  return trust === 1 ? 'most reliable' : `trusted ${['', '', 'second', 'third', 'least'][trust] ?? 'less'}`;
};

/** Evidence for the load: four kinds, each with its band; one is in use. */
export const LoadEvidence = () => {
  const facts = useJob((job) => job.facts);
  const setFact = useJob((job) => job.setFact);
  const all = useMemo(() => weighEvidence(facts), [facts]);
  const most =
    1.1 *
    Math.max(
      ...all.map(({ estimate }) => (estimate.kind === 'known' ? estimate.designBtuh * (1 + estimate.uncertainty) : 0)),
    );
  return (
    <section aria-label="House load" className="mt-8">
      <h2 className="section-head">House load, and where it comes from</h2>
      <ul>
        {all.map((weighed) => {
          const { evidence, estimate, isTaken } = weighed;
          return (
            <li key={evidence.id} className="border-b border-line py-2">
              <div className="grid items-center gap-x-4 gap-y-1 md:grid-cols-[15rem_minmax(0,1fr)_15rem]">
                <span>
                  <span className="font-medium">{evidence.label}</span>{' '}
                  <span className="text-sm text-quiet">{trustWords(weighed)}</span>
                </span>
                <Band weighed={weighed} most={most} />
                <span className="flex items-center justify-between gap-2">
                  {estimate.kind === 'known' ? (
                    <span className="font-mono">
                      <span className="text-lg font-semibold">{(estimate.designBtuh / 1000).toFixed(1)}</span>{' '}
                      <span className="text-xs text-quiet">kBtu/h ±{Math.round(100 * estimate.uncertainty)} %</span>
                    </span>
                  ) : (
                    <span className="text-sm text-quiet">unknown</span>
                  )}
                  <button
                    type="button"
                    className="plain-button px-2"
                    aria-pressed={isTaken}
                    disabled={isTaken}
                    onClick={() => setFact('load.from', evidence.id)}
                  >
                    {isTaken ? 'taken' : 'Use this'}
                  </button>
                </span>
              </div>
              <p className="text-sm text-quiet">
                <LocalizedDegrees>{estimate.kind === 'known' ? estimate.because : estimate.what}</LocalizedDegrees>{' '}
                {evidence.about}
              </p>
              <details className="text-sm">
                <summary className="flex min-h-11 items-center underline decoration-dotted underline-offset-4 sm:min-h-8">
                  Enter figures
                </summary>
                <div className="grid gap-x-6 gap-y-2 py-2 text-base md:grid-cols-2">
                  {FIELDS[evidence.id].map((path) => (
                    <div key={path} className={path === 'load.runDays' ? 'md:col-span-2' : ''}>
                      <FactField path={path} />
                    </div>
                  ))}
                </div>
              </details>
            </li>
          );
        })}
      </ul>
    </section>
  );
};
