import { expect, type Page, test } from '@playwright/test';
import { anotherDevice, deaf, enter, expectSaved, freshJob, openRuler, stored } from './helpers';

const setting = (page: Page, name: RegExp) => page.getByRole('button', { name });
const say = (page: Page) => page.getByLabel('Set by').selectOption('Playwright Tester');
const entry = (page: Page, code: string) =>
  page
    .getByRole('list', { name: 'Card' })
    .getByRole('listitem')
    .filter({ has: page.getByText(code, { exact: true }) });

test('an answer at the kitchen table says what it sets, is saved on the job, and moves the settings', async ({
  page,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/setup/talk`);
  const question = page
    .getByRole('listitem')
    .filter({ has: page.getByText('When it is really cold') })
    .first();
  await expect(question.getByRole('list', { name: 'What it sets' })).toContainText(
    'The bill → Response Calm · Droop before backup 3 °F',
  );
  await question
    .locator('label')
    .filter({ hasText: /^The bill$/ })
    .click();
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.talk.leaning).toBe('cost');
  await page.getByRole('link', { name: 'Settings', exact: true }).click();
  await expect(setting(page, /^Droop before backup/)).toContainText('3 °F');
});

test('a setting shows why, takes another value with its reason, and returns to the calculated one', async ({
  page,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/setup`);
  await setting(page, /^Droop before backup/).click();
  await expect(page.getByText('They want some of both.')).toBeVisible();
  await enter(page, 'Set it to', '4');
  await page.getByLabel('Reason for the change').fill('The owner heats with wood too.');
  await page.getByLabel('Reason for the change').blur();
  await expect(setting(page, /^Droop before backup/)).toContainText('calculated: 2 °F');
  await expectSaved(page);
  await page.reload();
  await expect(setting(page, /^Droop before backup/)).toContainText('4 °F');
  await setting(page, /^Droop before backup/).click();
  await page.getByRole('button', { name: 'Use the calculated value, 2 °F' }).click();
  await expect(setting(page, /^Droop before backup/)).not.toContainText('worked out');
});

test('an impossible value is reported at the field and not saved', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/setup`);
  await setting(page, /^Droop before backup/).click();
  await enter(page, 'Set it to', '40');
  await expect(page.getByText('Maximum 6 °F.')).toBeVisible();
  await expect(setting(page, /^Droop before backup/)).toContainText('2 °F');
  expect((await stored(page, id)).revision).toBe(1);
});

test('an off-point too close to the on-point: the minimum difference, why, and a one-tap fix', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/setup`);
  await setting(page, /^Backup off-point/).click();
  await enter(page, 'Set it to', '2');
  const findings = page.getByRole('region', { name: 'Findings' });
  await expect(findings).toContainText('They must be at least 1 °F apart.');
  await expect(findings).toContainText('short-cycles');
  await findings.getByRole('button', { name: 'Fix it' }).first().click();
  await expect(findings).not.toContainText('apart');
});

test('a lockout dragged on the ruler becomes a setting, and the rules respond', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/setup?out=33`);
  const findings = page.getByRole('region', { name: 'Findings' });
  await expect(findings).toContainText('no heat source is allowed to run');
  await openRuler(page);
  const post = page.getByRole('slider', { name: 'strip lockout, °F' });
  const box = (await post.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 180, box.y + box.height / 2, { steps: 8 });
  await expect(findings).not.toContainText('no heat source is allowed to run');
  await page.mouse.up();
  await expectSaved(page);
  const { auxAboveF } = (await stored(page, id)).document.facts.gates;
  expect(auxAboveF).toBeGreaterThan(40);
  await expect(setting(page, /^Backup locked out above/)).toContainText(`${auxAboveF} °F`);
});

test('without an outdoor temperature there are no lockouts, and the three ways to get one are named', async ({
  page,
}) => {
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/setup`);
  await setting(page, /^Outdoor temperature from/).click();
  await page.getByLabel('Set it to').selectOption('none');
  await page.getByText(/^Not used on this job/).click();
  await expect(
    page.getByText(/Three sources: a wired sensor on S, S; a wireless sensor; or a weather service/).first(),
  ).toBeVisible();
});

