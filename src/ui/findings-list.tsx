'use client';

import Link from 'next/link';
import { type Finding, findingKey } from '@/core/job/finding';
import { Said } from './degrees';
import { useJob } from './job/provider';
import { SeverityMark } from './severity-mark';

/** Findings with reason and mend, each with the way to its fact; nothing where there are none. */
export const FindingsList = ({ findings }: { findings: readonly Finding[] }) => {
  const id = useJob((job) => job.saved.id);
  if (findings.length === 0) return null;
  return (
    <ul aria-label="Findings" className="mt-6 space-y-2">
      {findings.map((finding) => (
        <li key={findingKey(finding)} className="flex gap-2">
          <SeverityMark severity={finding.severity} />
          <span>
            <Said>{finding.what}</Said>{' '}
            <span className="text-quiet">
              <Said>{finding.why}</Said>
            </span>{' '}
            <Said>{finding.mend}</Said>
            {finding.fact && (
              <Link href={`/jobs/${id}/sheet#${finding.fact}`} className="ml-1 underline underline-offset-4">
                On the Sheet
              </Link>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
};
