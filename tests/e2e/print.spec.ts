import { expect, type Page, test } from '@playwright/test';
import { freshJob } from './helpers';

const PROVED = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1003';

/** Number of pages in a PDF, from its page tree. */
const pagesOf = (pdf: Buffer): number => [...pdf.toString('latin1').matchAll(/\/Type\s*\/Page\b(?!s)/g)].length;

/** A page in print: print-only parts are rendered when printing begins. */
const onPaper = async (page: Page) => {
  await page.emulateMedia({ media: 'print' });
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
};

test('the record of an ordinary job is one page, and the homeowner’s another', async ({ page }) => {
  await page.goto(`/jobs/${PROVED}/handover`);
  await expect(page.getByRole('article', { name: 'Technician’s page' })).toBeVisible();
  expect(pagesOf(await page.pdf({ preferCSSPageSize: true }))).toBe(2);
});

test('a record says what was measured together; what the system does not have is not in it', async ({ page }) => {
  await page.goto(`/jobs/${PROVED}/handover`);
  const record = page.getByRole('article', { name: 'Technician’s page' });
  await expect(record).toContainText(/Airflow by temperature rise: \d+ CFM/);
  await expect(record).toContainText(/Strip heat: \d+\.\d kW \([\d.]+ A at [\d.]+ V\)\./);
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/handover`);
  await expect(record.getByRole('heading', { name: 'Heat kit' })).toHaveCount(0);
});

test('crawlspace prints as paper; Startup prints whole, under the job’s name; cards print no controls', async ({
  page,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup?step=heat`);
  await page.evaluate(() => (document.documentElement.dataset.theme = 'crawlspace'));
  const title = page.getByRole('heading', { name: /^e2e .*: startup$/ });
  // Print is rendered after hydration.
  await expect(async () => {
    await onPaper(page);
    await expect(title).toBeVisible({ timeout: 500 });
  }).toPass();
  const ground = await page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor);
  expect(ground).toBe('rgb(255, 255, 255)');
  await expect(page.getByText(/Emergency heat$/).first()).toBeVisible();
  await expect(page.locator('main').getByRole('textbox')).toHaveCount(0);
  await page.emulateMedia({ media: 'screen' });
  await page.goto(`/jobs/${id}/setup/card/indoor`);
  await expect(page.getByRole('list', { name: 'Card' })).toBeVisible();
  await onPaper(page);
  await expect(page.locator('main').getByRole('button')).toHaveCount(0);
  await expect(page.locator('main').getByRole('textbox')).toHaveCount(0);
});
