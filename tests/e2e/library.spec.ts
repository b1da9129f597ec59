import { expect, type Page, test } from '@playwright/test';
import { freshJob } from './helpers';

const settled = (page: Page) => expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible();

const copy = async (page: Page, name: string) => {
  await page.goto('/library');
  await page
    .getByRole('button', { name: `Copy ${name}`, exact: true })
    .first()
    .click();
  await page.waitForURL(new RegExp(`/library/${name.toLowerCase()}-`));
  return page.url().split('/').at(-1)!;
};

test('a controller is entered from its manual: errors show while typing, and it saves itself', async ({ page }) => {
  await page.goto('/library');
  await page.getByRole('region', { name: 'Thermostat' }).getByRole('button', { name: 'New' }).click();
  await page.waitForURL(/library\/thermostat-/);
  await page.getByLabel('Name').fill('Hall thermostat of the test');
  await page.getByRole('button', { name: 'Entry', exact: true }).click();
  const first = page
    .getByRole('listitem')
    .filter({ has: page.getByLabel('The controller’s words') })
    .first();
  await first.getByLabel('Code', { exact: true }).fill('01');
  await first.getByLabel('Setting that it sets').selectOption('reversing-valve');
  await expect(first.getByLabel('Words of option 1')).toHaveValue('O (energized in cooling)');
  await first.getByLabel('Code of option 2').fill('0');
  await expect(first).toContainText('Two options have the code 0');
  await first.getByLabel('Code of option 2').fill('1');
  await expect(page.getByText('No errors')).toBeVisible();
  await page.getByRole('button', { name: 'Entry', exact: true }).click();
  const second = page
    .getByRole('listitem')
    .filter({ has: page.getByLabel('The controller’s words') })
    .nth(1);
  await expect(second.getByLabel('Code', { exact: true })).toHaveValue('02');
  await settled(page);
  await page.reload();
  await expect(page.getByLabel('Name')).toHaveValue('Hall thermostat of the test');
});

test('a copy of a shipped one belongs to the crew; deleted, it can be restored', async ({ page }) => {
  const id = await copy(page, 'Stonecrop');
  await page.getByLabel('Name').fill(`Yard board ${id}`);
  await settled(page);
  await page.goto('/library');
  await page.getByRole('button', { name: `Delete Yard board ${id}` }).click();
  await expect(page.getByRole('link', { name: new RegExp(`Yard board ${id} \\d+ entries`) })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: new RegExp(`Yard board ${id} \\d+ entries`) })).toBeVisible();
});

test('two tabs: the stale save overwrites nothing, and one of the two is chosen', async ({ page, context }) => {
  const id = await copy(page, 'Toadflax');
  const other = await context.newPage();
  await other.goto(`/library/${id}`);
  await page.getByLabel('Name').fill('First hand');
  await settled(page);
  await other.getByLabel('Name').fill('Second hand');
  await expect(other.getByRole('alert').first()).toContainText('Nothing was overwritten');
  expect((await (await page.request.get(`/api/profiles/${id}/file?as=json`)).json()).name).toBe('First hand');
  await other.getByRole('button', { name: 'Use the saved one' }).click();
  await expect(other.getByLabel('Name')).toHaveValue('First hand');
});

test('what is typed while the server is down is kept and sent later', async ({ page }) => {
  const id = await copy(page, 'Spurge');
  await page.route('**/api/profiles', (route) => route.abort());
  await page.getByLabel('Name').fill('Typed in the dark');
  await expect(page.getByRole('status').first()).toContainText(/saved on this device|cannot be reached|No answer/i);
  await page.unroute('**/api/profiles');
  await settled(page);
  expect((await (await page.request.get(`/api/profiles/${id}/file?as=json`)).json()).name).toBe('Typed in the dark');
});

test('a file is imported; an invalid one is refused with path and reason', async ({ page }) => {
  const file = await (await page.request.get('/api/profiles/quillwort-menu/file?as=yaml')).body();
  await page.goto('/library');
  await page
    .getByLabel('Profile file')
    .setInputFiles({ name: 'bad.yaml', mimeType: 'text/yaml', buffer: Buffer.from('a: [') });
  await expect(page.getByText(/bad\.yaml was not imported.*neither YAML nor JSON/)).toBeVisible();
  await page.getByLabel('Profile file').setInputFiles({ name: 'good.yaml', mimeType: 'text/yaml', buffer: file });
  await page.waitForURL(/library\/quillwort-/);
  await expect(page.getByText('No errors')).toBeVisible();
});

