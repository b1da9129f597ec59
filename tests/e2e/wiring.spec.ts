import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { alive, expectSaved, freshJob, openRuler, stored } from './helpers';

test('the call lights its conductors and coils, and the meter reads between two terminals', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?out=28&in=68&call=heat-1`);
  const meter = page.getByRole('region', { name: 'Meter' });
  await expect(meter).toContainText(/25\.\d/);
  const bench = page.getByRole('region', { name: 'Bench' });
  await expect(bench.getByText('Contactor on')).toBeVisible();
  await expect(bench.getByText('Reversing valve on')).toHaveCount(0);
  await page.getByRole('radio', { name: 'Cool', exact: true }).click();
  await expect(bench.getByText('Reversing valve on')).toBeVisible();
  await expect(page).toHaveURL(/call=cool-1/);
  await page.getByRole('button', { name: /^Air handler W1/ }).click();
  await page.getByRole('button', { name: /^Air handler C/ }).click();
  await expect(meter).toContainText('0.0 V');
  await expect(meter.getByLabel('Probe 1 at')).toHaveValue('air-handler.W1');
  const probe = (await page.locator('[data-probe="0"]').boundingBox())!;
  const target = (await page.getByRole('button', { name: /^Air handler R/ }).boundingBox())!;
  await page.mouse.move(probe.x + probe.width / 2, probe.y + probe.height / 2);
  await page.mouse.down();
  await page.mouse.move(target.x + target.width / 2, target.y + target.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(meter.getByLabel('Probe 1 at')).toHaveValue('air-handler.R');
  await expect(meter).toContainText(/2[56]\.\d/);
  await meter.getByLabel('Probe 1 at').selectOption('air-handler.W1');
  await meter.getByRole('button', { name: 'Ω', exact: true }).click();
  await expect(meter).toContainText(/\d Ω/);
});

test('a lockout holds the strips off, and says so', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?out=45&call=heat-aux`);
  await expect(
    page
      .getByRole('region', { name: 'What happens' })
      .getByText('The strips are locked out above 40 °F; it is 45 °F outside.'),
  ).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Trace' }).getByText(/Stops here: The thermostat does not close AUX/),
  ).toBeVisible();
  await page.getByRole('radio', { name: 'Emergency' }).click();
  await expect(page.getByRole('region', { name: 'Bench' }).getByText('Sequencer 1 on')).toBeVisible();
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
  await openRuler(page);
  const needle = page.getByRole('slider', { name: 'Outdoor temperature, °F' });
  await expect(needle).toHaveAttribute('aria-valuenow', '28');
  const box = (await needle.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 15);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 250, box.y + 15, { steps: 8 });
  await page.mouse.up();
  const dragged = Number(await needle.getAttribute('aria-valuenow'));
  expect(dragged).toBeLessThan(15);
  await page.getByRole('heading', { name: 'Trace' }).click();
  await page.keyboard.press(']');
  await expect(needle).toHaveAttribute('aria-valuenow', String(dragged + 1));
  await page.keyboard.press('c');
  await expect(page).toHaveURL(new RegExp(`out=${dragged + 1}&in=66&call=heat-aux`));
  await page.keyboard.press('1');
  await expect(page).toHaveURL(new RegExp(`/survey\\?out=${dragged + 1}&in=66&call=heat-aux`));
  await openRuler(page);
  await page.getByRole('button', { name: 'Close the ruler' }).click();
  await expect(needle).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Open the ruler' })).toBeVisible();
});

test('the command list and the keys', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring`);
  await page.getByRole('heading', { name: 'Trace' }).click();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  const find = page.getByPlaceholder('Breaker, jumper, airflow, emergency…');
  await find.fill('breaker');
  await expect(page.getByRole('option')).toHaveText(['Go to Strips']);
  await find.fill('jumper');
  await expect(page.getByRole('option')).toHaveText(['Go to Wiring']);
  await find.fill('lockout');
  await expect(page.getByRole('option')).toHaveText(['Go to Setup', 'Go to Balance']);
  await find.fill('emergency');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/call=emergency/);
});

const bench = (page: Page) => page.getByRole('region', { name: 'Bench' });
const differing = (page: Page) => page.getByRole('region', { name: 'Differences' });

/** Drags a conductor end to a terminal of the drawing. */
const dragEnd = async (page: Page, end: RegExp, terminal: RegExp | null) => {
  await alive(page);
  const handle = bench(page).getByRole('button', { name: end });
  await handle.scrollIntoViewIfNeeded();
  const from = (await handle.boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  const to =
    terminal === null
      ? { x: from.x, y: from.y + 4, width: 0, height: 0 }
      : (await bench(page).getByRole('button', { name: terminal }).boundingBox())!;
  await page.mouse.move(to.x + to.width * 0.3, to.y + to.height / 2, { steps: 8 });
  await page.mouse.up();
};

test('as found: a dragged end is a difference with its effect, a finding that points; undone, redone, saved', async ({
  page,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?out=28&call=heat-1`);
  await page.getByRole('button', { name: 'Record as-found wiring' }).click();
  await dragEnd(page, /^white of the thermostat cable, second end/, /^Air handler G/);
  await expect(differing(page)).toContainText('Thermostat auxiliary heat call: white at the air handler from W1 to G');
  await expect(differing(page)).toContainText(/Sequencer 1 does not pull in/);
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText(/Emergency heat does not turn on/);
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.wiring.asFound).toContainEqual({
    cable: 'thermostat-cable',
    colour: 'white',
    from: 'thermostat.AUX',
    to: 'air-handler.G',
  });
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(differing(page)).toHaveCount(0);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(differing(page)).toContainText('from W1 to G');
  await expectSaved(page);
  await page.reload();
  await expect(differing(page)).toContainText('from W1 to G');
  await page.getByRole('button', { name: 'Record as-found wiring' }).click();
  await page.getByRole('button', { name: 'Reset to plan' }).click();
  await expect(differing(page)).toHaveCount(0);
});

