import { QueryTypes } from 'sequelize';
import { type BoardPage, type JobSummary, stageOf } from '../../core/job/stored-job';
import { database } from '../database';

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
  readonly readings: number;
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

const toSummary = (row: BoardRow): JobSummary => ({
  id: row.id,
  name: row.name,
  customer: row.customer,
  street: row.street,
  town: row.town,
  stage: stageOf(row.handed_over_at?.toISOString() ?? null, row.readings),
  readings: row.readings,
  archivedAt: row.archived_at?.toISOString() ?? null,
  updatedAt: row.updated_at.toISOString(),
});

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
  const words = wordsOf(search);
  const [, at = null, id = null] = (after === null ? null : PLACE.exec(after)) ?? [];
  const rows = await database().query<BoardRow>(
    `SELECT id, name, customer, street, town, handed_over_at, archived_at, updated_at,
            (SELECT count(*)::int FROM readings WHERE job_id = jobs.id) AS readings
     FROM jobs
     WHERE deleted_at IS NULL AND archived_at IS ${isArchived ? 'NOT NULL' : 'NULL'}
       ${words.map((_, word) => `AND search_text LIKE :word${word}`).join(' ')}
       ${at === null ? '' : 'AND (updated_at, id) < (:at, :id)'}
     ORDER BY updated_at DESC, id DESC
     LIMIT ${BOARD_PAGE + 1}`,
    {
      type: QueryTypes.SELECT,
      replacements: {
        at,
        id,
        ...Object.fromEntries(words.map((word, number) => [`word${number}`, `%${escapeLike(word)}%`])),
      },
    },
  );
  const page = rows.slice(0, BOARD_PAGE);
  return { jobs: page.map(toSummary), next: rows.length > BOARD_PAGE ? placeAfter(page.at(-1)!) : null };
};
