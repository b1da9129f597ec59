import { type BrowserContext, expect, type Page, test } from '@playwright/test';
import { JOB_SCREENS } from '@/ui/shell/screens';
import { alive, anotherDevice, expectSaved, freshJob, stored } from './helpers';

test.use({ serviceWorkers: 'allow' });

/** Whether a page's device has stored a job. */
const isStored = (page: Page, id: string): Promise<boolean> =>
  page.evaluate(async (jobId) => {
    if (!(await indexedDB.databases()).some(({ name }) => name === 'gate-cross')) return false;
    return new Promise<boolean>((resolve, reject) => {
      const opening = indexedDB.open('gate-cross');
      opening.onerror = () => reject(opening.error!);
      opening.onsuccess = () => {
        const found = opening.result.transaction('jobs').objectStore('jobs').getKey(jobId);
        found.onerror = () => reject(found.error!);
        found.onsuccess = () => {
          opening.result.close();
          resolve(found.result !== undefined);
        };
      };
    });
  }, id);

/** Opens a job online until the device has stored it and the application. */
const takenAlong = async (page: Page, context: BrowserContext, sample?: string): Promise<string> => {
  const id = await freshJob(page, sample);
  await page.goto(`/jobs/${id}/survey`);
  await expect.poll(() => isStored(page, id), { timeout: 20_000 }).toBe(true);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await context.setOffline(true);
  return id;
};

test('offline, every screen of a job opens, by a tap, by address, and after a reload', async ({ page, context }) => {
  test.setTimeout(120_000);
  const id = await takenAlong(page, context, 'quarry-bench');
  await page.getByRole('link', { name: 'Startup' }).click();
  await expect(page.getByRole('heading', { name: /Make safe/ }).first()).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: /Make safe/ }).first()).toBeVisible();
  for (const { path } of JOB_SCREENS) {
    await page.goto(`/jobs/${id}/${path}`);
    await alive(page);
    await expect(page.locator('main')).not.toBeEmpty();
    await expect(page.getByText('not on this device')).toHaveCount(0);
  }
  await page.goto('/');
  await expect(page.getByRole('list', { name: 'Jobs on this device' }).getByRole('listitem')).toHaveCount(1);
  await page.goto('/library');
  await expect(page.getByRole('heading', { name: 'Library' })).toBeVisible();
  await page.goto('/truck');
  await expect(page.getByText('The server cannot be reached.')).toBeVisible();
});

test('a hundred offline readings, across a restart, are saved once when the signal returns', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  const id = await takenAlong(page, context);
  await page.goto(`/jobs/${id}/startup?step=conditions`);
  await alive(page);
  const field = page.getByRole('textbox', { name: 'Outdoor temperature, °F' });
  for (let value = 0; value < 100; value++) {
    await field.fill(String(value));
    await field.press('Enter');
  }
  await expect(page.getByText('100 saved here')).toBeVisible();
  await page.close();
  const again = await context.newPage();
  await again.goto('/');
  const line = again.getByRole('list', { name: 'Jobs on this device' }).getByRole('listitem').first();
  await expect(line).toContainText('100 entries waiting to send');
  await line.getByRole('link').click();
  await alive(again);
  await again.goto(`/jobs/${id}/startup?step=conditions`);
  await expect(again.getByRole('textbox', { name: 'Outdoor temperature, °F' })).toHaveValue('99');
  await context.setOffline(false);
  await expectSaved(again);
  const { readings } = await stored(again, id);
  expect(readings.map(({ value }: { value: unknown }) => value)).toEqual(
    Array.from({ length: 100 }, (_, value) => value),
  );
  await again.goto('/device');
  await expect(again.getByRole('heading', { name: 'Nothing waiting to send' })).toBeVisible();
});

test('a job begun offline can be worked on at once, and is created on the server when the signal returns', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  await takenAlong(page, context);
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  const name = `Attic ${Date.now()}`;
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('button', { name: 'Create job' }).click();
  await expect(page).toHaveURL(/\/jobs\/[0-9a-f-]{36}\/survey/);
  await alive(page);
  await page.getByRole('textbox', { name: 'Customer' }).fill('Nobody Yet');
  await page.getByRole('textbox', { name: 'Customer' }).press('Enter');
  await expect(page.getByText('1 saved here')).toBeVisible();
  const id = new URL(page.url()).pathname.split('/')[2]!;
  await context.setOffline(false);
  await expectSaved(page);
  const job = await stored(page, id);
  expect(job.document.facts.site).toMatchObject({ jobName: name, customer: 'Nobody Yet' });
});

