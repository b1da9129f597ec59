import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { chmodSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { ensureBuild, npmRun, startApp, stopApp } from './lib/app.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { ROOT } from './lib/project.mjs';
import { giveUp, say } from './lib/say.mjs';
import { demoSession } from './lib/session.mjs';

/**
 * Attacks the application: corrupted files and requests (`npm run attack -- COUNT SEED ROUNDS`), then kills of
 * application and database during saves, with acknowledged writes counted afterward. Fails on anything lost, doubled,
 * crashed or hung.
 */
const [count = '7000', seed = '1', rounds = '12'] = process.argv.slice(2);
const WRITERS = 6;
const ROUND_MS = 2500;

ensurePackages();
const postgres = await startPostgres('attack-postgres');
const addresses = postgres.database('gate_cross_attack', true);
const databaseUrl = addresses.DATABASE_URL;
const env = { ...addresses, LOG_LEVEL: 'silent' };
if (!npmRun('migrate', env) || !npmRun('seed', env)) giveUp('The database could not be made ready.');

const fuzz = () =>
  spawnSync(
    process.execPath,
    [
      join(ROOT, 'node_modules/jest/bin/jest.js'),
      '--selectProjects',
      'server',
      '--testPathPatterns',
      'tests/attack/attack.test',
    ],
    {
      cwd: ROOT,
      stdio: 'inherit',
      env: { ...process.env, ...env, ATTACK_COUNT: count, ATTACK_SEED: seed, NODE_OPTIONS: '--no-warnings' },
    },
  ).status === 0;

const tally = { acknowledged: 0, lost: 0, doubled: 0, refused: 0, 'sent again': 0 };

/** The attacker's session, per application; kept through every kill. */
const sessions = new Map();

const send = async (address, path, method, body) => {
  try {
    const answer = await fetch(`${address}${path}`, {
      method,
      headers: { 'content-type': 'application/json', cookie: sessions.get(address) ?? '' },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(4000),
    });
    // A truncated answer acknowledges nothing.
    return { status: answer.status, body: await answer.json() };
  } catch {
    return { status: 0, body: null };
  }
};

/** The next save of a writer's job, on the revision that it knows. */
const nextSave = ({ id, revision, at }) => ({
  path: `/api/jobs/${id}`,
  method: 'PATCH',
  body: {
    saveId: randomUUID(),
    baseRevision: revision,
    changes: [{ path: 'house.designBtuh', value: 20_000 + at }],
    author: 'attack',
  },
});

const nextReading = ({ id, at }) => ({
  path: `/api/jobs/${id}/readings`,
  method: 'POST',
  body: {
    readings: [
      {
        id: randomUUID(),
        item: 'conditions/outdoor',
        value: at,
        place: null,
        at: new Date().toISOString(),
        author: 'attack',
        instrument: '',
        replaces: null,
      },
    ],
  },
});

/** What was acknowledged to a writer. */
const acknowledge = (state, { method, body }, answer) => {
  tally.acknowledged++;
  if (method === 'PATCH') {
    state.value = body.changes[0].value;
    state.saves++;
    state.revision = answer.revision;
  } else state.readings.push(body.readings[0].id);
};

/** One writer with its own job: alternating saves and readings, each resent under its own id until acknowledged. */
const writer = async (address, state, until) => {
  while (performance.now() < until) {
    state.under ??= state.at % 2 === 0 ? nextSave(state) : nextReading(state);
    const { path, method, body } = state.under;
    const { status, body: answer } = await send(address, path, method, body);
    if (status === 0 || status >= 500) {
      tally['sent again']++;
      await sleep(50);
      continue;
    }
    // No one else writes to this job: if a resent save is refused, the first one was counted twice.
    if (status < 300) acknowledge(state, state.under, answer);
    else tally.refused++;
    state.under = undefined;
    state.at++;
  }
};

const check = async (address, state) => {
  const { body: job } = await send(address, `/api/jobs/${state.id}`, 'GET');
  if (!job) return void tally.lost++;
  const ids = job.readings.map(({ id }) => id);
  tally.lost += state.readings.filter((id) => !ids.includes(id)).length;
  tally.doubled += ids.length - new Set(ids).size;
  const isAhead = state.under !== undefined && state.under.method === 'PATCH';
  const value = job.document.facts.house.designBtuh;
  if (state.saves > 0 && value !== state.value && !(isAhead && value === state.under.body.changes[0].value))
    tally.lost++;
  if (job.revision > 1 + state.saves + (isAhead ? 1 : 0)) tally.doubled++;
};

const isFuzzed = fuzz();
if (!ensureBuild()) giveUp('The build failed; the reasons are above.');
const port = await freePort();
const start = async () => (await startApp({ databaseUrl, port, isDemo: true, logLevel: 'silent' })).app;
let app = await start();
const address = `http://127.0.0.1:${port}`;
sessions.set(address, await demoSession(address));
const states = await Promise.all(
  Array.from({ length: WRITERS }, async () => {
    const id = randomUUID();
    await send(address, '/api/jobs', 'POST', { id, from: 'blank', name: 'attacked' });
    return { id, at: 0, saves: 0, revision: 1, value: null, readings: [], under: undefined };
  }),
);
for (let round = 0; round < Number(rounds); round++) {
  const until = performance.now() + ROUND_MS;
  const writing = states.map((state) => writer(address, state, until));
  await sleep(300 + Math.random() * 900);
  say(`Kill ${round + 1} of ${rounds}: ${round % 2 === 0 ? 'the application' : 'the database'}`);
  if (round % 2 === 0) {
    const gone = new Promise((resolve) => app.once('exit', resolve));
    app.kill('SIGKILL');
    await gone;
    app = await start();
  } else postgres.crash();
  await Promise.all(writing);
  for (let tries = 0; tries < 100 && (await send(address, '/api/ready', 'GET')).status !== 200; tries++)
    await sleep(100);
  for (const state of states) await check(address, state);
}
await stopApp(app);
postgres.stop();

/**
 * Saves while the database's disk is full: each is refused with the reason, no acknowledged write is lost, and waiting
 * ones are stored when there is space. On a small memory disk, if this machine allows one.
 * @returns what was found, as a line of the table; null where no such disk can be made
 */
const diskFull = async () => {
  const disk = join('/var/tmp', `gate-cross-disk-${process.pid}`);
  mkdirSync(disk, { recursive: true });
  chmodSync(disk, 0o755);
  if (spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=160m,mode=0777', 'tmpfs', disk]).status !== 0) {
    rmSync(disk, { recursive: true });
    return null;
  }
  const small = await startPostgres('attack-small', [], disk);
  let smallApp;
  try {
    const own = small.database('gate_cross_full', true);
    for (const script of ['migrate', 'seed']) npmRun(script, { ...own, LOG_LEVEL: 'silent' });
    const port = await freePort();
    smallApp = (await startApp({ databaseUrl: own.DATABASE_URL, port, isDemo: true, logLevel: 'silent' })).app;
    const at = `http://127.0.0.1:${port}`;
    sessions.set(at, await demoSession(at));
    const id = randomUUID();
    await send(at, '/api/jobs', 'POST', { id, from: 'blank', name: 'attacked' });
    const state = { id, at: 0, saves: 0, revision: 1, value: null, readings: [], under: undefined };
    await writer(at, state, performance.now() + 500);
    // One file takes the rest of the disk.
    const fill = () =>
      spawnSync('dd', ['if=/dev/zero', `of=${join(disk, 'ballast')}`, 'bs=8k', 'oflag=append', 'conv=notrunc'], {
        stdio: 'ignore',
      });
    fill();
    // Space reserved by the database is used up with whole jobs until one is refused.
    let refusal = null;
    for (let jobs = 0; jobs < 2000 && refusal === null; jobs++) {
      const job = { id: randomUUID(), from: 'sample', source: 'cinder-creek', name: 'x'.repeat(100) };
      const { status, body } = await send(at, '/api/jobs', 'POST', job);
      if (status === 503 || status === 0) refusal = `job ${jobs + 1}: ${body?.error ?? 'no answer'}`;
    }
    const before = { ...tally };
    // Space that the database frees meanwhile is taken again.
    fill();
    const filling = setInterval(fill, 50);
    await writer(at, state, performance.now() + 3000);
    clearInterval(filling);
    const ready = await send(at, '/api/ready', 'GET');
    const told = tally['sent again'] - before['sent again'];
    rmSync(join(disk, 'ballast'));
    for (let tries = 0; tries < 100 && (await send(at, '/api/ready', 'GET')).status !== 200; tries++) {
      // A full disk may stop the database itself: start it again.
      if (tries === 20) small.crash();
      await sleep(100);
    }
    const { revision } = state;
    await writer(at, state, performance.now() + 1000);
    await check(at, state);
    return `disk full: ${refusal ?? 'NOTHING was refused'} ${told} saves told to wait after it, /api/ready said ${ready.body?.database ?? 'nothing'}, ${state.revision > revision ? 'saves land again with room' : 'NOTHING LANDS AFTERWARDS'}`;
  } finally {
    if (smallApp) await stopApp(smallApp);
    small.stop();
    spawnSync('umount', [disk]);
    rmSync(disk, { recursive: true, force: true });
  }
};
const full = await diskFull();
say(full ?? 'disk full: this machine makes no small disk, so that was not tried');
say(
  `${rounds} kills: ${Object.entries(tally)
    .map(([what, number]) => `${what} ${number}`)
    .join(', ')}`,
);
const isWhole = !full?.includes('NOTHING') && tally.lost === 0 && tally.doubled === 0 && tally.refused === 0;
process.exitCode = isFuzzed && isWhole ? 0 : 1;
say(process.exitCode === 0 ? 'The attack found nothing.' : 'The attack found something; it stands above.');
