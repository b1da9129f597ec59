import { existsSync, renameSync, rmSync } from 'node:fs';
import { runOnDatabase } from './lib/dump.mjs';
import { giveUp, say } from './lib/say.mjs';

/**
 * Everything of every crew as one file of PostgreSQL's own archive format: `npm run backup -- FILE`. As a role that the
 * walls between crews do not hold, such as a superuser: a part of the rows is no backup.
 */
const [file] = process.argv.slice(2);
if (!file) giveUp('Say where to: npm run backup -- gate-cross.dump');
if (existsSync(file)) giveUp(`${file} is there already; nothing was overwritten. Take another name.`);
// A name of its own until it is whole: a file that is there is a backup.
const unfinished = `${file}.unfinished`;
if (!runOnDatabase('pg_dump', ['--format=custom', '--no-owner', '--no-privileges', `--file=${unfinished}`])) {
  rmSync(unfinished, { force: true });
  giveUp('No backup was made; the reason stands above.');
}
renameSync(unfinished, file);
say(`Backed up to ${file}.`);
