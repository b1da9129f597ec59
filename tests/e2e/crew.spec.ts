import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { type Browser, expect, type Page, test } from '@playwright/test';
import { alive, freshJob, stored } from './helpers';

test.use({ storageState: { cookies: [], origins: [] } });

test('nobody sees a page without signing in; one tap enters the demo, and the requested page opens', async ({
  page,
}) => {
  await page.goto('/library?x=1');
  await expect(page).toHaveURL(/\/sign-in\?to=%2Flibrary%3Fx%3D1$/);
  await page.getByRole('textbox', { name: 'Name' }).fill('emeric-valtonen@mossgate');
  await page.getByLabel('Password').fill('not the password');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Wrong name or password' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('emeric-valtonen@mossgate');
  await page.getByRole('button', { name: /Davor Mintz/ }).click();
  await expect(page.getByRole('link', { name: 'Davor Mintz' })).toBeVisible();
  // The other crew's jobs are not visible.
  await expect(page.getByText('Juniper Flume')).toHaveCount(0);
  expect((await page.request.get('/api/jobs/7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001')).status()).toBe(404);
});

test('a lead invites someone, who sets a password by the link, works, and is removed', async ({ page, browser }) => {
  const name = `Nora Quist ${Date.now() % 10_000}`;
  await page.goto('/sign-in');
  await page.getByRole('button', { name: /Anneke Sorensby/ }).click();
  await page.getByRole('link', { name: 'Anneke Sorensby' }).click();
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByLabel('Role', { exact: true }).selectOption('reader');
  await page.getByRole('button', { name: 'Create link' }).click();
  const link = await page.getByLabel(`Link for ${name}`).inputValue();
  const context = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const theirs = await context.newPage();
  await theirs.goto(link);
  await theirs.getByLabel('Password').fill('short');
  await theirs.getByRole('button', { name: 'Set password and sign in' }).click();
  await expect(theirs.getByRole('alert').filter({ hasText: 'Too short' })).toBeVisible();
  await theirs.getByLabel('Password').fill('snow on the contactor');
  await theirs.getByRole('button', { name: 'Set password and sign in' }).click();
  await expect(theirs.getByRole('link', { name })).toBeVisible();
  // A viewer can look but not change.
  const refused = await theirs.request.post('/api/jobs', {
    data: { id: crypto.randomUUID(), from: 'blank', name: 'mine' },
  });
  expect(refused.status()).toBe(403);
  await expect(page.getByRole('listitem').filter({ hasText: 'invited as viewer' }).first()).toContainText(name);
  await page.getByRole('button', { name: `Remove from crew: ${name}` }).click();
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: name })
      .filter({ hasText: /Removed(?! from)/ }),
  ).toBeVisible();
  await theirs.reload();
  await expect(theirs).toHaveURL(/\/sign-in/);
  await theirs.goto(link);
  await expect(theirs.getByRole('heading', { name: 'This link no longer works' })).toBeVisible();
  await context.close();
});

test('signed out, every page leads to sign-in', async ({ page }) => {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: /Tomas Reyl/ }).click();
  await page.getByRole('link', { name: 'Tomas Reyl' }).click();
  await expect(page.getByRole('heading', { name: 'Mossgate Heat Pumps' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Create link' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Sign in', exact: true })).toBeVisible();
  await page.goto('/');
  await expect(page).toHaveURL(/\/sign-in$/);
});

/** A page of a demo crew member, signed in with a tap. */
const as = async (browser: Browser, name: RegExp): Promise<Page> => {
  const context = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const page = await context.newPage();
  await page.goto('/sign-in');
  await page.getByRole('button', { name }).click();
  await expect(page.locator('a[href="/crew"]')).toHaveText(name);
  await alive(page);
  return page;
};

