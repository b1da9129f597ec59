import { randomUUID } from 'node:crypto';
import { type Browser, expect, type Page } from '@playwright/test';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { lastRecord } from '@/core/handover/last-record';
import type { StoredJob } from '@/core/job/stored-job';
import { SIGNED_IN } from './signed-in';

/** A fresh job from a sample's facts, without readings; returns its id. */
export const freshJob = async (page: Page, source = 'cinder-creek'): Promise<string> => {
  const id = randomUUID();
  const response = await page.request.post('/api/jobs', {
    data: { id, from: 'sample', source, name: `e2e ${id.slice(0, 8)}` },
  });
  expect(response.status()).toBe(201);
  return id;
};

/** A job as the server has it. */
export const stored = async (page: Page, id: string) => (await page.request.get(`/api/jobs/${id}`)).json();

/** Hands a job over in its present state, with its record as displayed. */
export const handOver = async (page: Page, id: string): Promise<void> => {
  const job = (await stored(page, id)) as StoredJob;
  const { outdoorF, indoorF } = DEFAULT_MOMENT;
  const printed = lastRecord(job, DEFAULT_MOMENT);
  const answer = await page.request.post(`/api/jobs/${id}/move`, {
    data: { action: 'hand-over', revision: job.revision, outdoorF, indoorF, printed },
  });
  expect(answer.status()).toBe(200);
};

export const expectSaved = async (page: Page) => {
  // Actions before hydration could not be saved yet.
  await alive(page);
  await expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible();
};

/** Fills a number field and leaves it. */
export const enter = async (page: Page, label: string | RegExp, value: string) => {
  // Text typed before hydration could be lost.
  await alive(page);
  const field = page.getByLabel(label).first();
  await field.fill(value);
  await field.press('Enter');
};

/** Opens the ruler at the bottom of a job's page. */
export const openRuler = async (page: Page) => {
  await alive(page);
  await page.getByRole('button', { name: 'Open the ruler' }).click();
};

/** Sets who is working; otherwise the first reading asks. */
export const known = (page: Page) =>
  page.addInitScript(() =>
    localStorage.setItem(
      'gate-cross:person',
      JSON.stringify({ state: { author: 'Playwright Tester', instrument: 'Meter 1' }, version: 0 }),
    ),
  );

/** Waits until the whole page is hydrated and the queue is replayed. */
export const alive = (page: Page) =>
  page.waitForFunction(
    () =>
      document.querySelector('main') &&
      !document.querySelector('[data-waking]') &&
      !(document as Document & { heldTouches?: number }).heldTouches,
  );

/** A page on another device of the same person, with separate storage. */
export const anotherDevice = async (browser: Browser, baseURL: string | undefined): Promise<Page> =>
  (await browser.newContext({ baseURL: baseURL!, storageState: SIGNED_IN, serviceWorkers: 'block' })).newPage();

/** Keeps a page from learning what others did to its job, so that its own next save finds out. */
export const deaf = async (page: Page): Promise<void> => {
  for (const news of ['**/presence', '**/bundle']) await page.route(news, (route) => route.abort());
};

export const sayWho = (page: Page) => page.getByLabel('Readings by').selectOption('Playwright Tester');

/** Every screen; a job's by path. */
export const SCREENS = [
  '/',
  '/guide/start',
  '/library',
  '/library/quillwort-menu',
  '/library/meter',
  '/practice',
  '/practice/one-live-leg',
  '/practice/job/JOB',
  '/practice/controllers/toadflax-indoor',
  '/label',
  '/truck',
  '/crew',
  '/crew/new-jobs',
  '/device',
  '/shell',
  '/join/none',
  '/shared/none',
  'survey',
  'strips',
  'strips/service',
  'wiring',
  'wiring/changeout',
  'wiring/truck',
  'setup',
  'setup/talk',
  'setup/card/indoor',
  'balance',
  'balance/year',
  'balance/air',
  'simulate',
  'simulate/defrost',
  'simulate/house',
  'startup',
  'diagnose',
  'handover',
  'handover/label',
];

/** The address of a screen of {@link SCREENS}, for a job. */
export const screenPath = (screen: string, jobId: string): string =>
  screen.startsWith('/') ? screen.replace('JOB', jobId) : `/jobs/${jobId}/${screen}`;
