import { expect, type Page, test } from '@playwright/test';
import { alive, enter, expectSaved, freshJob, stored } from './helpers';

const chart = (page: Page) => page.getByRole('region', { name: 'Balance chart' });
const ways = (page: Page) => page.getByRole('region', { name: 'Plans side by side' });
const take = (page: Page, name: string) => page.getByRole('button', { name: `Use this in Setup: ${name}` });
const weatherFile = (page: Page, name: string, text: string) =>
  page.getByLabel('Weather file').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

/** A year of hours in °F, from dawn at 5 to an afternoon of 86. */
const HOURS = Array.from({ length: 8760 }, (_, at) =>
  Math.round(45 - 30 * Math.cos((at / 8760) * 2 * Math.PI) - 10 * Math.cos(((at % 24) / 24) * 2 * Math.PI)),
);

test('the figures at the needle follow it, by drag and by key', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance?out=28`);
  await expect(page.getByLabel('At 28 °F')).toContainText('20.2 kBtu/h');
  await expect(page.getByLabel('At 28 °F')).toContainText('COP 2.72');
  await page.keyboard.press('[');
  await expect(page.getByLabel('At 27 °F')).toBeVisible();
  const plot = (await page.getByTestId('balance-plot').boundingBox())!;
  await page.mouse.move(plot.x + plot.width * 0.3, plot.y + 20);
  await page.mouse.down();
  await page.mouse.move(plot.x + plot.width * 0.2, plot.y + 30, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByLabel('At -2 °F')).toBeVisible();
  await expect(page).toHaveURL(/out=-2/);
});

test('a lockout dragged on the chart closes the gap, on chart, lanes and Survey alike', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/balance?out=33`);
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText('no heat source is allowed to run');
  // A drag before hydration is not replayed.
  await alive(page);
  const gate = chart(page).getByRole('slider', { name: 'strip lockout on the chart, °F' });
  const box = (await gate.boundingBox())!;
  const plot = (await page.getByTestId('balance-plot').boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 40);
  await page.mouse.down();
  await page.mouse.move(plot.x + plot.width * (65 / 90), box.y + 40, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByText('no heat source is allowed to run')).toHaveCount(0);
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.gates.auxAboveF).toBe(45);
  await gate.press('ArrowLeft');
  await expect(chart(page).getByRole('slider', { name: 'strip lockout, lane on the chart, °F' })).toHaveAttribute(
    'aria-valuenow',
    '44',
  );
});

test('a load from another source moves the balance point; what is missing is asked for', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance?out=28`);
  await expect(chart(page)).toContainText('balance point 24');
  const area = page
    .getByRole('region', { name: 'House load' })
    .getByRole('listitem')
    .filter({ hasText: 'Floor area and age' });
  await area.getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText('incomplete');
  await area.getByText('Enter figures').click();
  await enter(page, 'Heated floor area', '900');
  await expect(area).toContainText('17.2 kBtu/h ±40 %');
  await expect(chart(page)).not.toContainText('balance point 24');
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.load).toMatchObject({ from: 'floor-area', floorFt2: 900 });
});

test('a wrong rating point is questioned where it is entered', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/balance`);
  await enter(page, /Power of rating point 1/, '25');
  await expect(page.getByText(/the COP would be 0\.3/).first()).toBeVisible();
  await enter(page, 'Cycling loss', '3');
  await expect(page.getByText('Maximum 0.5.')).toBeVisible();
});

