import type { Reading } from './reading';
import type { JobHistory } from './stored-job';
import type { Visit } from './visit';
import { ofVisit } from './visits';

const YEAR_MS = 365.25 * 24 * 3_600_000;

/**
 * The comparison visit: of the visits before, the one nearest to a year earlier, in similar weather. Null: it is the
 * first.
 */
export const visitToCompare = (visits: JobHistory['visits'], shown: Visit | undefined): Visit | null => {
  if (!shown) return null;
  const aYearAgo = Date.parse(shown.began) - YEAR_MS;
  const away = ({ began }: Visit) => Math.abs(Date.parse(began) - aYearAgo);
  return visits
    .filter(({ id, began }) => id !== shown.id && began < shown.began)
    .reduce<Visit | null>((nearest, each) => (nearest === null || away(each) < away(nearest) ? each : nearest), null);
};

/** Readings of the comparison visit; none for a first visit. */
export const earlierReadings = (
  { readings, visits }: Pick<JobHistory, 'readings' | 'visits'>,
  shown: Visit | undefined,
): readonly Reading[] => {
  const visit = visitToCompare(visits, shown);
  return visit ? ofVisit(readings, visit.id) : [];
};