test('as found by keyboard alone: lift, land, take off; and an end that does not reach is refused in words', async ({
  page,
}) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?call=heat-1`);
  await page.getByRole('button', { name: 'Record as-found wiring' }).click();
  const end = bench(page).getByRole('button', { name: /^yellow of the thermostat cable, second end/ });
  await end.focus();
  await page.keyboard.press('Enter');
  await expect(end).toHaveAttribute('aria-pressed', 'true');
  await bench(page)
    .getByRole('button', { name: /^Outdoor unit R/ })
    .focus();
  await page.keyboard.press('Enter');
  await expect(bench(page).getByRole('status')).toContainText('does not reach there');
  await expect(differing(page)).toHaveCount(0);
  await end.focus();
  await page.keyboard.press('Delete');
  await expect(differing(page)).toContainText(
    'Thermostat compressor call open: yellow unconnected at the air handler; the plan lands it on Y',
  );
  await expect(page.getByRole('region', { name: 'Trace' })).toContainText(/Stops here: Planned but missing/);
});

test('as found as a list: ends chosen, a jumper added; R to C opens the fuse and says so', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?call=off`);
  await page.getByRole('button', { name: 'Record as-found wiring' }).click();
  await page.getByRole('button', { name: 'As list' }).click();
  const list = page.getByRole('region', { name: 'Wire list' });
  await list.getByLabel('green, second end').first().selectOption({ label: 'not landed' });
  await expect(differing(page)).toContainText(
    'Thermostat blower call open: green unconnected at the air handler; the plan lands it on G',
  );
  await list.getByLabel('Jumper at').selectOption('air-handler');
  await list.getByLabel('Jumper from').selectOption('R');
  await list.getByLabel('Jumper to').selectOption('C');
  await list.getByRole('button', { name: 'Add jumper' }).click();
  await expect(page.getByRole('region', { name: 'What happens' })).toContainText('The board fuse blew');
  await expect(page.getByRole('region', { name: 'Findings' })).toContainText('R and C are bridged.');
});

