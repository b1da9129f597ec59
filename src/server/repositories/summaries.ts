import { QueryTypes } from 'sequelize';
import { RULER_SPAN_F } from '../../core/balance/range';
import type { StoredJob } from '../../core/job/stored-job';
import type { JobOutline } from '../../core/job-list/job-summary';
import { coreVersion } from '../core-version';
import { database } from '../database';
import { log } from '../log';
import { inThread } from '../threads/in-thread';

/** Shown for a job without a summary. */
export const NO_OUTLINE: JobOutline = {
  readings: 0,
  findings: { error: 0, warning: 0, advice: 0 },
  startup: { open: 0, pass: 0, warn: 0, fail: 0 },
  next: 'This job cannot be calculated. Open it and check its Survey.',
  lastVisit: null,
  ruler: { spanF: RULER_SPAN_F, lanes: [], holesF: [], designF: 0, balanceF: null },
};

/** Core's job summary, calculated outside of the request thread. */
export const outlineOf = async (job: StoredJob): Promise<JobOutline> => {
  try {
    return await inThread('outline', job);
  } catch (problem) {
    log.error({ event: 'no outline', job: job.id, err: problem });
    return NO_OUTLINE;
  }
};

/** Version mark of an outdated summary; never a core version. */
export const OUTDATED = '';

/** Stores a job's summary, in a transaction that locks the job. */
export const saveOutline = async (jobId: string, outline: JobOutline): Promise<void> => {
  await database().query(
    `INSERT INTO job_summaries (job_id, core_version, summary) VALUES (:jobId, :version, :outline)
     ON CONFLICT (crew_id, job_id) DO UPDATE
       SET core_version = excluded.core_version, summary = excluded.summary, made_at = now()`,
    {
      replacements: { jobId, version: coreVersion(), outline: JSON.stringify(outline) },
      type: QueryTypes.INSERT,
    },
  );
};

/** Calculates and stores a job's summary while the job is locked. */
export const summarize = async (job: StoredJob): Promise<void> => saveOutline(job.id, await outlineOf(job));
