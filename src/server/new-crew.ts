import { handleOf } from '../core/access/sign-in-name';
import { inCrew } from './crew';
import { closeDatabase } from './database';
import { makeCrew } from './make-crew';
import { audit } from './repositories/audit';
import { isHandleTaken, nameCrew } from './repositories/crews';
import { INVITATION_DAYS, invite } from './repositories/invitations';
import { addPerson } from './repositories/people';

const say = (to: NodeJS.WriteStream, words: string) => void to.write(`${words}\n`);

/** Creates another crew on this server with its crew lead, and prints a sign-in link. */
const [name = '', leadName = ''] = process.argv.slice(2);
const handle = handleOf(name);
try {
  if (!handle || !leadName.trim()) throw new Error('Say the crew and its lead: npm run crew -- "Crew" "Lead’s name"');
  if (await isHandleTaken(handle)) throw new Error(`A crew named ${handle} already exists. Choose another name.`);
  const scope = await makeCrew();
  const token = await inCrew(scope, async () => {
    await nameCrew(scope, name.trim(), handle);
    const lead = await addPerson(scope, { name: leadName.trim(), role: 'lead' });
    await audit(scope, lead.name, 'named the crew', name.trim());
    return invite(scope, lead.id);
  });
  say(process.stdout, `Open this on the server’s address within ${INVITATION_DAYS} days: /join/${token}`);
} catch (problem) {
  say(process.stderr, (problem as Error).message);
  process.exitCode = 1;
} finally {
  await closeDatabase();
}
