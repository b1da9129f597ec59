import { parseSignInName } from '../core/access/sign-in-name';
import { inCrew, scopeOf } from './crew';
import { closeDatabase } from './database';
import { audit } from './repositories/audit';
import { crewByHandle } from './repositories/crews';
import { INVITATION_DAYS, invite } from './repositories/invitations';
import { personByHandle } from './repositories/people';

const say = (to: NodeJS.WriteStream, words: string) => void to.write(`${words}\n`);

/** Prints a link for a new password: for a crew lead whom no other crew lead can help. */
const [typed = ''] = process.argv.slice(2);
try {
  const name = parseSignInName(typed);
  if (!name) throw new Error('Give the sign-in name: npm run crew:link -- ana@your-crew');
  const crew = await crewByHandle(name.crew);
  const scope = crew && scopeOf({ crewId: crew.id });
  const person = scope && (await personByHandle(scope, name.person));
  if (!scope || !person) throw new Error(`No one signs in as ${typed}. npm run crew:link -- ana@your-crew`);
  const token = await inCrew(scope, async () => {
    await audit(scope, 'server', 'made a link for', typed);
    return invite(scope, person.id);
  });
  say(process.stdout, `Open this on the server’s address within ${INVITATION_DAYS} days: /join/${token}`);
} catch (problem) {
  say(process.stderr, (problem as Error).message);
  process.exitCode = 1;
} finally {
  await closeDatabase();
}
