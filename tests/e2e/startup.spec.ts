import { expect, type Page, test } from '@playwright/test';
import { enter, expectSaved, freshJob, sayWho, stored } from './helpers';
import { verifyDead } from './verified-dead';

const goTo = (page: Page, step: string) =>
  page
    .getByRole('button', { name: new RegExp(`${step}$`) })
    .first()
    .click();

test('a reading has the name of the person signed in, gets a verdict, and is corrected without losing the old one', async ({
  page,
}) => {
  const id = await freshJob(page);
  await verifyDead(page, id);
  await goTo(page, 'Element ohms, cold');
  await enter(page, 'Element 1 (4.8 kW), Ω', 'OL');
  await expect(page.getByText('Open: no heat from this element.')).toBeVisible();
  await enter(page, 'Element 1 (4.8 kW), Ω', '12,1');
  await expect(page.getByText('As expected.')).toBeVisible();
  await expectSaved(page);
  await page.reload();
  const { readings } = await stored(page, id);
  const ohms = readings.filter(({ item }: { item: string }) => item.startsWith('element-ohms'));
  expect(ohms.map(({ value, author }: { value: unknown; author: string }) => [value, author])).toEqual([
    ['OL', 'Playwright Tester'],
    [12.1, 'Playwright Tester'],
  ]);
  expect(ohms[1].replaces).toBe(ohms[0].id);
});

test('strip amps are judged at the volts just read, and the clamp’s place counts', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup`);
  await sayWho(page);
  await goTo(page, 'Heat with auxiliary');
  await enter(page, 'Volts at the kit, strips on, V', '230');
  await expect(page.getByText('40.7')).toBeVisible(); // 2 × 19.17 A + 2.4 A of blower
  await enter(page, 'Strips, circuit 1, A', '21.6');
  await expect(page.getByText('Matches 1 of 2 elements: 1 not heating.')).toBeVisible();
  await enter(page, 'Strips, circuit 1, A', '38.2');
  await expect(page.getByText(/elements 1, 2 on/)).toBeVisible();
  await page.getByRole('radiogroup', { name: 'Clamp on' }).getByText('Heaters only').click();
  await expect(page.getByText(/8\.79 kW at 230 V/)).toBeVisible();
});

test('a tick is made, withdrawn and made again; each stays in the record', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup`);
  await sayWho(page);
  await goTo(page, 'Make safe and inspect');
  const tick = page.getByRole('checkbox', { name: /^Filter clean/ });
  for (const checked of [true, false, true]) {
    await tick.click();
    await expect(tick).toBeChecked({ checked });
  }
  await expectSaved(page);
  expect((await stored(page, id)).readings.map(({ value }: { value: unknown }) => value)).toEqual([
    'done',
    'undone',
    'done',
  ]);
});

test('a supply is open, locked out, tested and verified dead one by one, by keyboard too; undoing goes back one', async ({
  page,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup`);
  await sayWho(page);
  await goTo(page, 'Make safe and inspect');
  const supply = page.getByRole('group', { name: /^Outdoor disconnect open, locked out, verified dead/ });
  const stage = (name: string | RegExp) => supply.getByRole('button', { name });
  await stage('Open').click();
  await expect(stage('Open')).toHaveAttribute('aria-pressed', 'true');
  await expect(stage('Locked out')).toHaveAttribute('aria-pressed', 'false');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(stage('Locked out')).toHaveAttribute('aria-pressed', 'true');
  await stage('Tester proven on a live source').click();
  await stage(/^Verified dead/).click();
  await expect(stage(/^Verified dead/)).toHaveAttribute('aria-pressed', 'true');
  await stage(/^Verified dead/).click();
  await expect(stage(/^Verified dead/)).toHaveAttribute('aria-pressed', 'false');
  await expect(stage('Tester proven on a live source')).toHaveAttribute('aria-pressed', 'true');
  await expectSaved(page);
  expect((await stored(page, id)).readings.map(({ value }: { value: unknown }) => value)).toEqual([
    'seen:open',
    'seen:locked',
    'seen:tested',
    'done',
    'seen:tested',
  ]);
});

test('a countdown survives a reload', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup`);
  await goTo(page, 'Reversing valve, in cooling');
  await page.getByRole('button', { name: 'Start Compressor minimum off time' }).click();
  await expect(page.getByRole('timer')).toHaveText(/4:5\d/);
  await page.reload();
  await goTo(page, 'Reversing valve, in cooling');
  await expect(page.getByRole('timer')).toHaveText(/4:\d\d/);
});