test('dual fuel: economic balance point from fuel and electric price; a price of zero is refused', async ({ page }) => {
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/balance`);
  const table = page.getByRole('region', { name: 'Prices', exact: true });
  await expect(table).toContainText('-7°');
  await enter(page, 'Furnace fuel', '0');
  await expect(page.getByText('Minimum 0.1 $/gal.')).toBeVisible();
  await enter(page, 'Furnace fuel', '1.4');
  await expect(chart(page)).not.toContainText('economic balance point -7');
});

test('plans compared; one tap applies one in Setup, and it can be undone', async ({ page }) => {
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/balance/year`);
  await expect(ways(page)).toContainText('Where the furnace is cheaper');
  await take(page, 'Fixed at 35').click();
  await expect(ways(page).getByText('✓ in use')).toBeVisible();
  await expectSaved(page);
  const { facts } = (await stored(page, id)).document;
  expect([facts.schools.changeover, facts.schools.changeoverF, facts.gates.compressorBelowF]).toEqual([
    'fixed',
    35,
    35,
  ]);
  await page.goto(`/jobs/${id}/setup`);
  await expect(page.getByRole('button', { name: /^Compressor locked out below/ })).toContainText('35 °F');
  await page.goto(`/jobs/${id}/balance/year`);
  await take(page, 'By thermostat staging only').click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.gates.compressorBelowF).toBe(35);
});

test('a plan is changed, named and saved with the job; named plans come back', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance/year`);
  await page.getByRole('button', { name: 'Change Compressor locked out below 35 °F' }).click();
  const dialog = page.getByRole('dialog', { name: 'Edit this plan' });
  await dialog.getByLabel('Name').fill('Out below 20');
  await dialog.getByLabel('Below', { exact: true }).fill('20');
  await dialog.getByLabel('Below', { exact: true }).press('Enter');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(ways(page)).toContainText('Out below 20');
  await expect(ways(page)).toContainText('compressor locked out below 20');
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.year.ways).toHaveLength(5);
  await page.getByRole('button', { name: 'Reset to the standard plans' }).click();
  await expect(ways(page)).toContainText('Compressor locked out below 35 °F');
});

test('hour by hour comes from a worker and is close to the bins', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance/year`);
  const cost = page.getByRole('region', { name: 'A year', exact: true }).getByText('per year as set now').locator('..');
  const byBins = Number((await cost.innerText()).replace(/[^\d]/g, ''));
  await page.getByRole('button', { name: 'Hour by hour' }).click();
  await expect(cost).not.toContainText(byBins.toLocaleString('en-US'));
  const hourly = Number((await cost.innerText()).replace(/[^\d]/g, ''));
  expect(Math.abs(hourly / byBins - 1)).toBeLessThan(0.03);
});

test('a year of weather is imported, kept for every job, and removed from the list with undo', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  const name = `cove ${id.slice(0, 6)}`;
  await page.goto(`/jobs/${id}/balance/year`);
  await weatherFile(page, `${name}.csv`, ['outdoor °F', ...HOURS].join('\n'));
  await expect(page.getByRole('heading', { name: `A year in ${name}` })).toBeVisible();
  await expectSaved(page);
  await page.reload();
  await expect(page.getByRole('radio', { name: new RegExp(name) })).toBeChecked();
  await expect(page.getByText('per year as set now')).toBeVisible();
  await page.getByRole('radio', { name: /Alder Sound/ }).check();
  await page.getByRole('button', { name: `Remove ${name}` }).click();
  await expect(page.getByRole('radio', { name: new RegExp(name) })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('radio', { name: new RegExp(name) })).toBeVisible();
});

