import { QueryTypes } from 'sequelize';
import { type BoardPage, type JobOutline, type JobSummary, stageOf } from '../../core/board/job-summary';
import { RULER_SPAN_F } from '../../core/crossing/range';
import { coreVersion } from '../core-version';
import { inCrew } from '../crew';
import { database } from '../database';
import { getJob } from './jobs';
import { summarise } from './summaries';

/** Jobs on one page of the board. */
export const BOARD_PAGE = 50;

interface BoardRow {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly street: string;
  readonly town: string;
  readonly handed_over_at: Date | null;
  readonly archived_at: Date | null;
  readonly updated_at: Date;
  readonly summary: JobOutline | null;
  readonly core_version: string | null;
}

/** Words of a search that count. */
const MOST_WORDS = 8;
const escapeLike = (text: string) => text.replace(/[\\%_]/g, (sign) => `\\${sign}`);

const wordsOf = (search: string): string[] =>
  search.toLowerCase().replaceAll('\u0000', ' ').split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);

/** The place after a row, as an address holds it. */
const placeAfter = ({ updated_at, id }: BoardRow) => `${updated_at.toISOString()}_${id}`;

const PLACE = /^(\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z)_([0-9a-f-]{36})$/;

/** Whether a text is a place that a page of the board may begin after. */
export const isBoardPlace = (text: string): boolean => PLACE.test(text);

/** What is said of a job that core has no answer for. */
const NO_OUTLINE: JobOutline = {
  readings: 0,
  findings: { error: 0, warning: 0, advice: 0 },
  startup: { open: 0, pass: 0, warn: 0, fail: 0 },
  next: 'This job cannot be worked out. Open it, and check its Sheet.',
  lastVisit: null,
  ruler: { spanF: RULER_SPAN_F, lanes: [], holesF: [], designF: 0, balanceF: null },
};

/** The outline of a row: as it was kept, or worked out again where the core that kept it is not today's. */
const outlineOf = (row: BoardRow): Promise<JobOutline> | JobOutline =>
  row.summary !== null && row.core_version === coreVersion()
    ? row.summary
    : inCrew(async () => {
        const job = await getJob(row.id);
        return (job && (await summarise(job))) ?? NO_OUTLINE;
      });

const toSummary = async (row: BoardRow): Promise<JobSummary> => {
  const outline = await outlineOf(row);
  return {
    id: row.id,
    name: row.name,
    customer: row.customer,
    street: row.street,
    town: row.town,
    stage: stageOf(row.handed_over_at?.toISOString() ?? null, outline.readings),
    archivedAt: row.archived_at?.toISOString() ?? null,
    updatedAt: row.updated_at.toISOString(),
    outline,
  };
};

/** Rows of one page, and one more where there are any: their places by the board's index alone, then the rows. */
const boardRows = (words: readonly string[], isArchived: boolean, at: string | null, id: string | null) =>
  inCrew(() =>
    database().query<BoardRow>(
      `SELECT j.id, j.name, j.customer, j.street, j.town, j.handed_over_at, j.archived_at, j.updated_at,
              s.summary, s.core_version
       FROM (SELECT id FROM jobs
             WHERE deleted_at IS NULL AND archived_at IS ${isArchived ? 'NOT NULL' : 'NULL'}
               ${words.map((_, word) => `AND search_text LIKE :word${word}`).join(' ')}
               ${at === null ? '' : 'AND (updated_at, id) < (:at, :id)'}
             ORDER BY updated_at DESC, id DESC
             LIMIT ${BOARD_PAGE + 1}) page
       JOIN jobs j ON j.id = page.id
       LEFT JOIN job_summaries s ON s.job_id = j.id
       ORDER BY j.updated_at DESC, j.id DESC`,
      {
        type: QueryTypes.SELECT,
        replacements: {
          at,
          id,
          ...Object.fromEntries(words.map((word, number) => [`word${number}`, `%${escapeLike(word)}%`])),
        },
      },
    ),
  );

/**
 * One page of the board, latest change first: jobs on the bench, or those on the shelf. Every word of the search must
 * occur. A page begins after a place, not at a number, so that jobs which change meanwhile neither hide nor repeat.
 * @param after where the page before ended
 */
export const listJobs = async (
  search: string,
  isArchived: boolean,
  after: string | null = null,
): Promise<BoardPage> => {
  const [, at = null, id = null] = (after === null ? null : PLACE.exec(after)) ?? [];
  const rows = await boardRows(wordsOf(search), isArchived, at, id);
  const page = rows.slice(0, BOARD_PAGE);
  const jobs: JobSummary[] = [];
  for (const row of page) jobs.push(await toSummary(row));
  return { jobs, next: rows.length > BOARD_PAGE ? placeAfter(page.at(-1)!) : null };
};
