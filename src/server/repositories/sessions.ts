import type { Principal } from '../../core/access/principal';
import { newToken, tokenHash } from '../access/tokens';
import { CREW_LIVES, type CrewScope, inCrew, scopeOf } from '../crew';
import { database, select } from '../database';

/** Session lifetime, days: since last use, and since the start. */
const IDLE_DAYS = 7;
const ABSOLUTE_DAYS = 30;
/** Resolution of a session's last use, min. */
const SEEN_EVERY_MIN = 10;

/** Starts a session for a person; its token goes only into a cookie. */
export const beginSession = (scope: CrewScope, personId: string): Promise<string> =>
  inCrew(scope, async () => {
    const token = newToken();
    await database().query('INSERT INTO sessions (token_hash, person_id) VALUES (:hash, :personId)', {
      replacements: { hash: tokenHash(token), personId },
    });
    return token;
  });

interface Found extends Omit<Principal, 'crewEnds'> {
  readonly ends: Date | null;
  readonly isFresh: boolean;
}

const NOBODYS_CREW = '00000000-0000-0000-0000-000000000000';

/**
 * Queried on every request, so it is one round trip and one transaction: the token reveals its session, the session
 * sets the crew, and the person is found in it.
 */
const WHO = `
  SELECT set_config('app.token', :hash, true);
  SELECT set_config(
    'app.crew', coalesce((SELECT crew_id::text FROM sessions WHERE token_hash = :hash), '${NOBODYS_CREW}'), true);
  SELECT s.crew_id AS "crewId", s.person_id AS "personId", p.name, p.role, c.delete_after AS ends,
         s.seen_at > now() - interval '${SEEN_EVERY_MIN} minutes' AS "isFresh"
  FROM sessions s
  JOIN people p ON p.crew_id = s.crew_id AND p.id = s.person_id AND p.left_at IS NULL
  JOIN crews c ON c.id = s.crew_id AND ${CREW_LIVES}
  WHERE s.token_hash = :hash AND s.seen_at > now() - interval '${IDLE_DAYS} days'
    AND s.began_at > now() - interval '${ABSOLUTE_DAYS} days'`;

/** Holder of a token: a person of a crew, or no one, as after the session ended. */
export const principalByToken = async (token: string): Promise<Principal | null> => {
  const hash = tokenHash(token);
  const [, , found] = (await select<object>(WHO, { hash })) as [unknown, unknown, Found | undefined];
  if (!found) return null;
  const { ends, isFresh, ...person } = found;
  if (!isFresh)
    await inCrew(scopeOf(person), () =>
      database().query('UPDATE sessions SET seen_at = now() WHERE token_hash = :hash', { replacements: { hash } }),
    );
  return { ...person, crewEnds: ends?.toISOString() ?? null };
};

/** Ends the session of a token. */
export const endSession = (scope: CrewScope, token: string): Promise<void> =>
  inCrew(scope, async () => {
    await database().query('DELETE FROM sessions WHERE token_hash = :hash', {
      replacements: { hash: tokenHash(token) },
    });
  });

/** Ends all sessions of a person. */
export const endSessionsOf = (scope: CrewScope, personId: string): Promise<void> =>
  inCrew(scope, async () => {
    await database().query('DELETE FROM sessions WHERE person_id = :personId', { replacements: { personId } });
  });
