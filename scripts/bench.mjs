import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuild, npmRun, startApp, stopApp } from './lib/app.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { ROOT } from './lib/project.mjs';
import { giveUp } from './lib/say.mjs';

/** Prints the figures that the product is held to: the core first, then the built pages in a browser. */
ensurePackages();
const run = (file, env = {}) =>
  spawnSync(process.execPath, ['--import', 'tsx', join(ROOT, 'scripts/bench', file)], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
run('core.ts');
if (!ensureBuild()) giveUp('The build failed; the reasons are above.');
const postgres = await startPostgres('test-postgres', ['fsync=off']);
try {
  const addresses = postgres.database('gate_cross_bench', true);
  const env = { ...addresses, LOG_LEVEL: 'warn' };
  npmRun('migrate', env);
  npmRun('seed', env);
  const { app, address } = await startApp({ databaseUrl: addresses.DATABASE_URL, port: await freePort() });
  run('pages.ts', { BASE_URL: address });
  await stopApp(app);
} finally {
  postgres.stop();
}
