import { expect, type Page, test } from '@playwright/test';
import { alive, freshJob, stored } from './helpers';

/** A connection so slow that a page is visible long before hydration: nothing loads until released. */
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

const HOURS = Array.from({ length: 8760 }, (_, hour) => String(20 + (hour % 40)));

const isAlive = (page: Page) => page.evaluate(() => document.querySelector('[data-waking]') === null);

test('a tap before hydration takes effect afterward', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/startup`, { waitUntil: 'commit' });
  await page.getByText('Order: as listed').click();
  await page.getByRole('button', { name: 'Open the ruler' }).click();
  expect(await isAlive(page)).toBe(false);
  comes();
  await expect(page.getByText(/^By location saves about/)).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('slider').first()).toBeVisible();
});

test('text and choices entered before hydration are kept and saved', async ({ page }) => {
  const id = await freshJob(page);
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/survey`, { waitUntil: 'commit' });
  await page.getByLabel('Customer').fill('Early Riser');
  await page.getByLabel('Town').fill('Left Behind');
  await page.getByLabel('Town').press('Enter');
  expect(await isAlive(page)).toBe(false);
  comes();
  await expect
    .poll(async () => (await stored(page, id)).document.facts.site, { timeout: 20_000 })
    .toMatchObject({ customer: 'Early Riser', town: 'Left Behind' });
});

test('a number typed before hydration replaces what the field shows, in the scale chosen before it', async ({
  page,
}) => {
  const id = await freshJob(page);
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/survey`, { waitUntil: 'commit' });
  const setpoint = page.getByLabel('Heating setpoint').first();
  await setpoint.click();
  await page.keyboard.type('71');
  await expect(setpoint).toHaveValue('71');
  // A second press places the caret: what is typed then goes there.
  const other = page.getByLabel('Design outdoor temperature').first();
  await other.click();
  await page.keyboard.press('End');
  await page.keyboard.type('0');
  await expect(other).toHaveValue('40');
  await page.getByRole('button', { name: /Temperature scale: °F/ }).click();
  await setpoint.click();
  expect(await isAlive(page)).toBe(false);
  comes();
  // The field has the focus while the page comes to life around it, in the other scale.
  await alive(page);
  await expect(setpoint).toHaveValue('21.7');
  await page.keyboard.type('20');
  await expect(setpoint).toHaveValue('20');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await stored(page, id)).document.facts.house.heatSetpointF).toBe(68);
});

test('typing out an assumed value before hydration confirms it', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/survey`, { waitUntil: 'commit' });
  const board = page.getByRole('textbox', { name: 'Defrost board' });
  await board.fill('');
  await board.fill('2.5');
  await board.press('Enter');
  comes();
  await expect(page.getByRole('link', { name: /At the outdoor unit/ })).toContainText('25 assumed');
});

test('a key, a press on a drawing and a file before hydration count afterward', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/wiring?out=28&call=heat-aux`, { waitUntil: 'commit' });
  await page.getByRole('button', { name: /^Air handler C/ }).focus();
  await page.keyboard.press('Enter');
  await page.locator('body').press('[');
  expect(await isAlive(page)).toBe(false);
  comes();
  await expect(page.getByRole('region', { name: 'Meter' }).getByLabel('Probe 1 at')).toHaveValue('air-handler.C');
  await expect(page).toHaveURL(/out=27/);
  await page.unrouteAll({ behavior: 'wait' });
  const comesToo = await slowLine(page);
  await page.goto(`/jobs/${id}/balance/year`, { waitUntil: 'commit' });
  const file = { name: `early ${id.slice(0, 6)}.csv`, mimeType: 'text/csv', buffer: Buffer.from(HOURS.join('\n')) };
  await page.locator('input[type=file]').first().setInputFiles(file);
  comesToo();
  await expect(page.getByRole('radio', { name: new RegExp(`early ${id.slice(0, 6)}`) })).toBeChecked();
});

test('what is typed at any moment of hydration is kept', async ({ page }) => {
  const id = await freshJob(page);
  for (const waitMs of [0, 150, 300, 450, 600, 900]) {
    await page.goto(`/jobs/${id}/survey`, { waitUntil: 'commit' });
    await page.waitForTimeout(waitMs);
    await page.getByLabel('Customer').fill(`Typed after ${waitMs}`);
    await page.getByLabel('Customer').press('Enter');
    await expect.poll(async () => (await stored(page, id)).document.facts.site.customer).toBe(`Typed after ${waitMs}`);
  }
});

test('what is typed is kept if part of the page is redrawn before hydration', async ({ page }) => {
  const id = await freshJob(page);
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/survey`, { waitUntil: 'commit' });
  const customer = page.getByLabel('Customer');
  await customer.fill('');
  await customer.pressSequentially('1');
  // A render between being taken over and being told: the field gets the value that the page knows.
  await customer.evaluate((field: HTMLInputElement) => {
    field.value = '';
  });
  await customer.pressSequentially(' c');
  expect(await isAlive(page)).toBe(false);
  comes();
  await alive(page);
  await expect(customer).toHaveValue('1 c');
});

