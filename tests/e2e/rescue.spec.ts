import { randomUUID } from 'node:crypto';
import { expect, type Page, test } from '@playwright/test';
import { alive, enter, expectSaved, freshJob, stored } from './helpers';

const change = async (page: Page, id: string, changes: readonly { path: string; value: unknown }[]) => {
  const { revision } = await stored(page, id);
  const data = { saveId: randomUUID(), baseRevision: revision, changes };
  expect((await page.request.patch(`/api/jobs/${id}`, { data })).status()).toBe(200);
};

test('five conductors in the wall: an option that is enough is applied, and the truck list follows', async ({
  page,
}) => {
  const id = await freshJob(page, 'cinder-creek');
  await change(page, id, [
    { path: 'cables.thermostatConductors', value: 5 },
    { path: 'cables.outdoorConductors', value: 6 },
    { path: 'thermostat.outdoorSensor', value: 'none' },
  ]);
  await page.goto(`/jobs/${id}/wiring`);
  await alive(page);
  const short = page.getByRole('region', { name: 'Too few conductors' });
  await expect(short).toContainText(/Thermostat cable: 6 needed, 5 available\. New cable: \d+ ft, 7 conductors/);
  await page.getByRole('link', { name: 'Truck list' }).click();
  const list = page.getByRole('list', { name: 'Truck list' });
  await expect(list).toContainText('Thermostat cable: the existing cable is too small.');
  await page.getByRole('button', { name: /^On site: Jumpers/ }).click();
  await expect(list).not.toContainText('Jumpers');
  await page.getByRole('link', { name: 'Wiring', exact: true }).first().click();
  await short.getByText('Other options').click();
  const batteries = short.getByRole('listitem').filter({ hasText: 'Thermostat on batteries' });
  await expect(batteries).toContainText('Then there are enough conductors.');
  await batteries.getByRole('button', { name: 'Use this' }).click();
  await expect(short).toHaveCount(0);
  await expectSaved(page);
  await page.getByRole('link', { name: 'Truck list' }).click();
  await expect(list).toContainText('Thermostat batteries, one set');
  await expect(list).not.toContainText('too small');

  await page.goto('/truck');
  await alive(page);
  const { document } = await stored(page, id);
  await page.getByRole('button', { name: document.facts.site.jobName }).click();
  await expect(page.getByRole('list', { name: 'Truck list' })).toContainText('Thermostat batteries, one set');
});

test('old wiring entered offline is kept, and saved', async ({ page, context }) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/wiring/changeout`);
  await alive(page);
  await context.setOffline(true);
  await page.getByText('Type them all at once').click();
  await page.getByLabel(/^Type letter and color/).fill('R red > R, C blue > C');
  await page.getByRole('button', { name: 'Add these' }).click();
  await expect(page.getByText('Hot', { exact: true })).toBeVisible();
  await expect(page.getByText(/saved on this device/i).first()).toBeAttached();
  await context.setOffline(false);
  await expectSaved(page);
  await expect
    .poll(async () => (await stored(page, id)).document.facts.changeout.subbase)
    .toEqual([
      { colour: 'red', letter: 'R', board: 'R' },
      { colour: 'blue', letter: 'C', board: 'C' },
    ]);
});

test('the house’s service: line by line, the main breaker asked for, a bank locked out with the compressor on', async ({
  page,
}) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/strips/service`);
  await alive(page);
  const carries = page.getByRole('region', { name: 'Service load' });
  await expect(carries).toContainText('Main breaker size not entered. Read it off the handle.');
  await enter(page, 'All other load, if already calculated', '27.4');
  await enter(page, 'Compressor and blower', '4.35');
  await enter(page, 'Main breaker', '125');
  const line = (name: string) => carries.getByRole('listitem').filter({ hasText: name });
  await expect(line('Compressor and all strips')).toContainText('143.8');
  await expect(line('Bank 2 locked out')).toContainText('123.8');
  await expect(carries).toContainText('Main breaker 125 A: it cannot carry everything together.');
  await line('Bank 2 locked out').getByRole('button', { name: 'Add an interlock relay to the plan' }).click();
  await expect(carries).toContainText('it can carry the heat as wired, bank 2 interlocked.');
  await expect(page.getByRole('row', { name: /^Remainder over 8 kVA/ })).toContainText('7.76 kVA');
  await expectSaved(page);
  await page.goto(`/jobs/${id}/wiring?out=20&in=66&call=heat-aux`);
  const bench = page.getByRole('region', { name: 'Bench' });
  await expect(bench.getByText('Strip interlock on')).toBeVisible();
  await expect(page.getByRole('region', { name: 'What happens' })).toContainText(
    'the strip interlock keeps bank 2 off',
  );
});

test('accessories: drawn and checked with the rest, simulated, and refused where they would block emergency heat', async ({
  page,
}) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/wiring?out=28&in=68&call=heat-1`);
  await alive(page);
  await page.getByText('Extra boxes on 24 V').click();
  await page.getByLabel('Humidifier', { exact: true }).selectOption('alone');
  const bench = page.getByRole('region', { name: 'Bench' });
  await expect(bench.getByText('Humidifier on')).toBeVisible();
  await page.getByLabel('Simulate').selectOption({ label: 'Water under the humidifier' });
  await expect(bench.getByText('Humidifier on')).toHaveCount(0);
  await expect(bench.getByText('Contactor on')).toBeVisible();
  await page.getByRole('radio', { name: 'In R', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Not supported' })).toContainText('no heat at all');
  await expectSaved(page);
});
