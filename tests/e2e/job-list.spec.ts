import { randomUUID } from 'node:crypto';
import { expect, test } from '@playwright/test';
import { freshJob, handOver, stored } from './helpers';

test('create a job from a sample and find it again', async ({ page }) => {
  const name = `Made ${randomUUID().slice(0, 8)}`;
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByLabel('Name').fill(name);
  await page.getByRole('radio', { name: /Startup under way/ }).check();
  await page.getByRole('button', { name: 'Create job' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
  await page.getByRole('link', { name: 'All jobs' }).click();
  await page.getByLabel('Search jobs').fill(name.split(' ')[1]!);
  await expect(page.getByRole('table', { name: 'Jobs' }).getByRole('rowgroup').last().getByRole('row')).toHaveCount(1);
  await expect(page.getByText('208 Quarry Bench Lane')).toBeVisible();
});

test('archive, restore, duplicate, delete and undo', async ({ page }) => {
  const id = await freshJob(page);
  const name = `e2e ${id.slice(0, 8)}`;
  const line = page
    .getByRole('table', { name: 'Jobs' })
    .getByRole('rowgroup')
    .last()
    .getByRole('row')
    .filter({ hasText: name });
  const pick = async (action: string) => {
    await page.getByRole('button', { name: `More for ${name}`, exact: true }).click();
    await page.getByRole('menuitem', { name: action }).click();
  };
  await page.goto(`/?search=${id.slice(0, 8)}`);
  await pick('Archive');
  await expect(page.getByText('No jobs match.')).toBeVisible();
  await page.getByRole('button', { name: 'Archived' }).click();
  await expect(line).toHaveCount(1);
  await pick('Restore');
  await expect(page.getByText(`Restored to the job list: ${name}`)).toBeVisible();
  await expect(line).toHaveCount(0);
  await page.getByRole('button', { name: 'All', exact: true }).click();
  await expect(line).toHaveCount(1);
  await pick('Duplicate');
  await expect(line).toHaveCount(2);
  await pick('Delete');
  await expect(line).toHaveCount(1);
  await page.getByRole('listitem').filter({ hasText: 'Deleted' }).getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: new RegExp(name) })).toHaveCount(2);
});

test('a job file is exported and imported, and a bad one says why', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/handover`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Job file (JSON)' }).click(),
  ]);
  const stream = await download.createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  const file = JSON.parse(Buffer.concat(chunks).toString());
  expect(file).toMatchObject({ format: 'gate-cross-job', id });
  await page.goto('/');
  const take = (content: string, name = 'job.json') =>
    page.getByLabel('Job file').setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) });
  await take(JSON.stringify(file));
  await expect(page.getByText('That job already exists')).toBeVisible();
  file.facts.house.designBtuh = -3;
  await take(JSON.stringify(file));
  await expect(page.getByText(/facts\.house\.designBtuh must be at least 2000/)).toBeVisible();
  await take('x'.repeat(24_100_000), 'huge.json');
  await expect(page.getByText(/huge\.json is over 24 MB/)).toBeVisible();
});

test('a missing page says so', async ({ page }) => {
  await page.goto(`/jobs/${randomUUID()}/survey`);
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
});

test('security headers are set, without unsafe-eval', async ({ page }) => {
  const headers = (await page.goto('/'))!.headers();
  expect(headers['content-security-policy']).toMatch(/script-src 'self' 'nonce-/);
  expect(headers['content-security-policy']).not.toContain('unsafe-eval');
  expect(headers['x-content-type-options']).toBe('nosniff');
  const foreign = await page.request.post('/api/jobs', { data: {}, headers: { 'sec-fetch-site': 'cross-site' } });
  expect(foreign.status()).toBe(403);
  const elsewhere = await page.request.post('/api/jobs', { data: {}, headers: { origin: 'http://evil.example' } });
  expect(elsewhere.status()).toBe(403);
  const form = await page.request.post('/api/jobs', { data: '{}', headers: { 'content-type': 'text/plain' } });
  expect(form.status()).toBe(415);
});

test('an address with an unknown call says so, and lists the calls', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?call=cool`);
  await expect(page.getByText(/The address asks for “cool”, which is not a valid call/)).toBeVisible();
});

test('more jobs load near the end of the list; only visible ones are drawn', async ({ page }) => {
  const word = `p${randomUUID().slice(0, 8)}`;
  await Promise.all(
    Array.from({ length: 63 }, (_, at) =>
      page.request.post('/api/jobs', { data: { id: randomUUID(), from: 'blank', name: `${word} ${at}` } }),
    ),
  );
  await page.goto('/');
  const table = page.getByRole('table', { name: 'Jobs' });
  await page.getByLabel('Search jobs').pressSequentially(word, { delay: 30 });
  await expect(page).toHaveURL(new RegExp(`search=${word}`));
  await table.getByRole('button', { name: 'Job', exact: true }).click();
  await expect(table.getByRole('columnheader', { name: 'Job' })).toHaveAttribute('aria-sort', 'ascending');
  await expect(page).toHaveURL(/sort=name/);
  await expect(table).toHaveAttribute('aria-busy', 'false');
  expect(await table.getByRole('row').count()).toBeLessThan(50);
  const last = page.getByRole('link', { name: new RegExp(`^${word} 9 `) });
  await expect(async () => {
    await page.mouse.wheel(0, 2000);
    await expect(last).toBeVisible({ timeout: 500 });
  }).toPass();
  await expect(table).toHaveAttribute('aria-rowcount', '64');
});

test('the list is filtered to a stage, and moved through with keys', async ({ page }) => {
  const word = `k${randomUUID().slice(0, 8)}`;
  const ids = [randomUUID(), randomUUID()];
  for (const id of ids)
    await page.request.post('/api/jobs', { data: { id, from: 'blank', name: `${word} ${ids.indexOf(id)}` } });
  await handOver(page, ids[0]!);
  await page.goto(`/?search=${word}`);
  const links = page.getByRole('table', { name: 'Jobs' }).getByRole('link');
  await expect(links).toHaveCount(2);
  await page.keyboard.press('/');
  await expect(page.getByLabel('Search jobs')).toBeFocused();
  await links.first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(links.nth(1)).toBeFocused();
  await page.getByRole('button', { name: 'Handed over' }).click();
  await expect(links).toHaveCount(1);
  await expect(links).toHaveText(new RegExp(`${word} 0`));
  // The query is in the address: a reload repeats it.
  await page.reload();
  await expect(links).toHaveCount(1);
});

test('a new job asks for six facts; answers are confirmed, and the kit’s elements follow', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByLabel('Name').fill('Six facts');
  await page.getByLabel('Backup heat').selectOption('Electric strips');
  await page.getByLabel('Heat kit kW (from its plate)').fill('14.4');
  await page.getByLabel('Elevation').fill('5900');
  await page.getByRole('button', { name: 'Create job' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Six facts');
  const id = new URL(page.url()).pathname.split('/')[2]!;
  const { document } = await stored(page, id);
  expect(document.facts.site.elevationFt).toBe(5900);
  expect(document.facts.heatKit.elements).toHaveLength(3);
  expect(document.confirmed.sort()).toEqual(['heatKit.plateKW', 'site.elevationFt', 'site.jobName', 'system.backup']);
});