test('entries from two tabs and two devices reach each other without touching what is being typed', async ({
  page,
  context,
  browser,
  baseURL,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await alive(page);
  const other = await context.newPage();
  await other.goto(`/jobs/${id}/survey`);
  await alive(other);
  await other.getByLabel('Town').fill('Half a to');
  await page.getByLabel('Customer').fill('From the first tab');
  await page.getByLabel('Customer').press('Enter');
  await expect(other.getByLabel('Customer')).toHaveValue('From the first tab');
  await expect(other.getByLabel('Town')).toHaveValue('Half a to');

  const far = await anotherDevice(browser, baseURL);
  await far.goto(`/jobs/${id}/survey`);
  await alive(far);
  await far.getByLabel('Street').fill('From another device');
  await far.getByLabel('Street').press('Enter');
  await expectSaved(far);
  // The page polls when it becomes visible, and every minute.
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect(page.getByLabel('Street')).toHaveValue('From another device');
  await far.context().close();
});

test('an offline save over someone else’s change asks, field by field, once online', async ({
  page,
  context,
  browser,
  baseURL,
}) => {
  const id = await takenAlong(page, context);
  await page.getByLabel('Customer').fill('Mine');
  await page.getByLabel('Customer').press('Enter');
  await expect(page.getByText('1 saved here')).toBeVisible();
  const far = await anotherDevice(browser, baseURL);
  await far.goto(`/jobs/${id}/survey`);
  await alive(far);
  await far.getByLabel('Customer').fill('Theirs');
  await far.getByLabel('Customer').press('Enter');
  await expectSaved(far);
  await context.setOffline(false);
  await expect(page.getByRole('dialog')).toContainText('Theirs');
  await expect(page.getByRole('dialog')).toContainText('Mine');
  await far.context().close();
});

test('what waits is saved as a file, and another device sends it', async ({ page, context, browser, baseURL }) => {
  const id = await takenAlong(page, context);
  await page.getByLabel('Customer').fill('By another device');
  await page.getByLabel('Customer').press('Enter');
  await expect(page.getByText('1 saved here')).toBeVisible();
  await page.goto('/');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as a file' }).click();
  const path = await (await download).path();
  const other = await anotherDevice(browser, baseURL);
  await other.goto('/device');
  await alive(other);
  await other.getByLabel('Unsent-entries file').setInputFiles(path);
  await expect(other.getByText('1 entry waiting to send', { exact: true })).toBeVisible();
  await other.goto(`/jobs/${id}/survey`);
  await expect.poll(async () => (await stored(other, id)).document.facts.site.customer).toBe('By another device');
  await other.context().close();
});

test('handed over offline, after a reading: the server has both, in that order', async ({ page, context }) => {
  test.setTimeout(120_000);
  const id = await takenAlong(page, context, 'cinder-creek');
  await page.goto(`/jobs/${id}/handover`);
  await alive(page);
  await page.getByRole('button', { name: 'Hand over job' }).click();
  const asks = page.getByRole('button', { name: 'Hand over anyway' });
  if (await asks.isVisible()) await asks.click();
  await expect(page.getByText('Handed over on this device.')).toBeVisible();
  await expect(page.getByText('saved as it was printed then')).toBeVisible();
  await page.reload();
  await expect(page.getByText('saved as it was printed then')).toBeVisible();
  await page.goto('/');
  await expect(page.getByText(/^Handed over: .*sends as soon as the server is reachable/)).toBeVisible();
  await context.setOffline(false);
  await page.goto(`/jobs/${id}/survey`);
  await expect.poll(async () => (await stored(page, id)).handedOverAt).not.toBeNull();
  await page.goto('/device');
  await expect(page.getByText(/^Handed over:/)).toHaveCount(0);
});

test('offline, a job is duplicated with its unsent entries, and another archived; both are saved', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  const id = await takenAlong(page, context, 'quarry-bench');
  const town = `Town ${id.slice(0, 8)}`;
  await page.getByLabel('Town').fill(town);
  await page.getByLabel('Town').press('Enter');
  await expect(page.getByText('1 saved here')).toBeVisible();
  await page.goto('/');
  const jobs = page.getByRole('list', { name: 'Jobs on this device' });
  const more = jobs.getByRole('button', { name: /^More for/ });
  await more.click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(jobs.getByRole('listitem')).toHaveCount(2);
  const copy = jobs.getByRole('link', { name: /copy/ });
  const copyId = (await copy.getAttribute('href'))!.split('/')[2]!;
  await jobs.getByRole('button', { name: /^More for(?!.*copy)/ }).click();
  await page.getByRole('menuitem', { name: 'Archive' }).click();
  await expect(page.getByText(/^Archived: .*sends as soon as the server is reachable/)).toBeVisible();
  await copy.click();
  await expect(page.getByLabel('Town')).toHaveValue(town);
  await context.setOffline(false);
  await expect.poll(async () => (await stored(page, copyId)).document?.facts.site.town).toBe(town);
  await page.goto(`/jobs/${id}/survey`);
  await expect.poll(async () => (await stored(page, id)).archivedAt, { timeout: 20_000 }).not.toBeNull();
  expect((await stored(page, id)).document.facts.site.town).toBe(town);
});

