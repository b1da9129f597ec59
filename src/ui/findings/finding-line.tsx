'use client';

import Link from 'next/link';
import { useState } from 'react';
import { type Finding, findingKey, NEVER_WAIVED } from '@/core/job/finding';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob, useJobNow } from '../job/provider';
import { lazyClient } from '../loading/lazy-client';
import { SeverityMark } from './severity-mark';

const WaiveDialog = lazyClient(() => import('./waive-dialog').then((module) => module.WaiveDialog));

/** One finding with reason and fix: fixed in one tap if possible, shown on the drawing, or accepted with a reason. */
export const FindingLine = ({
  finding,
  onPoint,
  linksFact = false,
}: {
  finding: Finding;
  onPoint?: (at: string) => void;
  /** Whether it links to its fact. */
  linksFact?: boolean;
}) => {
  const id = useJob((job) => job.saved.id);
  const setFact = useJob((job) => job.setFact);
  const setFacts = useJob((job) => job.setFacts);
  const now = useJobNow();
  const [isWaiving, setIsWaiving] = useState(false);
  const { severity, what, why, fix, at, fixBy, choices = [], waived } = finding;
  const key = findingKey(finding);
  return (
    <li className={`flex gap-2 py-1 ${waived ? 'text-quiet' : ''}`}>
      <SeverityMark severity={severity} />
      <div className="min-w-0">
        <p>
          <span className={waived ? '' : 'font-medium'}>
            <LocalizedDegrees>{what}</LocalizedDegrees>
          </span>{' '}
          <span className="text-sm text-quiet">
            <LocalizedDegrees>{why}</LocalizedDegrees>
          </span>{' '}
          <span className="text-sm">
            <LocalizedDegrees>{fix}</LocalizedDegrees>
          </span>
        </p>
        {waived && (
          <p className="text-sm">
            Accepted as is by {waived.by}: {waived.reason}
          </p>
        )}
        {!waived && choices.length > 0 && (
          <ul aria-label="Choices" className="mt-1 space-y-1">
            {choices.map(({ label, cost, changes }) => (
              <li key={label} className="flex flex-wrap items-center gap-x-3">
                <button type="button" className="plain-button" onClick={() => setFacts(changes)}>
                  <LocalizedDegrees>{label}</LocalizedDegrees>
                </button>
                <span className="text-sm">
                  <LocalizedDegrees>{cost}</LocalizedDegrees>
                </span>
              </li>
            ))}
          </ul>
        )}
        <div className="flex flex-wrap">
          {fixBy && !waived && (
            <button type="button" className="bare-button px-2 font-semibold text-link" onClick={() => setFacts(fixBy)}>
              Fix it
            </button>
          )}
          {linksFact && finding.fact && (
            <Link href={`/jobs/${id}/survey#${finding.fact}`} className="flex min-h-11 items-center px-2 text-link">
              On the Survey
            </Link>
          )}
          {at && onPoint && (
            <button type="button" className="bare-button px-2 text-link" onClick={() => onPoint(at)}>
              Show me
            </button>
          )}
          {waived ? (
            <button
              type="button"
              className="bare-button px-2 text-link"
              onClick={() =>
                setFact(
                  'wiring.waivers',
                  now().facts.wiring.waivers.filter((waiver) => waiver.finding !== key),
                )
              }
            >
              Undo: reopen this
            </button>
          ) : NEVER_WAIVED.has(finding.rule) ? null : (
            <button type="button" className="bare-button px-2 text-quiet text-link" onClick={() => setIsWaiving(true)}>
              Accept as is…
            </button>
          )}
        </div>
        {isWaiving && <WaiveDialog finding={finding} onClose={() => setIsWaiving(false)} />}
      </div>
    </li>
  );
};
