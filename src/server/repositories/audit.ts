import { type CrewScope, inCrew } from '../crew';
import { database, select } from '../database';

/** Who did what to what, when. */
export interface Audited {
  readonly at: string;
  readonly person: string;
  readonly did: string;
  readonly subject: string;
}

/** Adds a line to what was done; the application can neither change nor delete one. */
export const audit = (scope: CrewScope, person: string, did: string, subject: string): Promise<void> =>
  inCrew(scope, async () => {
    await database().query('INSERT INTO audit (person, did, subject) VALUES (:person, :did, :subject)', {
      replacements: { person, did, subject },
    });
  });

/** Most lines shown at once. */
const MOST = 500;

/** What was done in a crew, newest first. */
export const listAudit = (scope: CrewScope): Promise<Audited[]> =>
  inCrew(scope, async () => {
    const rows = await select<Omit<Audited, 'at'> & { at: Date }>(
      'SELECT at, person, did, subject FROM audit ORDER BY id DESC LIMIT :most',
      { most: MOST },
    );
    return rows.map(({ at, ...row }) => ({ ...row, at: at.toISOString() }));
  });
