import { existsSync } from 'node:fs';
import { runOnDatabase } from './lib/dump.mjs';
import { giveUp, say } from './lib/say.mjs';

/**
 * Everything of every crew as one file of PostgreSQL's own archive format: `npm run backup -- FILE`. As a role that the
 * walls between crews do not hold, such as a superuser: a part of the rows is no backup.
 */
const [file] = process.argv.slice(2);
if (!file) giveUp('Say where to: npm run backup -- gate-cross.dump');
if (existsSync(file)) giveUp(`${file} is there already; nothing was overwritten. Take another name.`);
if (!runOnDatabase('pg_dump', ['--format=custom', '--no-owner', '--no-privileges', `--file=${file}`]))
  giveUp('No backup was made; the reason stands above.');
say(`Backed up to ${file}.`);
