import { npmRun } from './lib/app.mjs';
import { runOnDatabase } from './lib/dump.mjs';
import { giveUp, say } from './lib/say.mjs';

/**
 * Restores a backup into an empty database, all or nothing: `npm run restore -- FILE`. Migrations follow, which upgrade
 * an older backup and grant the application's role its rights.
 */
const [file] = process.argv.slice(2);
if (!file) giveUp('Say which file: npm run restore -- gate-cross.dump');
if (!runOnDatabase('pg_restore', ['--single-transaction', '--exit-on-error', '--no-owner', '--no-privileges', file]))
  giveUp('Nothing was restored; the reason stands above. The database has to be there, and empty.');
if (!npmRun('migrate')) giveUp('It was restored, and could not be brought up to date; the reason stands above.');
say('Restored.');
