import { randomUUID } from 'node:crypto';
import type { Person } from '../../core/access/person';
import type { Role } from '../../core/access/role';
import { handleOf } from '../../core/access/sign-in-name';
import { type CrewScope, inCrew, selectInCrew } from '../crew';
import { database, select } from '../database';

type PersonRow = Omit<Person, 'leftAt'> & { readonly leftAt: Date | null };

const COLUMNS = 'id, handle, name, role, password_hash IS NOT NULL AS "hasPassword", left_at AS "leftAt"';

const toPerson = ({ leftAt, ...row }: PersonRow): Person => ({ ...row, leftAt: leftAt?.toISOString() ?? null });

/** People of a crew by name, former members last. */
export const listPeople = (scope: CrewScope): Promise<Person[]> =>
  selectInCrew<PersonRow>(scope, `SELECT ${COLUMNS} FROM people ORDER BY left_at IS NOT NULL, name, id`).then((rows) =>
    rows.map(toPerson),
  );

/** A free part of a sign-in name: from the name, with a number if taken. */
const freeHandle = async (name: string): Promise<string> => {
  const own = handleOf(name) || 'person';
  const taken = new Set(
    (await select<{ handle: string }>('SELECT handle FROM people WHERE left_at IS NULL')).map(({ handle }) => handle),
  );
  let handle = own;
  for (let number = 2; taken.has(handle); number++) handle = `${own}-${number}`;
  return handle;
};

/** Adds a person to a crew. */
export const addPerson = (
  scope: CrewScope,
  { name, role, passwordHash = null }: { name: string; role: Role; passwordHash?: string | null },
): Promise<Person> =>
  inCrew(scope, async () => {
    // One at a time per crew, so that no two get the same sign-in name.
    await database().query('SELECT pg_advisory_xact_lock(hashtextextended(:key, 0))', {
      replacements: { key: `people ${scope.crewId}` },
    });
    const [row] = await select<PersonRow>(
      `INSERT INTO people (id, handle, name, role, password_hash)
       VALUES (:id, :handle, :name, :role, :passwordHash) RETURNING ${COLUMNS}`,
      { id: randomUUID(), handle: await freeHandle(name), name, role, passwordHash },
    );
    return toPerson(row!);
  });

/** A person of a crew; null if none has that id. */
export const personById = (scope: CrewScope, id: string): Promise<Person | null> =>
  selectInCrew<PersonRow>(scope, `SELECT ${COLUMNS} FROM people WHERE id = :id`, { id }).then(([row]) =>
    row ? toPerson(row) : null,
  );

/** A person signing in, with the password hash; null if no one in the crew has that handle. */
export const personByHandle = (
  scope: CrewScope,
  handle: string,
): Promise<{ readonly id: string; readonly passwordHash: string | null } | null> =>
  inCrew(scope, async () => {
    const [row] = await select<{ id: string; passwordHash: string | null }>(
      'SELECT id, password_hash AS "passwordHash" FROM people WHERE handle = :handle AND left_at IS NULL',
      { handle },
    );
    return row ?? null;
  });

/**
 * Removes the account data of a former member: sign-in name, role, password, links. Their readings and actions keep the
 * name. False if they are still a member, or unknown.
 */
export const erasePerson = (scope: CrewScope, id: string): Promise<boolean> =>
  inCrew(scope, async () => {
    const [rows] = await database().query('DELETE FROM people WHERE id = :id AND left_at IS NOT NULL RETURNING id', {
      replacements: { id },
    });
    return rows.length === 1;
  });

/** Result of a change of a person. */
export type PersonChange = 'done' | 'missing' | 'last-lead';

/** Changes a person's role, or removes them (null), which ends their sessions; a crew keeps at least one crew lead. */
export const changePerson = (scope: CrewScope, id: string, role: Role | null): Promise<PersonChange> =>
  inCrew(scope, async () => {
    const leads = await select<{ id: string }>(
      `SELECT id FROM people WHERE role = 'lead' AND left_at IS NULL ORDER BY id FOR UPDATE`,
    );
    if (role !== 'lead' && leads.length === 1 && leads[0]!.id === id) return 'last-lead';
    const [rows] = await database().query(
      role === null
        ? 'UPDATE people SET left_at = now() WHERE id = :id AND left_at IS NULL RETURNING id'
        : 'UPDATE people SET role = :role WHERE id = :id AND left_at IS NULL RETURNING id',
      { replacements: { id, role } },
    );
    if (role === null) await database().query('DELETE FROM sessions WHERE person_id = :id', { replacements: { id } });
    return rows.length === 1 ? 'done' : 'missing';
  });
