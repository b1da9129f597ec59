import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { ensureBuild, npmRun, startApp, stopApp } from './lib/app.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { ROOT } from './lib/project.mjs';
import { say } from './lib/say.mjs';
import { demoSession } from './lib/session.mjs';

/** Takes the pictures of docs/screenshots/ from the demo data, one per main view. */
const JOBS = {
  planned: '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001',
  started: '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1002',
  proved: '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1003',
  found: '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1004',
};
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const VIEWS = [
  ['sign-in', '/sign-in', DESK],
  ['jobs', '/', DESK],
  ['survey', `/jobs/${JOBS.planned}/survey?out=33&in=68&call=heat-1`, DESK],
  ['strips', `/jobs/${JOBS.started}/strips?out=19&in=66&call=heat-aux`, DESK, 60],
  ['wiring', `/jobs/${JOBS.started}/wiring?out=28&in=68&call=heat-aux`, DESK],
  ['wiring-as-found', `/jobs/${JOBS.found}/wiring?out=28&in=66&call=defrost`, { width: 1280, height: 1500 }],
  ['changeout', `/jobs/${JOBS.planned}/wiring/changeout?out=33&in=68&call=heat-1`, { width: 1280, height: 1150 }],
  ['setup', `/jobs/${JOBS.planned}/setup?out=33&in=68&call=heat-1`, DESK],
  ['setup-talk', `/jobs/${JOBS.planned}/setup/talk?out=33&in=68&call=heat-1`, DESK],
  ['setup-card', `/jobs/${JOBS.proved}/setup/card/outdoor?out=27&in=68&call=heat-1`, DESK],
  ['library', '/library', DESK],
  ['balance', `/jobs/${JOBS.started}/balance?out=19&in=68&call=heat-1`, DESK],
  ['balance-year', `/jobs/${JOBS.started}/balance/year?out=19&in=68&call=heat-1`, { width: 1280, height: 1300 }],
  [
    'simulate',
    `/jobs/${JOBS.planned}/simulate?out=28&in=68&call=heat-1&on=26_38_85&min=180`,
    { width: 1280, height: 1150 },
  ],
  ['startup', `/jobs/${JOBS.started}/startup?out=19&in=68&call=heat-aux&step=heat-aux`, DESK],
  ['handover', `/jobs/${JOBS.proved}/handover?out=27&in=68&call=heat-1`, DESK],
  ['diagnose', `/jobs/${JOBS.started}/diagnose?out=19&in=68&call=heat-aux`, DESK],
  ['practice', '/practice/one-live-leg?seed=1', DESK],
  ['startup-phone', `/jobs/${JOBS.started}/startup?out=19&in=68&call=heat-aux&step=heat-aux&at=6`, PHONE],
];

ensureBuild();
const postgres = await startPostgres('test-postgres', ['fsync=off']);
const addresses = postgres.database('gate_cross_pictures', true);
const env = { ...addresses, LOG_LEVEL: 'warn' };
npmRun('migrate', env);
npmRun('seed', env);
const { app, address } = await startApp({ databaseUrl: addresses.DATABASE_URL, port: await freePort(), isDemo: true });
const [sessionName, session] = (await demoSession(address)).split('=');
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
for (const [name, path, viewport, second] of VIEWS) {
  const context = await browser.newContext({ viewport });
  await context.addInitScript(() =>
    localStorage.setItem(
      'gate-cross:person',
      JSON.stringify({ state: { author: 'Rosalind Achterberg', instrument: 'Clamp meter 2' }, version: 0 }),
    ),
  );
  await context.addCookies([
    { name: 'gate-cross-read', value: 'wiring.strips', url: address },
    ...(name === 'sign-in' ? [] : [{ name: sessionName, value: session, url: address }]),
  ]);
  const page = await context.newPage();
  await page.goto(address + path, { waitUntil: 'networkidle' });
  if (second) await page.getByLabel('Seconds since the call').fill(String(second));
  // Parts that calculate in the background say so until they are done.
  await page.waitForFunction(() => !/\w …/.test(document.querySelector('main')?.innerText ?? ''), undefined, {
    timeout: 20_000,
  });
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
  await context.close();
  say(name);
}
await browser.close();
await stopApp(app);
postgres.stop();
