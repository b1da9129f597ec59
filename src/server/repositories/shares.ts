import { randomUUID } from 'node:crypto';
import { homeownerPage, type Paragraph } from '../../core/handover/homeowner';
import { siteAddress } from '../../core/handover/site-address';
import { newToken, tokenHash } from '../access/tokens';
import { type CrewScope, inCrew, inCrewOfToken } from '../crew';
import { database, select } from '../database';
import { handoversOf } from './handovers';
import { getJob, hasJob } from './jobs';

/** A homeowner link. */
export interface Share {
  readonly id: string;
  readonly madeBy: string;
  readonly until: string;
  readonly isOver: boolean;
  /** Number of times it was opened. */
  readonly opened: number;
}

/** Homeowner links of a job, newest first; null if there is no such job. */
export const listShares = (scope: CrewScope, jobId: string): Promise<Share[] | null> =>
  inCrew(scope, async () => {
    if (!(await hasJob(jobId))) return null;
    return (
      await select<Omit<Share, 'until'> & { until: Date }>(
        `SELECT id, made_by AS "madeBy", until, revoked_at IS NOT NULL OR until < now() AS "isOver", opened
         FROM shares WHERE job_id = :jobId ORDER BY made_at DESC, id LIMIT 100`,
        { jobId },
      )
    ).map(({ until, ...share }) => ({ ...share, until: until.toISOString() }));
  });

/**
 * Creates a link that shows only the homeowner page, for some days.
 * @returns its token, shown once; null where there is no such job
 */
export const makeShare = (scope: CrewScope, jobId: string, days: number, madeBy: string): Promise<string | null> =>
  inCrew(scope, async () => {
    if (!(await hasJob(jobId))) return null;
    const token = newToken();
    await database().query(
      `INSERT INTO shares (job_id, id, token_hash, made_by, until)
       VALUES (:jobId, :id, :hash, :madeBy, now() + make_interval(days => :days))`,
      { replacements: { jobId, id: randomUUID(), hash: tokenHash(token), madeBy, days } },
    );
    return token;
  });

/** Ends a link; false if there is none to end. */
export const endShare = (scope: CrewScope, jobId: string, id: string): Promise<boolean> =>
  inCrew(scope, async () => {
    const [rows] = await database().query(
      'UPDATE shares SET revoked_at = now() WHERE job_id = :jobId AND id = :id AND revoked_at IS NULL RETURNING id',
      { replacements: { jobId, id } },
    );
    return rows.length === 1;
  });

/** Content of a link: the page of the last handover, else the present one; and its end. */
export interface Shared {
  readonly address: string;
  readonly paragraphs: readonly Paragraph[];
  readonly until: string;
}

/** Content of a link, counted as opened; null if ended or unknown. */
export const openShare = (token: string): Promise<Shared | null> =>
  inCrewOfToken(
    token,
    (hash) =>
      select<{ crewId: string; jobId: string; until: Date }>(
        `SELECT crew_id AS "crewId", job_id AS "jobId", until FROM shares
         WHERE token_hash = :hash AND revoked_at IS NULL AND until > now()`,
        { hash },
      ),
    async ({ jobId, until }, scope, hash) => {
      await database().query('UPDATE shares SET opened = opened + 1 WHERE token_hash = :hash', {
        replacements: { hash },
      });
      const job = await getJob(scope, jobId);
      if (!job) return null;
      const records = job.handedOverAt === null ? [] : await handoversOf(scope, jobId);
      // What was signed elsewhere is not shown as this crew's.
      const kept = records.find(({ imported }) => !imported);
      return {
        address: kept?.record.address ?? siteAddress(job.document.facts),
        paragraphs: kept?.record.homeowner ?? homeownerPage(job.document.facts),
        until: until.toISOString(),
      };
    },
  );
