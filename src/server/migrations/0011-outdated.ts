import type { QueryInterface } from 'sequelize';
import type { Within } from './within';

/** Job summaries that a change has outdated: few, and read before sorting the job list by them. */
export const name = '0011-outdated';

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  await schema.sequelize.query(
    `CREATE INDEX job_summaries_outdated ON job_summaries (crew_id) WHERE core_version = ''`,
    within,
  );
};
