import { isId } from '../../core/job/id-schema';
import { isTime } from '../../core/job/time';
import type { JobListQuery, JobListSort } from '../../core/job-list/job-list-query';
import {
  type JobListPage,
  type JobOutline,
  type JobSummary,
  type Stage,
  stageOf,
} from '../../core/job-list/job-summary';
import { coreVersion } from '../core-version';
import { type CrewScope, selectInCrew } from '../crew';
import { sharedWork } from '../shared-work';
import { NEWEST_NOTE, PRESENT_PEOPLE } from './company';
import { NO_OUTLINE } from './summaries';
import { outdatedJobs, recalculateNow } from './summarise-soon';

/** Jobs on one page of the board. */
export const JOB_LIST_PAGE = 50;

interface BoardRow {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly street: string;
  readonly town: string;
  readonly handed_over_at: Date | null;
  readonly imported_at: Date | null;
  readonly archived_at: Date | null;
  readonly updated_at: Date;
  readonly note: string | null;
  readonly on_it: readonly string[] | null;
  readonly summary: JobOutline | null;
  readonly core_version: string | null;
  readonly sort_key: Date | string | number;
}

/** Words of a search that count. */
const MOST_WORDS = 8;
const escapeLike = (text: string) => text.replace(/[\\%_]/g, (sign) => `\\${sign}`);

const wordsOf = (search: string): string[] =>
  search.toLowerCase().replaceAll('\u0000', ' ').split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);

/**
 * An order of the board: its sort key as SQL, the key of a row as text, and the way it runs. Jobs with the same key
 * stand by id.
 */
interface Order {
  readonly key: string;
  readonly type: 'timestamptz' | 'text' | 'integer';
  readonly way: 'ASC' | 'DESC';
  /** Whether the key is in the summary that stands next to the job. */
  readonly needsSummary: boolean;
}

/** Errors count before warnings, and any number of warnings never outweighs one error. */
const FINDINGS_KEY = `least(999, coalesce((s.summary->'findings'->>'error')::int, 0)) * 1000
  + least(999, coalesce((s.summary->'findings'->>'warning')::int, 0))`;

const ORDERS: Readonly<Record<JobListSort, Order>> = {
  changed: { key: 'j.updated_at', type: 'timestamptz', way: 'DESC', needsSummary: false },
  name: { key: 'lower(j.name)', type: 'text', way: 'ASC', needsSummary: false },
  findings: { key: FINDINGS_KEY, type: 'integer', way: 'DESC', needsSummary: true },
};

/** Conditions of a stage, as `stageOf` has them. */
const READINGS = "coalesce((s.summary->>'readings')::int, 0)";
const STAGE_IS: Readonly<Record<Stage, string>> = {
  planning: `j.handed_over_at IS NULL AND ${READINGS} = 0`,
  startup: `j.handed_over_at IS NULL AND ${READINGS} > 0`,
  'handed-over': 'j.handed_over_at IS NOT NULL',
};

/** A place on the board: an order, and the row after which a page begins. */
interface Place {
  readonly sort: JobListSort;
  readonly key: string;
  readonly id: string;
}

const PLACE = /^(changed|name|findings):(.{0,400}):([0-9a-f-]{36})$/su;
const KEY_IS: Readonly<Record<JobListSort, RegExp>> = {
  changed: /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/,
  name: /^[^\u0000]*$/,
  findings: /^\d{1,6}$/,
};

const readPlace = (text: string): Place | null => {
  const [, sort, key, id] = PLACE.exec(text) ?? [];
  const isKey = sort && key !== undefined && KEY_IS[sort as JobListSort].test(key);
  return isKey && id && isId(id) && (sort !== 'changed' || isTime(key)) ? { sort: sort as JobListSort, key, id } : null;
};

/** Whether a text is a place of an order that a page of the board may begin after. */
export const isListPosition = (text: string, sort: JobListSort): boolean => readPlace(text)?.sort === sort;

/** The place after a row, as an address holds it. */
const placeAfter = (sort: JobListSort, { sort_key, id }: BoardRow): string =>
  `${sort}:${sort_key instanceof Date ? sort_key.toISOString() : sort_key}:${id}`;

/** This many old answers the job list waits for at first, and so long, ms: what is still old then is shown as old. */
const MOST_WAITED_FOR = 20;
const LONGEST_WAIT_MS = 800;
/** Who shows something old already waits for all of it, so long, ms. */
const LONGEST_REFRESH_MS = 8000;

/** What is calculated by then; the others are calculated all the same. */
const inTime = async <T>(asked: readonly Promise<T>[], longestMs: number): Promise<(T | null)[]> => {
  if (longestMs === 0) return asked.map(() => null);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<null>((tell) => {
    timer = setTimeout(() => tell(null), longestMs);
  });
  const answers = await Promise.all(asked.map((each) => Promise.race([each, late])));
  clearTimeout(timer);
  return answers;
};

const isOld = ({ summary, core_version }: BoardRow): boolean => summary === null || core_version !== coreVersion();

