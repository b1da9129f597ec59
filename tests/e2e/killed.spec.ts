import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BrowserContext, chromium, expect, test } from '@playwright/test';
import { alive, freshJob, stored } from './helpers';
import { SIGNED_IN } from './signed-in';

/** Kills every browser process with a profile in a folder, whatever it does. */
const kill = (profile: string) => {
  for (const entry of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    let words = '';
    try {
      words = readFileSync(`/proc/${entry}/cmdline`, 'utf8');
    } catch {
      // It has ended by itself.
    }
    if (words.includes(`--user-data-dir=${profile}`)) process.kill(Number(entry), 'SIGKILL');
  }
};

test('a browser killed midway, as by a dead battery, loses nothing entered', async ({
  page,
  baseURL,
  launchOptions,
}) => {
  test.setTimeout(120_000);
  const id = await freshJob(page);
  const profile = mkdtempSync(join(tmpdir(), 'gate-cross-profile-'));
  const open = async (): Promise<BrowserContext> => {
    const context = await chromium.launchPersistentContext(profile, { ...launchOptions, baseURL: baseURL! });
    const { cookies } = JSON.parse(readFileSync(SIGNED_IN, 'utf8')) as {
      cookies: Parameters<typeof context.addCookies>[0];
    };
    await context.addCookies(cookies);
    return context;
  };
  try {
    for (const value of [21, 22, 23]) {
      const context = await open();
      const cold = context.pages()[0]!;
      await cold.goto(`/jobs/${id}/startup?step=conditions`);
      await alive(cold);
      await cold.route('**/readings', (route) => route.abort());
      const field = cold.getByRole('textbox', { name: 'Outdoor temperature, °F' });
      await field.fill(String(value));
      await field.press('Enter');
      await expect(cold.getByText(/\d saved here/)).toBeVisible();
      kill(profile);
      rmSync(join(profile, 'SingletonLock'), { force: true });
    }
    const context = await open();
    await context.pages()[0]!.goto(`/jobs/${id}/survey`);
    await expect
      .poll(async () => (await stored(page, id)).readings.map(({ value }: { value: number }) => value), {
        timeout: 20_000,
      })
      .toEqual([21, 22, 23]);
    await context.close();
  } finally {
    kill(profile);
    rmSync(profile, { recursive: true, force: true });
  }
});
