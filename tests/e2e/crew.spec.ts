import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, test } from '@playwright/test';
import { alive, freshJob } from './helpers';

test.use({ storageState: { cookies: [], origins: [] } });

test('nobody sees a page without signing in; one tap enters the demo, and the page that was wanted opens', async ({
  page,
}) => {
  await page.goto('/library?x=1');
  await expect(page).toHaveURL(/\/sign-in\?to=%2Flibrary%3Fx%3D1$/);
  await page.getByLabel('Name').fill('emeric-valtonen@mossgate');
  await page.getByLabel('Password').fill('not the password');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'do not belong together' })).toBeVisible();
  await expect(page.getByLabel('Name')).toHaveValue('emeric-valtonen@mossgate');
  await page.getByRole('button', { name: /Davor Mintz/ }).click();
  await expect(page.getByRole('link', { name: 'Davor Mintz' })).toBeVisible();
  // The other crew's jobs are not there.
  await expect(page.getByText('Juniper Flume')).toHaveCount(0);
  expect((await page.request.get('/api/jobs/7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001')).status()).toBe(404);
});

test('a lead invites somebody, who chooses a password by the link, works, and is let go', async ({ page, browser }) => {
  const name = `Nora Quist ${Date.now() % 10_000}`;
  await page.goto('/sign-in');
  await page.getByRole('button', { name: /Anneke Sorensby/ }).click();
  await page.getByRole('link', { name: 'Anneke Sorensby' }).click();
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByLabel('As', { exact: true }).selectOption('reader');
  await page.getByRole('button', { name: 'Make the link' }).click();
  const link = await page.getByLabel(`Link for ${name}`).inputValue();
  const context = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const theirs = await context.newPage();
  await theirs.goto(link);
  await theirs.getByLabel('Password').fill('short');
  await theirs.getByRole('button', { name: 'Choose and sign in' }).click();
  await expect(theirs.getByRole('alert').filter({ hasText: 'Too short' })).toBeVisible();
  await theirs.getByLabel('Password').fill('snow on the contactor');
  await theirs.getByRole('button', { name: 'Choose and sign in' }).click();
  await expect(theirs.getByRole('link', { name })).toBeVisible();
  // A reader looks, and changes nothing.
  const refused = await theirs.request.post('/api/jobs', {
    data: { id: crypto.randomUUID(), from: 'blank', name: 'mine' },
  });
  expect(refused.status()).toBe(403);
  await expect(page.getByRole('listitem').filter({ hasText: 'invited as reader' }).first()).toContainText(name);
  await page.getByRole('button', { name: `Let go: ${name}` }).click();
  await expect(page.getByRole('listitem').filter({ hasText: name }).filter({ hasText: 'has left' })).toBeVisible();
  await theirs.reload();
  await expect(theirs).toHaveURL(/\/sign-in/);
  await theirs.goto(link);
  await expect(theirs.getByRole('heading', { name: 'This link lets nobody in any more' })).toBeVisible();
  await context.close();
});

test('signed out, the way leads to the door', async ({ page }) => {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: /Tomas Reyl/ }).click();
  await page.getByRole('link', { name: 'Tomas Reyl' }).click();
  await expect(page.getByRole('heading', { name: 'Mossgate Heat Pumps' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make the link' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.goto('/');
  await expect(page).toHaveURL(/\/sign-in$/);
});

test('the owner’s link shows the homeowner’s page without signing in, until it is ended', async ({ page, browser }) => {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: /Emeric Valtonen/ }).click();
  await expect(page.getByRole('link', { name: 'Emeric Valtonen' })).toBeVisible();
  const id = await freshJob(page, 'cinder-creek');
  await page.goto(`/jobs/${id}/handover`);
  await alive(page);
  await page.getByRole('button', { name: 'Link for the owner' }).click();
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByRole('textbox', { name: 'Link for the owner' }).inputValue();
  const context = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const owner = await context.newPage();
  await owner.setViewportSize({ width: 390, height: 844 });
  const answer = await owner.goto(link);
  expect(await answer!.text()).toContain('noindex');
  await expect(owner.getByRole('article', { name: 'Homeowner’s page' })).toContainText('How it heats');
  await expect(owner.getByText(/record|Startup/)).toHaveCount(0);
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByRole('list', { name: 'Links' })).toContainText('opened once');
  await owner.reload();
  await expect(owner.getByRole('heading', { name: 'This link shows nothing any more' })).toBeVisible();
  await context.close();
});

test('the door fits the narrowest phone, and is told to readers of a screen', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  await page.goto('/sign-in');
  await expect(page.getByRole('heading', { level: 1, name: 'Sign in' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(320);
  for (const button of await page.getByRole('button').all())
    expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  await page.evaluate(readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8'));
  const found = await page.evaluate(async () => {
    const { axe } = window as unknown as { axe: { run: () => Promise<{ violations: { id: string }[] }> } };
    return (await axe.run()).violations.map(({ id }) => id);
  });
  expect(found).toEqual([]);
});
