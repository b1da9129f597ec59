import { randomUUID } from 'node:crypto';
import { expect, type Page, test } from '@playwright/test';
import { alive, enter, expectSaved, freshJob, known, openRuler, stored } from './helpers';

const steps = (page: Page) => page.getByRole('list', { name: 'Steps' });

test('by place: steps are in walking order, what it saves is stated, and the address holds it', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/startup`);
  const first = await steps(page).getByRole('button').first().textContent();
  await page.getByText('Order: as listed').click();
  await expect(
    page.getByText(/^By location saves about \d+ min and \d+ trips? to the indoor unit of \d+ min/),
  ).toBeVisible();
  await page.getByRole('radio', { name: 'By place' }).click();
  await expect(page).toHaveURL(/order=place/);
  await expect(steps(page)).toContainText('outdoor unit → indoor unit');
  await page.getByRole('radio', { name: 'Second person at the thermostat' }).click();
  await expect(page).toHaveURL(/people=2/);
  await page.reload();
  await expect(steps(page)).toContainText('→');
  await page.getByText('Order: by location').click();
  await page.getByRole('radio', { name: 'As listed' }).click();
  await expect(steps(page).getByRole('button').first()).toHaveText(first!);
});

test('capacity by airflow is refused before it is stable, offered after, and applied only by a tap', async ({
  page,
}) => {
  await known(page);
  const id = await freshJob(page, 'juniper-flume');
  await page.clock.install({ time: new Date('2026-11-25T09:00:00') });
  await page.goto(`/jobs/${id}/startup?step=conditions&out=47&in=68&call=heat-1`);
  await enter(page, 'Outdoor temperature, °F', '47');
  await steps(page)
    .getByRole('button', { name: /Heat pump alone/ })
    .click();
  await enter(page, /^Outdoor unit Y–C, V/, '25');
  await enter(page, 'Return air, °F', '68');
  await enter(page, 'Supply air, °F', '92');
  const capacity = page.getByRole('region', { name: 'Capacity by airflow and temperature rise' });
  await expect(capacity).toContainText('wait 15 minutes for steady readings');
  await expect(capacity.getByRole('button')).toHaveCount(0);
  await page.clock.setFixedTime(new Date('2026-11-25T09:17:00'));
  await enter(page, 'Return air, °F', '68.5');
  await enter(page, 'Supply air, °F', '92.5');
  await expect(capacity).toContainText(/± .* kBtu\/h at .* CFM/);
  const share = Number((await capacity.textContent())!.match(/(\d+) % of rated/)![1]) / 100;
  expect((await stored(page, id)).document.facts.proof.measuredShare).toBeNull();
  await capacity.getByRole('button', { name: /^Use \d+ % of rated capacity/ }).click();
  await expect.poll(async () => (await stored(page, id)).document.facts.proof.measuredShare).toBe(share);
  await page
    .getByRole('link', { name: /Balance/ })
    .first()
    .click();
  await expect(page.getByText(/Balance point, backup and ruler use \d+ % of rated capacity/)).toBeVisible();
  await page.getByRole('button', { name: 'Use rated capacity again' }).click();
  await expect.poll(async () => (await stored(page, id)).document.facts.proof.measuredShare).toBeNull();
});

test('a possible gap is hatched next to a certain one, and one tap sets the dial that closes it', async ({ page }) => {
  const id = await freshJob(page, 'juniper-flume');
  await page.goto(`/jobs/${id}/survey`);
  const change = async (path: string, value: unknown) => {
    const { revision } = await stored(page, id);
    const response = await page.request.patch(`/api/jobs/${id}`, {
      data: { saveId: randomUUID(), baseRevision: revision, changes: [{ path, value }] },
    });
    expect(response.status()).toBe(200);
  };
  await change('thermostat.outdoorSensor', 'wired');
  await change('gates.auxAboveF', null);
  await change('gates.compressorBelowF', 30);
  await change('gates.outdoorThermostats', [{ bank: 0, closesBelowF: 32 }]);
  await page.goto(`/jobs/${id}/balance?out=30&in=68&call=heat-1`);
  await openRuler(page);
  await expect(page.getByRole('region', { name: 'Outdoor ruler' })).toContainText('Possible gap · 25 %');
  const finding = page.getByRole('listitem').filter({ hasText: 'one time in 4 there is a gap' }).first();
  await finding.getByRole('button', { name: 'Fix' }).click();
  await expectSaved(page);
  await expect(page.getByText('May be a hole')).toHaveCount(0);
  expect((await stored(page, id)).document.facts.gates.outdoorThermostats[0].closesBelowF).toBe(36);
});

test('a packaged unit on propane, from a blank job to the printed record', async ({ page }) => {
  test.setTimeout(120_000);
  await known(page);
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/survey`);
  await page.getByLabel('System').first().selectOption({ label: 'Packaged: one cabinet' });
  await page.getByRole('radiogroup', { name: 'Fuel' }).getByRole('radio', { name: 'Propane' }).click();
  await expectSaved(page);
  await page.goto(`/jobs/${id}/startup?out=28&in=68&call=off`);
  await page.getByRole('radio', { name: /^Everything · / }).click();
  // One disconnect for everything, and nothing of a split system.
  await steps(page)
    .getByRole('button', { name: /Make safe/ })
    .click();
  await expect(page.getByRole('group', { name: /Unit’s disconnect.*verified dead/ })).toBeVisible();
  await expect(page.getByRole('main')).not.toContainText(/heat kit|element/i);
  await steps(page)
    .getByRole('button', { name: /Furnace only \(instead of the compressor\)/ })
    .click();
  await page.getByText('Limits for this step', { exact: true }).click();
  await page
    .getByRole('radiogroup', { name: 'Licensed for gas and oil work' })
    .getByRole('radio', { name: 'Yes' })
    .click();
  await enter(page, 'Return air, °F', '68');
  await enter(page, 'Supply air, °F', '118');
  await expect(page.getByRole('table', { name: 'Airflow' })).toContainText('By rise and the furnace’s output');
  await steps(page)
    .getByRole('button', { name: /Gas \(licensed tech only\)/ })
    .click();
  await page.getByRole('checkbox', { name: /Conversion for propane/ }).click();
  await enter(page, 'Manifold pressure, high fire, in. w.c.', '10');
  await steps(page)
    .getByRole('button', { name: /Before you leave/ })
    .click();
  await expect(page.getByRole('region', { name: 'Return visit' })).toContainText('Cooling: air and amps');
  await expectSaved(page);
  await page.goto(`/jobs/${id}/handover`);
  const record = page.getByRole('article', { name: 'Technician’s page' });
  await expect(record).toContainText('Conversion for propane: spring, orifices, label on the unit');
  await expect(record).toContainText('For a return visit');
  await expect(record).not.toContainText(/element|heat kit/i);
  expect((await page.pdf({ preferCSSPageSize: true })).length).toBeGreaterThan(10_000);
});

test('last year’s reading at a place is shown next to today’s, on screen and in the record', async ({ page }) => {
  await known(page);
  // A job from another server, proved last winter: the sample's file, under another id.
  const file = await (await page.request.get('/api/jobs/7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1003/file')).text();
  const landed = await page.request.post(`/api/jobs/import?copyId=${randomUUID()}`, {
    data: file,
    headers: { 'content-type': 'application/json' },
  });
  expect(landed.status()).toBe(201);
  const { id } = await landed.json();
  await page.goto(`/jobs/${id}/startup?step=heat&out=27&in=68&call=heat-1`);
  await enter(page, 'Compressor, A', '9.4');
  await expect(page.getByText(/^Dec 9, 2025: 8\.9 A/).first()).toBeVisible();
  await expectSaved(page);
  await page.goto(`/jobs/${id}/handover`);
  await alive(page);
  await page.getByLabel('Record', { exact: true }).selectOption('today');
  await expect(page.getByRole('article', { name: 'Technician’s page' })).toContainText('Before: 8.9 A on 2025-12-09');
});
