import { expect, test } from '@playwright/test';
import { anotherDevice, deaf, enter, expectSaved, freshJob, openRuler, stored } from './helpers';

test('a fact saves itself and survives reload', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await enter(page, 'Heat loss at design', '41,500');
  await page.getByLabel('Customer').fill('Odalys Brightwater');
  await page.getByLabel('Customer').blur();
  await page.getByLabel('Reversing valve energized in').getByText('Heating (B)').click();
  await expectSaved(page);
  await page.reload();
  await expect(page.getByLabel('Heat loss at design')).toHaveValue('41500');
  await expect(page.getByLabel('Customer')).toHaveValue('Odalys Brightwater');
  expect((await stored(page, id)).document.facts.outdoorUnit.reversingValve).toBe('B');
});

test('a senseless value is reported at the field, kept as typed, and not saved', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await enter(page, 'Heat loss at design', 'lots');
  await expect(page.getByText('“lots” is not a number. Type digits, such as 71.5.')).toBeVisible();
  await expect(page.getByLabel('Heat loss at design')).toHaveValue('lots');
  await enter(page, 'Heat loss at design', '-5');
  await expect(page.getByText('Minimum 2000 Btu/h.')).toBeVisible();
  await page.getByLabel('Notes').fill('see <b>this</b>');
  await page.getByLabel('Notes').blur();
  await expect(page.getByText('Contains markup; write plain text.')).toBeVisible();
  await enter(page, /Outdoor of rating point 2/, '47');
  await expect(page.getByText('Two rows have the same outdoor.')).toBeVisible();
  expect((await stored(page, id)).revision).toBe(1);
});

test('assumed until confirmed, counted by place; undo reverts a change', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/survey`);
  const yard = page.getByRole('link', { name: /At the outdoor unit/ });
  await expect(yard).toContainText('26 assumed');
  await page.getByRole('button', { name: 'Confirm Defrost control' }).click();
  await expect(yard).toContainText('25 assumed');
  await enter(page, 'Defrost board', '3');
  await expect(yard).toContainText('24 assumed');
  await page.getByRole('heading', { name: 'At the outdoor unit' }).click();
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Defrost board')).toHaveValue('2.5');
});

test('a finding points at its fact and goes away when it is fixed', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/survey?out=33`);
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText(
    'From 30 to 35 °F outside, no heat source is allowed to run.',
  );
  await expect(page.getByText('Gap: 15.5 kBtu/h needed and no heat source is allowed to run.')).toBeVisible();
  await openRuler(page);
  const post = page.getByRole('slider', { name: 'compressor lockout, °F' });
  await post.focus();
  for (let step = 0; step < 5; step++) await post.press('ArrowLeft');
  await expect(page.getByLabel('Compressor locked out below')).toHaveValue('30');
  await expect(page.getByText('no source may run')).toHaveCount(0);
});

test('two devices: the stale save is refused, both versions are shown, nothing is lost', async ({
  page,
  browser,
  baseURL,
}) => {
  const id = await freshJob(page);
  const other = await anotherDevice(browser, baseURL);
  // It does not learn of the other's save before its own.
  await deaf(other);
  await page.goto(`/jobs/${id}/survey`);
  await other.goto(`/jobs/${id}/survey`);
  await enter(page, 'Heat loss at design', '30000');
  await expectSaved(page);
  await enter(other, 'Heat loss at design', '28000');
  await enter(other, 'No heat needed above', '58');
  const dialog = other.getByRole('dialog', { name: 'Changed on another device' });
  await expect(dialog).toContainText('28,000 Btu/h');
  await expect(dialog).toContainText('30,000 Btu/h');
  expect((await stored(page, id)).document.facts.house.designBtuh).toBe(30_000);
  const loss = dialog.getByRole('group', { name: 'House: Heat loss at design' });
  await loss.getByLabel(/Saved there/).check();
  await dialog.getByRole('button', { name: 'Save my choices' }).click();
  await expect(dialog).toHaveCount(0);
  await expectSaved(other);
  await expect(other.getByLabel('Heat loss at design')).toHaveValue('30000');
  expect((await stored(page, id)).document.facts.house).toMatchObject({ designBtuh: 30_000, noLoadF: 58 });
});

test('a lost server is shown, keeps what was entered through a reload, and saves when it is back', async ({
  page,
  context,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.route('**/api/jobs/**', (route) => route.abort());
  await enter(page, 'Heat loss at design', '33000');
  await expect(page.getByRole('status')).toContainText('1 saved here');
  await expect(page.getByRole('alert').filter({ hasText: 'when the server is back' })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Heat loss at design')).toHaveValue('33000');
  await expect(page.getByRole('status')).toContainText('saved here');
  await page.unroute('**/api/jobs/**');
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.house.designBtuh).toBe(33_000);
  await context.close();
});
