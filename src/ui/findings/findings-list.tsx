'use client';

import { type Finding, findingKey } from '@/core/job/finding';
import { FindingLine } from './finding-line';

/** Findings with reason, fix and a link to the fact; nothing if there are none. */
export const FindingsList = ({ findings }: { findings: readonly Finding[] }) =>
  findings.length === 0 ? null : (
    <ul aria-label="Findings" className="mt-6 space-y-2">
      {findings.map((finding) => (
        <FindingLine key={findingKey(finding)} finding={finding} linksFact />
      ))}
    </ul>
  );
