import { correctedMs, noLaterThan, type Timed } from './in-time';
import type { Reading } from './reading';
import type { SettingMark } from './setting-marks';
import type { JobHistory } from './stored-job';
import { isTime } from './time';
import type { Visit, VisitReason } from './visit';

/** What is done on a visit. */
interface Done extends Timed {
  readonly visit: string;
  readonly author: string;
}

/**
 * A visit ends after this long without an entry, ms. Our judgment: longer than a day of work, shorter than from one
 * evening to the next morning.
 */
export const VISIT_GAP_MS = 12 * 3_600_000;

/** Visits, earliest first. */
export const visitsInTime = (visits: readonly Visit[]): Visit[] =>
  [...visits].sort((a, b) => a.began.localeCompare(b.began) || a.id.localeCompare(b.id));

/** The last visit of a system; undefined where there was none. */
export const lastVisit = (visits: readonly Visit[]): Visit | undefined => visitsInTime(visits).at(-1);

/** Readings or marks of one visit. */
export const ofVisit = <D extends { readonly visit: string }>(
  done: readonly D[],
  visit: string | undefined,
): readonly D[] => done.filter((each) => each.visit === visit);

/** Time of the last entry of a visit, or of its start, ms since 1970. */
export const lastDoneMs = (visit: Visit, done: readonly Done[]): number =>
  ofVisit(done, visit.id).reduce((last, each) => Math.max(last, correctedMs(each)), Date.parse(visit.began));

/** Whether an entry at a time belongs to a visit: during it or shortly after. */
const isOf = (visit: Visit, done: readonly Done[], ms: number): boolean => {
  const isBefore = ms < Date.parse(visit.began) - VISIT_GAP_MS;
  if (visit.ended !== null) return !isBefore && ms <= Date.parse(visit.ended);
  return !isBefore && ms - lastDoneMs(visit, done) <= VISIT_GAP_MS;
};

/**
 * Whether a visit is over at a time: ended, or without entries for so long that the next entry starts another.
 * @param now ms since 1970
 */
export const isClosed = (visit: Visit, done: readonly Done[], now: number): boolean =>
  visit.ended !== null || now - lastDoneMs(visit, done) > VISIT_GAP_MS;

/** Likely reason of a system's next visit. */
export const likelyReason = (visits: readonly Visit[]): VisitReason => (visits.length === 0 ? 'new' : 'call-back');

/** All entries of a system. */
export const allEntries = ({
  readings,
  settingMarks,
}: Pick<JobHistory, 'readings' | 'settingMarks'>): readonly Done[] => [...readings, ...settingMarks];

/** Counting readings of a job's last visit. */
export const lastReadings = ({ readings, visits }: Pick<JobHistory, 'readings' | 'visits'>): readonly Reading[] =>
  ofVisit(readings, lastVisit(visits)?.id);

/** Marks of a job's last visit. */
export const lastMarks = ({
  settingMarks,
  visits,
}: Pick<JobHistory, 'settingMarks' | 'visits'>): readonly SettingMark[] => ofVisit(settingMarks, lastVisit(visits)?.id);

/** Start of a visit that begins with an entry: by the device clock if the corrected time is not believable. */
const beganAt = (first: Timed): string => {
  const corrected = new Date(correctedMs(first)).toISOString();
  return isTime(corrected) ? corrected : new Date(first.at).toISOString();
};

const timeNoLaterThan = (time: string, ms: number): string =>
  Date.parse(time) <= ms ? time : new Date(ms).toISOString();

/** A visit whose start and end are no later than its arrival. */
export const visitNoLaterThan = (visit: Visit, receivedMs: number): Visit => ({
  ...visit,
  began: timeNoLaterThan(visit.began, receivedMs),
  ended: visit.ended === null ? null : timeNoLaterThan(visit.ended, receivedMs),
});

/** A history with no entry later than its arrival. */
export const historyNoLaterThan = ({ readings, settingMarks, visits }: JobHistory, receivedMs: number): JobHistory => ({
  readings: readings.map((reading) => noLaterThan(reading, receivedMs)),
  settingMarks: settingMarks.map((mark) => noLaterThan(mark, receivedMs)),
  visits: visits.map((visit) => visitNoLaterThan(visit, receivedMs)),
});

/** Incoming entries with their visits, and the visits that begin with them. */
export interface Placed<D> {
  readonly done: readonly D[];
  readonly begun: readonly Visit[];
}

/**
 * Finds the visit for entries from a device. A known visit is kept, however late its entries arrive; an unknown one,
 * from a device offline, becomes a visit that someone else began about that time, or a new one.
 * @param proposed visits as the device began them
 */
export const placeOnVisits = <D extends Done>(
  record: JobHistory,
  proposed: readonly Visit[],
  incoming: readonly D[],
): Placed<D> => {
  const before = allEntries(record);
  const known = [...record.visits];
  const landsOn = new Map<string, string>(known.map(({ id }) => [id, id]));
  const began = (visit: string): Visit => {
    const own = incoming.filter((each) => each.visit === visit);
    const first = own.reduce((earliest, each) => (correctedMs(each) < correctedMs(earliest) ? each : earliest));
    const { reason = likelyReason(known), author = first.author } = proposed.find(({ id }) => id === visit) ?? {};
    // A visit with new entries has not ended, whatever the device thought.
    return { id: visit, reason, author, began: beganAt(first), ended: null };
  };
  const begun: Visit[] = [];
  for (const { visit } of incoming) {
    if (landsOn.has(visit)) continue;
    const own = began(visit);
    const near = known.find((each) => isOf(each, before, Date.parse(own.began)));
    landsOn.set(visit, near?.id ?? visit);
    if (near) continue;
    known.push(own);
    begun.push(own);
  }
  return { done: incoming.map((each) => ({ ...each, visit: landsOn.get(each.visit)! })), begun };
};

/**
 * Groups entries into visits, split at gaps of more than twelve hours. A visit's id comes from its first entry, so that
 * the same record gives the same visits.
 * @returns the visits, and the visit of each entry by id
 */
export const splitVisits = (
  done: readonly Omit<Done, 'visit'>[],
): { readonly visits: readonly Visit[]; readonly of: ReadonlyMap<string, string> } => {
  const visits: Visit[] = [];
  const of = new Map<string, string>();
  let last = -Infinity;
  for (const each of [...done].sort((a, b) => correctedMs(a) - correctedMs(b) || a.id.localeCompare(b.id))) {
    if (correctedMs(each) - last > VISIT_GAP_MS)
      visits.push({
        id: each.id,
        reason: likelyReason(visits),
        began: beganAt(each),
        ended: null,
        author: each.author,
      });
    last = correctedMs(each);
    of.set(each.id, visits.at(-1)!.id);
  }
  return { visits, of };
};
