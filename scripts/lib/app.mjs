import { spawn, spawnSync } from 'node:child_process';
import { existsSync, openSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { coreVersion } from './core-version.mjs';
import { fingerprint, ROOT, STATE } from './project.mjs';
import { giveUp, say } from './say.mjs';

const SOURCES = ['src', 'package-lock.json', 'next.config.ts', 'postcss.config.mjs', 'tsconfig.json'];
const QUIET = { NEXT_TELEMETRY_DISABLED: '1' };

/** Runs one of the project's npm scripts; false if it failed. */
export const npmRun = (script, env = {}, words = []) =>
  spawnSync('npm', ['run', '-s', script, '--', ...words], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...QUIET, CORE_VERSION: coreVersion(), ...env },
  }).status === 0;

/** Builds the application unless the build is up to date. */
export const ensureBuild = () => {
  const marker = join(ROOT, '.next/gate-cross-sources');
  const sources = fingerprint(SOURCES);
  if (existsSync(marker) && readFileSync(marker, 'utf8') === sources) return true;
  say('Building the application …');
  const { status, stdout, stderr } = spawnSync(process.execPath, ['node_modules/next/dist/bin/next', 'build'], {
    cwd: ROOT,
    encoding: 'utf8',
    env: { ...process.env, ...QUIET },
  });
  if (status !== 0) {
    process.stderr.write(`${stdout}\n${stderr}\n`);
    return false;
  }
  writeFileSync(marker, sources);
  return true;
};

/**
 * Starts the application and waits until it is healthy. Its log goes to the project's state folder.
 * @returns its process and address
 */
export const startApp = async ({
  databaseUrl,
  port,
  host = '127.0.0.1',
  isDev = false,
  isDemo = false,
  logLevel = 'warn',
}) => {
  const app = spawn(
    process.execPath,
    [
      'node_modules/next/dist/bin/next',
      isDev ? 'dev' : 'start',
      '-p',
      String(port),
      '-H',
      host,
      // Longer than a client or balancer keeps a connection open, so that no request meets a closing one.
      ...(isDev ? [] : ['--keepAliveTimeout', '75000']),
    ],
    {
      cwd: ROOT,
      stdio: ['ignore', isDev ? 'inherit' : openSync(join(STATE, 'app.log'), 'a'), 'inherit'],
      env: {
        ...process.env,
        ...QUIET,
        HOST: host,
        ...(isDemo ? { GATE_CROSS_DEMO: 'yes' } : {}),
        DATABASE_URL: databaseUrl,
        LOG_LEVEL: process.env.LOG_LEVEL ?? logLevel,
      },
    },
  );
  const address = `http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${port}`;
  for (let tries = 0; tries < 600; tries++) {
    if (app.exitCode !== null) giveUp(`The application ended by itself (exit ${app.exitCode}).`);
    const answer = await fetch(`${address}/api/ready`).catch(() => null);
    if (answer?.ok) return { app, address };
    await sleep(100);
  }
  return giveUp('The application did not become healthy within a minute.');
};

/** Ends a process and waits until it is gone. */
export const stopApp = async (app) => {
  if (app.exitCode !== null || app.signalCode !== null) return;
  const gone = new Promise((resolve) => app.once('exit', resolve));
  app.kill('SIGTERM');
  await Promise.race([gone, sleep(4000)]);
  if (app.exitCode === null && app.signalCode === null) app.kill('SIGKILL');
};
