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
import { outdatedJobs, recalculateNow } from './recalculate-soon';
import { NO_OUTLINE } from './summaries';

/** Jobs per page of the list. */
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

/** Maximum search words. */
const MOST_WORDS = 8;
const escapeLike = (text: string) => text.replace(/[\\%_]/g, (sign) => `\\${sign}`);

const wordsOf = (search: string): string[] =>
  search.toLowerCase().replaceAll('\u0000', ' ').split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);

/** A sort order of the list: SQL key, key of a row as text, and direction. Equal keys are sorted by id. */
interface Order {
  readonly key: string;
  readonly type: 'timestamptz' | 'text' | 'integer';
  readonly way: 'ASC' | 'DESC';
  /** Whether the key is in the job's summary. */
  readonly needsSummary: boolean;
}

/** Errors sort before warnings; no number of warnings outweighs an error. */
const FINDINGS_KEY = `least(999, coalesce((s.summary->'findings'->>'error')::int, 0)) * 1000
  + least(999, coalesce((s.summary->'findings'->>'warning')::int, 0))`;

const ORDERS: Readonly<Record<JobListSort, Order>> = {
  changed: { key: 'j.updated_at', type: 'timestamptz', way: 'DESC', needsSummary: false },
  name: { key: 'lower(j.name)', type: 'text', way: 'ASC', needsSummary: false },
  findings: { key: FINDINGS_KEY, type: 'integer', way: 'DESC', needsSummary: true },
};

/** Conditions of a stage, matching `stageOf`. */
const READINGS = "coalesce((s.summary->>'readings')::int, 0)";
const STAGE_IS: Readonly<Record<Stage, string>> = {
  planning: `j.handed_over_at IS NULL AND ${READINGS} = 0`,
  startup: `j.handed_over_at IS NULL AND ${READINGS} > 0`,
  'handed-over': 'j.handed_over_at IS NOT NULL',
};

/** A position in the list: an order, and the row after which a page begins. */
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

/** Whether a text is a valid page position of an order. */
export const isListPosition = (text: string, sort: JobListSort): boolean => readPlace(text)?.sort === sort;

/** The position after a row, for an address. */
const placeAfter = (sort: JobListSort, { sort_key, id }: BoardRow): string =>
  `${sort}:${sort_key instanceof Date ? sort_key.toISOString() : sort_key}:${id}`;

/**
 * Number of outdated summaries the list waits for on first request, and how long, ms; the rest is shown as outdated.
 */
const MOST_WAITED_FOR = 20;
const LONGEST_WAIT_MS = 800;
/** Wait of a viewer who already shows outdated summaries, ms: for all of them. */
const LONGEST_REFRESH_MS = 8000;

/** What is calculated by then; the others follow anyway. */
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

/** Summaries of rows: stored, recalculated, or outdated if that takes too long. */
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

/** Rows of one page plus one: positions first, from the list’s own index where possible. */
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
 * One page of the job list, active or archived, in a given order. Every search word must match. A page begins after a
 * position, not a number, so that changing jobs neither hide nor repeat. Simultaneous identical requests of a crew
 * share one query.
 * @param after end of the page before
 * @param isRefresh whether the viewer shows outdated summaries and waits for current ones
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
