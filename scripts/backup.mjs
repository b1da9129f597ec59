import { existsSync, renameSync, rmSync } from 'node:fs';
import { runOnDatabase } from './lib/dump.mjs';
import { giveUp, say } from './lib/say.mjs';

/**
 * Backs up all crews as one file in PostgreSQL's archive format: `npm run backup -- FILE`. Runs as a role that row
 * security does not restrict, such as a superuser: part of the rows is not a backup.
 */
const [file] = process.argv.slice(2);
if (!file) giveUp('Say where to: npm run backup -- gate-cross.dump');
if (existsSync(file)) giveUp(`${file} is there already; nothing was overwritten. Take another name.`);
// A temporary name until complete: an existing file is always a whole backup.
const unfinished = `${file}.unfinished`;
if (!runOnDatabase('pg_dump', ['--format=custom', '--no-owner', '--no-privileges', `--file=${unfinished}`])) {
  rmSync(unfinished, { force: true });
  giveUp('No backup was made; the reason stands above.');
}
renameSync(unfinished, file);
say(`Backed up to ${file}.`);
