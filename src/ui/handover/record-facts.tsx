'use client';

import { ALL_FACTS, type FactPath, factValue } from '@/core/job/document';
import { FACT_GROUP_LABELS } from '@/core/job/facts';
import { factWords } from '../fields/fact-words';
import { useJob } from '../job/provider';

/** Groups of facts that the technician's page prints. */
const PRINTED_GROUPS = ['outdoorUnit', 'airHandler', 'heatKit', 'thermostat', 'gates', 'cables', 'house'] as const;

/** The facts of house and equipment, as the record prints them. */
export const RecordFacts = () => {
  const facts = useJob((job) => job.facts);
  const confirmed = useJob((job) => job.confirmed);
  /** What nobody knows yet says nothing on paper. */
  const isPrinted = (path: FactPath) => {
    const value = factValue(facts, path);
    return confirmed.has(path) || !(value === null || value === '' || (Array.isArray(value) && value.length === 0));
  };
  return (
    <div className="columns-1 gap-6 text-xs sm:columns-2 print:columns-4 print:gap-4 print:text-[6.5pt] print:leading-[1.15]">
      {PRINTED_GROUPS.map((group) => (
        <div key={group} className="mb-3 break-inside-avoid print:mb-1.5">
          <h4 className="font-label text-base font-semibold print:text-[8pt] print:leading-none">
            {FACT_GROUP_LABELS[group]}
          </h4>
          <dl>
            {ALL_FACTS.filter(({ path, group: of }) => of === group && isPrinted(path)).map(({ path, fact }) => (
              <div key={path} className="flex justify-between gap-2 border-b border-line">
                <dt className="text-quiet">{fact.label}</dt>
                <dd className="text-right font-mono">
                  {factWords(fact, factValue(facts, path))}
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