test('an apprentice’s reading waits until a technician countersigns; a reader’s fields are locked', async ({
  browser,
}) => {
  const technician = await as(browser, /Emeric Valtonen/);
  const id = await freshJob(technician, 'quarry-bench');
  const apprentice = await as(browser, /Ilse Brandvold/);
  await apprentice.goto(`/jobs/${id}/startup?step=conditions`);
  await alive(apprentice);
  await expect(apprentice.getByText('a technician countersigns them and changes the facts')).toBeVisible();
  const field = apprentice.getByRole('textbox', { name: 'Outdoor temperature, °F' });
  await field.fill('21');
  await field.press('Enter');
  await expect(apprentice.getByText('1 reading needs a countersignature.')).toBeVisible();
  await expect(apprentice.getByRole('button', { name: /^Countersign/ })).toHaveCount(0);

  await technician.goto(`/jobs/${id}/startup?step=conditions`);
  await alive(technician);
  await technician.getByRole('button', { name: 'Countersign it' }).click();
  await expect(technician.getByText('Countersigned by Emeric Valtonen.')).toBeVisible();
  await expect(technician.getByText('needs a countersignature')).toHaveCount(0);
  await expect
    .poll(async () => (await stored(technician, id)).readings)
    .toContainEqual(
      expect.objectContaining({
        value: 21,
        author: 'Ilse Brandvold',
        countersign: expect.objectContaining({ by: 'Emeric Valtonen' }),
      }),
    );

  const reader = await as(browser, /Tomas Reyl/);
  await expect(reader.getByRole('button', { name: 'New job' })).toHaveCount(0);
  await reader.goto(`/jobs/${id}/survey`);
  await alive(reader);
  await expect(reader.getByLabel('Customer')).toBeDisabled();
  await reader.goto(`/jobs/${id}/startup?step=conditions`);
  await alive(reader);
  const shut = reader.getByRole('textbox', { name: 'Room temperature, °F' });
  await shut.fill('70');
  await shut.press('Enter');
  await expect(reader.getByText('You can view this but not change it.')).toBeVisible();
  for (const page of [technician, apprentice, reader]) await page.context().close();
});

test('a lead’s note is on the list and on the job; defaults of new jobs are set once', async ({ browser }) => {
  const lead = await as(browser, /Anneke Sorensby/);
  await lead
    .getByRole('button', { name: /^More for/ })
    .first()
    .click();
  await lead.getByRole('menuitem', { name: /ote/ }).click();
  await lead.getByLabel('Note', { exact: true }).fill('Bring the 15 kW label');
  await lead.getByRole('button', { name: 'Save note' }).click();
  const line = lead.getByRole('row').filter({ hasText: 'Bring the 15 kW label' });
  await expect(line).toBeVisible();
  const technician = await as(browser, /Davor Mintz/);
  await technician.getByRole('link', { name: /Bring the 15 kW label/ }).click();
  await expect(technician.getByText('Bring the 15 kW label')).toBeVisible();
  await expect(technician.getByRole('button', { name: 'Change', exact: true })).toHaveCount(0);

  await lead.goto('/crew/new-jobs');
  await alive(lead);
  await lead.getByLabel('Electricity', { exact: true }).fill('0.27');
  await lead.getByLabel('Electricity', { exact: true }).press('Enter');
  await lead.getByRole('button', { name: 'Instrument', exact: true }).click();
  await lead.getByRole('textbox', { name: 'Instrument' }).last().fill('Clamp 7');
  await lead.getByLabel('Calibrated until').last().fill('2025-01-31');
  await lead.getByRole('button', { name: 'Save' }).click();
  await expect(lead.getByText('Saved. New jobs start with these.')).toBeVisible();
  await technician.goto('/crew/new-jobs');
  await expect(technician.getByLabel('Electricity', { exact: true })).toBeDisabled();
  const id = crypto.randomUUID();
  await technician.request.post('/api/jobs', { data: { id, from: 'blank', name: 'With defaults' } });
  expect((await stored(technician, id)).document.facts.prices.electricPerKWh).toBe(0.27);
  await technician.goto(`/jobs/${id}/startup`);
  await alive(technician);
  await technician.locator('#reading-instrument').fill('Clamp 7, calibrated until 2025-01-31');
  await expect(technician.getByText('Its calibration has expired.')).toBeVisible();
  const file = await lead.request.get('/api/crew/file');
  expect((await file.text()).trim().split('\n').at(-1)).toMatch(/^\{"kind":"end","lines":\d+\}$/);
  expect((await technician.request.get('/api/crew/file')).status()).toBe(403);
  for (const page of [lead, technician]) await page.context().close();
});

