import { AsyncLocalStorage } from 'node:async_hooks';
import { randomUUID } from 'node:crypto';
import type { Principal } from '../core/access/principal';
import { tokenHash } from './access/tokens';
import { database, outsideTransactions, select } from './database';

/**
 * The crew that migrations create in an empty database, used by demo and tests. To the application it is like any
 * other.
 */
export const FIRST_CREW = '00000000-0000-4000-8000-000000000001';

declare const walled: unique symbol;

/** One crew's rows: every repository requires it, and only a person of the crew provides it. */
export interface CrewScope {
  readonly crewId: string;
  readonly [walled]: true;
}

/** Rows that a person may see. */
export const scopeOf = ({ crewId }: Pick<Principal, 'crewId'>): CrewScope => ({ crewId }) as CrewScope;

/** SQL: whether a crew is not yet past its deletion date; after it, no one gets in. */
export const CREW_LIVES = '(delete_after IS NULL OR delete_after > now())';

const inside = new AsyncLocalStorage<string>();

/**
 * Runs work in a transaction that sees and writes only one crew's rows; nested calls for the same crew join it. The
 * database refuses any query on a protected table outside of one.
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

/** Runs something outside of any crew's transaction, wherever it is called. */
export const outsideCrews = <T>(work: () => T): T => inside.exit(() => outsideTransactions(work));

/**
 * Rows of a single query on a crew's rows, in one round trip: PostgreSQL runs statements sent together as one
 * transaction, so the settings apply to this query only.
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
 * Continues in the crew of the row that a token opens; null if it opens none, or what follows finds nothing.
 * @param find looks that row up by the token's hash: no one is signed in yet, and only that row is visible
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

/** Whether this server has a crew with a name, within the open transaction. */
const hasNamedCrew = async (): Promise<boolean> => {
  await select("SELECT set_config('app.first_start', 'yes', true)");
  return (await select('SELECT 1 AS one FROM crews WHERE handle IS NOT NULL LIMIT 1')).length > 0;
};

/** Whether this server has no crew yet: whoever opens it first names one. */
export const isFirstStart = (): Promise<boolean> => database().transaction(async () => !(await hasNamedCrew()));

/**
 * Works in the first, still unnamed crew of this server: the one that owns existing data, else a new one. Of several
 * simultaneous calls one goes first, and the others find a crew.
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
