import { randomUUID } from 'node:crypto';
import { expect, type Page, test } from '@playwright/test';
import { alive, expectSaved, freshJob, known } from './helpers';

/** Tabs to an element by name, like someone without a mouse. */
const tabTo = async (page: Page, name: RegExp) => {
  for (let presses = 0; presses < 150; presses++) {
    await page.keyboard.press('Tab');
    const focused = await page.evaluate(() => {
      const at = document.activeElement as HTMLElement | null;
      return at?.getAttribute('aria-label') ?? at?.textContent ?? '';
    });
    if (name.test(focused)) return;
  }
  throw new Error(`Nothing to tab to is called ${name}.`);
};

const suspects = (page: Page) => page.getByRole('list', { name: 'Suspects, most likely first' }).getByRole('listitem');

test('from a complaint to a printed record with the keyboard alone', async ({ page }) => {
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/survey?out=28&in=68&call=heat-1`);
  await alive(page);
  await page.keyboard.press('8');
  await expect(page.getByRole('heading', { name: 'What is the complaint?' })).toBeVisible();
  await tabTo(page, /The outside unit hums but won’t start/);
  await page.keyboard.press('Enter');
  await expect(suspects(page).first()).toContainText('Compressor’s run capacitor');
  await tabTo(page, /^Fan runs, compressor hums and stops$/);
  await page.keyboard.press('Enter');
  const cause = page.getByRole('region', { name: 'The cause' });
  await expect(cause).toContainText('Compressor’s run capacitor weak or open');
  await expect(cause).toContainText('Discharge them before you touch them');
  await tabTo(page, /^Confirmed and fixed$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: /^Fixed: Compressor’s run capacitor/ })).toContainText(
    'Heat pump alone',
  );
  await expectSaved(page);
  await page.keyboard.press('9');
  const story = page.getByRole('list', { name: 'Diagnosis' });
  await expect(story).toContainText('Complaint: “The outside unit hums but won’t start”.');
  await expect(story).toContainText('Found and fixed: Compressor’s run capacitor weak or open.');
  await page.emulateMedia({ media: 'print' });
  await expect(story).toBeVisible();
});

test('a Startup reading opens here; a skipped probe is left out, a withdrawn reading no longer counts', async ({
  page,
}) => {
  await known(page);
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/startup?out=28&in=68&call=heat-1&step=heat`);
  await page.getByRole('textbox', { name: 'Outdoor unit Y–C, V' }).fill('0');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: 'Find the cause' }).first().click();
  await expect(page.getByText('No complaint: working from the readings.')).toBeVisible();
  const read = page.getByRole('region', { name: 'Read so far' });
  await expect(read).toContainText('Outdoor unit Y–C, heat: 0 V');
  await page.getByRole('link', { name: 'Suspects on the drawing' }).click();
  await expect(page.getByRole('group', { name: 'Wiring' })).toBeVisible();
  await page.goBack();
  const first = page.locator('#probe-title');
  const before = await first.textContent();
  await page.getByRole('button', { name: 'Can’t get to it: suggest another reading' }).click();
  await expect(first).not.toHaveText(before!);
  await read.getByText('Read so far: 1').click();
  await page.getByRole('button', { name: 'Withdraw: Outdoor unit Y–C' }).click();
  await expect(page.getByRole('heading', { name: 'What is the complaint?' })).toBeVisible();
});

test('for tonight: what is set must be put back, and blocks handover until it is', async ({ page }) => {
  await known(page);
  const id = await freshJob(page, 'tamarack-spur');
  // Observed at the burner before anyone opened this page.
  const visit = randomUUID();
  const said = (item: string, value: string) => ({
    id: randomUUID(),
    item,
    value,
    place: null,
    at: new Date().toISOString(),
    author: 'tester',
    instrument: '',
    replaces: null,
    visit,
  });
  const readings = [said('trouble/complaint', 'seen:not-enough'), said('emergency/look-flame', 'seen:no-glow')];
  expect((await page.request.post(`/api/jobs/${id}/readings`, { data: { readings } })).status()).toBe(201);
  await page.goto(`/jobs/${id}/diagnose?out=28&in=68&call=heat-1`);
  await expect(page.getByRole('region', { name: 'The cause' })).toContainText('Licensed tech');
  await page.getByText('Can’t fix it tonight?').click();
  const ways = page.getByRole('list', { name: 'Options for tonight' }).getByRole('listitem');
  const alone = ways.filter({ hasText: 'Heat pump only' });
  await expect(alone).toContainText(/holds \d+ °F|down to 45 °F in \d+ h/);
  await alone.getByText('How', { exact: true }).click();
  await alone.getByRole('button', { name: 'Set up for tonight' }).click();
  await expectSaved(page);
  await page.keyboard.press('9');
  await expect(page.getByRole('button', { name: 'Hand over job' })).toBeDisabled();
  await expect(page.getByText(/^Put this back first: Lockouts back as they were/)).toBeVisible();
  // The server enforces it too.
  const refused = await page.request.post(`/api/jobs/${id}/move`, { data: { action: 'hand-over', author: 'tester' } });
  expect([refused.status(), (await refused.json()).error]).toEqual([409, expect.stringMatching(/still in place/)]);
  await page.keyboard.press('8');
  await page.getByRole('button', { name: 'Everything is back' }).click();
  await expectSaved(page);
  await page.keyboard.press('9');
  await expect(page.getByRole('button', { name: 'Hand over job' })).toBeEnabled();
});

test('offline, readings are kept, and suspects are still calculated', async ({ page, context }) => {
  await known(page);
  const id = await freshJob(page, 'tamarack-spur');
  await page.goto(`/jobs/${id}/diagnose?out=28&in=68&call=heat-1`);
  await expect(page.getByRole('heading', { name: 'What is the complaint?' })).toBeVisible();
  await context.setOffline(true);
  await page.getByRole('button', { name: '“The outside unit hums but won’t start”' }).click();
  await page.getByRole('button', { name: 'Fan runs, compressor hums and stops' }).click();
  await expect(page.getByRole('region', { name: 'The cause' })).toBeVisible();
  await context.setOffline(false);
  await expectSaved(page);
});