test('offline, a controller is entered and a year of weather imported; both are saved', async ({ page, context }) => {
  test.setTimeout(120_000);
  const other = await takenAlong(page, context, 'quarry-bench');
  await context.setOffline(false);
  const id = await takenAlong(page, context, 'quarry-bench');
  await page.goto('/library');
  await page.getByRole('region', { name: 'Thermostat' }).getByRole('button', { name: 'New' }).click();
  await expect(page).toHaveURL(/\/library\/.+/);
  const controller = new URL(page.url()).pathname.split('/')[2]!;
  const name = `Typed in an attic ${id.slice(0, 8)}`;
  await page.getByLabel('Name').first().fill(name);
  await expect(page.getByText(/^Not sent: saved on this device/)).toBeVisible();
  await page.goto('/device');
  // The new controller, and its name typed since.
  const waiting = page.getByRole('region', { name: '2 entries waiting to send' });
  await expect(waiting).toContainText('Controller: ');
  await expect(waiting.getByRole('link', { name: 'Changes to a controller waiting to send' })).toBeVisible();

  await page.goto(`/jobs/${id}/balance/year`);
  await alive(page);
  const year = `Valley ${id.slice(0, 8)}`;
  const csv = ['°F', ...Array.from({ length: 8760 }, (_, hour) => 40 + 20 * Math.sin(hour / 1400))].join('\n');
  await page
    .getByLabel('Weather file')
    .setInputFiles({ name: `${year}.csv`, mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByText('The weather year is saved on this device')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('radio', { name: new RegExp(year) })).toBeChecked();
  await page.reload();
  await expect(page.getByRole('radio', { name: new RegExp(year) })).toBeChecked();
  // A year that only this device has is available to all its jobs.
  await page.goto(`/jobs/${other}/balance/year`);
  await expect(page.getByRole('radio', { name: new RegExp(year) })).toBeVisible();

  await context.setOffline(false);
  await page.goto(`/jobs/${id}/balance/year`);
  await expectSaved(page);
  await expect
    .poll(async () =>
      (await (await page.request.get('/api/weather')).json()).weather.map((each: { name: string }) => each.name),
    )
    .toContain(year);
  await page.goto(`/library/${controller}`);
  await expect
    .poll(async () =>
      (await (await page.request.get('/api/profiles')).json()).profiles.map(
        (each: { profile: { name: string } }) => each.profile.name,
      ),
    )
    .toContain(name);
});

test('a device with a PIN asks for it offline, before anything of a job is shown', async ({ page, context }) => {
  const id = await takenAlong(page, context);
  await context.setOffline(false);
  await page.goto('/device');
  await page.getByRole('button', { name: 'Set a PIN' }).click();
  await page.getByLabel('PIN', { exact: true }).fill('4711');
  await page.getByLabel('Repeat PIN').fill('4712');
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByText('The two PINs do not match.')).toBeVisible();
  await page.getByLabel('Repeat PIN').fill('4711');
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByRole('heading', { name: 'PIN required when offline' })).toBeVisible();
  await context.setOffline(true);
  const again = await context.newPage();
  await again.goto(`/jobs/${id}/survey`);
  const pin = again.getByLabel('PIN of this device');
  await pin.fill('0000');
  await pin.press('Enter');
  await expect(again.getByText('That is not the PIN.')).toBeVisible();
  await expect(again.getByLabel('Customer')).toHaveCount(0);
  await pin.fill('4711');
  await pin.press('Enter');
  await expect(again.getByLabel('Customer')).toBeVisible();
});

test('practice needs no signal', async ({ page, context }) => {
  test.setTimeout(120_000);
  await takenAlong(page, context);
  await page.goto('/practice');
  await expect(page.getByRole('link', { name: /The burner goes out/ })).toBeVisible();
  await page.goto('/practice/low-gas?seed=2');
  await page.getByRole('button', { name: 'At the outdoor unit' }).click();
  await page.getByRole('region', { name: 'Tools' }).getByRole('listitem').first().getByRole('button').click();
  await expect(page.getByRole('region', { name: 'Done so far' }).getByRole('listitem')).toHaveCount(2);
});
