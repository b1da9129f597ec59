import { randomUUID } from 'node:crypto';
import { expect, type Page } from '@playwright/test';

/** A fresh job from a sample's facts, without readings; returns its id. */
export const freshJob = async (page: Page, source = 'cinder-creek'): Promise<string> => {
  const id = randomUUID();
  const response = await page.request.post('/api/jobs', {
    data: { id, from: 'sample', source, name: `e2e ${id.slice(0, 8)}` },
  });
  expect(response.status()).toBe(201);
  return id;
};

/** A job as the server holds it. */
export const stored = async (page: Page, id: string) => (await page.request.get(`/api/jobs/${id}`)).json();

export const expectSaved = (page: Page) => expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();

/** Fills a number field and leaves it. */
export const enter = async (page: Page, label: string | RegExp, value: string) => {
  const field = page.getByLabel(label).first();
  await field.fill(value);
  await field.press('Enter');
};

/** Opens the ruler at the foot of a job's page. */
export const openRuler = (page: Page) => page.getByRole('button', { name: 'Open the ruler' }).click();

/** Says once who is at work; where nobody did, the first reading asks. */
export const known = (page: Page) =>
  page.addInitScript(() =>
    localStorage.setItem(
      'gate-cross:person',
      JSON.stringify({ state: { author: 'Playwright Tester', instrument: 'Meter 1' }, version: 0 }),
    ),
  );

/** Waits until the page has come to life: what is touched before that is lost, as on any page that is still loading. */
export const alive = (page: Page) =>
  page.waitForFunction(() =>
    Object.keys(document.querySelector('main button, main select, main input') ?? {}).some((key) =>
      key.startsWith('__reactProps'),
    ),
  );

export const sayWho = (page: Page) => page.getByLabel('Who is reading').selectOption('Playwright Tester');

/** Every screen; a job's by their path below it. */
export const SCREENS = [
  '/',
  '/guide/start',
  '/library',
  '/library/quillwort-menu',
  '/library/meter',
  '/label',
  '/truck',
  '/crew',
  '/join/none',
  '/shared/none',
  'sheet',
  'strips',
  'strips/service',
  'wiring',
  'wiring/changeout',
  'wiring/truck',
  'setup',
  'setup/talk',
  'setup/card/indoor',
  'crossing',
  'crossing/year',
  'crossing/air',
  'day',
  'day/defrost',
  'day/house',
  'startup',
  'trouble',
  'handover',
  'handover/label',
];

/** The address of a screen of {@link SCREENS}, for a job. */
export const screenPath = (screen: string, jobId: string): string =>
  screen.startsWith('/') ? screen : `/jobs/${jobId}/${screen}`;
