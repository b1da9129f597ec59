import { newToken, tokenHash } from '../access/tokens';
import { type CrewScope, inCrew, inCrewOfToken } from '../crew';
import { database, select } from '../database';
import { forgetDevicesOf } from './known-devices';
import { endSessionsOf } from './sessions';

/** Days that a link lets someone in. */
export const INVITATION_DAYS = 7;

/** A link by which one person chooses a password, once; what was made for him before opens nothing any more. */
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

/** Whom a link lets in, and where. */
export interface Invited {
  readonly scope: CrewScope;
  readonly personId: string;
  readonly name: string;
  readonly handle: string;
  readonly crewName: string;
  readonly crewHandle: string;
}

/** Whom a link lets in; null where it was used, is too old, or never was one. */
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
 * Uses a link up: its person has that password from now on, his old sessions end, and his devices are forgotten.
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
