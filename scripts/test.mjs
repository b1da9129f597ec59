import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { ensureBuild, npmRun, startApp, stopApp } from './lib/app.mjs';
import { installDebian } from './lib/debian.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { ROOT, STATE } from './lib/project.mjs';
import { say } from './lib/say.mjs';

/** Everything (no argument), `unit` (Jest only) or `e2e` (browser only); further arguments go to the runner. */
const [only, ...words] = process.argv.slice(2);
const isWanted = (part) => only === undefined || only === part;
const count = { passed: 0, failed: 0 };
mkdirSync(STATE, { recursive: true });

const step = (name, isPassed) => {
  say(`${isPassed ? 'passed' : 'FAILED'}: ${name}`);
  count[isPassed ? 'passed' : 'failed']++;
};

const runner = (program, programWords, env) =>
  spawnSync(process.execPath, [join(ROOT, program), ...programWords], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
const readReport = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);

/** Adds a runner's counts; a runner that ended without any has failed. */
const add = (name, passed, failed, status) => {
  count.passed += passed;
  count.failed += failed;
  if (passed + failed === 0 || (status !== 0 && failed === 0)) step(`${name} ended badly`, false);
};

/** Test files run in parallel, one per core; each runner has its own database. */
const JEST_WORKERS = availableParallelism();

const runJest = (addresses) => {
  const file = join(STATE, 'jest.json');
  rmSync(file, { force: true });
  const { status } = runner(
    'node_modules/jest/bin/jest.js',
    ['--json', `--outputFile=${file}`, '--silent=false', `--maxWorkers=${JEST_WORKERS}`, ...words],
    {
      ...addresses,
      DATABASE_OF_EACH_WORKER: 'yes',
      LOG_LEVEL: 'silent',
      NODE_OPTIONS: '--no-warnings',
    },
  );
  const report = readReport(file);
  add(
    'Jest',
    report?.numPassedTests ?? 0,
    (report?.numFailedTests ?? 0) + (report?.numRuntimeErrorTestSuites ?? 0),
    status,
  );
};

const runBrowser = async ({ DATABASE_URL: databaseUrl }) => {
  if (!existsSync('/usr/bin/chromium')) installDebian(['chromium'], 'Chromium');
  const { app, address } = await startApp({ databaseUrl, port: await freePort(), isDemo: true, logLevel: 'error' });
  const file = join(STATE, 'playwright.json');
  rmSync(file, { force: true });
  const { status } = runner('node_modules/@playwright/test/cli.js', ['test', ...words], {
    BASE_URL: address,
    PLAYWRIGHT_JSON_OUTPUT_FILE: file,
  });
  await stopApp(app);
  const stats = readReport(file)?.stats;
  // A test that passes only on retry counts as failed.
  add('Playwright', stats?.expected ?? 0, (stats?.unexpected ?? 0) + (stats?.flaky ?? 0), status);
};

ensurePackages();
if (only === undefined) {
  step('types', npmRun('types'));
  step('lint', npmRun('lint'));
  step('walls', npmRun('walls'));
}
const postgres = await startPostgres('test-postgres', ['fsync=off', 'synchronous_commit=off']);
try {
  const migrated = (name) => {
    const addresses = postgres.database(name, true);
    if (!npmRun('migrate', { ...addresses, LOG_LEVEL: 'warn' })) step('migrate', false);
    return addresses;
  };
  if (isWanted('unit')) {
    for (let worker = 1; worker <= JEST_WORKERS; worker++) migrated(`gate_cross_test_${worker}`);
    runJest(postgres.addresses('gate_cross_test'));
  }
  if (isWanted('e2e')) {
    const isBuilt = ensureBuild();
    step('build', isBuilt);
    if (isBuilt) {
      const addresses = migrated('gate_cross_e2e');
      if (!npmRun('seed', { ...addresses, LOG_LEVEL: 'warn' })) step('seed', false);
      await runBrowser(addresses);
    }
  }
} finally {
  postgres.stop();
}
process.exitCode = count.failed === 0 ? 0 : 1;
say(`${count.passed} passed, ${count.failed} failed`);
