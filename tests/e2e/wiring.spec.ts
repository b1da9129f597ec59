import { expect, test } from '@playwright/test';
import { freshJob } from './helpers';

test('the call lights its conductors and coils, and the meter reads between two terminals', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?out=28&in=68&call=heat-1`);
  const meter = page.getByRole('region', { name: 'Meter' });
  await expect(meter).toContainText(/25\.\d/);
  await expect(page.getByText('Contactor on')).toBeVisible();
  await expect(page.getByText('Reversing valve on')).toHaveCount(0);
  await page.getByRole('radio', { name: 'Cool', exact: true }).click();
  await expect(page.getByText('Reversing valve on')).toBeVisible();
  await expect(page).toHaveURL(/call=cool-1/);
  await page.getByRole('button', { name: /^air-handler W1/ }).click();
  await page.getByRole('button', { name: /^air-handler C/ }).click();
  await expect(meter).toContainText('0.0 V');
  await expect(meter).toContainText('air handler W1');
});

test('a lockout holds the strips, and says so', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?out=45&call=heat-aux`);
  await expect(page.getByText('The strips are held: locked out above 40 °F, and it is 45 °F out.')).toBeVisible();
  await page.getByRole('radio', { name: 'Emergency' }).click();
  await expect(page.getByText('Sequencer 1 on')).toBeVisible();
});

test('the table shows O and B systems', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring`);
  await expect(page.getByRole('rowheader', { name: 'Outdoor unit O' })).toBeVisible();
  await page.getByRole('button', { name: 'B system' }).click();
  await expect(page.getByRole('rowheader', { name: 'Outdoor unit B' })).toBeVisible();
});

test('the ruler: drag, nudge, fold; the moment travels in the address and across pages', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?out=28&in=66&call=heat-1`);
  const needle = page.getByRole('slider', { name: 'Outdoor temperature, °F' });
  await expect(needle).toHaveAttribute('aria-valuenow', '28');
  const box = (await needle.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 15);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 250, box.y + 15, { steps: 8 });
  await page.mouse.up();
  const dragged = Number(await needle.getAttribute('aria-valuenow'));
  expect(dragged).toBeLessThan(15);
  await page.getByRole('heading', { name: 'Thermostat', exact: true }).click();
  await page.keyboard.press(']');
  await expect(needle).toHaveAttribute('aria-valuenow', String(dragged + 1));
  await page.keyboard.press('c');
  await expect(page).toHaveURL(new RegExp(`out=${dragged + 1}&in=66&call=heat-aux`));
  await page.keyboard.press('1');
  await expect(page).toHaveURL(new RegExp(`/sheet\\?out=${dragged + 1}&in=66&call=heat-aux`));
  await page.getByRole('button', { name: 'Fold the ruler' }).click();
  await expect(needle).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Open the ruler' })).toBeVisible();
});

test('the command list and the keys', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring`);
  await page.getByRole('heading', { name: 'Thermostat', exact: true }).click();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  await page.getByPlaceholder('Go to, call, undo…').fill('emergency');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/call=emergency/);
});
