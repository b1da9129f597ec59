import { expect, test } from '@playwright/test';
import { alive, expectSaved, freshJob, openRuler, stored } from './helpers';

test('a whole reading without a mouse: page, step, name, value, verdict', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await alive(page);
  await page.keyboard.press('7');
  await expect(page).toHaveURL(/\/startup/);
  await expect(page).toHaveTitle(/^Startup · e2e .* · Gate Cross$/);
  await page.getByLabel('Readings by').focus();
  await page.keyboard.type('Emeric');
  await page
    .getByRole('button', { name: /Line voltage$/ })
    .first()
    .focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('Heat-kit circuit 1, V').focus();
  await page.keyboard.type('121');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Half the volts: one leg is lost')).toBeVisible();
  // Enter moved to the next field; back to this one.
  await expect(page.getByLabel('Heat-kit circuit 1, V')).not.toBeFocused();
  await page.getByLabel('Heat-kit circuit 1, V').focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Heat-kit circuit 1, V')).toHaveValue('122');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Heat-kit circuit 1, V')).toHaveValue('121');
  await expectSaved(page);
  expect((await stored(page, id)).readings).toHaveLength(1);
});

test('a skip link leads past the header, and the first terminal is within ten tabs of it', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring`);
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to content' })).toBeFocused();
  await page.keyboard.press('Enter');
  const isOnTerminal = () => page.evaluate(() => document.activeElement?.hasAttribute('data-terminal') ?? false);
  let tabs = 0;
  while (!(await isOnTerminal()) && tabs < 20) {
    await page.keyboard.press('Tab');
    tabs++;
  }
  expect(await isOnTerminal()).toBe(true);
  expect(tabs).toBeLessThanOrEqual(10);
});

test('shortcuts are off while someone types', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey?out=28&in=68&call=heat-1`);
  await page.getByLabel('Customer').fill('');
  await page.getByLabel('Customer').pressSequentially('1 c [ ] / ?');
  await expect(page).toHaveURL(/\/survey\?out=28&in=68&call=heat-1/);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByLabel('Customer')).toHaveValue('1 c [ ] / ?');
});

test('a row of choices moves by arrows, Space confirms an assumed value, and page shortcuts skip it', async ({
  page,
}) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/survey`);
  await alive(page);
  const yard = page.getByRole('link', { name: /At the outdoor unit/ });
  await expect(yard).toContainText('26 assumed');
  const chosen = page
    .locator('#yard [id^="outdoorUnit."]', { has: page.getByRole('button', { name: /^assumed, confirm/ }) })
    .locator('input[type=radio]:checked')
    .first();
  const name = await chosen.getAttribute('name');
  const value = page.locator(`input[name="${name}"]:checked`);
  await chosen.focus();
  await page.keyboard.press('Space');
  await expect(yard).toContainText('25 assumed');
  const before = await value.evaluate((radio) => radio.closest('label')!.textContent);
  await page.keyboard.press('ArrowRight');
  await expect(value).toBeFocused();
  expect(await value.evaluate((radio) => radio.closest('label')!.textContent)).not.toBe(before);
  await page.keyboard.press('ArrowLeft');
  expect(await value.evaluate((radio) => radio.closest('label')!.textContent)).toBe(before);
  await expectSaved(page);
  await page.keyboard.press('7');
  await expect(page).toHaveURL(/\/startup/);
});

test('a dialog holds the focus and returns it', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  for (let tab = 0; tab < 12; tab++) await page.keyboard.press('Tab');
  expect(await page.evaluate(() => document.activeElement?.closest('[role=dialog]') !== null)).toBe(true);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'New job' })).toBeFocused();
});

test('leads are placed from the keyboard, and the reading is announced', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?out=28&call=heat-aux`);
  await page.getByRole('button', { name: /^Outdoor unit W-out, live/ }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Air handler C/ }).focus();
  await page.keyboard.press(' ');
  const meter = page.getByRole('region', { name: 'Meter' });
  await expect(meter).toContainText(/2[45]\.\d/);
  await expect(meter.getByLabel('Probe 1 at')).toHaveValue('outdoor-unit.W-out');
});

test('a marker in a lane is dragged by mouse, becomes a fact, and is undone', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/wiring`);
  await openRuler(page);
  const post = page.getByRole('slider', { name: 'strip lockout, °F' });
  const box = (await post.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 130, box.y + box.height / 2, { steps: 10 });
  const shown = Number(await post.getAttribute('aria-valuenow'));
  expect(shown).toBeGreaterThan(36);
  expect((await stored(page, id)).document.facts.gates.auxAboveF).toBe(30);
  await page.mouse.up();
  await expect.poll(async () => (await stored(page, id)).document.facts.gates.auxAboveF).toBe(shown);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await stored(page, id)).document.facts.gates.auxAboveF).toBe(30);
});

test('the chosen theme stays, on every page: paper, crawlspace, sunlight', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup`);
  await page.getByRole('button', { name: 'Screen theme: Paper. Change it' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'crawlspace');
  await page.getByRole('button', { name: 'Screen theme: Crawlspace. Change it' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'sunlight');
  // The browser stores a cookie a moment after the page sets it; an automated reload is faster.
  const kept = async () => (await page.context().cookies()).find(({ name }) => name === 'gate-cross-theme')?.value;
  await expect.poll(kept).toBe('sunlight');
  await page.reload();
  await page.getByRole('button', { name: 'Screen theme: Sunlight. Change it' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'paper');
  await page.getByRole('button', { name: 'Screen theme: Paper. Change it' }).click();
  await page.goto('/');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'crawlspace');
});
