import { expect, type Page, test } from '@playwright/test';
import { alive, expectSaved, freshJob, stored } from './helpers';

const answer = (page: Page) => page.getByRole('region', { name: 'The answer' });
const time = (page: Page) => page.getByRole('slider', { name: 'Time in the run' }).first();
const events = (page: Page) => page.getByRole('region', { name: 'Events', exact: true });
/** The run is ready. */
const ran = async (page: Page) => {
  await expect(answer(page)).toContainText('$');
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0);
};

test('a day with a gap first says what held both sources off, and the cursor moves the ruler there', async ({
  page,
}) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/simulate?out=19&call=heat-1&on=26_38_85&min=30`);
  await ran(page);
  await expect(answer(page)).toContainText(
    /Too cold: more than 2.°F below setpoint for \d+ min.*backup locked out above 30 °F/,
  );
  await expect(time(page)).toHaveAttribute('aria-valuetext', /^12:30.AM: room/);
  // By pointer: the moment follows, and so does the address.
  const box = (await time(page).boundingBox())!;
  await page.mouse.move(box.x + box.width / 4, box.y + 30);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + 30, { steps: 6 });
  await page.mouse.up();
  await expect(time(page)).toHaveAttribute('aria-valuetext', /^1[12]:\d\d.[AP]M: room/);
  await expect(page).toHaveURL(/out=3[56]/);
  await expect(page).toHaveURL(/min=7[12]\d/);
  // By key: a minute, an hour, an event.
  await time(page).focus();
  const at = Number(await time(page).getAttribute('aria-valuenow'));
  await page.keyboard.press('ArrowRight');
  await expect(time(page)).toHaveAttribute('aria-valuenow', String(at + 1));
  await page.keyboard.press('PageDown');
  await expect(time(page)).toHaveAttribute('aria-valuenow', String(at - 59));
  await page.keyboard.press('Shift+ArrowRight');
  const next = Number(await time(page).getAttribute('aria-valuenow'));
  expect(next).toBeGreaterThan(at - 59);
  await page.goto(`${page.url().replace('/simulate?', '/wiring?')}`);
  await expect(page.getByRole('region', { name: 'Outdoor ruler' })).toContainText('°F out');
});

test('events give their reason, filter by source, and a tap goes there', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/simulate?on=damp`);
  await ran(page);
  const list = page.getByRole('region', { name: 'List of events' });
  await expect(list.getByRole('button').first()).toBeVisible();
  const filter = page.getByRole('group', { name: 'Show events of' });
  await filter.getByRole('button', { name: /^Compressor/ }).click();
  await expect(list.getByText(/^Compressor/)).toHaveCount(0);
  const begins = list.getByRole('button', { name: /Defrost begins: .* lb of frost, \d+ °F out/ }).first();
  const said = await begins.innerText();
  await begins.click();
  const [clock] = /\d+:\d\d/.exec(said)!;
  await expect(time(page)).toHaveAttribute('aria-valuetext', new RegExp(`^${clock} [AP]M: `));
  await expect(page).toHaveURL(/call=defrost/);
  await expect(events(page)).toBeVisible();
});

test('it plays by itself, stops at a tap, and steps by event', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/simulate?min=0`);
  await ran(page);
  await page.getByLabel('Speed').selectOption({ label: '10 hours a second' });
  await page.getByRole('button', { name: 'Play' }).click();
  await expect.poll(async () => Number(await time(page).getAttribute('aria-valuenow'))).toBeGreaterThan(60);
  await page.getByRole('button', { name: /Stop|Play/ }).click();
  await page.getByRole('button', { name: 'Previous event' }).click();
  const before = await time(page).getAttribute('aria-valuenow');
  await page.getByRole('button', { name: 'Next minute' }).click();
  await expect(time(page)).toHaveAttribute('aria-valuenow', String(Number(before) + 1));
});

test('variants of the day are compared, with the main difference, through a reload', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/simulate`);
  await ran(page);
  await page.getByRole('button', { name: 'Compare' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('checkbox', { name: /Night setback of 5 °F/ }).check();
  await dialog.getByRole('checkbox', { name: /Low charge/ }).check();
  await dialog.getByRole('checkbox', { name: /Demand defrost/ }).check();
  await expect(dialog.getByRole('checkbox', { name: /Board at 30 min/ })).toBeDisabled();
  await dialog.getByRole('button', { name: 'Compare 4' }).click();
  const table = page.getByRole('region', { name: 'Plans side by side' });
  await expect(table.getByRole('columnheader')).toHaveText([
    'As set now',
    'Night setback of 5 °F',
    'Low charge',
    'Demand defrost',
  ]);
  await expect(table).toContainText(
    /Night setback of 5.°F\. .* They first differ at \d+:\d\d.[AP]M\. \$\d+\.\d\d (more expensive|cheaper): .*kWh for strips/,
  );
  await expect(page.getByRole('slider', { name: 'Time in the run' })).toHaveCount(4);
  await page.reload();
  await expect(table.getByRole('columnheader')).toHaveCount(4);
});

