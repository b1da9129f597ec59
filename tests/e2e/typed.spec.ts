import { expect, test } from '@playwright/test';
import { expectSaved, freshJob, stored } from './helpers';

test('unfinished text survives a reload; the header says so, and leads back to it', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByLabel('Notes').fill('Gate code 4417, dog is');
  await expect(page.getByRole('link', { name: '1 unfinished' })).toBeVisible();
  await page.waitForTimeout(300); // drafts are stored a moment after the last key
  await page.reload();
  await expect(page.getByLabel('Notes')).toHaveValue('Gate code 4417, dog is');
  expect((await stored(page, id)).document.facts.site.notes).not.toContain('4417');
  await page.getByRole('link', { name: /Startup/ }).click();
  await page.getByRole('link', { name: '1 unfinished' }).click();
  await expect(page).toHaveURL(/\/survey/);
  await page.getByLabel('Notes').focus();
  await page.getByLabel('Notes').blur();
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.site.notes).toBe('Gate code 4417, dog is');
  await page.reload();
  await expect(page.getByLabel('Notes')).toHaveValue('Gate code 4417, dog is');
  await expect(page.getByRole('link', { name: /unfinished/ })).toHaveCount(0);
});

test('a value that does not make sense yet waits for its field, across pages', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByLabel('Heat loss at design').fill('41 thousand');
  await page.getByRole('link', { name: /Strips/ }).click();
  await expect(page.getByRole('link', { name: '1 unfinished' })).toBeVisible();
  await page.getByRole('link', { name: /Survey/ }).click();
  await expect(page.getByLabel('Heat loss at design')).toHaveValue('41 thousand');
  await page.getByLabel('Heat loss at design').press('Escape');
  await expect(page.getByRole('link', { name: /unfinished/ })).toHaveCount(0);
});

test('typing or tapping the assumed value confirms it; a whole place in one tap', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/survey`);
  const yard = page.getByRole('link', { name: /At the outdoor unit/ });
  await expect(yard).toContainText('26 assumed');
  await page.getByRole('textbox', { name: 'Defrost board' }).fill('');
  await page.getByRole('textbox', { name: 'Defrost board' }).fill('2.5');
  await page.getByRole('textbox', { name: 'Defrost board' }).press('Enter');
  await expect(yard).toContainText('25 assumed');
  const chosen = page
    .locator('#yard [id^="outdoorUnit."]', { has: page.getByRole('button', { name: /^assumed, confirm/ }) })
    .locator('input[type=radio]:checked')
    .first();
  await chosen.click();
  await expect(yard).toContainText('24 assumed');
  await expectSaved(page);
  const before = (await stored(page, id)).document.confirmed.length;
  await page.getByRole('button', { name: '24 assumed · Confirm all' }).click();
  await expect(yard).toContainText('✓');
  await expect.poll(async () => (await stored(page, id)).document.confirmed.length).toBe(before + 24);
  const { facts } = (await stored(page, id)).document;
  expect(facts.outdoorUnit.reversingValve).toBe('O');
});

test('Enter moves to the next field, and saves what was typed', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByLabel('Customer').fill('Odalys Brightwater');
  await page.getByLabel('Customer').press('Enter');
  await expect(page.getByLabel('Street')).toBeFocused();
  await page.getByLabel('Street').fill('9 Sorrel Way');
  await page.keyboard.press('Enter');
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.site).toMatchObject({
    customer: 'Odalys Brightwater',
    street: '9 Sorrel Way',
  });
});
