import Link from 'next/link';
import { type JobSummary, STAGES } from '@/core/board/job-summary';
import type { Severity } from '@/core/job/finding';
import { Said } from '@/ui/degrees';
import { SeverityMark } from '@/ui/severity-mark';
import { When } from '@/ui/when';
import { SmallRuler } from './small-ruler';

/** One job on the board: where it is, what comes next, its gates, and when it last moved. */
export const JobLine = ({ job: { id, name, street, town, stage, updatedAt, outline } }: { job: JobSummary }) => (
  <Link href={`/jobs/${id}/sheet`} prefetch={false} className="board-line">
    <span className="min-w-0">
      <span className="block truncate font-label text-xl leading-tight font-semibold">{name}</span>
      <span className="block truncate text-sm text-quiet">
        {[street, town].filter(Boolean).join(', ') || 'no address yet'}
      </span>
    </span>
    <span className="min-w-0 text-sm">
      <span className="flex flex-wrap items-center gap-x-3 font-medium">
        {STAGES[stage]}
        {outline.readings > 0 && <span className="font-mono text-quiet">{outline.readings} read</span>}
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
        <span className="block truncate text-quiet">
          <Said>{outline.next}</Said>
        </span>
      )}
    </span>
    <span className="flex items-center gap-4 sm:contents">
      <SmallRuler {...outline.ruler} />
      <span className="text-sm text-quiet">
        <When at={updatedAt} />
      </span>
    </span>
  </Link>
);
