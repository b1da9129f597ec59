import type { PersonPlayed, Played } from '../../core/practice/progress';
import { type CrewScope, inCrew, selectInCrew } from '../crew';
import { database } from '../database';

/** Maximum rounds of one person to evaluate: the newest. */
const MOST_ROUNDS = 2000;

const COLUMNS = `id, round, seed, is_endless AS "isEndless", title, result, seconds, best_seconds AS "bestSeconds",
  readings, best_readings AS "bestReadings", told_nothing AS "toldNothing", at`;

type PlayedRow = Omit<Played, 'at'> & { readonly at: Date };

const toPlayed = ({ at, ...row }: PlayedRow): Played => ({ ...row, at: at.toISOString() });

/** Stores a finished practice round; one sent twice is stored once and never changed. */
export const addPlayed = (scope: CrewScope, personId: string, played: Played): Promise<void> =>
  inCrew(scope, async () => {
    await database().query(
      `INSERT INTO practice_rounds (id, person_id, round, seed, is_endless, title, result, seconds, best_seconds,
                                    readings, best_readings, told_nothing, at)
       VALUES (:id, :personId, :round, :seed, :isEndless, :title, :result, :seconds, :bestSeconds,
               :readings, :bestReadings, :toldNothing, :at)
       ON CONFLICT (crew_id, id) DO NOTHING`,
      { replacements: { ...played, personId } },
    );
  });

/** A person's rounds, latest last. */
export const playedOf = async (scope: CrewScope, personId: string): Promise<Played[]> => {
  const rows = await selectInCrew<PlayedRow>(
    scope,
    `SELECT ${COLUMNS} FROM practice_rounds WHERE person_id = :personId ORDER BY at DESC, id LIMIT ${MOST_ROUNDS}`,
    { personId },
  );
  return rows.map(toPlayed).reverse();
};

/** Every round of a crew with the player's sign-in name, including former members. */
export const everyRound = async (scope: CrewScope): Promise<{ readonly person: string; readonly played: Played }[]> => {
  const rows = await selectInCrew<PlayedRow & { readonly handle: string }>(
    scope,
    `SELECT p.handle, ${COLUMNS.split(',')
      .map((column) => `r.${column.trim()}`)
      .join(', ')}
     FROM practice_rounds r JOIN people p ON p.crew_id = r.crew_id AND p.id = r.person_id
     ORDER BY p.name, p.id, r.at, r.id`,
  );
  return rows.map(({ handle, ...row }) => ({ person: handle, played: toPlayed(row) }));
};

/** Rounds of each crew member who has practiced, by name. */
export const playedByCrew = async (scope: CrewScope): Promise<PersonPlayed[]> => {
  const rows = await selectInCrew<PlayedRow & { readonly person: string; readonly personId: string }>(
    scope,
    `SELECT p.name AS person, p.id AS "personId", played.* FROM people p
     CROSS JOIN LATERAL (SELECT ${COLUMNS} FROM practice_rounds r
       WHERE r.crew_id = p.crew_id AND r.person_id = p.id ORDER BY at DESC, r.id LIMIT ${MOST_ROUNDS}) played
     WHERE p.left_at IS NULL ORDER BY p.name, p.id, played.at, played.id`,
  );
  const people = new Map<string, { name: string; played: Played[] }>();
  for (const { person, personId, ...row } of rows) {
    const known = people.get(personId) ?? { name: person, played: [] };
    known.played.push(toPlayed(row));
    people.set(personId, known);
  }
  return [...people].map(([personId, each]) => ({ personId, ...each }));
};
