import { expect, type Page, test } from '@playwright/test';
import { freshJob, stored } from './helpers';

/** A line so slow that a page is shown long before it is alive: nothing comes until the line is let go. */
const slowLine = async (page: Page): Promise<() => void> => {
  let go: () => void = () => undefined;
  const gone = new Promise<void>((resolve) => {
    go = resolve;
  });
  await page.route('**/_next/static/chunks/*.js*', async (route) => {
    await gone;
    await route.continue();
  });
  return go;
};

const isAlive = (page: Page) => page.evaluate(() => document.querySelector('[data-waking]') === null);

test('what is tapped before the page is alive is done once it is', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/startup`, { waitUntil: 'commit' });
  await page.getByText('Order: as listed').click();
  await page.getByRole('button', { name: 'Open the ruler' }).click();
  expect(await isAlive(page)).toBe(false);
  comes();
  await expect(page.getByText(/^By place saves about/)).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('slider').first()).toBeVisible();
});

test('what is typed and chosen before the page is alive is kept and saved', async ({ page }) => {
  const id = await freshJob(page);
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/sheet`, { waitUntil: 'commit' });
  await page.getByLabel('Customer').fill('Early Riser');
  await page.getByLabel('Town').fill('Left Behind');
  await page.getByLabel('Town').press('Enter');
  expect(await isAlive(page)).toBe(false);
  comes();
  await expect
    .poll(async () => (await stored(page, id)).document.facts.site, { timeout: 20_000 })
    .toMatchObject({ customer: 'Early Riser', town: 'Left Behind' });
});
