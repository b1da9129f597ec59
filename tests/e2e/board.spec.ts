import { randomUUID } from 'node:crypto';
import { expect, test } from '@playwright/test';
import { freshJob } from './helpers';

test('make a job from a sample and find it again', async ({ page }) => {
  const name = `Made ${randomUUID().slice(0, 8)}`;
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByLabel('Name').fill(name);
  await page.getByLabel(/Startup under way/).check();
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
  await page.getByRole('link', { name: 'All jobs' }).click();
  await page.getByLabel('Search jobs').fill(name.split(' ')[1]!);
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(1);
  await expect(page.getByText('208 Quarry Bench Lane')).toBeVisible();
});

test('archive, bring back, duplicate, delete and undo', async ({ page }) => {
  const id = await freshJob(page);
  const name = `e2e ${id.slice(0, 8)}`;
  const line = page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').filter({ hasText: name });
  const pick = async (action: string) => {
    await page.getByRole('button', { name: `More for ${name}`, exact: true }).click();
    await page.getByRole('menuitem', { name: action }).click();
  };
  await page.goto(`/?search=${id.slice(0, 8)}`);
  await pick('Archive');
  await expect(page.getByText('No job has all of these words.')).toBeVisible();
  await page.getByRole('button', { name: 'Archived' }).click();
  await expect(line).toHaveCount(1);
  await pick('Bring back');
  await expect(page.getByText(`Back on the board: ${name}`)).toBeVisible();
  await expect(line).toHaveCount(0);
  await page.getByRole('button', { name: 'Active' }).click();
  await expect(line).toHaveCount(1);
  await pick('Duplicate');
  await expect(line).toHaveCount(2);
  await pick('Delete');
  await expect(line).toHaveCount(1);
  await page.getByRole('listitem').filter({ hasText: 'Deleted' }).getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: new RegExp(name) })).toHaveCount(2);
});

test('a job file goes out, comes in, and a bad one says why', async ({ page }) => {
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
  await expect(page.getByText('That job is here already')).toBeVisible();
  file.facts.house.designBtuh = -3;
  await take(JSON.stringify(file));
  await expect(page.getByText(/facts\.house\.designBtuh must be at least 2000/)).toBeVisible();
  await take('x'.repeat(2_100_000), 'huge.json');
  await expect(page.getByText(/huge\.json is larger than 2 MB/)).toBeVisible();
});

test('a page that is not there says so', async ({ page }) => {
  await page.goto(`/jobs/${randomUUID()}/sheet`);
  await expect(page.getByRole('heading', { name: 'Nothing here' })).toBeVisible();
});

test('security headers stand, without unsafe-eval', async ({ page }) => {
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

test('an address that asks for a call that there is not says so, and which there are', async ({ page }) => {
  const id = await freshJob(page);
  await page.goto(`/jobs/${id}/wiring?call=cool`);
  await expect(page.getByText(/The address asks for “cool”, which is no call/)).toBeVisible();
});

test('older jobs come page by page while somebody searches; an overtaken answer is dropped', async ({ page }) => {
  const word = `p${randomUUID().slice(0, 8)}`;
  await Promise.all(
    Array.from({ length: 53 }, (_, at) =>
      page.request.post('/api/jobs', { data: { id: randomUUID(), from: 'blank', name: `${word} ${at}` } }),
    ),
  );
  await page.goto('/');
  const rows = page.getByRole('list', { name: 'Jobs' }).getByRole('listitem');
  await page.getByLabel('Search jobs').pressSequentially(word, { delay: 30 });
  await expect(rows).toHaveCount(50);
  await page.getByRole('button', { name: 'Show older jobs' }).click();
  await expect(rows).toHaveCount(53);
  await expect(page.getByRole('button', { name: 'Show older jobs' })).toHaveCount(0);
  await expect(page).toHaveURL(new RegExp(`search=${word}`));
});
