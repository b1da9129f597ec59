import type { SignInName } from '../../core/access/sign-in-name';
import { newToken, tokenHash } from '../access/tokens';
import { type CrewScope, inCrew, inCrewOfToken } from '../crew';
import { database, select } from '../database';

/** Maximum known devices per person, newest ones. */
const MOST_OF_ONE = 20;

/** Whether a device token belongs to the person with a sign-in name, who signed in on it before. */
export const isKnownDevice = async (token: string, name: SignInName): Promise<boolean> =>
  (await inCrewOfToken(
    token,
    (hash) =>
      select<{ crewId: string; personId: string }>(
        'SELECT crew_id AS "crewId", person_id AS "personId" FROM known_devices WHERE token_hash = :hash',
        { hash },
      ),
    async ({ personId }) => {
      const [person] = await select<{ handle: string; crew: string }>(
        `SELECT p.handle, c.handle AS crew FROM people p JOIN crews c ON c.id = p.crew_id
         WHERE p.id = :personId AND p.left_at IS NULL`,
        { personId },
      );
      return person?.handle === name.person && person.crew === name.crew ? true : null;
    },
  )) !== null;

/** Remembers a device on which a person signed in; its token goes into a cookie. */
export const knowDevice = (scope: CrewScope, personId: string): Promise<string> =>
  inCrew(scope, async () => {
    const token = newToken();
    await database().query('INSERT INTO known_devices (token_hash, person_id) VALUES (:hash, :personId)', {
      replacements: { hash: tokenHash(token), personId },
    });
    await database().query(
      `DELETE FROM known_devices WHERE person_id = :personId AND token_hash IN
         (SELECT token_hash FROM known_devices WHERE person_id = :personId ORDER BY made_at DESC OFFSET :most)`,
      { replacements: { personId, most: MOST_OF_ONE } },
    );
    return token;
  });

/** Forgets every device of a person, as after a password change. */
export const forgetDevicesOf = (scope: CrewScope, personId: string): Promise<void> =>
  inCrew(scope, async () => {
    await database().query('DELETE FROM known_devices WHERE person_id = :personId', { replacements: { personId } });
  });
