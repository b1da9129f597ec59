import { expect, type Page, test } from '@playwright/test';
import { enter, expectSaved, freshJob, known } from './helpers';

const goTo = (page: Page, step: string) =>
  page
    .getByRole('list', { name: 'Steps' })
    .getByRole('button', { name: new RegExp(`\\d+ .*${step.replace(/[()]/g, '\\$&')}`) })
    .click();
const limits = (page: Page) => page.getByText('Limits for this step', { exact: true }).click();

/** A dual-fuel job with another fuel. */
const onFuel = async (page: Page, fuel: string) => {
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/survey`);
  await page.getByRole('radiogroup', { name: 'Fuel' }).getByRole('radio', { name: fuel }).click();
  await expectSaved(page);
  await page.goto(`/jobs/${id}/startup?out=28&in=68&call=off`);
  return id;
};

test('an oil furnace from a blank startup to the record: its own circuit, its own words, the chart’s pressure', async ({
  page,
}) => {
  await known(page);
  const id = await onFuel(page, 'Oil');
  const steps = page.getByRole('list', { name: 'Steps' });
  await expect(steps).not.toContainText('Oil (licensed tech only)');
  await goTo(page, 'Line voltage');
  await enter(page, 'Furnace circuit and its switch, V', '119.4');
  await expect(page.getByText('As expected.').first()).toBeVisible();
  await goTo(page, 'Furnace only (instead of the compressor)');
  await limits(page);
  await page
    .getByRole('radiogroup', { name: 'Licensed for gas and oil work' })
    .getByRole('radio', { name: 'Yes' })
    .click();
  await expect(steps).toContainText('Oil (licensed tech only)');
  await goTo(page, 'Oil (licensed tech only)');
  await expect(page.getByText(/One reset only/).first()).toBeVisible();
  await limits(page);
  await enter(page, 'Pump pressure, from the chart', '140');
  await enter(page, 'Pump pressure, psi', '118');
  await expect(page.getByText('Nozzle and pressure together set the input.').first()).toBeVisible();
  await enter(page, 'Smoke number,', '1');
  await expectSaved(page);
  await page.goto(`/jobs/${id}/handover`);
  const record = page.getByRole('article', { name: 'Technician’s page' });
  await expect(record).toContainText('Pump pressure');
  await expect(record).toContainText('118');
  await expect(record).not.toContainText(/element/i);
});

test('propane: no meter is clocked, CO stops the work, the interlock by volts, everything and the visit’s list', async ({
  page,
}) => {
  await known(page);
  const id = await onFuel(page, 'Propane');
  const all = page.getByRole('radio', { name: /^Everything · / });
  const before = Number((await all.locator('..').textContent())!.match(/\d+/)![0]);
  await expect(page.getByRole('radio', { name: /· (3\d|40|2\d)$/ })).toBeChecked();
  await goTo(page, 'Furnace only (instead of the compressor)');
  await enter(page, /^Outdoor unit Y–C with Y jumpered hot at the thermostat and the furnace called/, '25');
  await expect(page.getByText('Y reaches the outdoor unit while the furnace is called.').first()).toBeVisible();
  await limits(page);
  await page
    .getByRole('radiogroup', { name: 'Licensed for gas and oil work' })
    .getByRole('radio', { name: 'Yes' })
    .click();
  await goTo(page, 'Gas (licensed tech only)');
  await limits(page);
  await enter(page, 'Input, from the rating plate', '60000');
  // A tank has no meter to clock, whatever is typed.
  await expect(page.getByLabel(/^One revolution of the meter dial/)).toHaveCount(0);
  await enter(page, /^O₂ in the flue/, '18.5');
  await enter(page, 'CO in the flue, as measured, ppm', '95');
  await expect(page.getByText(/827 ppm air-free/).first()).toBeVisible();
  await expect(page.getByRole('alert', { name: 'Stop work' })).toContainText('Do not leave it running.');
  await all.click();
  await expect(all).toBeChecked();
  expect(Number((await all.locator('..').textContent())!.match(/\d+/)![0])).toBeGreaterThan(before);
  await expect(page).toHaveURL(/items=all/);
  await expectSaved(page);
  await page.goto(`/jobs/${id}/handover`);
  await expect(page.getByRole('article', { name: 'Technician’s page' })).toContainText(
    'Stop work. Carbon monoxide in the flue gas.',
  );
});
