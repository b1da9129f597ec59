import type { Principal } from '../../core/access/principal';
import { newToken, tokenHash } from '../access/tokens';
import { type CrewScope, inCrew, inCrewOfToken } from '../crew';
import { database, select } from '../database';

/** Days after which a session ends: since it was last used, and since it began. */
const IDLE_DAYS = 7;
const ABSOLUTE_DAYS = 30;
/** How exactly it is kept when a session was last used, min. */
const SEEN_EVERY_MIN = 10;

/** Begins a session of a person; its token goes into a cookie, and nowhere else. */
export const beginSession = (scope: CrewScope, personId: string): Promise<string> =>
  inCrew(scope, async () => {
    const token = newToken();
    await database().query('INSERT INTO sessions (token_hash, person_id) VALUES (:hash, :personId)', {
      replacements: { hash: tokenHash(token), personId },
    });
    return token;
  });

interface Found {
  readonly crewId: string;
  readonly personId: string;
  readonly isFresh: boolean;
}

/** Who holds a token: a person of a crew, or nobody, as after the session has ended. */
export const principalByToken = (token: string): Promise<Principal | null> =>
  inCrewOfToken(
    token,
    (hash) =>
      select<Found>(
        `SELECT crew_id AS "crewId", person_id AS "personId",
                seen_at > now() - interval '${SEEN_EVERY_MIN} minutes' AS "isFresh"
         FROM sessions
         WHERE token_hash = :hash AND seen_at > now() - interval '${IDLE_DAYS} days'
           AND began_at > now() - interval '${ABSOLUTE_DAYS} days'`,
        { hash },
      ),
    async ({ crewId, personId, isFresh }, _scope, hash) => {
      const [person] = await select<Pick<Principal, 'name' | 'role'>>(
        'SELECT name, role FROM people WHERE id = :personId AND left_at IS NULL',
        { personId },
      );
      if (!person) return null;
      if (!isFresh)
        await database().query('UPDATE sessions SET seen_at = now() WHERE token_hash = :hash', {
          replacements: { hash },
        });
      return { crewId, personId, ...person };
    },
  );

/** Ends the session of a token. */
export const endSession = (scope: CrewScope, token: string): Promise<void> =>
  inCrew(scope, async () => {
    await database().query('DELETE FROM sessions WHERE token_hash = :hash', {
      replacements: { hash: tokenHash(token) },
    });
  });

/** Ends every session of a person, on whatever device. */
export const endSessionsOf = (scope: CrewScope, personId: string): Promise<void> =>
  inCrew(scope, async () => {
    await database().query('DELETE FROM sessions WHERE person_id = :personId', { replacements: { personId } });
  });
