import { expect, test } from '@playwright/test';
import { enter, expectSaved, freshJob, openRuler, stored } from './helpers';

test('rating points are added, changed and removed; at least two must stay', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await expect(page.getByRole('button', { name: 'Remove rating point 1' })).toBeDisabled();
  await page.getByRole('button', { name: 'Add rating point' }).click();
  await enter(page, 'Outdoor of rating point 3', '-4');
  await enter(page, 'Heat of rating point 3', '9,800');
  await enter(page, 'Power of rating point 3', '1,85');
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.outdoorUnit.ratingPoints.at(-1)).toEqual({
    outdoorF: -4,
    btuh: 9800,
    kW: 1.85,
  });
  await page.getByRole('button', { name: 'Remove rating point 3' }).click();
  await expectSaved(page);
  await expect.poll(async () => (await stored(page, id)).document.facts.outdoorUnit.ratingPoints.length).toBe(2);
});

test('a rating that rises as it gets colder is questioned, not refused', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await enter(page, 'Heat of rating point 2', '40000');
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText('More heat at 17 °F than at 47 °F.');
  await expectSaved(page);
});

test('breakers follow the kit: one too few, too small, too large', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  const findings = page.getByRole('list', { name: 'Findings' });
  await enter(page, 'Breakers found of breaker 1', '50');
  await expect(findings).toContainText('50 A breaker found; minimum circuit ampacity is 53 A');
  await enter(page, 'Breakers found of breaker 1', '80');
  await expect(findings).toContainText('80 A breaker found; the right size is 60 A');
  await page.getByRole('button', { name: 'Add element' }).click();
  await expect(findings).toContainText('2 heater circuits are needed, 1 breaker was found');
});

test('an emptied limit is no limit; an emptied required number says so', async ({ page }) => {
  const id = await freshJob(page, 'quarry-bench');
  await page.goto(`/jobs/${id}/survey`);
  await enter(page, 'Unit low-temperature cutoff', '');
  await enter(page, 'Heating setpoint', '');
  await expect(page.getByText('Enter a number.')).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: '1 unfinished' })).toBeVisible();
  const limits = async () => {
    const { facts } = (await stored(page, id)).document;
    return [facts.outdoorUnit.minOutdoorF, facts.house.heatSetpointF];
  };
  // The limit saves itself a moment later; unfinished text never does.
  await expect.poll(limits).toEqual([null, 69]);
});

test('a lockout without a sensor is an error with three ways out, and does nothing on the ruler', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByLabel('Outdoor temperature from').selectOption('Nothing');
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText('the thermostat has no outdoor temperature');
  await expect(page.getByText(/wired or wireless sensor, or use a weather service/).first()).toBeVisible();
  await openRuler(page);
  await expect(page.getByRole('slider', { name: 'Outdoor temperature, °F' })).toBeVisible();
  await expect(page.getByRole('slider', { name: 'strip lockout, °F' })).toHaveCount(0);
});
