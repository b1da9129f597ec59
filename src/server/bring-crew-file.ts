import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { handleOf, signInName } from '../core/access/sign-in-name';
import { bringCrew } from './bring-crew';
import { closeDatabase } from './database';
import { INVITATION_DAYS, invite } from './repositories/invitations';
import { listPeople } from './repositories/people';

/** Lines of a file. The reader is created with the first request for a line: anything read earlier would be lost. */
async function* linesOf(path: string): AsyncGenerator<string, void, void> {
  yield* createInterface({ input: createReadStream(path, 'utf8'), crlfDelay: Infinity });
}

const say = (to: NodeJS.WriteStream, words: string) => void to.write(`${words}\n`);

/** Creates a crew from a file exported on another server, and prints sign-in links for its crew leads. */
const [file, name] = process.argv.slice(2);
try {
  if (!file)
    throw new Error(
      'Say the file, and another name for the crew where its own is taken: npm run crew:bring -- FILE "Name"',
    );
  const {
    scope,
    handle,
    lines: count,
  } = await bringCrew(linesOf(file), name === undefined ? undefined : handleOf(name));
  say(
    process.stdout,
    `Imported: ${count} lines. Leads open these on the server’s address within ${INVITATION_DAYS} days:`,
  );
  for (const person of (await listPeople(scope)).filter(({ role, leftAt }) => role === 'lead' && leftAt === null))
    say(
      process.stdout,
      `${signInName({ person: person.handle, crew: handle })}  /join/${await invite(scope, person.id)}`,
    );
} catch (problem) {
  say(process.stderr, (problem as Error).message);
  process.exitCode = 1;
} finally {
  await closeDatabase();
}
