import { type BrowserContext, expect, type Page, test } from '@playwright/test';
import { chance } from '@/core/units/chance';
import { alive, expectSaved, freshJob } from './helpers';

/** Two people of two crews on one device with the application stored. */
test.use({ storageState: { cookies: [], origins: [] }, serviceWorkers: 'allow' });
test.describe.configure({ timeout: 180_000 });

const ANA = { name: 'Emeric Valtonen', crew: 'Mossgate Heat Pumps' };
const BO = { name: 'Davor Mintz', crew: 'Quillhaven Air' };
const READER = { name: 'Tomas Reyl', crew: 'Mossgate Heat Pumps' };
type Somebody = typeof ANA;

const signIn = async (page: Page, { name }: Somebody) => {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: new RegExp(name) }).click();
  await expect(page.getByRole('link', { name })).toBeVisible();
  await alive(page);
};

/** The session ends on the server, as after a week, and the device does not know. */
const sessionEnds = (context: BrowserContext) => context.clearCookies({ name: 'gate-cross-session' });

const ready = async (page: Page) => {
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
};

/** Begins a job offline; returns its name and id. */
const beginHere = async (page: Page): Promise<{ name: string; id: string }> => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  const name = `Attic ${Math.random().toString(36).slice(2, 9)}`;
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('button', { name: 'Create job' }).click();
  await expect(page).toHaveURL(/\/jobs\/[0-9a-f-]{36}\/survey/);
  await alive(page);
  return { name, id: new URL(page.url()).pathname.split('/')[2]! };
};

const statusOf = async (page: Page, id: string) => (await page.request.get(`/api/jobs/${id}`)).status();

test('one person begins a job and hands over another, then the session ends: none of it is sent as the next person to sign in', async ({
  page,
  context,
}) => {
  await signIn(page, ANA);
  await ready(page);
  const signed = await freshJob(page, 'cinder-creek');
  const along = page.waitForResponse(/\/bundle$/);
  await page.goto(`/jobs/${signed}/handover`);
  await along;
  await alive(page);
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Hand over job' }).click();
  const asks = page.getByRole('button', { name: 'Hand over anyway' });
  if (await asks.isVisible()) await asks.click();
  await expect(page.getByText('Handed over on this device.')).toBeVisible();
  const begun = await beginHere(page);
  await sessionEnds(context);
  await context.setOffline(false);

  for (const next of [BO, READER]) {
    await signIn(page, next);
    // The second person only views the list, long enough for waiting entries to go out.
    await page.waitForTimeout(2500);
    await page.goto('/device');
    await expect(page.getByRole('heading', { name: 'On this device' })).toBeVisible();
    await expect(page.getByText(begun.name)).toHaveCount(0);
    await expect(page.getByText(/^Handed over: /)).toHaveCount(0);
    await expect(page.getByRole('heading', { name: 'Nothing waiting to send' })).toBeVisible();
    expect(await statusOf(page, begun.id)).toBe(404);
    await context.setOffline(true);
    await page.goto(`/jobs/${begun.id}/survey`);
    await expect(page.getByText('This job is not on this device.')).toBeVisible();
    await sessionEnds(context);
    await context.setOffline(false);
  }

  await signIn(page, ANA);
  await expect.poll(() => statusOf(page, begun.id)).toBe(200);
  await expect
    .poll(async () => {
      const along = await (await page.request.get(`/api/jobs/${signed}/bundle`)).json();
      return along.handovers.map(({ author }: { author: string }) => author);
    })
    .toEqual([ANA.name]);
});

test('signed out with an ended session, and offline: what can be sent is, the rest waits, and this is stated', async ({
  page,
  context,
}) => {
  await signIn(page, ANA);
  await ready(page);
  const sent = await freshJob(page);
  const along = page.waitForResponse(/\/bundle$/);
  await page.goto(`/jobs/${sent}/survey`);
  await along;
  await page.goto('/crew');
  await alive(page);
  await sessionEnds(context);
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Sign in', exact: true })).toBeVisible();
  await context.setOffline(true);
  await page.goto(`/jobs/${sent}/survey`);
  await expect(page.getByText('This job is not on this device.')).toBeVisible();
  await context.setOffline(false);

  await signIn(page, ANA);
  await page.goto('/crew');
  await alive(page);
  const crew = await context.newPage();
  await context.setOffline(true);
  const begun = await beginHere(crew);
  await crew.getByRole('textbox', { name: 'Customer' }).fill('Nobody Yet');
  await crew.getByRole('textbox', { name: 'Customer' }).press('Enter');
  await expect(crew.getByText('1 saved here')).toBeVisible();
  await crew.close();
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Signed out' })).toBeVisible();
  await expect(page.getByText(begun.name)).toHaveCount(0);
  await expect(page.getByText('2 entries waiting to send for another person to sign in on this device.')).toBeVisible();
  await context.setOffline(false);
  // The session is over, though the server had not heard of it.
  await page.goto('/');
  await expect(page).toHaveURL(/\/sign-in/);
  await signIn(page, ANA);
  await expect.poll(() => statusOf(page, begun.id)).toBe(200);
  await page.goto(`/jobs/${begun.id}/survey`);
  await expectSaved(page);
  await expect(page.getByRole('textbox', { name: 'Customer' })).toHaveValue('Nobody Yet');
});

/** Random orders of ending and beginning sessions, from a seed. */
for (const seed of [1, 2, 3])
  test(`whatever starts and ends on the device, each person finds their own entries and no one else’s (${seed})`, async ({
    page,
    context,
  }) => {
    const random = chance(seed * 7919);
    const people = [ANA, BO];
    const begun: { id: string; by: Somebody; name: string }[] = [];
    let who: Somebody | null = null;
    let isOffline = false;
    const offline = async (is: boolean) => {
      isOffline = is;
      await context.setOffline(is);
    };
    const acts: Record<string, () => Promise<void>> = {
      'signs in': async () => {
        await offline(false);
        await sessionEnds(context);
        who = people[Math.floor(random() * people.length)]!;
        await signIn(page, who);
        await ready(page);
      },
      'signal lost': () => offline(true),
      'signal back': () => offline(false),
      'session ends': () => sessionEnds(context),
      'begins a job': async () => {
        if (!who) return;
        await offline(true);
        begun.push({ ...(await beginHere(page)), by: who });
      },
      'signs out': async () => {
        if (!who) return;
        await page.goto(isOffline ? '/' : '/sign-in');
        await offline(false);
        await page.goto('/crew');
        const button = page.getByRole('button', { name: 'Sign out', exact: true });
        if (!(await button.isVisible())) return;
        await alive(page);
        if (random() < 0.5) await offline(true);
        await button.click();
        await expect(page.getByRole('heading', { name: /Sign in|Signed out/ })).toBeVisible();
        who = null;
      },
      looks: async () => {
        await page.goto('/device');
        await page.waitForTimeout(1800);
        for (const { name, by } of begun) if (by !== who) await expect(page.getByText(name)).toHaveCount(0);
      },
    };
    const names = Object.keys(acts);
    await acts['signs in']!();
    await acts['begins a job']!();
    for (let act = 0; act < 9; act++) await acts[names[Math.floor(random() * names.length)]!]!();
    await offline(false);
    for (const person of people) {
      await sessionEnds(context);
      await signIn(page, person);
      for (const { id, by } of begun) {
        const status = () => statusOf(page, id);
        if (by === person) await expect.poll(status).toBe(200);
        else expect(await status()).toBe(404);
      }
    }
  });
