import { spawnSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureBuild, npmRun, startApp, stopApp } from './lib/app.mjs';
import { coreVersion } from './lib/core-version.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { ROOT, STATE } from './lib/project.mjs';
import { giveUp } from './lib/say.mjs';
import { demoSession } from './lib/session.mjs';

/**
 * Prints the product's benchmark figures: core, built pages in a browser, a phone's processor and a slow connection,
 * the server with ten thousand jobs, and with a thousand crews. `npm run bench --
 * core|diagnosis|pages|slow|board|viewers|crews` prints one of them; BENCH_REQUESTS sets the number of requests for the
 * memory test.
 */
const [only] = process.argv.slice(2);
const isWanted = (part) => only === undefined || only === part;
ensurePackages();
const run = (file, env = {}) =>
  spawnSync(process.execPath, ['--import', 'tsx', join(ROOT, 'scripts/bench', file)], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });

/** Runs a part against a freshly seeded application with its own database cluster. */
const withApp = async (cluster, settings, file) => {
  const postgres = await startPostgres(cluster, settings);
  try {
    const addresses = postgres.database('gate_cross_bench', true);
    const env = { ...addresses, LOG_LEVEL: 'warn' };
    npmRun('migrate', env);
    npmRun('seed', env);
    process.env.HELD_UP_FILE = join(STATE, 'held-up.txt');
    rmSync(process.env.HELD_UP_FILE, { force: true });
    process.env.NODE_OPTIONS = `--import ${pathToFileURL(join(ROOT, 'scripts/bench/held-up.mjs')).href}`;
    const { app, address } = await startApp({
      databaseUrl: addresses.DATABASE_URL,
      port: await freePort(),
      isDemo: true,
    });
    delete process.env.NODE_OPTIONS;
    run(file, {
      ...env,
      CORE_VERSION: coreVersion(),
      BASE_URL: address,
      SESSION: await demoSession(address),
      APP_PID: String(app.pid),
    });
    await stopApp(app);
  } finally {
    postgres.stop();
  }
};

if (isWanted('core')) run('core.ts');
if (isWanted('diagnosis')) run('diagnosis.ts');
if (only !== 'core' && !ensureBuild()) giveUp('The build failed; the reasons are above.');
if (isWanted('pages')) await withApp('test-postgres', ['fsync=off'], 'pages.ts');
if (isWanted('slow')) await withApp('test-postgres', ['fsync=off'], 'slow.ts');
// Writes wait for the disk, as in production.
if (isWanted('board')) await withApp('bench-postgres', [], 'board.ts');
if (isWanted('viewers')) await withApp('bench-postgres', [], 'viewers.ts');
if (isWanted('crews')) await withApp('bench-postgres', [], 'crews.ts');
