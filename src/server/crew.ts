import { AsyncLocalStorage } from 'node:async_hooks';
import { randomUUID } from 'node:crypto';
import type { Principal } from '../core/access/principal';
import { tokenHash } from './access/tokens';
import { database, outsideTransactions, select } from './database';

/** The crew that migrations create in an empty database. Demo and tests use it; to the application it is like any. */
export const FIRST_CREW = '00000000-0000-4000-8000-000000000001';

declare const walled: unique symbol;

/** One crew's rows: what every repository asks for, and what no one has but by way of a person of that crew. */
export interface CrewScope {
  readonly crewId: string;
  readonly [walled]: true;
}

/** The rows that a person may see. */
export const scopeOf = ({ crewId }: Pick<Principal, 'crewId'>): CrewScope => ({ crewId }) as CrewScope;

/** Whether a crew is not past the day on which it is deleted, as SQL: from then on no one gets in. */
export const CREW_LIVES = '(delete_after IS NULL OR delete_after > now())';

const inside = new AsyncLocalStorage<string>();

/**
 * Does work in a transaction that sees and writes the rows of one crew alone; inside of another one of that crew it is
 * part of that. Whatever asks a walled table outside of it is refused by the database.
 */
export const inCrew = <T>({ crewId }: CrewScope, work: () => Promise<T>): Promise<T> => {
  const outer = inside.getStore();
  if (outer === crewId) return work();
  if (outer !== undefined) throw new Error('One crew’s work was begun inside another’s.');
  return database().transaction(async () => {
    await database().query("SELECT set_config('app.crew', :crew, true)", { replacements: { crew: crewId } });
    return inside.run(crewId, work);
  });
};

/** Does something that is part of no crew's work, wherever it is begun. */
export const outsideCrews = <T>(work: () => T): T => inside.exit(() => outsideTransactions(work));

/**
 * Rows that one question about a crew's rows answers, in one way to the database and back: PostgreSQL takes statements
 * that are sent together as one transaction, so what is set for it holds for the question and for nothing after it.
 */
export const selectInCrew = async <Row extends object>(
  { crewId }: CrewScope,
  sql: string,
  replacements: Record<string, unknown> = {},
): Promise<Row[]> => {
  const outer = inside.getStore();
  if (outer === crewId) return select<Row>(sql, replacements);
  if (outer !== undefined) throw new Error('One crew’s work was begun inside another’s.');
  const [, ...rows] = await select<Row>(`SELECT set_config('app.crew', :itsCrew, true); ${sql}`, {
    ...replacements,
    itsCrew: crewId,
  });
  return rows;
};

/**
 * Goes on in the crew of the row that a token opens; null where it opens none, and where what follows finds nothing.
 * @param find asks for that row by the token's hash: no one is signed in yet, and it alone is to be seen
 */
export const inCrewOfToken = <Found extends { readonly crewId: string }, T>(
  token: string,
  find: (hash: string) => Promise<readonly Found[]>,
  work: (found: Found, scope: CrewScope, hash: string) => Promise<T | null>,
): Promise<T | null> =>
  database().transaction(async () => {
    const hash = tokenHash(token);
    await select("SELECT set_config('app.token', :hash, true)", { hash });
    const [found] = await find(hash);
    if (!found) return null;
    await select("SELECT set_config('app.crew', :crewId, true)", { crewId: found.crewId });
    if ((await select(`SELECT 1 AS one FROM crews WHERE id = :crewId AND ${CREW_LIVES}`, found)).length === 0)
      return null;
    return inside.run(found.crewId, () => work(found, scopeOf(found), hash));
  });

/** Asks, in the transaction that is open, whether this server has a crew with a name, whoever's it is. */
const hasNamedCrew = async (): Promise<boolean> => {
  await select("SELECT set_config('app.first_start', 'yes', true)");
  return (await select('SELECT 1 AS one FROM crews WHERE handle IS NOT NULL LIMIT 1')).length > 0;
};

/** Whether this server has no crew yet: then whoever opens it first names one. */
export const isFirstStart = (): Promise<boolean> => database().transaction(async () => !(await hasNamedCrew()));

/**
 * Works in the first crew of this server, which has no name yet: the one that what is there belongs to, else a new one.
 * Of several at once one goes first, and the others find a crew.
 * @returns null where there is a crew already
 */
export const inFirstCrew = <T>(work: (scope: CrewScope) => Promise<T>): Promise<T | null> =>
  database().transaction(async () => {
    await select("SELECT pg_advisory_xact_lock(hashtextextended('first start', 0))");
    if (await hasNamedCrew()) return null;
    const [found] = await select<{ id: string }>(
      'SELECT id FROM crews WHERE delete_after IS NULL ORDER BY created_at, id LIMIT 1',
    );
    const crewId = found?.id ?? randomUUID();
    await select("SELECT set_config('app.first_start', '', true), set_config('app.crew', :crewId, true)", { crewId });
    if (!found)
      await database().query("INSERT INTO crews (id, name) VALUES (:crewId, '')", { replacements: { crewId } });
    return inside.run(crewId, () => work(scopeOf({ crewId })));
  });