test('readings taken while the server is down are sent when it is back', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup`);
  await sayWho(page);
  await goTo(page, 'Conditions');
  await page.route('**/api/jobs/**', (route) => route.abort());
  await enter(page, 'Outdoor temperature, °F', '24');
  await enter(page, 'Room temperature, °F', '66');
  await expect(page.getByRole('status').filter({ hasText: '2 saved here' })).toBeVisible();
  await page.reload();
  await goTo(page, 'Conditions');
  await expect(page.getByLabel('Outdoor temperature, °F', { exact: true }).first()).toHaveValue('24');
  await page.unroute('**/api/jobs/**');
  await expectSaved(page);
  expect((await stored(page, id)).readings).toHaveLength(2);
});

test('handover: the record, the homeowner’s page, the CSV, and handing over', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup`);
  await sayWho(page);
  await goTo(page, 'Conditions');
  await enter(page, 'Outdoor temperature, °F', '24');
  await expectSaved(page);
  await page.goto(`/jobs/${id}/handover`);
  await expect(page.getByRole('article', { name: 'Technician’s page' })).toContainText('24 °F');
  await expect(page.getByRole('article', { name: 'Homeowner’s page' })).toContainText('Emergency heat');
  const csv = await (await page.request.get(`/api/jobs/${id}/readings.csv`)).text();
  expect(csv).toContain('Playwright Tester');
  await page.getByRole('button', { name: 'Hand over job' }).click();
  // With open items it asks, and lists them.
  const asks = page.getByRole('dialog', { name: 'Hand over with these items open?' });
  await expect(asks.getByRole('list')).toContainText('Line voltage: 2 of 2 readings missing.');
  await asks.getByRole('button', { name: 'Not yet' }).click();
  expect((await stored(page, id)).handedOverAt).toBeNull();
  await page.getByRole('button', { name: 'Hand over job' }).click();
  await asks.getByRole('button', { name: 'Hand over anyway' }).click();
  await expect(page.getByText('saved as it was printed then')).toBeVisible();
  expect((await stored(page, id)).handedOverAt).not.toBeNull();
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect([...pdf.matchAll(/\/Type\s*\/Page\b/g)]).toHaveLength(2);

  // Later changes affect today's record, never the signed one.
  await page.goto(`/jobs/${id}/survey`);
  await enter(page, 'Heat loss at design', '52,500');
  await expectSaved(page);
  await page.locator('[id="house.designBtuh"]').getByRole('button', { name: 'why' }).click();
  await expect(page.getByRole('region', { name: 'History' })).toContainText('52,500 Btu/h');
  await page.keyboard.press('Escape');
  await page.goto(`/jobs/${id}/handover`);
  const record = page.getByRole('article', { name: 'Technician’s page' });
  await expect(record).not.toContainText('52,500');
  await page.getByText(/^\d+ lines would read differently today/).click();
  await expect(page.getByRole('row', { name: /House: Heat loss at design/ })).toContainText('52,500 Btu/h');
  await page.getByLabel('Record', { exact: true }).selectOption('As it reads today');
  await expect(record).toContainText('52,500');
});

test('a second visit begins blank, the first stays as it was, and the address says which is shown', async ({
  page,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup`);
  await sayWho(page);
  await goTo(page, 'Conditions');
  await enter(page, 'Outdoor temperature, °F', '24');
  await expectSaved(page);
  const visit = page.getByRole('region', { name: 'Which visit' }).getByRole('button', { name: /^Visit/ });
  await visit.click();
  await page.getByLabel('For', { exact: true }).selectOption('Changeout');
  await expect(visit).toContainText('Changeout');
  await page.getByRole('button', { name: 'Start a new visit' }).click();
  await page.keyboard.press('Escape');
  const field = page.getByLabel('Outdoor temperature, °F').first();
  await expect(field).toHaveValue('');
  await enter(page, 'Outdoor temperature, °F', '31');
  await expectSaved(page);
  const { visits, readings } = await stored(page, id);
  expect(visits.map(({ reason }: { reason: string }) => reason)).toEqual(['changeout', 'call-back']);
  expect(readings.map(({ value, visit }: { value: number; visit: string }) => [value, visit])).toEqual([
    [24, visits[0].id],
    [31, visits[1].id],
  ]);
  await visit.click();
  await page.getByLabel('Shown').selectOption(visits[0].id);
  await page.keyboard.press('Escape');
  await expect(field).toHaveValue('24');
  await expect(page).toHaveURL(new RegExp(`visit=${visits[0].id}`));
  await page.getByRole('link', { name: /Handover/ }).click();
  await expect(page.getByRole('article', { name: 'Technician’s page' })).toContainText('Changeout');
  await page.goto(`/jobs/${id}/startup?visit=${visits[0].id}`);
  await goTo(page, 'Conditions');
  await expect(field).toHaveValue('24');
});

test('a simulation on Wiring is shown in Startup, with what it would read; verdicts stay those of a sound system', async ({
  page,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/startup?try=open:outdoor-cable/yellow`);
  await goTo(page, 'Heat pump alone');
  await expect(page.getByRole('note')).toContainText(
    'Simulating: yellow conductor of the outdoor cable, Y to Y, broken or off',
  );
  await expect(page.getByText('With this fault: 0.0 V').first()).toBeVisible();
  await page.getByRole('button', { name: 'End simulation' }).click();
  await expect(page.getByText('With this fault')).toHaveCount(0);
  await expect(page).not.toHaveURL(/try=/);
});
