import { expect, test } from '@playwright/test';
import { enter, expectSaved, freshJob, sayWho, stored } from './helpers';
import { verifyDead } from './verified-dead';

test('the ladder is live: dead, live without heat, glowing, second by second', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/strips?out=19&call=heat-aux`);
  const ladder = page.getByRole('group', { name: 'Ladder of the heat kit' });
  await expect(ladder).toContainText('1: 4.8 kW · live, no heat');
  const slider = page.getByLabel('Seconds since the call');
  await slider.fill('60');
  await expect(ladder).toContainText('2: 4.8 kW · 20.0 A');
  await expect(ladder).toContainText('3: 4.8 kW · live, no heat');
  await expect(page.getByRole('region', { name: 'Clamp' })).toContainText('43.1');
  await page.getByRole('button', { name: 'Breaker of circuit 1, closed' }).click();
  await expect(ladder).toContainText('1: 4.8 kW · dead');
  await expect(page.getByRole('region', { name: 'Part' })).toContainText('Never upsize it to stop it tripping');
  await page.getByRole('button', { name: 'Element 3, switch open' }).press('Enter');
  await expect(page.getByRole('region', { name: 'Part' })).toContainText('It breaks only one leg');
  await page.getByRole('button', { name: 'Clamp on the wire to element 3' }).click();
  await expect(page.getByRole('region', { name: 'Clamp' })).toContainText('0.0');
});

test('a reading is explained: not in yet, then dead; and it is kept', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/strips?out=19&call=heat-aux`);
  await sayWho(page);
  await page.getByLabel('Seconds since the call').fill('60');
  await enter(page, 'Volts at the kit, strips on', '240');
  await enter(page, 'Amps: Main feed, including blower', '43,1');
  const meaning = page.getByRole('list', { name: 'What it means' });
  await expect(meaning).toContainText('element 3 not on yet');
  await page.getByLabel('Seconds since the call').fill('85');
  await expect(meaning).toContainText('not heating');
  await enter(page, 'Amps: Main feed, including blower', '31');
  await expect(meaning).toContainText('No combination of elements gives 31 A');
  await expectSaved(page);
  await page.reload();
  await expect(page.getByLabel('Amps: Main feed, including blower')).toHaveValue('31');
  expect(
    (await stored(page, id)).readings.map(({ item, value }: { item: string; value: unknown }) => [item, value]),
  ).toEqual([
    ['strips/volts', 240],
    ['heat-aux/amps-main', 43.1],
    ['heat-aux/amps-main', 31],
  ]);
});

test('cold ohms find the kit; a contradiction with the plate is a finding; the kit found goes to the Survey and back', async ({
  page,
}) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/strips`);
  await sayWho(page);
  await expect(page.getByLabel('Ohms read, element 1')).toHaveCount(0);
  await verifyDead(page, id);
  await page.goto(`/jobs/${id}/strips`);
  await enter(page, 'Ohms read, element 1', '0');
  await expect(page.getByText('Zero ohms means a dead short')).toBeVisible();
  await enter(page, 'Ohms read, element 1', '16');
  await enter(page, 'Ohms read, element 2', '16,1');
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText(
    'Element 1 reads 16 Ω: 3.6 kW, not the 4.8 kW on the Survey.',
  );
  const found = page.getByRole('region', { name: 'What kit is it' });
  const guess = found.getByRole('listitem').filter({ hasText: '3.6 + 3.6 = 7.2 kW' });
  await expect(guess).toContainText('Against it: plate 9.6 kW, elements 7.2 kW');
  await guess.getByRole('button', { name: 'Use on the Survey' }).click();
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.heatKit.elements.map(({ kW }: { kW: number }) => kW)).toEqual([
    3.6, 3.6,
  ]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await stored(page, id)).document.facts.heatKit.elements[0].kW).toBe(4.8);
});

test('airflow by temperature rise, with the blower’s setting judged; Startup has the same readings', async ({
  page,
}) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/strips?call=emergency`);
  await sayWho(page);
  const air = page.getByRole('region', { name: 'Airflow by temperature rise' });
  const fill = async (label: string, value: string) => {
    const field = air.getByLabel(label);
    await field.fill(value);
    await field.press('Enter');
  };
  await fill('Volts at the kit, strips on, V', '240');
  await fill('Strips, circuit 1, A', '42.4');
  await fill('Return air, °F', '68');
  await fill('Supply air, °F', '104');
  await expect(air).toContainText(/Airflow by temperature rise: 104\d CFM; the blower is set for 1050/);
  await fill('Supply air, °F', '150');
  await expect(air).toContainText('Too little airflow for these strips');
  await expectSaved(page);
  await page.goto(`/jobs/${id}/startup`);
  await page
    .getByRole('button', { name: /Emergency heat$/ })
    .first()
    .click();
  await expect(page.getByLabel('Supply air, °F')).toHaveValue('150');
});

test('more banks than W inputs, and a kit too large, are reported with the reason', async ({ page }) => {
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/survey`);
  await enter(page, 'Bank of element 2', '2');
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText('Bank 2 of the kit has no W input');
  await enter(page, 'Power of element 1', '30');
  await expect(page.getByText('Maximum 24 kW.')).toBeVisible();
  await enter(page, 'Power of element 1', '20');
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText('is not among those allowed');
});
