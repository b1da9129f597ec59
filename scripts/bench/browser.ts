import { type BrowserContext, type BrowserContextOptions, chromium } from '@playwright/test';

export const base = process.env.BASE_URL!;

/** Sample jobs that are looked at. */
export const DUAL_FUEL_JOB = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1004';
export const JOB = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1002';

export const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});

/** A browser of its own in which somebody is signed in. */
export const signedIn = async (options: BrowserContextOptions = {}): Promise<BrowserContext> => {
  const context = await browser.newContext(options);
  const [name = '', value = ''] = (process.env.SESSION ?? '').split('=');
  await context.addCookies([{ name, value, url: base }]);
  return context;
};

/** Runs in the page, as text: the tool that strips types here would leave helpers in it that the page has not. */
export const PRESS_THIRTY_TIMES = `(async () => {
  const painted = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(() => resolve(performance.now()))));
  const button = document.querySelector('[aria-label="One degree warmer"]');
  const each = [];
  for (let press = 0; press < 30; press++) {
    await painted();
    const from = performance.now();
    button.click();
    each.push((await painted()) - from);
  }
  return each.sort((a, b) => a - b);
})()`;
