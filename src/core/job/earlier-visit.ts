import type { Reading } from './reading';
import type { JobHistory } from './stored-job';
import type { Visit } from './visit';
import { ofVisit } from './visits';

const YEAR_MS = 365.25 * 24 * 3_600_000;

/**
 * The visit that today's readings are held against: of those before a visit, the one nearest to a year before it, as
 * the weather and the season are alike then. Null: it is the first.
 */
export const visitToCompare = (visits: JobHistory['visits'], shown: Visit | undefined): Visit | null => {
  if (!shown) return null;
  const aYearAgo = Date.parse(shown.began) - YEAR_MS;
  const away = ({ began }: Visit) => Math.abs(Date.parse(began) - aYearAgo);
  return visits
    .filter(({ id, began }) => id !== shown.id && began < shown.began)
    .reduce<Visit | null>((nearest, each) => (nearest === null || away(each) < away(nearest) ? each : nearest), null);
};

/** What was read on the visit that another is held against; nothing where it is the first. */
export const earlierReadings = (
  { readings, visits }: Pick<JobHistory, 'readings' | 'visits'>,
  shown: Visit | undefined,
): readonly Reading[] => {
  const visit = visitToCompare(visits, shown);
  return visit ? ofVisit(readings, visit.id) : [];
};
