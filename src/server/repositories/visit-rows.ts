import type { Visit } from '../../core/job/visit';
import type { VisitRow } from '../models/visit';

/** A visit as a row. */
export const toVisitRow = (jobId: string, { id, reason, began, ended, author }: Visit) => ({
  jobId,
  id,
  reason,
  beganAt: new Date(began),
  endedAt: ended === null ? null : new Date(ended),
  author,
});

/** A row as a visit. */
export const fromVisitRow = (row: VisitRow): Visit => ({
  id: row.id,
  reason: row.reason,
  began: row.beganAt.toISOString(),
  ended: row.endedAt?.toISOString() ?? null,
  author: row.author,
});
