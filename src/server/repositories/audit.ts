import { type CrewScope, inCrew } from '../crew';
import { database, select } from '../database';

/** An audit entry: who did what to what, when. */
export interface Audited {
  readonly at: string;
  readonly person: string;
  readonly did: string;
  readonly subject: string;
}

/** Adds an audit entry; the application can neither change nor delete one. */
export const audit = (scope: CrewScope, person: string, did: string, subject: string): Promise<void> =>
  inCrew(scope, async () => {
    await database().query('INSERT INTO audit (person, did, subject) VALUES (:person, :did, :subject)', {
      replacements: { person, did, subject },
    });
  });

type AuditRow = Omit<Audited, 'at'> & { readonly at: Date; readonly id: string };

const toAudited = ({ at, person, did, subject }: AuditRow): Audited => ({
  at: at.toISOString(),
  person,
  did,
  subject,
});

/** Maximum entries shown at once. */
const MOST_SHOWN = 500;
/** Entries read at a time for export. */
const PART = 2000;

/** Audit log of a crew, newest first, for display. */
export const listAudit = (scope: CrewScope): Promise<Audited[]> =>
  inCrew(scope, async () =>
    (
      await select<AuditRow>('SELECT id, at, person, did, subject FROM audit ORDER BY id DESC LIMIT :most', {
        most: MOST_SHOWN,
      })
    ).map(toAudited),
  );

/** The whole audit log of a crew, oldest first, streamed. */
export async function* wholeAudit(scope: CrewScope): AsyncGenerator<Audited[], void, void> {
  for (let after = '0'; ;) {
    const rows = await inCrew(scope, () =>
      select<AuditRow>('SELECT id, at, person, did, subject FROM audit WHERE id > :after ORDER BY id LIMIT :part', {
        after,
        part: PART,
      }),
    );
    if (rows.length === 0) return;
    yield rows.map(toAudited);
    after = rows.at(-1)!.id;
  }
}
