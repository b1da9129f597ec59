import { expect, test } from '@playwright/test';
import { alive, freshJob } from './helpers';

test('an empty job list says what the app does, and opens a sample', async ({ page }) => {
  // Other tests fill the same list: it is shown empty, as on the first day.
  await page.route(/\/api\/jobs(\?|$)/, (route) =>
    route.request().method() === 'GET' ? route.fulfill({ json: { jobs: [], next: null } }) : route.continue(),
  );
  await page.goto('/?search=nothing');
  await page.getByLabel('Search jobs').fill('');
  await expect(page.getByText('what may run at this outdoor temperature')).toBeVisible();
  await page.getByRole('button', { name: /^Open: Startup under way/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sample: Startup under way');
});

test('the walkthrough uses its own job, goes page by page, and ends on request', async ({ page }) => {
  await page.goto('/');
  await alive(page);
  await page.getByRole('button', { name: 'Two-minute tour' }).click();
  const walk = page.getByRole('complementary', { name: 'Two-minute tour' });
  await expect(walk).toContainText('1/6');
  await walk.getByRole('button', { name: 'What may run' }).click();
  await expect(page).toHaveURL(/balance/);
  await expect(walk).toContainText('2/6');
  // Navigating elsewhere leaves the tour where it is.
  await page.keyboard.press('3');
  await expect(page).toHaveURL(/wiring/);
  await expect(walk).toContainText('2/6');
  await walk.getByRole('button', { name: 'End tour' }).click();
  await expect(walk).toHaveCount(0);
});

test('every page has its part of the guide, with pictures, and the way back', async ({ page }) => {
  test.setTimeout(120_000);
  const id = await freshJob(page);
  for (const part of ['survey', 'strips', 'wiring', 'setup', 'balance', 'startup', 'handover']) {
    await page.goto(`/jobs/${id}/${part}`);
    await page.getByRole('link', { name: 'Guide to this page' }).click();
    await expect(page).toHaveURL(new RegExp(`/guide/${part}$`));
    const picture = page.getByRole('main').getByRole('img').first();
    await picture.scrollIntoViewIfNeeded();
    await expect.poll(() => picture.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBeGreaterThan(300);
  }
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page).toHaveURL(new RegExp(`/jobs/${id}/handover`));
  expect((await page.goto('/guide/nowhere'))!.status()).toBe(404);
  expect((await page.request.get('/guide/screenshots/..%2Fwords.md')).status()).toBe(404);
});
