'use client';

import { findingKey } from '@/core/job/finding';
import { tally } from '@/core/startup/plan';
import { useJob } from '../job/provider';
import { useModel } from '../job/use-model';
import { SeverityMark } from '../severity-mark';

/** What is still open: findings, and steps not read. */
export const RecordOpen = () => {
  const model = useModel();
  const readings = useJob((job) => job.readings);
  const moment = useJob((job) => job.moment);
  const confirmed = useJob((job) => job.confirmed);
  const all = model.findings(readings, confirmed);
  const findings = all.filter(({ under }) => under === undefined);
  const explained = all.length - findings.length;
  const open = model.startup(readings, moment).filter((planned) => tally([planned]).open > 0);
  if (findings.length === 0 && open.length === 0) return <p className="text-sm">Nothing.</p>;
  return (
    <ul className="space-y-1 text-sm">
      {findings.map((finding) => (
        <li key={findingKey(finding)} className="flex gap-2">
          <SeverityMark severity={finding.severity} />
          {finding.waived
            ? `${finding.what} Waived by ${finding.waived.by}: ${finding.waived.reason}`
            : `${finding.what} ${finding.mend}`}
        </li>
      ))}
      {explained > 0 && <li>{explained} more, explained by the first.</li>}
      {open.map(({ step, items }) => (
        <li key={step.id}>
          {step.title}: {items.filter(({ reading }) => !reading).length} of {items.length} not read.
        </li>
      ))}
    </ul>
  );
};