test('gaps are counted and filled only on request; °C read as °F is noticed; a partial year is refused', async ({
  page,
}) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance/year`);
  const name = `gap ${id.slice(0, 6)}`;
  await weatherFile(
    page,
    `${name}.csv`,
    ['outdoor °F', ...HOURS.map((value, at) => (at >= 50 && at < 53 ? 'NA' : value))].join('\n'),
  );
  await expect(page.getByRole('alert').filter({ hasText: '3 hours are missing, the longest gap 3 h' })).toBeVisible();
  await page.getByRole('button', { name: 'Fill in the 3 missing hours' }).click();
  await expect(page.getByRole('radio', { name: new RegExp(`${name}.*3 hours filled`) })).toBeChecked();
  await weatherFile(page, 'cold.csv', HOURS.map((value) => ((value - 32) / 1.8).toFixed(1)).join('\n'));
  await expect(page.getByRole('alert').filter({ hasText: 'looks like °C' })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await weatherFile(page, 'short.csv', HOURS.slice(0, 500).join('\n'));
  await expect(page.getByText(/short\.csv was not imported.*500 hours; a year has 8,760/)).toBeVisible();
});

test('a lost server: the imported year is not lost, and is sent again', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance/year`);
  await page.route('**/api/weather', (route) => route.abort());
  await weatherFile(page, `lost ${id.slice(0, 6)}.csv`, HOURS.join('\n'));
  await expect(page.getByText('The weather year is saved on this device')).toBeVisible();
  await page.unroute('**/api/weather');
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect(page.getByRole('heading', { name: `A year in lost ${id.slice(0, 6)}` })).toBeVisible();
});

test('supply air answers for the moment; the airflow chart is drawn on demand', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance/air?out=28`);
  const states = page.getByRole('list', { name: 'Air at the register' });
  await expect(states.getByRole('listitem').filter({ hasText: 'Heat pump alone' })).toContainText('90 °F');
  await expect(states.getByRole('listitem').filter({ hasText: 'Defrost, no strips' })).toContainText('46 °F');
  await page.keyboard.press('[');
  await expect(page.getByRole('heading', { name: /27 °F out/ })).toBeVisible();
  await page.getByText('Supply air vs. airflow').click();
  await expect(page.locator('.apexcharts-svg')).toBeVisible();
});

test('the whole chart by keyboard: page, needle, lockout, tabs', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/survey?out=33`);
  await alive(page);
  await page.keyboard.press('5');
  await expect(page).toHaveURL(/\/balance\?out=33/);
  const gate = chart(page).getByRole('slider', { name: 'compressor lockout on the chart, °F' });
  await gate.focus();
  await page.keyboard.press('PageDown');
  await expect(gate).toHaveAttribute('aria-valuenow', '30');
  await page.keyboard.press('Control+z');
  await expect(gate).toHaveAttribute('aria-valuenow', '35');
  await page.getByRole('link', { name: 'Supply air' }).focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/balance\/air\?out=33/);
});

test('run hours give a load; a day that gives none says so', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance`);
  const run = page.getByRole('region', { name: 'House load' }).getByRole('listitem').filter({ hasText: 'Run hours' });
  await run.getByText('Enter figures').click();
  await run.getByRole('button', { name: 'Add day' }).click();
  await expect(run).toContainText('One day at 20 °F on average');
  await expect(run).toContainText(/most reliable/);
  await enter(page, /Average outdoor of day 1/, '60');
  await expect(run).toContainText('at least 10 °F below 62 °F');
});

test('years export as CSV', async ({ page }) => {
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/balance/year`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'CSV', exact: true }).click(),
  ]);
  const text = await (await download.createReadStream()).toArray();
  expect(Buffer.concat(text).toString()).toMatch(/^way,from °F,to °F,hours/);
});

test('the year is canceled, and calculated again on request', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/balance/year`);
  // The chart's script is loaded; the worker's comes late, so that there is time to cancel it.
  await expect(page.locator('.apexcharts-canvas')).toBeVisible();
  await page.route(
    /\.js(\?|$)/,
    (route) => new Promise((resolve) => setTimeout(() => resolve(route.continue().catch(() => undefined)), 3000)),
  );
  await page.getByRole('button', { name: 'Hour by hour' }).click();
  await expect(page.getByRole('progressbar', { name: 'Calculating the year' })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Canceled. These figures are')).toBeVisible();
  await page.unroute(/\.js(\?|$)/);
  await page.getByRole('button', { name: 'Calculate' }).click();
  await expect(page.getByText('Canceled. These figures are')).toHaveCount(0);
  await expect(page.getByText('per year as set now').locator('..')).toContainText('2,066');
});