test('Enter submits what was typed even if the part was redrawn meanwhile', async ({ page }) => {
  const id = await freshJob(page);
  // A machine so busy that it hardly comes to look after what is held.
  await page.addInitScript(() => {
    const later = window.setTimeout.bind(window);
    window.setTimeout = ((act: () => void, ms = 0) => later(act, ms === 40 ? 2000 : ms)) as typeof window.setTimeout;
  });
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/survey`, { waitUntil: 'commit' });
  const customer = page.getByLabel('Customer');
  await customer.fill('Early Riser');
  await customer.evaluate((field: HTMLInputElement) => {
    field.value = '';
  });
  await customer.press('Enter');
  expect(await isAlive(page)).toBe(false);
  comes();
  await expect
    .poll(async () => (await stored(page, id)).document.facts.site.customer, { timeout: 20_000 })
    .toBe('Early Riser');
});

test('what is typed is kept between a part’s hydration and its registration', async ({ page }) => {
  const id = await freshJob(page);
  await page.addInitScript(() => {
    const frame = window.requestAnimationFrame.bind(window);
    window.requestAnimationFrame = (act) => window.setTimeout(() => frame(act), 1500);
  });
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/survey`, { waitUntil: 'commit' });
  const customer = page.getByLabel('Customer');
  await customer.fill('');
  await customer.pressSequentially('1');
  comes();
  await expect.poll(() => isAlive(page)).toBe(true);
  await customer.pressSequentially(' c');
  await alive(page);
  await expect(customer).toHaveValue('1 c');
});

test('Enter before hydration does not pull the focus out of a field entered since', async ({ page }) => {
  const id = await freshJob(page);
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/survey`, { waitUntil: 'commit' });
  await page.getByLabel('Customer').fill('Early Riser');
  await page.getByLabel('Customer').press('Enter');
  await page.getByLabel('Town').fill('Left');
  comes();
  await alive(page);
  await expect(page.getByLabel('Town')).toBeFocused();
  await page.keyboard.press('End');
  await page.keyboard.type(' Behind');
  await page.keyboard.press('Enter');
  await expect
    .poll(async () => (await stored(page, id)).document.facts.site)
    .toMatchObject({ customer: 'Early Riser', town: 'Left Behind' });
});

test('a tap in a lazy part takes effect once it loads, and nothing else waits for it', async ({ page }) => {
  const id = await freshJob(page);
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/handover`, { waitUntil: 'commit' });
  await page.getByRole('button', { name: 'Hand over job' }).click();
  await expect(page.getByRole('article', { name: 'Technician’s page' })).toContainText('Startup record');
  expect(await isAlive(page)).toBe(false);
  comes();
  await expect(page.getByRole('dialog', { name: 'Hand over with these items open?' })).toBeVisible();
});

test('a lazy part is rendered by the server, and stays if the connection is lost before it loads', async ({ page }) => {
  const id = await freshJob(page);
  const late: string[] = [];
  let isCut = false;
  await page.route('**/_next/static/chunks/*.js*', async (route) => {
    if (isCut) late.push(route.request().url());
    await (isCut ? route.abort() : route.continue());
  });
  await page.goto(`/jobs/${id}/strips`, { waitUntil: 'commit' });
  await page.waitForFunction(() => document.querySelector('main') && !document.querySelector('[data-waking=""]'));
  isCut = true;
  const expected = page.getByRole('region', { name: 'Expected readings' });
  await expect.poll(() => late.length).toBeGreaterThan(0);
  await expect(expected).toBeVisible();
  // The part above is hydrated: another call redraws the ladder, and the part below stays.
  await page.getByRole('button', { name: 'Emergency', exact: true }).click();
  await expect(page).toHaveURL(/call=emergency/);
  await expect(expected).toBeVisible();
  isCut = false;
  await alive(page);
  await expect(expected).toBeVisible();
});

test('actions during replay follow in order; lazy parts do not delay them', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.addInitScript(() => {
    const frame = window.requestAnimationFrame.bind(window);
    window.requestAnimationFrame = (act) => window.setTimeout(() => frame(act), 700);
  });
  const comes = await slowLine(page);
  await page.goto(`/jobs/${id}/setup/card/indoor`, { waitUntil: 'commit' });
  const kit = page
    .getByRole('list', { name: 'Card' })
    .getByRole('listitem')
    .filter({ has: page.getByText('KIT', { exact: true }) });
  await kit.getByLabel('As found').selectOption('0.0');
  comes();
  await expect.poll(() => isAlive(page)).toBe(true);
  // Found is replayed first; left comes after it, or it would look as if someone had been here since.
  await kit.getByRole('button', { name: 'Set to 14.4' }).click();
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText('not activated');
  await alive(page);
  await expect(page.getByRole('list', { name: 'Findings' })).not.toContainText('Someone changed it since');
});
