import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, npmRun, startApp, stopApp } from './lib/app.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { STATE } from './lib/project.mjs';
import { giveUp, say } from './lib/say.mjs';

const isDev = process.argv.includes('--dev');
const isReset = process.argv.includes('--reset');
const runFile = join(STATE, 'demo.json');
mkdirSync(STATE, { recursive: true });

const commandOf = (pid) => {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ');
  } catch {
    return '';
  }
};

/** Remains of an earlier start: still running, or interrupted with the application orphaned. */
if (existsSync(runFile)) {
  const { demoPid, appPid, address } = JSON.parse(readFileSync(runFile, 'utf8'));
  if (commandOf(demoPid).includes('demo.mjs'))
    giveUp(
      `It is running already${address ? `: ${address}` : ' and still starting'}.\nStop that one first (Ctrl-C where it runs).`,
    );
  if (appPid && /next/.test(commandOf(appPid))) {
    say('Cleaning up after an interrupted run …');
    process.kill(appPid, 'SIGKILL');
  }
}
const tell = (what) => writeFileSync(runFile, JSON.stringify({ demoPid: process.pid, ...what }));
tell({});

ensurePackages();
const postgres = await startPostgres('postgres');
let started;
let isStopping = false;
const stop = async () => {
  if (isStopping) return;
  isStopping = true;
  say('\nStopping …');
  if (started) await stopApp(started.app);
  postgres.stop();
  rmSync(runFile, { force: true });
  process.exit(0);
};
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, stop);

const addresses = postgres.database('gate_cross');
const env = { ...addresses, LOG_LEVEL: 'warn' };
const fail = (what) => {
  postgres.stop();
  giveUp(what);
};
if (!npmRun('migrate', env)) fail('The database could not be brought up to date.');
if (!npmRun('seed', env, isReset ? ['--reset'] : [])) fail('The demo data could not be loaded.');
if (!isDev && !ensureBuild()) fail('The build failed; the reasons are above.');
const port = await freePort(Number(process.env.PORT ?? 4300));
started = await startApp({
  databaseUrl: addresses.DATABASE_URL,
  port,
  host: process.env.HOST ?? '127.0.0.1',
  isDev,
  isDemo: true,
});
tell({ appPid: started.app.pid, address: started.address });
started.app.once('exit', stop);
say(`\nGate Cross is ready: ${started.address}\nCtrl-C stops it and its database.`);
