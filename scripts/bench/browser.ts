import { type BrowserContext, type BrowserContextOptions, chromium } from '@playwright/test';

export const base = process.env.BASE_URL!;

/** Sample jobs for the benchmarks. */
export const DUAL_FUEL_JOB = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1004';
export const JOB = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1002';

export const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});

/** A separate browser with a signed-in person. */
export const signedIn = async (options: BrowserContextOptions = {}): Promise<BrowserContext> => {
  const context = await browser.newContext(options);
  const [name = '', value = ''] = (process.env.SESSION ?? '').split('=');
  await context.addCookies([{ name, value, url: base }]);
  return context;
};

/** Times of thirty taps on +1°, ms, ascending: until the needle is painted, and until everything has followed. */
export interface TapsMs {
  readonly needle: readonly number[];
  readonly all: readonly number[];
}

/** Runs in the page, as text: the type stripper here would leave helpers that the page does not have. */
export const PRESS_THIRTY_TIMES = `(async () => {
  const painted = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(() => resolve(performance.now()))));
  const followed = () => new Promise((resolve) => requestIdleCallback(() => resolve(performance.now())));
  const button = document.querySelector('[aria-label="One degree warmer"]');
  const [needle, all] = [[], []];
  for (let press = 0; press < 30; press++) {
    await painted();
    const from = performance.now();
    button.click();
    needle.push((await painted()) - from);
    all.push((await followed()) - from);
  }
  const sorted = (times) => times.sort((a, b) => a - b);
  return { needle: sorted(needle), all: sorted(all) };
})()`;

/** Median and slowest of thirty taps, in words. */
export const tapWords = ({ needle, all }: TapsMs): string =>
  `needle median ${needle[15]!.toFixed(0)} ms, slowest ${needle.at(-1)!.toFixed(0)}   page median ${all[15]!.toFixed(0)} ms, slowest ${all.at(-1)!.toFixed(0)}`;