const entryAt = (page: Page, at: number) =>
  page
    .getByRole('listitem')
    .filter({ has: page.getByLabel('The controller’s words') })
    .nth(at);

test('conditions: an entry that can never be shown, or that depends on itself, is reported while typing', async ({
  page,
}) => {
  const id = await copy(page, 'Toadflax');
  const [first, second] = [entryAt(page, 0), entryAt(page, 4)];
  await second.getByRole('button', { name: 'Shown only when…' }).click();
  await second.getByLabel('Entry that condition 1 looks at').selectOption('unit/CTRL');
  await expect(page.getByText('No errors')).toBeVisible();
  await first.getByRole('button', { name: 'Shown only when…' }).click();
  await first.getByLabel('Entry that condition 1 looks at').selectOption('unit/KIT');
  await expect(first).toContainText('is circular');
  await expect(second).toContainText('is circular');
  await first.getByRole('button', { name: 'Remove condition 1' }).click();
  await expect(page.getByText('No errors')).toBeVisible();
  await second.getByRole('checkbox').first().uncheck();
  await expect(second).toContainText('can never be shown');
  await second.getByRole('checkbox').first().check();
  await settled(page);
  const { entries } = await (await page.request.get(`/api/profiles/${id}/file?as=json`)).json();
  expect(entries[4].shownWhen).toEqual({ entry: 'CTRL', is: ['BUS'] });
});

test('switches and jumpers: a bank is added, its patterns are checked, one switch belongs to one entry', async ({
  page,
}) => {
  await copy(page, 'Stonecrop');
  await page.getByRole('button', { name: 'Bank', exact: true }).click();
  await page.getByRole('button', { name: 'Entry', exact: true }).click();
  const added = entryAt(page, 9);
  await added.getByLabel('Code', { exact: true }).fill('S1');
  await added.getByLabel('Setting that it sets').selectOption('strips-in-defrost');
  await added.getByLabel('Form').selectOption('switches');
  await added.getByLabel('Bank').selectOption({ label: 'Bank 4' });
  await expect(added.getByLabel('Code of option 1')).toHaveValue('0');
  await added.getByLabel('Code of option 2').fill('10');
  await expect(added).toContainText('does not fit 1 switches');
  await added.getByLabel('Code of option 2').fill('1');
  await expect(page.getByText('No errors')).toBeVisible();
  await added.getByLabel('Bank').selectOption({ label: 'Bank P' });
  await expect(added).toContainText('belongs to P1 already');
});

test('an entry is moved, copied and removed; a number keeps its range', async ({ page }) => {
  const id = await copy(page, 'Toadflax');
  await entryAt(page, 1).getByRole('button', { name: 'Move up' }).click();
  await expect(entryAt(page, 0).getByLabel('Code', { exact: true })).toHaveValue('DUCT');
  await entryAt(page, 0).getByRole('button', { name: 'Copy entry' }).click();
  await expect(entryAt(page, 1)).toContainText('It has no code.');
  await entryAt(page, 1).getByRole('button', { name: 'Remove entry' }).click();
  const air = entryAt(page, 3);
  await air.getByLabel('Maximum').fill('1800');
  await settled(page);
  const { entries } = await (await page.request.get(`/api/profiles/${id}/file?as=json`)).json();
  expect([entries.length, entries[0].code, entries[3].form.max]).toEqual([17, 'DUCT', 1800]);
});

test('a crew’s own profile is used for a card, and the card says what it lacks', async ({ page }) => {
  const id = await copy(page, 'Toadflax');
  await page.getByLabel('Name').fill(`Attic board ${id.slice(-4)}`);
  await entryAt(page, 4).getByRole('button', { name: 'Remove option 4' }).click();
  await settled(page);
  const job = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${job}/setup/card/indoor`);
  await page.getByLabel('Controller profile').selectOption({ label: `Attic board ${id.slice(-4)}` });
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText(
    'KIT Heat kit: no code in this profile for Kit size: 9.6 kW.',
  );
  await page.getByRole('link', { name: 'In the Library' }).first().click();
  await expect(page).toHaveURL(new RegExp(`/library/${id}`));
});

test('an address that cannot be parsed is a page that says so, not an error', async ({ page }) => {
  for (const path of ['/library/%E0', '/jobs/%E0/survey', '/jobs/no-such-job/survey']) {
    const answer = await page.request.get(path);
    expect([path, answer.status() >= 400 && answer.status() < 500]).toEqual([path, true]);
  }
});
