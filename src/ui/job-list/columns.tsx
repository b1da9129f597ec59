'use client';

import { createColumnHelper, rowSortingFeature, tableFeatures } from '@tanstack/react-table';
import { StickyNote, UserRound } from 'lucide-react';
import Link from 'next/link';
import type { Severity } from '@/core/job/finding';
import { type JobSummary, STAGES } from '@/core/job-list/job-summary';
import { LocalizedDegrees } from '@/ui/degrees/degrees';
import { SeverityMark } from '@/ui/findings/severity-mark';
import { DateText } from '@/ui/kit/date-text';
import { useAtWork } from '@/ui/person/at-work';
import { SmallRuler } from './small-ruler';

export const JOB_LIST_FEATURES = tableFeatures({ rowSortingFeature });

const column = createColumnHelper<typeof JOB_LIST_FEATURES, JobSummary>();

const JobCell = ({ job: { id, name, street, town, note, onIt } }: { job: JobSummary }) => {
  const { me } = useAtWork();
  const others = onIt.filter((person) => person !== me);
  return (
    // The whole line is a link to the job.
    <Link href={`/jobs/${id}/survey`} prefetch={false} className="block min-w-0 after:absolute after:inset-0">
      <span className="block truncate font-label text-xl leading-tight font-semibold">{name}</span>
      <span className="block truncate text-sm text-quiet">
        {[street, town].filter(Boolean).join(', ') || 'no address yet'}
      </span>
      {note && (
        <span className="flex items-center gap-1.5 text-sm font-medium">
          <StickyNote size={14} aria-label="Note" className="shrink-0" />
          <span className="truncate">{note}</span>
        </span>
      )}
      {others.length > 0 && (
        <span className="flex items-center gap-1.5 text-sm text-quiet">
          <UserRound size={14} aria-hidden className="shrink-0" />
          <span className="truncate">Open now by: {others.join(', ')}</span>
        </span>
      )}
    </Link>
  );
};

const StateCell = ({ job: { stage, outline, isOld, isSignedElsewhere } }: { job: JobSummary }) => (
  <>
    {isOld && <span className="block text-sm text-quiet">Out of date: being recalculated</span>}
    <span className="flex flex-wrap items-center gap-x-3 font-medium">
      {isSignedElsewhere ? 'Imported, signed elsewhere' : STAGES[stage]}
      {outline.readings > 0 && (
        <span className="font-mono text-quiet">
          {outline.readings} {outline.readings === 1 ? 'reading' : 'readings'}
        </span>
      )}
      {(['error', 'warning'] as const satisfies readonly Severity[]).map((severity) =>
        outline.findings[severity] > 0 ? (
          <span key={severity} className="flex items-center gap-1 font-mono">
            <SeverityMark severity={severity} />
            {outline.findings[severity]}
          </span>
        ) : null,
      )}
    </span>
    {outline.next && (
      <span className={outline.stops?.length ? 'block font-semibold text-fail' : 'block truncate text-quiet'}>
        <LocalizedDegrees>{outline.next}</LocalizedDegrees>
      </span>
    )}
  </>
);

/** Columns of the job list; sortable ones can be tapped. The server sorts. */
export const JOB_LIST_COLUMNS = column.columns([
  column.accessor('name', { id: 'name', header: 'Job', cell: ({ row }) => <JobCell job={row.original} /> }),
  column.accessor(({ outline }) => outline.findings.error, {
    id: 'findings',
    header: 'Findings',
    cell: ({ row }) => <StateCell job={row.original} />,
  }),
  column.display({
    id: 'gates',
    header: 'Lockouts',
    enableSorting: false,
    cell: ({ row }) => <SmallRuler {...row.original.outline.ruler} />,
  }),
  column.accessor('updatedAt', {
    id: 'changed',
    header: 'Last change',
    cell: ({ row }) => <DateText at={row.original.updatedAt} />,
  }),
]);
