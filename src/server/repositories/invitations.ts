import { newToken, tokenHash } from '../access/tokens';
import { type CrewScope, inCrew, inCrewOfToken } from '../crew';
import { database, select } from '../database';
import { forgetDevicesOf } from './known-devices';
import { endSessionsOf } from './sessions';

/** Lifetime of a sign-in link, days. */
export const INVITATION_DAYS = 7;

/** A one-time link for a person to set a password; earlier links of theirs no longer work. */
export const invite = (scope: CrewScope, personId: string): Promise<string> =>
  inCrew(scope, async () => {
    const token = newToken();
    await database().query('UPDATE invitations SET used_at = now() WHERE person_id = :personId AND used_at IS NULL', {
      replacements: { personId },
    });
    await database().query('INSERT INTO invitations (token_hash, person_id) VALUES (:hash, :personId)', {
      replacements: { hash: tokenHash(token), personId },
    });
    return token;
  });

/** The person and crew of a link. */
export interface Invited {
  readonly scope: CrewScope;
  readonly personId: string;
  readonly name: string;
  readonly handle: string;
  readonly crewName: string;
  readonly crewHandle: string;
}

/** The person of a link; null if used, expired, or unknown. */
export const invitedBy = (token: string): Promise<Invited | null> =>
  inCrewOfToken(
    token,
    (hash) =>
      select<{ crewId: string; personId: string }>(
        `SELECT crew_id AS "crewId", person_id AS "personId" FROM invitations
         WHERE token_hash = :hash AND used_at IS NULL AND made_at > now() - interval '${INVITATION_DAYS} days'`,
        { hash },
      ),
    async ({ personId }, scope) => {
      const [person] = await select<Omit<Invited, 'scope' | 'personId'>>(
        `SELECT p.name, p.handle, c.name AS "crewName", c.handle AS "crewHandle"
         FROM people p JOIN crews c ON c.id = p.crew_id WHERE p.id = :personId AND p.left_at IS NULL`,
        { personId },
      );
      return person ? { scope, personId, ...person } : null;
    },
  );

/**
 * Uses a link: sets the person's password, ends their old sessions, and forgets their devices.
 * @returns false where it was used before
 */
export const acceptInvitation = ({ scope, personId }: Invited, token: string, passwordHash: string): Promise<boolean> =>
  inCrew(scope, async () => {
    const [used] = await database().query(
      'UPDATE invitations SET used_at = now() WHERE token_hash = :hash AND used_at IS NULL RETURNING person_id',
      { replacements: { hash: tokenHash(token) } },
    );
    if (used.length === 0) return false;
    await database().query('UPDATE people SET password_hash = :passwordHash WHERE id = :personId', {
      replacements: { passwordHash, personId },
    });
    await endSessionsOf(scope, personId);
    await forgetDevicesOf(scope, personId);
    return true;
  });