/** Outlines of rows: as they were kept, calculated again, or old where that takes longer than anyone waits. */
const outlinesOf = async (
  scope: CrewScope,
  rows: readonly BoardRow[],
  isRefresh: boolean,
): Promise<ReadonlyMap<string, JobOutline>> => {
  const old = rows.filter(isOld);
  const asked = old.map(({ id }) => recalculateNow(scope, id));
  const waitMs = old.length <= MOST_WAITED_FOR ? LONGEST_WAIT_MS : 0;
  const answers = await inTime(asked, isRefresh ? LONGEST_REFRESH_MS : waitMs);
  return new Map(old.flatMap(({ id }, at) => (answers[at] ? [[id, answers[at]]] : [])));
};

const toSummary = (row: BoardRow, fresh: JobOutline | undefined): JobSummary => {
  const outline = fresh ?? row.summary ?? NO_OUTLINE;
  return {
    id: row.id,
    name: row.name,
    customer: row.customer,
    street: row.street,
    town: row.town,
    stage: stageOf(row.handed_over_at?.toISOString() ?? null, outline.readings),
    archivedAt: row.archived_at?.toISOString() ?? null,
    updatedAt: row.updated_at.toISOString(),
    note: row.note ?? '',
    onIt: row.on_it ?? [],
    outline,
    ...(isOld(row) && !fresh ? { isOld: true } : {}),
    ...(row.handed_over_at && row.imported_at && row.handed_over_at <= row.imported_at
      ? { isSignedElsewhere: true }
      : {}),
  };
};

/** Rows of one page, and one more where there are any: their places first, by the board’s own index where it can be. */
const boardRows = (
  scope: CrewScope,
  { isArchived, sort, stage }: JobListQuery,
  words: readonly string[],
  after: Place | null,
) => {
  const { key, type, way, needsSummary } = ORDERS[sort];
  const joins = needsSummary || stage !== null ? 'LEFT JOIN job_summaries s ON s.job_id = j.id' : '';
  return selectInCrew<BoardRow>(
    scope,
    `SELECT j.id, j.name, j.customer, j.street, j.town, j.handed_over_at, j.imported_at, j.archived_at, j.updated_at,
              s.summary, s.core_version, page.sort_key, ${NEWEST_NOTE} AS note, ${PRESENT_PEOPLE} AS on_it
       FROM (SELECT j.id, ${key} AS sort_key FROM jobs j ${joins}
             WHERE j.deleted_at IS NULL AND j.archived_at IS ${isArchived ? 'NOT NULL' : 'NULL'}
               ${words.map((_, word) => `AND j.search_text LIKE :word${word}`).join(' ')}
               ${stage === null ? '' : `AND ${STAGE_IS[stage]}`}
               ${after === null ? '' : `AND (${key}, j.id) ${way === 'DESC' ? '<' : '>'} (CAST(:key AS ${type}), CAST(:id AS uuid))`}
             ORDER BY ${key} ${way}, j.id ${way}
             LIMIT ${JOB_LIST_PAGE + 1}) page
       JOIN jobs j ON j.id = page.id
       LEFT JOIN job_summaries s ON s.job_id = j.id
       ORDER BY page.sort_key ${way}, j.id ${way}`,
    {
      key: after?.key,
      id: after?.id,
      ...Object.fromEntries(words.map((word, number) => [`word${number}`, `%${escapeLike(word)}%`])),
    },
  );
};

const pageOf = async (
  scope: CrewScope,
  question: JobListQuery,
  after: string | null,
  isRefresh: boolean,
): Promise<JobListPage> => {
  const place = after === null ? null : readPlace(after);
  if (ORDERS[question.sort].needsSummary || question.stage !== null) {
    const outdated = await outdatedJobs(scope, MOST_WAITED_FOR);
    await inTime(
      outdated.map((id) => recalculateNow(scope, id)),
      LONGEST_WAIT_MS,
    );
  }
  const rows = await boardRows(scope, question, wordsOf(question.words), place);
  const page = rows.slice(0, JOB_LIST_PAGE);
  const fresh = await outlinesOf(scope, page, isRefresh);
  return {
    jobs: page.map((row) => toSummary(row, fresh.get(row.id))),
    next: rows.length > JOB_LIST_PAGE ? placeAfter(question.sort, page.at(-1)!) : null,
  };
};

const share = sharedWork<JobListPage>();

/**
 * One page of the board: jobs on the bench, or those on the shelf, in the order that is asked for. Every word of the
 * search must occur. A page begins after a place, not at a number, so that jobs which change meanwhile neither hide
 * nor repeat. People of a crew who ask for the same page at the same time share it.
 * @param after where the page before ended
 * @param isRefresh whether who asks shows old answers already, and waits for those of today
 */
export const listJobs = (
  scope: CrewScope,
  question: JobListQuery,
  after: string | null = null,
  isRefresh = false,
): Promise<JobListPage> => {
  const { sort, stage, isArchived, words } = question;
  return share(JSON.stringify([scope.crewId, sort, stage, isArchived, words, after, isRefresh]), () =>
    pageOf(scope, question, after, isRefresh),
  );
};