test('the card: found, left, read back and ticked with name and time; the next visit sees the difference', async ({
  page,
}) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/setup/card/indoor`);
  const kit = entry(page, 'KIT');
  await kit.getByLabel('As found').selectOption('0.0');
  await kit.getByRole('button', { name: 'Set to 14.4' }).click();
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText('not activated');
  await kit.getByRole('button', { name: 'Read back 14.4' }).click();
  await page.getByRole('button', { name: 'Save: This air handler: done' }).click();
  await page.getByRole('button', { name: 'Activate: done' }).click();
  await expect(page.getByText('not activated')).toHaveCount(0);
  await expectSaved(page);
  await page.goto(`/jobs/${id}/handover`);
  await expect(page.getByRole('listitem').filter({ hasText: 'KIT' })).toContainText('0.0 → 14.4 ✓');
  await page.goto(`/jobs/${id}/setup/card/indoor`);
  await entry(page, 'KIT').getByLabel('As found').selectOption('4.8');
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText(
    'left at 14.4 by Playwright Tester, now found at 4.8',
  );
  const csv = await (await page.request.get(`/api/jobs/${id}/settings.csv`)).text();
  expect(csv).toMatch(/Playwright Tester,Indoor board,toadflax-indoor,KIT,Heat kit,As left,14.4/);
});

test('an irreversible value asks first, and needs the value as found', async ({ page }) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/setup/card/indoor`);
  await say(page);
  const control = entry(page, 'CTRL');
  await control.getByRole('button', { name: 'Set to 24V' }).click();
  const dialog = page.getByRole('alertdialog');
  await expect(dialog).toContainText('First read and record the as-found value');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await control.getByLabel('As found').selectOption('BUS');
  await control.getByRole('button', { name: 'Set to 24V' }).click();
  await dialog.getByRole('button', { name: 'Set to 24V' }).click();
  await expect(control.getByRole('button', { name: 'Set to 24V' })).toHaveAttribute('aria-pressed', 'true');
});

test('switches and jumpers are drawn as they must be set', async ({ page }) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/setup/card/outdoor`);
  await expect(page.getByRole('figure', { name: 'Block T, defrost: 90' })).toBeVisible();
  await expect(
    page.getByRole('figure', { name: 'Bank R' }).getByRole('listitem', { name: /^Switch 2, R2: on/ }),
  ).toBeVisible();
});

test('marks made while the server is down are kept and sent later', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/setup/card/outdoor`);
  await say(page);
  await page.route('**/api/jobs/**', (route) => route.abort());
  await entry(page, 'P1').getByLabel('As found').selectOption('1');
  await expect(
    page
      .getByRole('status')
      .filter({ hasText: /cannot be reached|No answer|saved/i })
      .first(),
  ).toBeVisible();
  await page.unroute('**/api/jobs/**');
  await expectSaved(page);
  expect(
    (await stored(page, id)).settingMarks.map(({ code, value }: { code: string; value: string }) => [code, value]),
  ).toContainEqual(['P1', '1']);
});

test('an outdoor thermostat is dragged on the ruler and sets its dial', async ({ page }) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/survey`);
  await page.getByRole('button', { name: 'Add outdoor thermostat' }).click();
  await expectSaved(page);
  await page.goto(`/jobs/${id}/setup`);
  await openRuler(page);
  const dial = page.getByRole('slider', { name: 'outdoor thermostat 1, °F' });
  await expect(dial).toHaveAttribute('aria-valuenow', '35');
  const box = (await dial.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 125, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  const at = await dial.getAttribute('aria-valuenow');
  expect(Number(at)).toBeLessThan(30);
  await expect(setting(page, /^Outdoor thermostat 1 setting/)).toContainText(`${at} °F`);
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.gates.outdoorThermostats).toEqual([
    { bank: 1, closesBelowF: Number(at) },
  ]);
});

test('two devices change settings: the stale save is refused, both values are shown', async ({
  page,
  browser,
  baseURL,
}) => {
  const id = await freshJob(page);
  const other = await anotherDevice(browser, baseURL);
  // It does not learn of the other's save before its own.
  await deaf(other);
  for (const tab of [page, other]) await tab.goto(`/jobs/${id}/setup/talk`);
  await page
    .locator('label')
    .filter({ hasText: /^The bill$/ })
    .click();
  await expectSaved(page);
  await other
    .locator('label')
    .filter({ hasText: /^Comfort$/ })
    .click();
  const dialog = other.getByRole('dialog', { name: 'Changed on another device' });
  await expect(dialog).toContainText('The bill');
  await expect(dialog).toContainText('Comfort');
  expect((await stored(page, id)).document.facts.talk.leaning).toBe('cost');
});

test('practice options move the settings, and a calculated lockout is offered to the job, not applied to it', async ({
  page,
}) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/setup`);
  await page.getByText(/^Methods/).click();
  await page.getByLabel('Backup in mild weather').selectOption('balance');
  const lockout = setting(page, /^Backup locked out above/);
  await expect(lockout).toContainText('calculated: 30 °F');
  await lockout.click();
  await page.getByRole('button', { name: 'Use the calculated value, 30 °F' }).click();
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.gates.auxAboveF).toBe(30);
});

test('the settings export as CSV and the card prints without its controls', async ({ page }) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/setup/card/outdoor`);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('figure', { name: 'Bank P' })).toBeVisible();
  await expect(page.getByText(/^e2e .*: outdoor board$/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print the card' })).toBeHidden();
  await expect(page.getByRole('region', { name: 'Outdoor ruler' })).toBeHidden();
  await page.emulateMedia({ media: null });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.goto(`/jobs/${id}/handover`).then(() => page.getByRole('link', { name: 'Settings (CSV)' }).click()),
  ]);
  expect(download.suggestedFilename()).toMatch(/settings\.csv$/);
});