test('a finding is fixed in one tap, another waived with a reason that stays in the record', async ({ page }) => {
  const id = await freshJob(page);
  const { revision } = await stored(page, id);
  const changes = [
    { path: 'thermostat.valveSetting', value: 'B' },
    { path: 'cables.thermostatConductors', value: 6 },
  ];
  await page.request.patch(`/api/jobs/${id}`, {
    data: { saveId: randomUUID(), baseRevision: revision, changes, author: 'Playwright' },
  });
  await page.goto(`/jobs/${id}/wiring`);
  const findings = page.getByRole('region', { name: 'Findings' });
  const valve = findings
    .getByRole('listitem')
    .filter({ hasText: 'The thermostat is set to B, the outdoor unit is O.' });
  await valve.getByRole('button', { name: 'Fix it' }).click();
  await expect(valve).toHaveCount(0);
  const spare = findings.getByRole('listitem').filter({ hasText: 'Thermostat cable' });
  await spare.getByRole('button', { name: 'Accept as is…' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('button', { name: 'Waive' })).toBeDisabled();
  await dialog.getByLabel('Reason').fill('New cable comes with the roof in spring');
  // A half-typed reason survives a reload.
  await page.reload();
  await spare.getByRole('button', { name: 'Accept as is…' }).click();
  await expect(dialog.getByLabel('Reason')).toHaveValue('New cable comes with the roof in spring');
  await dialog.getByLabel('Accepted by').fill('Playwright Tester');
  await dialog.getByRole('button', { name: 'Waive' }).click();
  await expect(spare).toContainText('Accepted as is by Playwright Tester: New cable comes with the roof in spring');
  await expectSaved(page);
  const job = await stored(page, id);
  expect(job.document.facts.thermostat.valveSetting).toBe('O');
  expect(job.document.facts.wiring.waivers).toMatchObject([
    { reason: 'New cable comes with the roof in spring', by: 'Playwright Tester' },
  ]);
});

test('an impossible combination is refused with its reason, and fixed from there', async ({ page }) => {
  const id = await freshJob(page);
  const { revision } = await stored(page, id);
  const changes = [
    { path: 'system.cabinet', value: 'packaged' },
    { path: 'system.backup', value: 'furnace' },
    { path: 'furnace.fuel', value: 'fuel-oil' },
  ];
  await page.request.patch(`/api/jobs/${id}`, {
    data: { saveId: randomUUID(), baseRevision: revision, changes, author: 'Playwright' },
  });
  await page.goto(`/jobs/${id}/wiring`);
  await expect(page.getByRole('region', { name: 'Not supported' })).toContainText(
    'A packaged unit with an oil burner.',
  );
  await page.getByRole('button', { name: 'Fix it' }).click();
  await expect(bench(page).getByRole('button', { name: /^Packaged unit R/ })).toBeVisible();
});

test('the other practice option is applied in one tap; faults are listed and simulated', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?out=45&call=heat-aux`);
  const gate = page.getByRole('group', { name: 'What locks out the strips in mild weather?' });
  await gate.getByRole('button', { name: 'Use this' }).click();
  await expect(bench(page).getByRole('button', { name: /^Outdoor thermostats 1 in/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What happens' })).toContainText(
    'The thermostat shows AUX, but the strips are locked out',
  );
  await page.getByText('What each fault would do').click();
  await page.getByLabel('Find a fault').fill('contactor: coil open');
  await expect(page.getByRole('list', { name: 'Faults' })).toContainText('Contactor does not pull in');
  await page.getByRole('button', { name: /^Simulate: Contactor: coil open/ }).click();
  await expect(page).toHaveURL(/try=open/);
  await expect(page.getByRole('region', { name: 'Trace' })).toContainText('does not pull in');
});

test('the drawing is exported as picture, wire list and netlist', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?call=cool-1`);
  for (const [item, name, content] of [
    ['Picture (SVG)', /\.svg$/, /<svg[^>]*xmlns/],
    ['Wire list (CSV)', /\.csv$/, /^cable,colour,from device/],
    ['Circuit netlist for this call (for engineers)', /\.cir$/, /\.op/],
    ['Picture (PNG)', /\.png$/, /PNG/],
  ] as const) {
    await page.getByRole('button', { name: 'Export' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: item }).click(),
    ]);
    expect(file.suggestedFilename()).toMatch(name);
    expect(readFileSync((await file.path())!, 'latin1')).toMatch(content);
  }
});

test('a wire’s end is large enough to grab: 24 px at full view, 44 zoomed in', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring`);
  await page.getByRole('button', { name: 'Record as-found wiring' }).click();
  const least = () =>
    bench(page)
      .locator('[data-end]')
      .evaluateAll((ends) =>
        Math.min(
          ...ends.flatMap((end) => {
            const { width, height } = end.getBoundingClientRect();
            return [width, height];
          }),
        ),
      );
  await page.getByRole('button', { name: 'Fit to the page' }).click();
  expect(await least()).toBeGreaterThanOrEqual(23.9);
  for (let step = 0; step < 3; step++) await page.getByRole('button', { name: 'Larger' }).click();
  await expect.poll(least).toBeGreaterThanOrEqual(43.9);
});

test('too few conductors: what to pull, what else would be enough, and one tap that applies it', async ({ page }) => {
  const id = await freshJob(page);
  const change = async (path: string, value: unknown) => {
    const { revision } = await stored(page, id);
    const data = { saveId: randomUUID(), baseRevision: revision, changes: [{ path, value }] };
    expect((await page.request.patch(`/api/jobs/${id}`, { data })).status()).toBe(200);
  };
  await change('thermostat.outdoorSensor', 'wired');
  await change('cables.outdoorConductors', 8);
  await change('cables.thermostatConductors', 6);
  await page.goto(`/jobs/${id}/wiring?out=28&in=68&call=heat-1`);
  const short = page.getByRole('region', { name: 'Too few conductors' });
  await expect(short).toContainText(/Thermostat cable: 8 needed, 6 available\. New cable: \d+ ft, 10 conductors/);
  await short.getByText('Other options').click();
  const own = short.getByRole('listitem').filter({ hasText: 'Outdoor sensor on its own shielded pair' });
  await expect(own).toContainText('Then there are enough conductors.');
  await own.getByRole('button', { name: 'Use this' }).click();
  await expect(short).toHaveCount(0);
  await expectSaved(page);
  expect((await stored(page, id)).document.facts.cables.sensorRun).toBe('own');
});
