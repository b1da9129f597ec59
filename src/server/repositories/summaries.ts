import { QueryTypes } from 'sequelize';
import { jobOutline } from '../../core/board/job-outline';
import type { JobOutline } from '../../core/board/job-summary';
import type { StoredJob } from '../../core/job/stored-job';
import { coreVersion } from '../core-version';
import { database } from '../database';
import { log } from '../log';

const outlineOf = (job: StoredJob): JobOutline | null => {
  try {
    return jobOutline(job);
  } catch (problem) {
    log.error({ event: 'no outline', job: job.id, err: problem });
    return null;
  }
};

/** The version of an answer that a change has made old: no core's. */
export const OUTDATED = '';

/**
 * Keeps core's own answer for the board, while nothing else is done to the job. A job that core cannot answer for is
 * kept all the same: its answer is asked for again when the board wants it.
 * @returns the answer; null where core has none
 */
export const summarise = async (job: StoredJob): Promise<JobOutline | null> => {
  const outline = outlineOf(job);
  if (outline === null) return null;
  await database().query(
    `INSERT INTO job_summaries (job_id, core_version, summary) VALUES (:id, :version, :outline)
     ON CONFLICT (crew_id, job_id) DO UPDATE
       SET core_version = excluded.core_version, summary = excluded.summary, made_at = now()`,
    {
      replacements: { id: job.id, version: coreVersion(), outline: JSON.stringify(outline) },
      type: QueryTypes.INSERT,
    },
  );
  return outline;
};