test('after another page, the chosen day is still there', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/simulate`);
  await ran(page);
  await page.getByLabel('Weather').selectOption({ label: 'Type in a day' });
  await page.getByLabel('Coldest').fill('12');
  await page.getByLabel('Coldest').press('Enter');
  await expect(page).toHaveURL(/on=12_38_85/);
  await page.getByRole('navigation', { name: 'Pages of the job' }).getByRole('link', { name: 'Balance' }).click();
  await expect(page.getByRole('region', { name: 'Balance chart' })).toBeVisible();
  await page.getByRole('navigation', { name: 'Pages of the job' }).getByRole('link', { name: 'Simulate' }).click();
  await expect(page.getByLabel('Coldest')).toHaveValue('12');
});

test('one defrost second by second, and a month of boards that can be canceled', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/simulate/defrost`);
  await expect(answer(page)).toContainText(
    /One defrost at \d+ °F out: \d+ min \d+ s, .* terminated on coil temperature/,
  );
  await page.getByLabel('Board or fault').selectOption({ label: 'Low charge' });
  await expect(answer(page)).toContainText(/timed out with [\d.]+ lb of frost left/);
  await page.getByRole('button', { name: 'Compare boards' }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('button', { name: 'Compare boards' })).toBeVisible();
  await page.getByRole('button', { name: 'Compare boards' }).click();
  const months = page.getByRole('region', { name: 'A month of defrosts' });
  await expect(months.getByRole('row')).toHaveCount(11, { timeout: 60_000 });
  await expect(months.getByRole('row', { name: /Low charge/ })).toContainText('ice builds up');
  await expect(page.getByText(/saves \$[\d.]+ this month|costs least this month|cost the same/)).toBeVisible();
});

test('a day, a defrost and a year that cannot be calculated say so, and can be tried again', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  // Workers do not load until the test lets them.
  await page.addInitScript(() => {
    const Real = window.Worker;
    const state = window as unknown as { workersLoad: boolean };
    state.workersLoad = false;
    window.Worker = class extends Real {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(state.workersLoad ? url : '/no-such-worker.js', options);
      }
    };
  });
  const alert = (words: string) => page.getByRole('alert').filter({ hasText: words });
  const tryAgain = async (words: string) => {
    await expect(alert(words)).toBeVisible();
    await page.evaluate(() => ((window as unknown as { workersLoad: boolean }).workersLoad = true));
    await alert(words).getByRole('button', { name: 'Try again' }).click();
    await expect(alert(words)).toHaveCount(0);
  };
  await page.goto(`/jobs/${id}/simulate`);
  await tryAgain('The day could not be calculated.');
  await ran(page);
  await page.goto(`/jobs/${id}/simulate/defrost`);
  await tryAgain('The defrost could not be calculated.');
  await expect(answer(page)).not.toContainText('Running');
  await page.goto(`/jobs/${id}/balance/year`);
  await alive(page);
  await page.getByRole('button', { name: 'Hour by hour' }).click();
  await tryAgain('The year could not be calculated.');
  await expect(page.getByRole('progressbar')).toHaveCount(0);
});

test('a nonsense address still opens a day', async ({ page }) => {
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/simulate?on=zz&days=99&ways=none,nothing&min=-5`);
  await ran(page);
  await expect(page.getByRole('radio', { name: 'Day', exact: true })).toBeChecked();
  await expect(time(page)).toHaveAttribute('aria-valuetext', /^6:00 AM: /);
});

test('a logger’s file gives the house’s loss and mass; a broken one is reported with its line', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/simulate/house`);
  await alive(page);
  await page.getByLabel('Logger file').setInputFiles({
    name: 'hall.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('time,room,outdoor\n0,68,20\n5,warm,20'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'hall.csv' })).toContainText(
    'line 3: “warm” is not a room temperature',
  );
  await page.getByRole('button', { name: 'Try a simulated logger' }).click();
  const logger = page.getByRole('region', { name: 'Logger' });
  // The simulated house loses an eighth more than the Survey says.
  await expect(logger.getByRole('row', { name: /Heat loss at design/ })).toContainText(/(3[6-9]|40),\d00 ± /);
  await page.getByRole('button', { name: 'Use these hours on the Survey' }).click();
  await expect(page.getByText(/holds its heat for about \d+ h, measured by a logger/)).toBeVisible();
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.house.timeConstantH).toBeGreaterThan(10);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/estimated from construction type/)).toBeVisible();
});
