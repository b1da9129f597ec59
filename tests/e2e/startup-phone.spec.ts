import { expect, type Page, test } from '@playwright/test';
import { freshJob, stored } from './helpers';
import { verifyDeadOnPhone } from './verified-dead';

/** Supplies of this house: disconnect, and the kit’s two circuits. */
const SUPPLIES = 3;

const keys = async (page: Page, text: string) => {
  for (const key of text)
    await page.getByRole('button', { name: key === '.' ? 'Point' : key === '-' ? 'Minus' : key, exact: true }).click();
};

const next = (page: Page) => page.getByRole('button', { name: /^Next/ }).click();

test('one reading at a time: cautions first, own keys, the verdict while typing, on with one tap', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  // Ohms need hands in: locked, with the reason, until every supply is verified dead.
  await page.goto(`/jobs/${id}/startup?step=element-ohms&at=1`);
  await expect(page.getByText(/not verified dead|verify dead/i).first()).toBeVisible();
  await expect(page.getByRole('textbox', { name: /^Element 1/ })).toHaveCount(0);
  await verifyDeadOnPhone(page, id, SUPPLIES);
  await page.goto(`/jobs/${id}/startup?step=element-ohms`);
  // Cautions are shown in full before the step's first reading.
  await expect(page.getByText(/verify every supply dead/)).toBeVisible();
  await page.getByRole('button', { name: 'Understood. Go to readings' }).click();
  const field = page.getByRole('textbox', { name: 'Element 1 (4.8 kW), Ω' });
  const box = (await field.boundingBox())!;
  expect(box.y).toBeLessThan(300);
  expect(box.height).toBeGreaterThanOrEqual(72);
  for (const name of ['7', 'OL', 'Delete'])
    expect((await page.getByRole('button', { name, exact: true }).boundingBox())!.height).toBeGreaterThanOrEqual(64);
  expect((await page.getByRole('button', { name: /^Next/ }).boundingBox())!.height).toBeGreaterThanOrEqual(64);

  await keys(page, '121');
  await expect(page.getByRole('status').filter({ hasText: 'Fail' })).toBeVisible();
  // Burned elements read 121 Ω: no slip, and no tap that makes it pass.
  await expect(page.getByRole('button', { name: '12.1 Ω', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await keys(page, '.1');
  await expect(field).toHaveValue('12.1');
  await expect(page.getByRole('status').filter({ hasText: 'As expected.' })).toBeVisible();
  await next(page);
  await expect(page.getByRole('textbox', { name: /^Element 2/ })).toBeVisible();
  await page.getByRole('button', { name: 'OL', exact: true }).click();
  await next(page);
  await expect
    .poll(async () =>
      (await stored(page, id)).readings.filter(({ item }: { item: string }) => item.startsWith('element-ohms')),
    )
    .toMatchObject([
      { item: 'element-ohms/ohms-1', value: 12.1, author: 'Playwright Tester' },
      { item: 'element-ohms/ohms-2', value: 'OL' },
    ]);
  // Back goes to the previous reading, with its value.
  await page.goBack();
  await expect(page.getByRole('textbox', { name: /^Element 2/ })).toHaveValue('OL');
  // The cautions are one line now, and open with a tap.
  await page.reload();
  await page.getByRole('button', { name: /^Caution/ }).click();
  await expect(page.getByRole('list', { name: 'Cautions' })).toBeVisible();
});

test('the server renders the reading at once for a device that was a phone before', async ({
  page,
  browser,
  baseURL,
}) => {
  const id = await freshJob(page, 'quarry-bench');
  await verifyDeadOnPhone(page, id, SUPPLIES);
  const address = `/jobs/${id}/startup?step=element-ohms&at=1`;
  await page.goto(address);
  await expect(page.getByRole('textbox', { name: /^Element 1/ })).toBeVisible();
  // Rendered by the server only: no scripts run.
  const storageState = await page.context().storageState();
  const still = await browser.newContext({ storageState, baseURL: baseURL!, javaScriptEnabled: false });
  const shown = await still.newPage();
  await shown.setViewportSize({ width: 390, height: 844 });
  await shown.goto(address);
  await expect(shown.getByRole('textbox', { name: /^Element 1/ })).toBeVisible();
  await expect(shown.getByRole('button', { name: /^Next/ })).toBeVisible();
  await still.close();
});

test('the keys stay in place while a number is typed, whatever the verdict', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  for (const at of ['step=heat-aux&at=3', 'step=heat&at=1']) {
    await page.goto(`/jobs/${id}/startup?out=19&call=heat-1&${at}`);
    const seven = page.getByRole('button', { name: '7', exact: true });
    const before = await seven.boundingBox();
    for (const typed of ['2', '4', '8']) {
      await keys(page, typed);
      await expect(page.getByRole('status').filter({ hasText: /Fail|Pass|Look again|Noted/ })).toBeVisible();
      expect(await seven.boundingBox()).toEqual(before);
    }
  }
  // Line voltage on a control conductor is not a slip: it stops the work, visibly, above the keys.
  await expect(page.getByRole('button', { name: '24.8 V', exact: true })).toHaveCount(0);
  await expect(page.getByRole('status').filter({ hasText: 'Fail' })).toContainText(/30\s*V/);
});

test('field, keys and Next are visible together within a browser’s own bars', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(`/jobs/${id}/startup?out=19&call=heat-1&step=heat&at=1`);
  const field = (await page.getByRole('textbox', { name: /^Outdoor unit Y–C/ }).boundingBox())!;
  const next = (await page.getByRole('button', { name: /^Next/ }).boundingBox())!;
  const dock = (await page.getByRole('region', { name: 'Outdoor ruler' }).boundingBox())!;
  expect(field.y).toBeLessThan(300);
  expect(next.y + next.height).toBeLessThanOrEqual(dock.y + 1);
  for (const name of ['7', '0', 'Point', 'Delete'])
    expect((await page.getByRole('button', { name, exact: true }).boundingBox())!.height).toBeGreaterThanOrEqual(44);
});

test('the steps are one tap away, and an amber bar says where step and ruler differ', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/startup?out=28&in=68&call=off&step=heat-aux&at=1`);
  await expect(page.getByRole('note')).toContainText(
    'This step needs Heat with auxiliary. The ruler and wiring are on Off',
  );
  await page.getByRole('button', { name: 'Switch to Heat with auxiliary' }).click();
  await expect(page.getByRole('note')).toHaveCount(0);
  await page.getByRole('button', { name: /^Steps/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Line voltage$/ })
    .click();
  await expect(page.getByRole('heading', { name: /Line voltage/ })).toBeVisible();
  await expect(page).toHaveURL(/step=supply-volts/);
});

test('a half-typed number survives a reload on a phone too', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/startup?step=conditions&at=1`);
  await keys(page, '-4');
  await page.waitForTimeout(300); // drafts are stored a moment after the last key
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Outdoor temperature, °F' })).toHaveValue('-4');
});
