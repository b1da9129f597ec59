import { type ChildProcessWithoutNullStreams, spawn } from 'node:child_process';
import { once } from 'node:events';
import { expect, type Page, test } from '@playwright/test';
import { expectSaved, freshJob, known, stored } from './helpers';

const listenTo = async (page: Page, address?: string) => {
  await page.getByRole('button', { name: 'Listen to a meter' }).click();
  if (address === undefined) await page.getByRole('button', { name: 'Listen to the simulated meter' }).click();
  else {
    await page.getByLabel('Meter on this machine').fill(address);
    await page.getByRole('button', { name: 'Listen to it' }).click();
  }
};

/** `gate meter` as started by hand, on any free port. */
const startMeter = async (): Promise<{ meter: ChildProcessWithoutNullStreams; address: string }> => {
  const meter = spawn(process.execPath, ['--import', 'tsx', 'bin/gate.ts', 'meter', '--port', '0']);
  const [first] = (await once(meter.stdout, 'data')) as [Buffer];
  return { meter, address: (JSON.parse(String(first).split('\n')[0]!) as { listen: string }).listen };
};

const readOf = async (page: Page, id: string, item: string) => {
  const { readings } = (await stored(page, id)) as { readings: { item: string }[] };
  return readings.filter((reading) => reading.item === item);
};

test('the simulated meter reads a simulated house: its leads go where Startup puts them, a tap takes the value', async ({
  page,
  context,
}) => {
  await known(page);
  const id = await freshJob(page, 'quarry-bench');
  const meter = await context.newPage();
  await meter.goto('/library/meter');
  await expect(meter.getByText('Waiting for a job page.')).toBeVisible();
  await page.bringToFront();
  await page.goto(`/jobs/${id}/startup?out=28&in=68&call=heat-1&step=heat`);
  await listenTo(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Listening: Simulated meter' })).toBeVisible();
  await page.getByRole('button', { name: 'Put the probes here: Outdoor unit Y–C' }).click();
  await expect(meter.getByText('Outdoor unit Y–C')).toBeVisible({ timeout: 15_000 });
  await meter.getByRole('button', { name: 'Show the fault' }).click();
  await meter.getByLabel('The fault').selectOption('nothing');
  await page.getByRole('button', { name: /^Use 2\d(\.\d)? V from Simulated meter for Outdoor unit Y–C$/ }).click();
  await expectSaved(page);
  await expect
    .poll(() => readOf(page, id, 'heat/volts-outdoor-unit-Y'))
    .toEqual([expect.objectContaining({ instrument: 'Simulated meter', meterOhms: 10e6, status: 'taken' })]);
});

test('a meter stays connected on every page of a job, and after a reload on a phone', async ({ page, context }) => {
  const id = await freshJob(page, 'quarry-bench');
  const meter = await context.newPage();
  await meter.goto('/library/meter');
  await page.bringToFront();
  await page.goto(`/jobs/${id}/startup?out=28&in=68&call=heat-1&step=heat&at=1`);
  await listenTo(page);
  await page.keyboard.press('Escape');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.reload();
  await expect(page.getByRole('button', { name: /Simulated meter/ })).toBeVisible();
});

test('a meter on this machine: unstable values cannot be taken, stable ones can, and a lost one says so', async ({
  page,
}) => {
  await known(page);
  const id = await freshJob(page, 'quarry-bench');
  const { meter, address } = await startMeter();
  await page.goto(`/jobs/${id}/startup?out=28&in=68&call=heat-1&step=conditions`);
  await listenTo(page, address);
  const send = (line: object) => meter.stdin.write(`${JSON.stringify(line)}\n`);
  const thermometer = { meter: 'Bridge 7', unit: '°C' };
  await expect(async () => {
    send({ ...thermometer, value: 20 });
    await expect(page.getByRole('button', { name: 'Bridge 7: not steady yet' }).first()).toBeVisible({ timeout: 500 });
  }).toPass();
  await page.keyboard.press('Escape');
  const ticking = setInterval(() => send({ ...thermometer, value: 21.1 }), 250);
  await page.getByRole('button', { name: 'Use 70 °F from Bridge 7 for Room temperature' }).click();
  clearInterval(ticking);
  await expect(page.getByRole('textbox', { name: 'Room temperature, °F' })).toHaveValue('70');
  await expect
    .poll(() => readOf(page, id, 'conditions/indoor'))
    .toEqual([expect.objectContaining({ instrument: 'Bridge 7', value: 70 })]);

  // An outdoor sensor is not offered for the room, and moves the needle of every page once followed.
  send({ meter: 'Yard', channel: 'outdoor', value: 17.4, unit: '°F', hold: true });
  await expect(page.getByRole('button', { name: /from Yard for Outdoor temperature$/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /from Yard for Room/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Listening: Bridge 7' }).click();
  await page.getByRole('checkbox', { name: /^Follow the outdoor sensor: 17\.4 °F/ }).check();
  await expect.poll(() => new URL(page.url()).searchParams.get('out')).toBe('17.4');

  meter.kill();
  await expect(page.getByRole('alert').filter({ hasText: `Nothing is responding at ${address}` })).toBeVisible();
  await page.getByRole('button', { name: 'Stop listening' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Listen to a meter' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Use / })).toHaveCount(0);
});
