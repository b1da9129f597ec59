import { expect, test } from '@playwright/test';
import { expectSaved, freshJob, stored } from './helpers';

test('the card on a phone: one entry to a screen, its ticks under the thumb, on to the next', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/setup/card/indoor`);
  await page.getByLabel('Set by').selectOption('Playwright Tester');
  const entries = page
    .getByRole('list', { name: 'Card' })
    .getByRole('listitem')
    .filter({ has: page.getByLabel('As found') });
  const first = entries.first();
  const box = (await first.boundingBox())!;
  expect(box.height).toBeGreaterThan(400);
  await first.getByRole('button', { name: /^Set to/ }).scrollIntoViewIfNeeded();
  const tick = (await first.getByRole('button', { name: /^Set to/ }).boundingBox())!;
  expect(tick.height).toBeGreaterThanOrEqual(52);
  expect(tick.width).toBeGreaterThan(300);
  const second = entries.nth(1);
  await first.getByRole('link', { name: 'Next' }).click();
  await expect(second).toBeInViewport();
  await second.getByRole('button', { name: /^Set to/ }).tap();
  await expect(second.getByRole('button', { name: /^Set to/ })).toHaveAttribute('aria-pressed', 'true');
  await expectSaved(page);
  expect((await stored(page, id)).settingMarks).toHaveLength(1);
});

test('switches are drawn on a phone without running off it', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/setup/card/outdoor`);
  for (const name of ['Bank P', 'Bank R']) {
    const box = (await page.getByRole('figure', { name }).boundingBox())!;
    expect(box.x + box.width).toBeLessThanOrEqual(390);
  }
});

test('the talk is answered with a thumb, and a lockout on the chart is moved with one', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/setup/talk`);
  await page.getByText('The bill', { exact: true }).first().tap();
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.talk.leaning).toBe('cost');
  await page.goto(`/jobs/${id}/balance?out=33`);
  const gate = page.getByRole('slider', { name: 'strip lockout on the chart, °F' });
  expect((await gate.boundingBox())!.width).toBeGreaterThanOrEqual(44);
  await gate.press('PageUp');
  await expect(page.getByText('no source may run')).toHaveCount(0);
});

test('compared plans scroll within themselves; their names stay', async ({ page }) => {
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/balance/year`);
  const table = page.getByRole('region', { name: 'Plans side by side' });
  await table.scrollIntoViewIfNeeded();
  await table.evaluate((element) => element.scrollTo(400, 0));
  await expect(table.getByRole('rowheader', { name: /^Cost/ })).toBeInViewport();
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
});
