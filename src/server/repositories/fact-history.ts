import type { FactPath } from '../../core/job/document';
import type { PastChange } from '../../core/job/past-change';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';

/** Maximum changes of one fact shown, latest ones. */
const MOST = 50;

/** Every change of a fact of a job: who, when, from, to; latest first. */
export const factHistory = (scope: CrewScope, jobId: string, path: FactPath): Promise<PastChange[] | null> =>
  inCrew(scope, async () => {
    if ((await models().JobRow.count({ where: { id: jobId, deletedAt: null } })) === 0) return null;
    const rows = await models().FactChangeRow.findAll({
      where: { jobId, path },
      order: [
        ['revision', 'DESC'],
        ['id', 'DESC'],
      ],
      limit: MOST,
    });
    return rows.map(({ before, after, author, changedAt }) => ({
      before,
      after,
      author,
      at: changedAt.toISOString(),
    }));
  });