test('the homeowner link shows the homeowner’s page without signing in, until it is revoked', async ({
  page,
  browser,
}) => {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: /Emeric Valtonen/ }).click();
  await expect(page.getByRole('link', { name: 'Emeric Valtonen' })).toBeVisible();
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/handover`);
  await alive(page);
  await page.getByRole('button', { name: 'Homeowner link' }).click();
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByRole('textbox', { name: 'Link for the homeowner' }).inputValue();
  const context = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const owner = await context.newPage();
  await owner.setViewportSize({ width: 390, height: 844 });
  const answer = await owner.goto(link);
  expect(await answer!.text()).toContain('noindex');
  await expect(owner.getByRole('article', { name: 'Homeowner’s page' })).toContainText('How it heats');
  await expect(owner.getByText(/record|Startup/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Turn off link' }).click();
  await expect(page.getByRole('list', { name: 'Links' })).toContainText('opened once');
  await owner.reload();
  await expect(owner.getByRole('heading', { name: 'This link is no longer active' })).toBeVisible();
  await context.close();
});

test('sign-in fits the narrowest phone, and screen readers announce it', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  await page.goto('/sign-in');
  await expect(page.getByRole('heading', { level: 1, name: 'Sign in' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(320);
  for (const button of await page.getByRole('button').all())
    expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  await page.evaluate(readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8'));
  const found = await page.evaluate(async () => {
    const { axe } = window as unknown as { axe: { run: () => Promise<{ violations: { id: string }[] }> } };
    return (await axe.run()).violations.map(({ id }) => id);
  });
  expect(found).toEqual([]);
});

test('entries left on a device by someone who does not return can be sent by a lead', async ({ browser }) => {
  const page = await as(browser, /Anneke Sorensby/);
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.waitForResponse(/\/bundle$/);
  await page.evaluate((of) => {
    const draft = { baseRevision: 1, pending: { 'site.customer': 'From one who left' }, outbox: [], marksOut: [] };
    const { crewId } = JSON.parse(localStorage.getItem('gate-cross:who')!);
    const keep = (person: string, crew: string) =>
      localStorage.setItem(
        `gate-cross:draft:${of}:gone-${person}~${person}`,
        JSON.stringify({ ...draft, crewId: crew, touchedAt: 1 }),
      );
    keep('someone-else', crewId);
    keep('of-another-crew', 'another');
  }, id);
  await page.goto('/device');
  await expect(page.getByText('2 entries waiting to send for another person to sign in on this device.')).toBeVisible();
  await page.getByRole('button', { name: 'Send under my name' }).click();
  await expect(page.getByText('1 entry waiting to send', { exact: true })).toBeVisible();
  // Another crew's entries cannot be sent by anyone here.
  await expect(page.getByText('1 entry waiting to send for another person to sign in on this device.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Send under my name' })).toHaveCount(0);
  await page.goto(`/jobs/${id}/survey`);
  await expect.poll(async () => (await stored(page, id)).document.facts.site.customer).toBe('From one who left');
});

test('a lead sees the crew’s standing in practice; nobody else does', async ({ browser }) => {
  const apprentice = await as(browser, /Ilse Brandvold/);
  await apprentice.goto('/practice/one-live-leg?seed=6');
  await apprentice.getByText('Get them heat for tonight').click();
  const kept = apprentice.waitForResponse((response) => response.url().endsWith('/api/practice') && response.ok());
  await apprentice.getByRole('button', { name: /^Jumper out the limit/ }).click();
  await expect(apprentice.getByRole('heading', { name: 'Ended: not safe' })).toBeVisible();
  await kept;
  await apprentice.goto('/practice');
  await expect(apprentice.getByRole('heading', { name: 'Your results' })).toBeVisible();
  await expect(apprentice.getByRole('heading', { name: 'Crew results' })).toHaveCount(0);

  const lead = await as(browser, /Rosalind Achterberg/);
  await lead.goto('/practice');
  await alive(lead);
  const row = lead.getByRole('row', { name: /Ilse Brandvold/ });
  await expect(row.getByRole('cell').nth(3)).not.toHaveText('0');
  const file = lead.waitForEvent('download');
  await lead.getByRole('button', { name: 'Export the crew’s (CSV)' }).click();
  expect((await file).suggestedFilename()).toBe('practice-crew.csv');
  // Practice results follow the player to another device.
  const elsewhere = await as(browser, /Ilse Brandvold/);
  await elsewhere.goto('/practice');
  await expect(elsewhere.getByRole('link', { name: /Half a breaker/ })).toContainText('Ended: not safe');
  await Promise.all([apprentice, lead, elsewhere].map((page) => page.context().close()));
});
